import { describe, expect, it } from 'vitest';
import type { Beat } from '../beats';
import type { Adventure } from '../document/adventure';
import { unroll } from '../schedule/unroll';
import { counted, told } from '../testing/finding-cases';
import { forAge, rest, timed, toldBy } from '../testing/findings-of';
import {
  chainBeat,
  circuit,
  doseOf,
  drawBeat,
  echoBeat,
  moveBeat,
  relayBeat,
  withBeats,
} from '../testing/make';
import type { RuleId } from './check';

/*
 * What differs from age to age, as docs/findings.md has it: silent at the limit, told one beyond it, for
 * threes, fives and sixes. And limits that lie between two things rather than at the end of one.
 */
const aged = (from: number, ...beats: readonly Beat[]) => forAge(withBeats(...beats), from);
const squats = (count: number) => Array.from({ length: count }, () => 'squat');
const words = (count: number) => Array.from({ length: count }, () => 'reed').join(' ');
const onMats = (adventure: Adventure): Adventure => ({
  ...adventure,
  setting: { ...adventure.setting, room: { ...adventure.setting.room, floor: 'mats' } },
});
const rhythm = (beats: number): Beat => {
  const echo = echoBeat(['clap'], { echo: true });
  return { ...echo, lines: echo.lines.map((line) => ({ ...line, beats })) };
};
type ByAge = readonly [
  rule: RuleId,
  what: string,
  build: (n: number, age: number) => Adventure,
  threes: number,
  fives: number,
  sixes: number,
];
const BY_AGE: readonly ByAge[] = [
  ['much-to-remember', 'links', (n, age) => aged(age, chainBeat(squats(n))), 4, 6, 8],
  [
    'much-to-remember',
    'links that are new at once',
    (n, age) => aged(age, chainBeat(squats(Math.min(n, 4)), { introduce: n })),
    2,
    3,
    4,
  ],
  ['much-to-remember', 'beats of a rhythm', (n, age) => aged(age, rhythm(n)), 4, 8, 12],
  [
    'long-on-hands',
    'seconds in two moves',
    (n, age) => aged(age, timed('bear-walk', 15), timed('crab-walk', n - 15)),
    30,
    40,
    60,
  ],
  [
    'long-on-knees',
    'seconds on mats',
    (n, age) => onMats(aged(age, timed('drum-roll', n))),
    60,
    80,
    120,
  ],
  ['long-sentences', 'words', (n, age) => aged(age, told(`${words(n)}.`)), 16, 18, 22],
];

describe('what differs from age to age', () => {
  it.each(BY_AGE)('%s: %s', (rule, _what, build, threes, fives, sixes) => {
    for (const [age, most] of [
      [3, threes],
      [5, fives],
      [6, sixes],
    ] as const) {
      expect([age, toldBy(build(most, age), rule).length]).toEqual([age, 0]);
      // New links are capped at four here: nothing is beyond that for sixes.
      if (!(rule === 'much-to-remember' && _what.startsWith('links that') && age === 6))
        expect([age, toldBy(build(most + 1, age), rule).length]).toEqual([age, 1]);
    }
  });
});

const waiting = (age: number, group: number): Adventure => {
  const script = aged(age, relayBeat('jog', { atOnce: 1, things: 60 }));
  return { ...script, setting: { ...script.setting, group } };
};
const numbers = (least: number, times: number) =>
  drawBeat(['squat'], {
    amount: {
      from: 'number die',
      sides: 6,
      dice: 1,
      times,
      plus: 0,
      least,
      most: 60,
      ask: false,
    },
  });
const throws = (entries: number, draws: number) =>
  withBeats(drawBeat(entries, { rules: { stop: { after: 'draws', draws } } }));

