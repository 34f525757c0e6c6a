/** Small adventures for tests. */
import type { Adventure } from '../document/adventure';
import { NO_GUISE, PLAIN_ACTION, type Action, type Station } from '../model/action';
import { type Beat } from '../beats';
import { type Chain } from '../beats/chain-schema';
import { type Circuit } from '../beats/circuit-schema';
import type { Draw } from '../beats/draw-schema';
import { type Echo } from '../beats/echo';
import { type MoveBeat } from '../beats/move';
import { type Relay } from '../beats/relay';
import type { AmountRule, DrawRules } from '../model/chance';
import { plainDose, type Dose } from '../model/dose';
import { newAdventure } from '../document/new-adventure';
import { idsInOrder, type NewId } from '../model/new-id';
import { AS_LED } from '../model/led';
import { DEFAULT_SETTING, type Setting } from '../model/setting';

/** Ids that count up: deterministic. */
export const countingIds = (): NewId => idsInOrder('t');

const newId = countingIds();

export const FACTORY = {
  setting: (age: number): Setting => ({
    ...DEFAULT_SETTING,
    ages: { from: age, to: age },
    mirror: true,
  }),
};

/** An adventure for fives with one chapter of these beats. */
export function withBeats(...beats: readonly Beat[]): Adventure {
  const adventure = newAdventure(newId, FACTORY.setting(5));
  return {
    ...adventure,
    chapters: [{ id: 'ch_1', kind: 'adventure', title: 'The way', led: null, beats }],
  };
}

export function doseOf(move: string, amount: number, dose: Partial<Dose> = {}): Action {
  return {
    id: newId('ac'),
    move,
    guise: NO_GUISE,
    dose: { ...plainDose('reps', amount), ...dose },
    ...PLAIN_ACTION,
  };
}

const stationOf = (move: string): Station => ({
  id: newId('st'),
  move,
  also: [],
  guise: NO_GUISE,
});

export function moveBeat(actions: readonly Action[], given: Partial<MoveBeat> = {}): MoveBeat {
  return {
    kind: 'move',
    id: newId('bt'),
    say: '',
    actions,
    rounds: 1,
    restBetweenRoundsSeconds: 0,
    ...AS_LED,
    ...given,
  };
}

export function circuit(moves: number | readonly string[], given: Partial<Circuit> = {}): Circuit {
  const list = typeof moves === 'number' ? Array.from({ length: moves }, () => 'squat') : moves;
  return {
    kind: 'circuit',
    id: newId('bt'),
    say: '',
    stations: list.map((move) => stationOf(move)),
    rounds: 1,
    workSeconds: 30,
    restSeconds: 15,
    drinkBetweenRoundsSeconds: 0,
    restAfterLast: false,
    byRound: [],
    ...AS_LED,
    led: 'by the clock',
    show: 'none',
    ...given,
  };
}

/** A live die of six, thrown ten times, of moves that are done as their doses say. */
export function drawBeat(
  moves: number | readonly string[],
  given: Partial<Omit<Draw, 'rules'>> & { rules?: Partial<DrawRules> } = {},
): Draw {
  const list = typeof moves === 'number' ? Array.from({ length: moves }, () => 'squat') : moves;
  const { rules, ...others } = given;
  return {
    kind: 'draw',
    id: newId('bt'),
    say: '',
    meanwhile: '',
    device: { kind: 'list' },
    entries: list.map((move, n) => ({
      id: newId('en'),
      label: String(n + 1),
      faces: [n + 1],
      weight: 1,
      cards: 'suit',
      action: doseOf(move, 5),
      then: [],
    })),
    amount: { from: 'dose' },
    drawn: 'live',
    seed: 7,
    ...AS_LED,
    ...others,
    rules: {
      returns: 'back',
      onRepeat: 'keep',
      standIn: null,
      thirdInARow: 'original',
      mostOfOne: null,
      mostAhead: null,
      noPattern: false,
      stop: { after: 'draws', draws: 10 },
      between: null,
      thrower: 'presenter',
      eachSeconds: null,
      ...rules,
    },
  };
}

export function chainBeat(moves: readonly string[], given: Partial<Chain> = {}): Chain {
  return {
    kind: 'chain',
    id: newId('bt'),
    say: '',
    links: moves.map((move) => ({ ...doseOf(move, 2), joined: false })),
    introduce: 1,
    bodyParts: [],
    rehearseAfter: [],
    perform: [],
    performSay: '',
    ...AS_LED,
    show: 'none',
    ...given,
  };
}

/** Lines of four beats at 120 a minute: two seconds each. */
export function echoBeat(moves: readonly string[], given: Partial<Echo> = {}): Echo {
  return {
    kind: 'echo',
    id: newId('bt'),
    say: '',
    beatsPerMinute: 120,
    lines: moves.map((move) => ({
      ...stationOf(move),
      text: `Clap for the ${move}`,
      beats: 4,
    })),
    times: 1,
    echo: false,
    ...given,
  };
}

/** Twelve letters over five metres, all children at once. */
export function relayBeat(move: string, given: Partial<Relay> = {}): Relay {
  return {
    kind: 'relay',
    id: newId('bt'),
    say: '',
    thing: 'letters',
    things: 12,
    metres: 5,
    atOnce: null,
    travel: stationOf(move),
    limitSeconds: null,
    startOver: false,
    ...AS_LED,
    show: 'none',
    ...given,
  };
}

/** As many as so many dice of six show in all, beside a device that says what. */
export const byNumberDice = (dice: number): Extract<AmountRule, { from: 'number die' }> => ({
  from: 'number die',
  sides: 6,
  dice,
  times: 1,
  plus: 0,
  least: dice,
  most: 12,
  ask: false,
});
