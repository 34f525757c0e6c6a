/** Any adventure that the schema allows, of a size that tests can run through. */
import fc from 'fast-check';
import { CHAPTER_KINDS } from '../model/chapter-kinds';
import { type Adventure } from '../document/adventure';
import { LEDS, SHOWINGS } from '../model/led';
import { copyBeat, type Beat, type BeatKind, type BeatOf } from '../beats';
import type { DeviceKind, DeviceOf } from '../devices';
import type { Draw } from '../beats/draw-schema';
import { SETUPS } from '../beats/setup';
import { ACTED, OTHERS } from '../beats/tell';
import { type Guise } from '../model/action';
import { RETURNS } from '../model/chance';
import { DOSE_SIDES, DOSE_UNITS, TEMPO_WORDS, type Dose } from '../model/dose';
import { checkSize } from '../document/size';
import { newAdventure } from '../document/new-adventure';
import { CATALOGUE } from '../moves/catalogue';
import { countingIds } from './make';

const text = fc.string({ unit: 'grapheme', maxLength: 40 });
const rest = fc.integer({ min: 0, max: 40 });
const move = fc.constantFrom(...CATALOGUE.map(({ id }) => id));
const rounds = fc.integer({ min: 1, max: 3 });
const guise: fc.Arbitrary<Guise> = fc.record({
  name: text,
  picture: text,
  sound: text,
  note: text,
  line: text,
  meanwhile: text,
});

