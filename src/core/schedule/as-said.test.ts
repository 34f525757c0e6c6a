/** Cue tables worked by hand, for what sessions contain; timings as docs/facts.md and docs/clock.md have them. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Beat } from '../beats';
import { isWork, type Cue } from '../cues/cue';
import { secondsToCount } from '../cues/tempo';
import type { Action } from '../model/action';
import { amountAtAge, plainDose, plannedDose } from '../model/dose';
import { BUILT_IN } from '../moves/move-book';
import { arbitraryDose } from '../testing/arbitrary';
import {
  chainBeat,
  circuit,
  doseOf,
  drawBeat,
  moveBeat,
  relayBeat,
  withBeats,
} from '../testing/make';
import { homeSchedule } from './home';
import { unroll } from './unroll';

const NOT_SHOWN = { show: 'none', led: 'show, then do' } as const;
const cuesOf = (...beats: readonly Beat[]) => unroll(withBeats(...beats)).cues;
const move = (action: Action, given: Parameters<typeof moveBeat>[1] = {}) =>
  moveBeat([action], { ...NOT_SHOWN, ...given });
/** "work 16", "rest 5": kind and seconds of each cue. */
const table = (cues: readonly Cue[]) =>
  cues.map(({ kind, lengthSeconds }) => `${kind} ${Math.round(lengthSeconds * 100) / 100}`);
const doings = (cues: readonly Cue[]) => cues.filter(isWork).map(({ doing }) => doing!);
/** Fives: a squat is 1.6 s. docs/facts.md, timing as recorded. */
const SQUAT = BUILT_IN.get('squat')!.secondsPerRep['5'];

describe('amounts as they are said', () => {
  const byAge = {
    as: 'by age' as const,
    ages: [
      { age: 4, amount: 20 },
      { age: 5, amount: 40 },
      { age: 6, amount: 60 },
    ],
  };
  const plank = doseOf('plank', 60, { unit: 'hold', asked: byAge });

  it.each([
    [4, 6, 60],
    [4, 5, 40],
    [3, 4, 20],
    [5, 5, 40],
    [6, 7, 60],
  ])('of fours, fives and sixes run for ages %i to %i until %i s', (from, to, seconds) => {
    const { setting } = withBeats();
    const adventure = withBeats(move(plank));
    const { cues } = unroll(adventure, { ...setting, ages: { from, to } });
    const { doing, lengthSeconds } = cues.find(isWork)!;
    expect(lengthSeconds).toBe(seconds);
    // Said for the ages that are there; nothing needs saying where all do the same.
    const said = doing!.asked?.as === 'by age' ? doing!.asked.ages.map(({ age }) => age) : [];
    expect(said).toEqual(from === 4 && to > 4 ? [4, 5, 6].filter((age) => age <= to) : []);
  });

  it('are planned with what an age of the group is asked for, and no age with more', () => {
    const ages = fc
      .tuple(fc.integer({ min: 3, max: 7 }), fc.integer({ min: 3, max: 7 }))
      .map(([one, other]) => ({ from: Math.min(one, other), to: Math.max(one, other) }));
    fc.assert(
      fc.property(arbitraryDose, ages, (dose, group) => {
        const planned = plannedDose(dose, group);
        expect(planned.amounts).toHaveLength(dose.amounts.length);
        const years = Array.from({ length: group.to - group.from + 1 }, (_, n) => group.from + n);
        planned.amounts.forEach((amount) => {
          const each = years.map((age) => amountAtAge(dose, amount, age));
          expect(Math.max(...each)).toBe(amount);
        });
      }),
    );
  });

  it('from least to most, or left to them, are planned with what stands there', () => {
    const range = doseOf('plank', 20, { unit: 'hold', asked: { as: 'range', least: 15 } });
    const open = doseOf('squat', 10, { asked: { as: 'open', words: 'as many as you like' } });
    expect(cuesOf(move(range)).find(isWork)!.lengthSeconds).toBe(20);
    expect(cuesOf(move(open)).find(isWork)!.lengthSeconds).toBeCloseTo(10 * SQUAT, 3);
  });
});

