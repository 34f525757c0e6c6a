/** Small scripts on which each rule must speak, and on which it must not. */
import type { RuleId } from '../findings/check';
import { USUAL_LIMITS, type Adventure } from '../document/adventure';
import { NO_GUISE } from '../model/action';
import { type Beat } from '../beats';
import { type MoveBeat } from '../beats/move';
import type { Chain } from '../beats/chain-schema';
import { plainDose, type Dose } from '../model/dose';
import type { Setting } from '../model/setting';
import { unroll } from '../schedule/unroll';
import { addBeats } from '../document/edit';
import { unknownMove } from '../moves/unknown-move';
import {
  chainBeat,
  circuit,
  doseOf,
  drawBeat,
  echoBeat,
  moveBeat,
  relayBeat,
  withBeats,
} from './make';

type SettingChange = Partial<Omit<Setting, 'room'>> & { room?: Partial<Setting['room']> };
function inSetting(adventure: Adventure, change: SettingChange): Adventure {
  const room = { ...adventure.setting.room, ...change.room };
  return { ...adventure, setting: { ...adventure.setting, ...change, room } };
}

const unchosen = (adventure: Adventure) => inSetting(adventure, { mirror: null });

let n = 0;
export const told = (text: string, waitSeconds?: number): Beat => {
  const tell = { kind: 'tell' as const, id: `bt_told${(n += 1)}`, text };
  return waitSeconds === undefined ? tell : { ...tell, waitSeconds };
};
const drink = (): Beat => ({ kind: 'drink', id: `bt_drink${(n += 1)}`, text: '', seconds: 30 });
const timed = (move: string, seconds: number, beat: Partial<MoveBeat> = {}) =>
  moveBeat([doseOf(move, seconds, { unit: 'seconds' })], beat);
export const counted = (move: string, amount: number, dose: Partial<Dose> = {}) =>
  moveBeat([doseOf(move, amount, dose)]);
export const hold = (move: string, seconds: number, dose: Partial<Dose> = {}) =>
  counted(move, seconds, { unit: 'hold', ...dose });
const named = (move: string, name: string, line = '') =>
  ({ ...doseOf(move, 8), guise: { ...NO_GUISE, name, line } }) as ReturnType<typeof doseOf>;
const YOUNGEST = { ages: { from: 3, to: 3 } };
const FIVE_TO_SEVEN = { ages: { from: 5, to: 7 } };
const byAge = (...ages: readonly (readonly [age: number, amount: number])[]) => ({
  as: 'by age' as const,
  ages: ages.map(([age, amount]) => ({ age, amount })),
});
/** So many of a move here, and a dose to do at home. */
const shown = (move: string, amount: number, home: Dose) => ({ ...doseOf(move, amount), home });
/** The same chain with its links two by two. */
const asPairs = (chain: Chain): Chain => ({
  ...chain,
  links: chain.links.map((link, at) => ({ ...link, joined: at % 2 === 1 })),
});
/** So many of a move, with something said meanwhile. */
const during = (move: string, meanwhile: string, amount = 8) => ({
  ...doseOf(move, amount),
  guise: { ...NO_GUISE, meanwhile },
});
const words = (count: number) => Array.from({ length: count }, () => 'reed').join(' ');

const NUMBER_DIE = {
  from: 'number die',
  sides: 6,
  dice: 1,
  times: 1,
  plus: 0,
  least: 3,
  most: 60,
  ask: false,
} as const;

const heavySpinner = (weight: number) =>
  drawBeat(3, {
    device: { kind: 'spinner' },
    entries: drawBeat(3).entries.map((entry, at) => ({ ...entry, weight: at === 0 ? weight : 1 })),
  });
/** Ten throws, short and long ones, drawn here as short ones mostly. */
const loose = Array.from({ length: 20 }, (_, seed) =>
  drawBeat(['squat', 'march'], {
    amount: { ...NUMBER_DIE, sides: 20, times: 2, most: 40 },
    seed,
  }),
).reduce((short, one) =>
  unroll(withBeats(one)).totalSeconds < unroll(withBeats(short)).totalSeconds ? one : short,
);
const longEcho = (beats: number) => {
  const echo = echoBeat(['clap'], { echo: true });
  return { ...echo, lines: echo.lines.map((line) => ({ ...line, beats })) };
};
const strip = (label: string, picture: string, sound = '') =>
  drawBeat(1, {
    device: { kind: 'letters' },
    rules: { returns: 'in order', stop: { after: 'draws', draws: 1 } },
    entries: drawBeat(1).entries.map((entry) => ({
      ...entry,
      label,
      action: { ...entry.action, guise: { ...NO_GUISE, picture, sound } },
    })),
  });