describe('what lies between', () => {
  it.each([
    [
      'long-on-hands',
      'seconds of rest between two moves on hands, which is too short below 25',
      (n: number) => withBeats(timed('bear-walk', 30), rest(n), timed('bear-walk', 30)),
      24,
      25,
    ],
    [
      'long-on-knees',
      'the same on knees',
      (n: number) => aged(5, timed('drum-roll', 30), rest(n), timed('drum-roll', 30)),
      24,
      25,
    ],
    [
      'no-breather',
      'seconds that are no breath below 6',
      (n: number) =>
        withBeats(
          timed('squat-jump', 20),
          timed('squat-jump', 20),
          rest(n),
          timed('squat-jump', 20),
        ),
      5,
      6,
    ],
    [
      'chance-never',
      'throws of a die of six: a face stays away in more than one session of ten',
      // (5/6)^12 is 0.112, (5/6)^13 is 0.093.
      (n: number) => throws(6, n),
      12,
      13,
    ],
    [
      'chance-takes-over',
      'moves in three throws of three: with two there are too few to speak of',
      (n: number) => throws(5 - n, 3),
      2,
      3,
    ],
    [
      'chance-takes-over',
      'throws of four moves, by twos: one is more than half in more than a quarter of sessions',
      (n: number) => throws(4, n),
      7,
      9,
    ],
    [
      'chance-amount',
      'the fewest squats: two are over before they began',
      (n: number) => withBeats(numbers(n, 1)),
      2,
      3,
    ],
  ] as const)('%s: %s', (rule, _what, build, last, silent) => {
    expect(toldBy(build(last), rule)).toHaveLength(1);
    expect(toldBy(build(silent), rule)).toEqual([]);
  });

  it.each([
    // A trip takes 8.7 s or so, and a little longer for threes: who goes last waits for the others.
    [3, 4, 5],
    [6, 7, 8],
  ] as const)('for %i: %i children in one line are fine, %i are not', (age, fine, many) => {
    expect(toldBy(waiting(age, fine), 'long-wait')).toEqual([]);
    expect(toldBy(waiting(age, many), 'long-wait')).toHaveLength(1);
  });

  it('numbers thrown times two are usual for squats, times three go beyond', () => {
    expect(toldBy(withBeats(numbers(6, 2)), 'chance-amount')).toEqual([]);
    expect(toldBy(withBeats(numbers(6, 3)), 'chance-amount')).toHaveLength(1);
  });

  it('quick steps aren’t counted one by one, and slow ones are', () => {
    for (const move of ['march', 'walk', 'side-step'])
      expect(toldBy(withBeats(counted(move, 31)), 'count-beyond-age')).toEqual([]);
    for (const move of ['giant-walk', 'squat'])
      expect(toldBy(withBeats(counted(move, 31)), 'count-beyond-age')).toHaveLength(1);
  });

  it('whichever side comes is fine in less than twenty seconds', () => {
    const either = (seconds: number) =>
      withBeats(moveBeat([doseOf('hop', seconds, { unit: 'seconds', sides: 'any' })]));
    expect(toldBy(either(19), 'side-left-out')).toEqual([]);
    expect(toldBy(either(20), 'side-left-out')).toHaveLength(1);
  });

  it.each([
    ['left', 'right', 0],
    ['right', 'left', 0],
    ['left', 'left', 2],
    ['right', 'right', 2],
  ] as const)('a draw with the %s side and the %s side', (one, other, count) => {
    const draw = drawBeat(['hop', 'hop']);
    const entries = draw.entries.map((entry, at) => ({
      ...entry,
      action: {
        ...entry.action,
        dose: { ...entry.action.dose, sides: at === 0 ? one : other },
      },
    }));
    expect(toldBy(withBeats({ ...draw, entries }), 'side-left-out')).toHaveLength(count);
  });

  it('only what is lively or moves is counted for a drink, and only hard work tires', () => {
    for (const [move, count] of [
      ['swim-stroke', 0],
      ['march', 1],
      ['jog', 1],
    ] as const)
      expect(toldBy(withBeats(timed(move, 301)), 'no-drink')).toHaveLength(count);
    const three = (move: string) => moveBeat([1, 2, 3].map(() => doseOf(move, 3)));
    expect(toldBy(withBeats(three('march')), 'same-region')).toEqual([]);
    expect(toldBy(withBeats(three('lunge')), 'same-region')).toHaveLength(1);
  });
});