describe('tempo', () => {
  it('slow, then usual, then fast: 1.5, 1 and 0.7 of the usual seconds', () => {
    const squats = doseOf('squat', 10, {
      amounts: [10, 10, 10],
      tempo: ['slow', 'usual', 'fast'],
    });
    expect(table(cuesOf(move(squats)))).toEqual([
      `work ${Math.round(10 * SQUAT * 1.5 * 100) / 100}`,
      `work ${Math.round(10 * SQUAT * 100) / 100}`,
      `work ${Math.round(10 * SQUAT * 0.7 * 100) / 100}`,
    ]);
  });

  it('on a beat of 120 a minute, twenty steps take ten seconds', () => {
    const march = doseOf('march', 20, { unit: 'steps', tempo: [120] });
    expect(table(cuesOf(move(march)))).toEqual(['work 10']);
  });

  it('getting faster: each count a little shorter, all of them as long as planned', () => {
    const [work] = cuesOf(move(doseOf('squat', 10, { tempo: ['faster'] }))).filter(isWork);
    const at = Array.from({ length: 11 }, (_, n) => secondsToCount(work!.doing!, n));
    const gaps = at.slice(1).map((end, n) => end - at[n]!);
    expect(at.at(-1)).toBeCloseTo(work!.lengthSeconds, 2);
    expect(gaps[0]! / gaps.at(-1)!).toBeCloseTo(1.5 / 0.7, 2);
    gaps.slice(1).forEach((gap, n) => expect(gap).toBeLessThan(gaps[n]!));
  });
});

describe('two at once', () => {
  const ids = [...BUILT_IN.keys()];
  it('never take longer than the longer of the two, and have the effort of the harder', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ids), fc.constantFrom(...ids), (one, other) => {
        const work = (action: Action) => cuesOf(move(action)).filter(isWork);
        const [both] = work({ ...doseOf(one, 8), also: [other] });
        const apart = [...work(doseOf(one, 8)), ...work(doseOf(other, 8))];
        const longest = Math.max(...apart.map(({ lengthSeconds }) => lengthSeconds));
        expect(both!.lengthSeconds).toBeLessThanOrEqual(longest + 1e-9);
        expect(both!.effort).toBe(Math.max(...apart.map(({ effort }) => effort)));
      }),
    );
  });

  it('use the parts of the body of both', () => {
    const { totals } = unroll(withBeats(move({ ...doseOf('march', 10), also: ['arm-circle'] })));
    const regions = [...BUILT_IN.get('march')!.regions, ...BUILT_IN.get('arm-circle')!.regions];
    expect(new Set(totals.byRegion.keys())).toEqual(new Set(regions));
  });
});

it('directions are turns of their own, with a moment to turn between', () => {
  const circles = doseOf('arm-circle', 10, { directions: ['forwards', 'back'] });
  const cues = cuesOf(move(circles));
  const each = Math.round(10 * BUILT_IN.get('arm-circle')!.secondsPerRep['5'] * 100) / 100;
  expect(table(cues)).toEqual([`work ${each}`, 'swap 1', `work ${each}`]);
  expect(doings(cues).map(({ direction }) => direction)).toEqual(['forwards', 'back']);
  expect(cues.reduce((sum, { reps }) => sum + reps, 0)).toBe(20);
});

describe('a ladder with the story between its sets', () => {
  // Six words at 167 a minute are 2.16 s: they fit the rest of 5 s, twenty of them (7.19 s) do not.
  const six = 'The second lamp is burning now.';
  const twenty = Array.from({ length: 20 }, () => 'reed').join(' ');

  it('lasts as long as the longer of rest and words', () => {
    const ladder = {
      ...doseOf('squat', 1, { amounts: [1, 2, 3], restSeconds: 5 }),
      between: [six, twenty],
    };
    const cues = cuesOf(move(ladder));
    expect(table(cues.filter((cue) => !isWork(cue)))).toEqual(['rest 5', 'say 7.19']);
    expect(cues[1]!.meanwhile.map(({ text }) => text).join(' ')).toBe(six);
    expect(cues[3]!.text).toBe(twenty);
  });
});

describe('circuits', () => {
  it('whose rounds differ take each round’s own times', () => {
    const beat = circuit(['squat', 'march'], {
      rounds: 2,
      workSeconds: 40,
      restSeconds: 20,
      byRound: [
        { say: '', workSeconds: null, restSeconds: null },
        { say: '', workSeconds: 30, restSeconds: 10 },
      ],
      countIn: false,
    });
    expect(table(cuesOf(beat))).toEqual([
      'work 40',
      'rest 20',
      'work 40',
      'rest 20',
      'work 30',
      'rest 10',
      'work 30',
    ]);
  });

  it('can show the next station in the rest: the longer of the two, and once only', () => {
    const beat = circuit(['squat', 'march', 'hop'], {
      rounds: 2,
      workSeconds: 20,
      restSeconds: 15,
      show: 'in the rest',
      countIn: false,
    });
    // Nothing is written: a showing takes 12.7 s (docs/facts.md), less than the rest of 15 s.
    const kinds = cuesOf(beat).map(({ kind, lengthSeconds }) => `${kind} ${lengthSeconds}`);
    expect(kinds).toEqual([
      'show 12.7',
      'work 20',
      'show 15',
      'work 20',
      'show 15',
      // A hop has two sides, each half of the time.
      'work 10',
      'work 10',
      'rest 15',
      'work 20',
      'rest 15',
      'work 20',
      'rest 15',
      'work 10',
      'work 10',
    ]);
  });
});