const FOLLOWED: Partial<MoveBeat> = { led: 'follow me' };
const timedAction = (move: string, seconds: number) => doseOf(move, seconds, { unit: 'seconds' });
/** Somebody wants something, and this is what is said at the end. */
const wanting = (want: string, end: string): Adventure => {
  const script = withBeats(
    ...Array.from({ length: 5 }, () => counted('squat', 8)),
    told('Here we are.'),
    told(end),
  );
  return { ...script, world: { ...script.world, want } };
};
/** A draw whose smallest amount is this. */
const leastOf = (least: number) =>
  drawBeat(['squat', 'march'], {
    device: { kind: 'die', sides: 6, dice: 1 },
    amount: { from: 'outcome', times: 1, plus: 0, least, most: 60, ask: false },
  });

/** For each rule: scripts where it speaks, and scripts where it must not. */
/** More than ten minutes of moving. */
const LONG = [timed('march', 320), timed('walk', 300)];
/** A draw for which the children throw one after another. */
const inTurn = (throws: number) =>
  drawBeat(3, { rules: { thrower: 'child', stop: { after: 'draws', draws: throws } } });
/** Lines of a script with one of the cast. */
const withCast = (name: string, lines: readonly string[]): Adventure => {
  const adventure = withBeats(...lines.map((line) => told(line)));
  return {
    ...adventure,
    world: { ...adventure.world, cast: [{ name, role: 'carries the post' }] },
  };
};
const SHOWN_MOVES = [
  'squat',
  'march',
  'arm-circle',
  'stamp',
  'clap',
  'trunk-twist',
  'tall-reach',
  'side-step',
  'frog-jump',
  'two-foot-jump',
  'tiptoe-walk',
  'heel-walk',
  'giant-walk',
  'penguin-walk',
  'knee-pat',
  'high-knees',
  'bear-walk',
];