describe('how much of it they move, by what fills most of the adventure', () => {
  const talk = (seconds: number) => told('Hm?', seconds);
  const lengthOf = (adventure: Adventure) => unroll(adventure).totalSeconds;
  const workIn = (...beats: readonly Beat[]) =>
    unroll(withBeats(...beats))
      .cues.filter(({ kind }) => kind === 'work' || kind === 'hold')
      .reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0);
  /** Talk to fill up to where the moving is just so much of the whole. */
  const sharing = (share: number, ...beats: readonly Beat[]) => {
    const bare = lengthOf(withBeats(...beats, talk(0)));
    return withBeats(...beats, talk(workIn(...beats) / share - bare));
  };
  const stations = circuit(['march', 'squat', 'walk', 'lunge', 'stamp', 'march'], {
    workSeconds: 20,
    restSeconds: 5,
  });
  const throwsOf = drawBeat(['march', 'walk'], {
    rules: { stop: { after: 'draws', draws: 24 } },
  });
  it.each([
    // A fifth less than usual: 60, 50 and 55 of 100.
    ['a circuit', [timed('march', 60), stations, timed('march', 30)], 0.4],
    ['a draw', [throwsOf, timed('march', 25)], 0.3],
    ['moves', [timed('march', 60), timed('walk', 60)], 0.35],
  ] as const)('%s', (_what, beats, least) => {
    const fine = sharing(least + 0.01, ...beats);
    expect(lengthOf(fine)).toBeGreaterThan(240);
    expect(toldBy(fine, 'share-moving')).toEqual([]);
    expect(toldBy(sharing(least - 0.01, ...beats), 'share-moving')).toHaveLength(1);
  });
});

/** What stands in a script after a mend: "march 40 seconds". */
const mended = (adventure: Adventure, rule: RuleId) => {
  let n = 0;
  const after = toldBy(adventure, rule)[0]!.fix!(adventure, (prefix) => `${prefix}_m${(n += 1)}`);
  return after.chapters
    .flatMap(({ beats }) => beats)
    .flatMap((beat) => (beat.kind === 'move' ? beat.actions : []))
    .map(({ move, dose }) => `${move} ${dose.amounts.join(' ')} ${dose.unit}`);
};

describe('what a mend puts in', () => {
  it.each([
    [0, 40],
    [1, 40],
    [5, 35],
    [6, 35],
    [39, 5],
  ])('after %i s of gentle moving, %i s more of it, in fives', (gentle, more) => {
    const before = gentle === 0 ? [] : [timed('march', gentle)];
    const script = withBeats(...before, timed('burpee', 10));
    expect(mended(script, 'steep-start').at(-2)).toBe(`march ${more} seconds`);
  });

  it.each([
    [3, 6],
    [5, 8],
    [6, 10],
  ])('for %i, two stretches of %i s', (age, seconds) => {
    expect(mended(aged(age, counted('squat', 8)), 'no-cool-down')).toEqual([
      'squat 8 reps',
      `tall-reach ${seconds} hold`,
      `side-bend ${seconds} hold`,
    ]);
  });

  it('a calm end where there is none, and a breath where there is half of one', () => {
    expect(mended(withBeats(counted('squat', 8)), 'calm-end')).toEqual([
      'squat 8 reps',
      'calm-breath 3 reps',
      'lie-still 10 seconds',
    ]);
    expect(mended(withBeats(counted('squat', 8), timed('lie-still', 5)), 'calm-end')).toEqual([
      'squat 8 reps',
      'lie-still 5 seconds',
      'calm-breath 3 reps',
    ]);
  });
});