/** Whole words, none of them empty. */
const words = text
  .map((one) => one.replace(/[“”"]/gu, '').replace(/\s+/gu, ' ').trim())
  .filter(Boolean);
const tempo = fc.oneof(fc.constantFrom(...TEMPO_WORDS), fc.integer({ min: 20, max: 240 }));

/** How it is led, or nothing said of it. */
const led = {
  led: fc.option(fc.constantFrom(...LEDS)),
  show: fc.option(fc.constantFrom(...SHOWINGS)),
  countIn: fc.option(fc.boolean()),
};

const asked = fc.oneof(
  fc.record({ as: fc.constant('open' as const), words }),
  fc.record({ as: fc.constant('range' as const), least: fc.integer({ min: 1, max: 60 }) }),
  fc.record({
    as: fc.constant('by age' as const),
    ages: fc
      .uniqueArray(
        fc.record({
          age: fc.integer({ min: 3, max: 7 }),
          amount: fc.integer({ min: 1, max: 60 }),
        }),
        { selector: ({ age }) => age, minLength: 2, maxLength: 5 },
      )
      .map((ages) => ages.sort((a, b) => a.age - b.age)),
  }),
);

/** Ages' amounts and tempos as an editor or a line makes them. */
function asMade(dose: Dose): Dose {
  const tempo = dose.tempo.slice(0, dose.amounts.length);
  if (dose.asked?.as !== 'by age') return { ...dose, tempo };
  const most = Math.max(...dose.asked.ages.map(({ amount }) => amount));
  return { ...dose, tempo, amounts: dose.amounts.map(() => most) };
}

const anyDose: fc.Arbitrary<Dose> = fc.record({
  unit: fc.constantFrom(...DOSE_UNITS),
  amounts: fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 4 }),
  asked: fc.option(asked),
  tempo: fc.array(tempo, { maxLength: 3 }),
  sides: fc.constantFrom(...DOSE_SIDES),
  ways: fc.constantFrom(1 as const, 2 as const),
  directions: fc.array(words, { maxLength: 3 }),
  restSeconds: rest,
  count: fc.constantFrom('on' as const, 'back' as const),
  atOnce: fc.constantFrom(null, null, 'half' as const, 1, 2, 7),
});
export const arbitraryDose = anyDose.map(asMade);

/** A move, and sometimes another at the same time. */
const done = { move, also: fc.array(move, { maxLength: 2 }) };
const station = fc.record({ id: fc.constant('st_x'), ...done, guise });
const actionShape = {
  ...done,
  guise,
  dose: arbitraryDose,
  between: fc.array(text, { maxLength: 2 }),
  home: fc.option(arbitraryDose),
};
const action = fc.record({ id: fc.constant('ac_x'), ...actionShape });

const tells = fc.oneof(
  fc.record({ kind: fc.constant('tell' as const), text }),
  fc.record({ kind: fc.constant('tell' as const), text, to: fc.constantFrom(...OTHERS) }),
  fc.record({ kind: fc.constant('tell' as const), text, acted: fc.constantFrom(...ACTED) }),
  fc.record({ kind: fc.constant('tell' as const), text, waitSeconds: rest }),
  fc.record({
    kind: fc.constant('tell' as const),
    text,
    waitSeconds: rest,
    check: fc.constant(true as const),
  }),
);
const drinks = fc.record({
  kind: fc.constant('drink' as const),
  text,
  seconds: fc.integer({ min: 5, max: 60 }),
});
const setups = fc.record({
  kind: fc.constant('setup' as const),
  what: fc.constantFrom(...SETUPS),
  things: fc.array(fc.constantFrom('4 cones', 'mats', 'a blue sock'), { maxLength: 3 }),
  helper: fc.boolean(),
  text,
  seconds: fc.integer({ min: 5, max: 60 }),
});
const moves = fc.record({
  kind: fc.constant('move' as const),
  say: text,
  actions: fc.array(action, { maxLength: 4 }),
  rounds,
  restBetweenRoundsSeconds: rest,
  ...led,
});
const circuits = fc.record({
  kind: fc.constant('circuit' as const),
  say: text,
  stations: fc.array(station, { maxLength: 5 }),
  rounds,
  workSeconds: fc.integer({ min: 5, max: 60 }),
  restSeconds: rest,
  drinkBetweenRoundsSeconds: rest,
  restAfterLast: fc.boolean(),
  byRound: fc.array(
    fc.record({
      say: text,
      workSeconds: fc.option(fc.integer({ min: 5, max: 60 })),
      restSeconds: fc.option(rest),
    }),
    { maxLength: 2 },
  ),
  ...led,
});
const relays = fc.record({
  kind: fc.constant('relay' as const),
  say: text,
  thing: text,
  things: fc.integer({ min: 1, max: 60 }),
  metres: fc.integer({ min: 1, max: 20 }),
  atOnce: fc.option(fc.integer({ min: 1, max: 12 })),
  travel: station,
  limitSeconds: fc.option(fc.integer({ min: 5, max: 90 })),
  startOver: fc.boolean(),
  ...led,
});

const chains = fc.record({
  kind: fc.constant('chain' as const),
  say: text,
  links: fc.array(fc.record({ id: fc.constant('ac_x'), ...actionShape, joined: fc.boolean() }), {
    maxLength: 3,
  }),
  introduce: fc.integer({ min: 1, max: 3 }),
  bodyParts: fc.array(words, { maxLength: 2 }),
  rehearseAfter: fc.constantFrom([], [2]),
  perform: fc.array(tempo, { maxLength: 2 }),
  performSay: text,
  ...led,
});
const echoes = fc.record({
  kind: fc.constant('echo' as const),
  say: text,
  beatsPerMinute: fc.integer({ min: 60, max: 140 }),
  lines: fc.array(
    fc.record({
      id: fc.constant('st_x'),
      ...done,
      guise,
      text,
      beats: fc.integer({ min: 1, max: 8 }),
    }),
    { maxLength: 4 },
  ),
  times: rounds,
  echo: fc.boolean(),
});

/** A small one of every kind. */
const DEVICES_OF: Readonly<{ [Kind in DeviceKind]: DeviceOf<Kind> }> = {
  list: { kind: 'list' },
  leader: { kind: 'leader' },
  calls: { kind: 'calls' },
  spinner: { kind: 'spinner' },
  letters: { kind: 'letters' },
  coin: { kind: 'coin' },
  die: { kind: 'die', sides: 4, dice: 1 },
  deck: { kind: 'deck', lowest: 1, highest: 5, copies: 1, courts: null, jokers: 0 },
};

/** Draws that can be drawn from, and some that cannot. */
const draws = fc
  .record({
    say: text,
    meanwhile: text,
    device: fc.constantFrom(...Object.values(DEVICES_OF)),
    table: fc.array(fc.record({ label: text, ...actionShape }), { maxLength: 5 }),
    amount: fc.constantFrom<Draw['amount']>(
      { from: 'dose' },
      { from: 'number die', sides: 6, dice: 1, times: 2, plus: 0, least: 2, most: 30, ask: true },
    ),
    returns: fc.constantFrom(...RETURNS),
    onRepeat: fc.constantFrom('keep' as const, 'again' as const),
    draws: fc.integer({ min: 1, max: 6 }),
    seed: fc.nat(),
    ...led,
  })
  .map(({ table, returns, onRepeat, draws, ...given }) => ({
    kind: 'draw' as const,
    drawn: 'live' as const,
    ...given,
    entries: table.map(({ label, ...action }, n) => ({
      id: 'en_x',
      label,
      faces: [n + 1],
      weight: n,
      cards: 'suit' as const,
      action: { id: 'ac_x', ...action },
      then: n === 1 ? [{ id: 'ac_x', ...action }] : [],
    })),
    rules: {
      returns,
      onRepeat,
      standIn: null,
      thirdInARow: 'original' as const,
      mostOfOne: null,
      mostAhead: draws > 3 ? 2 : null,
      noPattern: draws % 2 === 0,
      stop: { after: 'draws' as const, draws },
      between: { move: 'jog', leastSeconds: 3, mostSeconds: 8, tightens: draws % 2 === 1 },
      thrower: draws % 2 === 0 ? ('child' as const) : ('presenter' as const),
      eachSeconds: draws % 3 === 0 ? 11 : null,
    },
  }));

/** Beats of every kind; their ids are given afterwards, so that they are used once. */
const BEATS_OF: Readonly<{ [Kind in BeatKind]: fc.Arbitrary<Omit<BeatOf<Kind>, 'id'>> }> = {
  tell: tells,
  drink: drinks,
  setup: setups,
  move: moves,
  circuit: circuits,
  relay: relays,
  chain: chains,
  echo: echoes,
  draw: draws,
};
const arbitraryBeat: fc.Arbitrary<Beat> = fc
  .oneof(...(Object.values(BEATS_OF) as fc.Arbitrary<Omit<Beat, 'id'>>[]))
  .map((beat) => ({ ...beat, id: 'bt_x' }) as Beat);

export const arbitraryAdventure: fc.Arbitrary<Adventure> = fc
  .record({
    title: text,
    chapters: fc.array(
      fc.record({
        kind: fc.constantFrom(...CHAPTER_KINDS),
        title: text,
        led: led.led,
        beats: fc.array(arbitraryBeat, { maxLength: 5 }),
      }),
      { maxLength: 4 },
    ),
  })
  .map(({ title, chapters }) => {
    const newId = countingIds();
    return {
      ...newAdventure(newId),
      title,
      chapters: chapters.map((chapter) => ({
        ...chapter,
        id: newId('ch'),
        beats: chapter.beats.map((beat) => copyBeat(beat, newId)),
      })),
    };
  })
  // Each field at its largest comes to more than an adventure may hold.
  .filter((adventure) => checkSize(adventure).length === 0);