export const FINDING_CASES: Record<RuleId, { fires: Adventure[]; silent: Adventure[] }> = {
  slot: {
    fires: [
      inSetting(withBeats(timed('march', 400)), { slotSeconds: 300 }),
      inSetting(withBeats(timed('march', 30)), { slotSeconds: 300 }),
    ],
    silent: [inSetting(withBeats(timed('march', 270)), { slotSeconds: 300 })],
  },
  'steep-start': {
    fires: [withBeats(counted('frog-jump', 8)), withBeats(timed('march', 10), counted('squat', 8))],
    silent: [withBeats(timed('march', 45), counted('frog-jump', 8)), withBeats(timed('march', 30))],
  },
  'no-cool-down': {
    fires: [withBeats(counted('squat', 8)), withBeats(hold('tall-reach', 5), counted('squat', 8))],
    silent: [withBeats(counted('squat', 8), hold('tall-reach', 8)), withBeats(timed('march', 30))],
  },
  'calm-end': {
    fires: [withBeats(counted('squat', 8)), withBeats(counted('squat', 8), hold('tall-reach', 8))],
    silent: [withBeats(counted('squat', 8), timed('lie-still', 60)), withBeats(told('Hello.'))],
  },
  'no-drink': {
    fires: [
      withBeats(timed('march', 200), timed('march', 120)),
      withBeats(circuit(['march', 'squat'], { rounds: 2, workSeconds: 100, restSeconds: 0 })),
    ],
    silent: [
      withBeats(timed('march', 200), drink(), timed('march', 120)),
      withBeats(
        circuit(['march', 'squat'], { rounds: 2, workSeconds: 100, drinkBetweenRoundsSeconds: 30 }),
      ),
      withBeats(timed('tall-reach', 600)),
    ],
  },
  'dose-for-age': {
    fires: [
      withBeats(counted('squat', 19)),
      withBeats(counted('frog-jump', 13)),
      withBeats(timed('jog', 75)),
      withBeats(counted('squat', 8), counted('squat', 2)),
      // Fives hold a plank for up to 10 s, sixes for longer: each age is held against its own usual.
      inSetting(withBeats(hold('plank', 15, { asked: byAge([5, 15], [6, 15]) })), FIVE_TO_SEVEN),
      inSetting(
        withBeats(counted('squat', 8), counted('squat', 12, { asked: { as: 'range', least: 2 } })),
        FIVE_TO_SEVEN,
      ),
    ],
    silent: [
      withBeats(counted('squat', 18)),
      withBeats(counted('frog-jump', 12)),
      // What is gentle may be long or many, and a first go may be small.
      withBeats(timed('march', 90)),
      withBeats(hold('lie-still', 60)),
      withBeats(counted('squat', 2)),
      inSetting(withBeats(counted('bear-walk', 8), counted('bear-walk', 3)), YOUNGEST),
      inSetting(withBeats(hold('plank', 15, { asked: byAge([5, 8], [6, 15]) })), FIVE_TO_SEVEN),
      withBeats(counted('squat', 2, { asked: { as: 'open', words: 'as many as you like' } })),
      withBeats(counted('squat', 6)),
      withBeats(moveBeat([doseOf('squat', 2)], { led: 'follow me' })),
    ],
  },
  'before-age': {
    fires: [
      inSetting(withBeats(counted('burpee', 3)), { ages: { from: 4, to: 6 } }),
      inSetting(withBeats(moveBeat([{ ...doseOf('march', 20), also: ['hop'] }])), YOUNGEST),
    ],
    silent: [inSetting(withBeats(counted('burpee', 4)), { ages: { from: 6, to: 7 } })],
  },
  'side-left-out': {
    fires: [
      withBeats(counted('hop', 5)),
      withBeats(counted('hop', 5, { sides: 'left' })),
      withBeats(counted('hop', 5, { sides: 'left' }), counted('hop', 8, { sides: 'right' })),
      withBeats(chainBeat(['squat', 'hop'])),
      withBeats(drawBeat(['squat', 'hop'])),
    ],
    silent: [
      withBeats(counted('hop', 5, { sides: 'each' })),
      withBeats(counted('hop', 5, { sides: 'left' }), counted('hop', 5, { sides: 'right' })),
      withBeats(counted('squat', 8)),
    ],
  },
  'same-region': {
    fires: [withBeats(moveBeat([doseOf('squat', 8), doseOf('frog-jump', 8), doseOf('hop', 5)]))],
    silent: [
      withBeats(moveBeat([doseOf('squat', 8), doseOf('frog-jump', 8)])),
      withBeats(moveBeat([doseOf('squat', 8), doseOf('plank', 6), doseOf('hop', 5)])),
      withBeats(counted('squat', 8, { amounts: [8, 8, 8], sides: 'each' })),
    ],
  },
  'never-used': {
    fires: [
      withBeats(timed('march', 310)),
      withBeats(timed('bear-walk', 200), timed('side-bend', 110)),
      inSetting(withBeats(timed('march', 200), timed('bear-walk', 60), timed('stork-stand', 60)), {
        kit: ['ball'],
      }),
    ],
    silent: [
      withBeats(timed('march', 100)),
      withBeats(timed('bear-walk', 200), timed('side-bend', 60), timed('stork-stand', 60)),
      withBeats(told(words(900))),
    ],
  },
  landings: {
    fires: [
      withBeats(counted('jumping-jack', 61)),
      { ...withBeats(counted('jumping-jack', 31)), limits: { ...USUAL_LIMITS, landings: 30 } },
    ],
    silent: [
      withBeats(counted('jumping-jack', 60)),
      { ...withBeats(counted('jumping-jack', 61)), limits: { ...USUAL_LIMITS, landings: 122 } },
    ],
  },
  'still-stretch-first': {
    fires: [withBeats(hold('side-bend', 8), timed('march', 60))],
    silent: [
      withBeats(timed('march', 60), hold('side-bend', 8)),
      withBeats(counted('toe-touch', 3), timed('march', 60)),
      withBeats(hold('side-bend', 3), timed('march', 60)),
    ],
  },
  'talk-in-hard-work': {
    fires: [
      withBeats(moveBeat([named('squat', '', words(12))], { led: 'follow me' })),
      withBeats(moveBeat([during('squat', words(12))])),
    ],
    silent: [
      withBeats(moveBeat([named('squat', '', words(8))], { led: 'follow me' })),
      withBeats(moveBeat([named('squat', '', words(12))])),
      withBeats(moveBeat([named('march', '', words(12))], { led: 'follow me' })),
      withBeats(moveBeat([during('squat', words(12), 25)])),
    ],
  },
  'words-outlast-work': {
    fires: [
      withBeats(moveBeat([during('squat', words(60))])),
      withBeats(moveBeat([named('squat', '', words(60))], { led: 'follow me' })),
      withBeats({ kind: 'drink', id: 'bt_d', text: words(40), seconds: 10 }),
      withBeats(drawBeat(3, { meanwhile: words(400) })),
    ],
    silent: [
      withBeats(moveBeat([during('squat', words(20))])),
      withBeats(moveBeat([named('squat', '', words(60))])),
      withBeats({ kind: 'drink', id: 'bt_d', text: words(40), seconds: 30 }),
      withBeats(drawBeat(3, { meanwhile: words(100) })),
    ],
  },
  'sitting-long': {
    fires: [withBeats(told(words(120)), told(words(120)))],
    silent: [
      withBeats(told(words(100)), timed('shake-out', 8), told(words(100))),
      withBeats(told(words(100)), { ...told(words(100)), acted: 2 } as Beat),
      withBeats(told(words(100)), drink(), told(words(100))),
    ],
  },
  'question-no-wait': {
    fires: [withBeats(told('Who can see it?'))],
    silent: [withBeats(told('Who can see it?', 3)), withBeats(told('I can see it.'))],
  },
  'other-forms': {
    fires: [inSetting(withBeats(counted('frog-jump', 8)), { ages: { from: 6, to: 7 } })],
    silent: [
      withBeats(counted('frog-jump', 8)),
      inSetting(withBeats(counted('squat', 10)), { ages: { from: 6, to: 7 } }),
    ],
  },
  'welcome-checks': {
    fires: [inSetting(withBeats(told('Hello, ducklings.')), { place: 'filmed' })],
    silent: [
      inSetting(withBeats(told('Is a grown-up there? Socks off, arms out.')), { place: 'filmed' }),
      withBeats(told('Hello, ducklings.')),
    ],
  },
  'setting-gives': {
    fires: [
      withBeats(hold('plank', 6)),
      withBeats(counted('ball-toss-catch', 6)),
      inSetting(withBeats(counted('frog-jump', 6)), { room: { heightMetres: 2.1 } }),
      inSetting(withBeats(timed('jog', 20)), { room: { widthMetres: 3 } }),
      inSetting(withBeats(hold('wall-sit', 5)), { room: { wallFree: false } }),
    ],
    silent: [
      inSetting(withBeats(hold('plank', 6)), { kit: ['mats'] }),
      inSetting(withBeats(hold('plank', 6)), { room: { floor: 'carpet' } }),
      inSetting(withBeats(counted('ball-toss-catch', 6)), { kit: ['soft balls'] }),
      withBeats(counted('frog-jump', 6)),
      withBeats(hold('wall-sit', 5)),
    ],
  },
  'ups-and-downs': {
    fires: [
      withBeats(
        moveBeat([doseOf('squat', 3), doseOf('sit-up', 3)], { rounds: 5, led: 'follow me' }),
      ),
    ],
    silent: [
      withBeats(
        moveBeat([doseOf('squat', 3), doseOf('sit-up', 3)], { rounds: 3, led: 'follow me' }),
      ),
      withBeats(
        moveBeat([doseOf('squat', 3), doseOf('lunge', 3)], { rounds: 9, led: 'follow me' }),
      ),
    ],
  },
  'hold-unready': {
    fires: [
      withBeats(
        moveBeat([doseOf('squat', 5), doseOf('stork-stand', 8, { unit: 'hold' })], {
          led: 'follow me',
        }),
      ),
    ],
    silent: [
      withBeats(hold('stork-stand', 8)),
      // Getting down to it gives time; a short one is a quick image.
      withBeats(
        moveBeat([doseOf('squat', 5), doseOf('plank', 8, { unit: 'hold' })], { led: 'follow me' }),
      ),
      withBeats(
        moveBeat([doseOf('squat', 5), doseOf('stork-stand', 5, { unit: 'hold' })], {
          led: 'follow me',
        }),
      ),
    ],
  },
  'promised-total': {
    fires: [withBeats(told('A hundred? No: 100 moves today!'), counted('squat', 10))],
    silent: [
      withBeats(told('Only 10 moves today!'), counted('squat', 10)),
      withBeats(told('We have 12 children.'), counted('squat', 10)),
    ],
  },
  'neighbours-same': {
    fires: [withBeats(counted('squat', 8), told('And'), counted('squat', 8))],
    silent: [
      withBeats(counted('squat', 8), counted('lunge', 8), counted('squat', 8)),
      withBeats(counted('hop', 5, { sides: 'left' }), counted('hop', 5, { sides: 'right' })),
      withBeats(counted('squat', 8), counted('squat', 8, { tempo: ['fast'] })),
      withBeats(moveBeat([doseOf('march', 20), { ...doseOf('march', 20), also: ['clap'] }])),
    ],
  },
  'no-chunks': {
    fires: [withBeats(counted('squat', 24))],
    silent: [withBeats(counted('squat', 20)), withBeats(timed('march', 45))],
  },
  'long-sentences': {
    fires: [withBeats(told(`${words(25)}.`))],
    silent: [withBeats(told(`${words(10)}. ${words(10)}. ${words(10)}!`))],
  },
  'chance-table': {
    fires: [
      withBeats(drawBeat(0)),
      withBeats(drawBeat(3, { device: { kind: 'die', sides: 6, dice: 1 } })),
      withBeats(drawBeat(3, { rules: { onRepeat: 'stand-in' } })),
    ],
    silent: [withBeats(drawBeat(3))],
  },
  'chance-never': {
    fires: [
      withBeats(drawBeat(6)),
      withBeats(drawBeat(6, { rules: { stop: { after: 'draws', draws: 4 } } })),
    ],
    silent: [
      withBeats(drawBeat(6, { rules: { stop: { after: 'draws', draws: 20 } } })),
      withBeats(drawBeat(6, { rules: { returns: 'bag' } })),
    ],
  },
  'chance-amount': {
    fires: [
      withBeats(drawBeat(['squat'], { amount: { ...NUMBER_DIE, times: 10 } })),
      withBeats(drawBeat(['squat'], { amount: { ...NUMBER_DIE, least: 1 } })),
    ],
    silent: [
      withBeats(drawBeat(['squat'], { amount: { ...NUMBER_DIE, least: 6, most: 12 } })),
      withBeats(drawBeat(['squat'])),
    ],
  },
  'chance-takes-over': {
    fires: [
      withBeats(heavySpinner(8)),
      withBeats(drawBeat(3, { rules: { stop: { after: 'draws', draws: 3 } } })),
    ],
    silent: [
      withBeats(drawBeat(6, { rules: { stop: { after: 'draws', draws: 20 } } })),
      withBeats({ ...heavySpinner(8), rules: { ...heavySpinner(8).rules, mostOfOne: 5 } }),
      withBeats(drawBeat(2)),
    ],
  },
  'chance-overrun': {
    fires: [
      inSetting(withBeats(loose), { slotSeconds: unroll(withBeats(loose)).totalSeconds + 1 }),
    ],
    silent: [
      inSetting(withBeats(loose), { slotSeconds: 900 }),
      inSetting(withBeats({ ...loose, drawn: 'beforehand' }), {
        slotSeconds: unroll(withBeats(loose)).totalSeconds + 1,
      }),
    ],
  },
  'letter-sound': {
    fires: [withBeats(strip('K', 'knight')), withBeats(strip('M', 'boat'))],
    silent: [withBeats(strip('K', 'kite')), withBeats(strip('K', 'knight', 'k'))],
  },
  'much-to-remember': {
    fires: [
      withBeats(chainBeat(Array.from({ length: 7 }, () => 'squat'))),
      withBeats(longEcho(12)),
      withBeats(chainBeat(['squat', 'march', 'hop', 'clap'], { introduce: 4 })),
    ],
    silent: [
      withBeats(chainBeat(['squat', 'march', 'hop'])),
      withBeats(chainBeat(['squat', 'march', 'hop', 'clap'], { introduce: 2 })),
      withBeats(asPairs(chainBeat(Array.from({ length: 12 }, () => 'squat')))),
      withBeats(longEcho(8)),
      withBeats({ ...longEcho(12), echo: false }),
    ],
  },
  'rare-words': {
    fires: [
      withBeats(told('Observe the extraordinary apparatus.')),
      withBeats(moveBeat([named('squat', '', 'Simultaneously, everybody.')])),
    ],
    silent: [
      withBeats(told('Everybody together, remember the butterflies!')),
      {
        ...withBeats(told('Here is the apparatus.')),
        world: { ...withBeats().world, words: ['apparatus'] },
      },
    ],
  },
  'mirror-choice': {
    fires: [
      unchosen(withBeats(counted('hop', 5, { sides: 'each' }))),
      unchosen(withBeats(told('Lift your left hand.'))),
      unchosen(withBeats(circuit(['hop']))),
    ],
    silent: [
      withBeats(counted('hop', 5, { sides: 'each' })),
      unchosen(withBeats(told('All right, sit right here.'), counted('squat', 5))),
    ],
  },
  'relay-time': {
    fires: [withBeats(relayBeat('walk', { things: 40, atOnce: 2, limitSeconds: 20 }))],
    silent: [
      withBeats(relayBeat('walk', { things: 40, atOnce: 2 })),
      withBeats(relayBeat('walk', { things: 4, metres: 2, limitSeconds: 60 })),
    ],
  },
  'home-or-here': {
    fires: [
      withBeats(moveBeat([shown('squat', 10, plainDose('reps', 3))])),
      withBeats(moveBeat([shown('squat', 10, plainDose('reps', 10))])),
    ],
    silent: [
      withBeats(counted('squat', 10)),
      withBeats(moveBeat([shown('squat', 3, plainDose('reps', 10))])),
      // Shown in counts, done by the clock.
      withBeats(moveBeat([shown('squat', 3, plainDose('seconds', 20))])),
    ],
  },
  'unknown-move': {
    fires: [addBeats(withBeats(), 'ch_1', 0, [counted('own-typed-gorilla-thump', 10)])],
    silent: [
      withBeats(counted('squat', 10)),
      // Its presenter has said what it is.
      {
        ...withBeats(counted('own-typed-gorilla-thump', 10)),
        moves: [
          {
            ...unknownMove('gorilla thump'),
            id: 'own-typed-gorilla-thump',
            effort: 4,
            formCues: ['Fists'],
          },
        ],
      },
    ],
  },
  'guises-alike': {
    fires: [withBeats(moveBeat([named('squat', 'Toad dip'), named('lunge', 'toad dip ')]))],
    silent: [withBeats(moveBeat([named('squat', 'Toad dip'), named('squat', 'Toad dip')]))],
  },
  crowding: {
    fires: [
      inSetting(withBeats(timed('leap', 20)), {
        group: 30,
        room: { lengthMetres: 6, widthMetres: 5 },
      }),
      inSetting(withBeats(counted('frog-jump', 6)), { group: 30, room: { widthMetres: 5 } }),
    ],
    silent: [
      inSetting(withBeats(timed('leap', 20)), { group: 10 }),
      inSetting(withBeats(timed('march', 20)), {
        group: 30,
        room: { lengthMetres: 6, widthMetres: 5 },
      }),
      inSetting(withBeats(timed('leap', 20)), { group: 30, place: 'filmed' }),
    ],
  },
  'not-enough-kit': {
    fires: [
      inSetting(withBeats(counted('ball-toss-catch', 6)), { group: 16, kit: ['one ball'] }),
      inSetting(withBeats(counted('hoop-step', 6)), { group: 16, kit: ['15 hoops'] }),
    ],
    silent: [
      inSetting(withBeats(counted('hoop-step', 6)), { group: 16, kit: ['16 hoops'] }),
      inSetting(withBeats(counted('ball-toss-catch', 6)), { group: 16, kit: ['balls'] }),
      inSetting(withBeats(counted('parachute-lift', 6)), { group: 16, kit: ['one parachute'] }),
    ],
  },
  'turns-left-out': {
    fires: [
      inSetting(
        withBeats(drawBeat(3, { rules: { thrower: 'child', stop: { after: 'draws', draws: 6 } } })),
        { group: 16 },
      ),
    ],
    silent: [
      inSetting(
        withBeats(
          drawBeat(3, { rules: { thrower: 'child', stop: { after: 'draws', draws: 11 } } }),
        ),
        { group: 16 },
      ),
      inSetting(withBeats(drawBeat(3)), { group: 16 }),
    ],
  },
  'dizzy-then': {
    fires: [
      withBeats(moveBeat([doseOf('slow-turn', 3), doseOf('stork-stand', 8, { unit: 'hold' })])),
      withBeats(counted('log-roll', 3), counted('squat-jump', 4)),
    ],
    silent: [
      withBeats(counted('slow-turn', 3), drink(), hold('stork-stand', 8)),
      withBeats(moveBeat([doseOf('ball-roll', 5), doseOf('stork-stand', 8, { unit: 'hold' })])),
    ],
  },
  'drink-then': {
    fires: [withBeats(counted('squat', 8), drink(), counted('forward-roll', 2))],
    silent: [
      withBeats(drink(), timed('march', 70), counted('forward-roll', 2)),
      withBeats(counted('forward-roll', 2), drink(), counted('squat', 8)),
    ],
  },
  'long-on-hands': {
    fires: [
      withBeats(
        moveBeat([
          timedAction('bear-walk', 20),
          timedAction('plank', 15),
          timedAction('crawl', 20),
        ]),
      ),
    ],
    silent: [
      withBeats(
        moveBeat([
          timedAction('bear-walk', 20),
          timedAction('march', 10),
          timedAction('crawl', 20),
        ]),
      ),
      withBeats(timed('crawl', 60)),
    ],
  },
  'long-on-knees': {
    fires: [
      withBeats(timed('ball-roll', 50)),
      withBeats(timed('drum-roll', 30), timed('ball-roll', 30)),
    ],
    silent: [
      withBeats(timed('ball-roll', 30)),
      inSetting(withBeats(timed('ball-roll', 70)), { room: { floor: 'mats' } }),
    ],
  },
  'no-breather': {
    fires: [
      withBeats(
        timed('jog', 20, FOLLOWED),
        timed('jumping-jack', 20, FOLLOWED),
        timed('gallop', 20, FOLLOWED),
      ),
    ],
    silent: [
      withBeats(timed('jog', 20), timed('gallop', 20)),
      withBeats(timed('jog', 20), drink(), timed('jumping-jack', 20), timed('gallop', 20)),
    ],
  },
  'no-stop-signal': {
    fires: [withBeats(timed('gallop', 20))],
    silent: [
      withBeats(told('When the bell rings, everybody freezes.'), timed('gallop', 20)),
      inSetting(withBeats(timed('gallop', 20)), { group: 3 }),
      withBeats(timed('march', 20)),
    ],
  },
  'no-spotter': {
    fires: [inSetting(withBeats(counted('over-shoulder-roll', 2)), { grownUps: 1 })],
    silent: [inSetting(withBeats(counted('over-shoulder-roll', 2)), { grownUps: 2 })],
  },
  'want-unmet': {
    fires: [wanting('Carry the golden letter to Old Marrow.', 'Now we shake our hands.')],
    silent: [
      wanting('Carry the golden letter to Old Marrow.', 'And the letters are there!'),
      wanting('', 'Now we shake our hands.'),
    ],
  },
  'rule-told-otherwise': {
    fires: [withBeats(told('A one or two counts as three.'), leastOf(4))],
    silent: [withBeats(told('A one or two counts as three.'), leastOf(3)), withBeats(leastOf(4))],
  },
  'promised-time': {
    fires: [
      withBeats(told('Thirty seconds’ rest, you have earned it.'), {
        ...drink(),
        seconds: 9,
      } as Beat),
      withBeats(told('One minute to drink.'), counted('squat', 8)),
    ],
    silent: [
      withBeats(told('Thirty seconds’ rest now.'), drink()),
      withBeats(told('We march for one minute.'), counted('squat', 8)),
    ],
  },
  'count-beyond-age': {
    fires: [inSetting(withBeats(counted('clap', 12)), YOUNGEST)],
    silent: [
      inSetting(withBeats(counted('clap', 10)), YOUNGEST),
      inSetting(withBeats(timed('clap', 30)), YOUNGEST),
      inSetting(withBeats(counted('clap', 40)), { ages: { from: 6, to: 7 } }),
    ],
  },
  'picture-word': {
    fires: [withBeats(strip('F', 'flax')), withBeats(strip('Q', 'quiver'))],
    silent: [withBeats(strip('F', 'frog')), withBeats(strip('F', ''))],
  },
  'hurtful-words': {
    fires: [
      'Come on, boys and girls!',
      'If you touch it you’re out.',
      'The last one there is a rotten egg.',
      'Run, or the monster comes and will get you!',
      'Now we have earned our snack. Burn it off!',
      'No lazy legs, please.',
      'Aim your gun at the ducks.',
      'Don’t be a baby.',
    ].map((line) => withBeats(told(line))),
    silent: [
      'Come on, everybody, out of the boat and into the reeds!',
      'The fog is out there, and the ferry comes in last.',
      'Shoot up tall like a reed. Weak light, strong legs.',
      'Burning lamps all along the jetty!',
    ].map((line) => withBeats(told(line))),
  },
  'share-moving': {
    fires: [withBeats(told(words(500)), timed('march', 60))],
    silent: [withBeats(told(words(60)), timed('march', 240)), withBeats(told(words(60)))],
  },
  'no-peak': {
    fires: [withBeats(timed('march', 200), timed('walk', 200))],
    silent: [
      withBeats(timed('march', 200), timed('jog', 30), timed('walk', 200)),
      withBeats(timed('march', 60)),
    ],
  },
  'turn-twice': {
    fires: [
      inSetting(withBeats(inTurn(11)), { group: 10 }),
      inSetting(withBeats(inTurn(6), inTurn(5)), { group: 9 }),
    ],
    silent: [
      inSetting(withBeats(inTurn(20)), { group: 10 }),
      inSetting(withBeats(inTurn(9)), { group: 10 }),
      inSetting(withBeats(drawBeat(3)), { group: 7 }),
    ],
  },
  'long-wait': {
    // A trip of 5 m of marching takes about ten seconds: with one at a time eleven others go before.
    fires: [
      inSetting(withBeats(relayBeat('march', { atOnce: 1 })), { group: 12 }),
      inSetting(withBeats(relayBeat('march', { atOnce: 2, metres: 8 })), { group: 16 }),
    ],
    silent: [
      inSetting(withBeats(relayBeat('march', { atOnce: null })), { group: 12 }),
      inSetting(withBeats(relayBeat('march', { atOnce: 6 })), { group: 12 }),
      inSetting(withBeats(relayBeat('march', { atOnce: 1 })), { group: 2 }),
    ],
  },
  'no-come-back': {
    fires: [withBeats(told('When I call “statues”, freeze.'), timed('gallop', 20))],
    silent: [
      withBeats(
        told('When I call “statues”, freeze.'),
        timed('gallop', 20),
        told('Back to your spot!'),
      ),
      withBeats(timed('gallop', 20)),
      withBeats(told('Freeze!'), timed('march', 20)),
      inSetting(withBeats(told('Freeze!'), timed('gallop', 20)), { group: 5 }),
      inSetting(withBeats(told('Freeze!'), timed('gallop', 20)), { place: 'filmed' }),
    ],
  },
  'no-rest-place': {
    fires: [withBeats(...LONG)],
    silent: [
      withBeats(told('Who is tired sits on the bench.'), ...LONG),
      withBeats(told('You may row from your seat.'), ...LONG),
      withBeats(timed('march', 500)),
      inSetting(withBeats(...LONG), { group: 5 }),
    ],
  },
  'cast-lost': {
    fires: [
      withCast('Pip Sedge', ['Pip waits for you.', ...Array.from({ length: 9 }, () => 'And on.')]),
    ],
    silent: [
      withCast('Pip Sedge', [
        'Pip waits for you.',
        ...Array.from({ length: 8 }, () => 'And on.'),
        'Bye, Pip!',
      ]),
      withCast(
        'Pip Sedge',
        Array.from({ length: 9 }, () => 'And on.'),
      ),
      withCast('Old Pip', ['Pip waits for you.', 'And on.']),
    ],
  },
  'many-new-moves': {
    fires: [
      inSetting(withBeats(...SHOWN_MOVES.slice(0, 17).map((move) => counted(move, 5))), YOUNGEST),
    ],
    silent: [
      inSetting(withBeats(...SHOWN_MOVES.slice(0, 16).map((move) => counted(move, 5))), YOUNGEST),
      inSetting(
        withBeats(
          ...SHOWN_MOVES.slice(0, 17).map((move) => moveBeat([doseOf(move, 5)], { show: 'none' })),
        ),
        YOUNGEST,
      ),
    ],
  },
};