it('my go, then yours: the leader’s go is as long as a set of theirs', () => {
  const squats = doseOf('squat', 5, { amounts: [5, 5], restSeconds: 10 });
  const go = Math.round(5 * SQUAT * 100) / 100;
  expect(table(cuesOf(move(squats, { show: 'in full' })))).toEqual([
    `show ${go}`,
    `work ${go}`,
    'rest 10',
    `work ${go}`,
  ]);
});

describe('a chain as it is taught', () => {
  const SIX = ['squat', 'arm-circle', 'march', 'clap', 'punch-air', 'stamp'];

  it('three, then three more, then all six once more: 3 + 6 + 6 links', () => {
    const beat = chainBeat(SIX, { introduce: 3, perform: ['usual'] });
    expect(doings(cuesOf(beat)).map((doing) => doing.move)).toEqual([
      ...SIX.slice(0, 3),
      ...SIX,
      ...SIX,
    ]);
  });

  it('links of two moves count as one, and each is done with its part of the body', () => {
    const chain = chainBeat(['tall-reach', 'squat', 'clap'], { bodyParts: ['hands', 'elbows'] });
    const links = chain.links.map((link, n) => ({ ...link, joined: n === 1 }));
    const done = doings(cuesOf({ ...chain, links }));
    // Two verses: the pair; the pair and the clap.
    expect(done.map(({ move: id, note }) => `${id} ${note}`)).toEqual([
      'tall-reach with the hands',
      'squat with the hands',
      'tall-reach with the hands',
      'squat with the hands',
      'clap with the elbows',
    ]);
  });

  it('is performed slowly, then fast', () => {
    const beat = chainBeat(['squat'], { perform: ['slow', 'fast'] });
    const lengths = cuesOf(beat)
      .filter(isWork)
      .map(({ lengthSeconds }) => lengthSeconds / (2 * SQUAT));
    expect(lengths.map((share) => Math.round(share * 100) / 100)).toEqual([1, 1.5, 0.7]);
  });
});

describe('a relay by the clock', () => {
  it('ends with its clock, and counts what is there by then', () => {
    // 10 m at the walk of fives, and two seconds of handling, for each of twelve; one at a time.
    const { metresPerRep, secondsPerRep } = BUILT_IN.get('walk')!;
    const trip = (10 / metresPerRep) * secondsPerRep['5'] + 2;
    const limitSeconds = 60;
    const beat = relayBeat('walk', { things: 12, metres: 5, atOnce: 1, limitSeconds });
    expect(cuesOf(beat).find(isWork)).toMatchObject({
      lengthSeconds: limitSeconds,
      doing: { amount: Math.floor(limitSeconds / trip) },
    });
  });

  it('ends before it where all are there', () => {
    const free = cuesOf(relayBeat('walk', { things: 4 })).find(isWork)!;
    const timed = cuesOf(relayBeat('walk', { things: 4, limitSeconds: 300 })).find(isWork)!;
    expect(timed.lengthSeconds).toBe(free.lengthSeconds);
  });
});

describe('letters by the clock', () => {
  it('26 of them at 11 s each are 4:46, whatever is done to them', () => {
    const moves = [...BUILT_IN.keys()].slice(0, 26);
    const strip = drawBeat(moves, {
      device: { kind: 'list' },
      rules: { returns: 'in order', stop: { after: 'draws', draws: 26 }, eachSeconds: 11 },
    });
    const { totalSeconds, cues } = unroll(withBeats(strip));
    expect(totalSeconds).toBeCloseTo(26 * 11, 1);
    expect(new Set(doings(cues).map((doing) => doing.move)).size).toBe(26);
  });
});

describe('shown here, done at home', () => {
  const squats = { ...doseOf('squat', 2), home: { ...plainDose('reps', 10), amounts: [10, 10] } };
  const adventure = withBeats(move(squats), move(doseOf('march', 10)));

  it('has a length here and a length at home', () => {
    expect(unroll(adventure).cues.find(isWork)!.reps).toBe(2);
    const home = homeSchedule(adventure)!;
    expect(home.totals.all.reps).toBe(20);
    expect(home.totalSeconds).toBeCloseTo(20 * SQUAT, 2);
  });

  it('is nothing where nothing is for home', () => {
    expect(homeSchedule(withBeats(move(doseOf('march', 10))))).toBeNull();
  });
});
