import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULT_PACE } from '../cues/pace';
import { isWork } from '../cues/cue';
import { DEFAULT_SETTING } from '../model/setting';
import { BUILT_IN } from '../moves/move-book';
import { fetchSums, HANDLE_SECONDS } from '../room/fetch';
import { kitListOf } from '../prep/kit-list';
import { unroll } from '../schedule/unroll';
import { relayBeat, withBeats } from '../testing/make';
import { readQuickLine } from './quick-line';
import { relaySums, type Relay } from './relay';
import { FOR_FIVES } from '../testing/line-tools';

const secondsOf = (beat: Relay, group: number) =>
  relaySums(beat, { setting: setting(group), pace: DEFAULT_PACE, book: BUILT_IN }).secondsNeeded;
const setting = (group: number) => ({ ...DEFAULT_SETTING, ages: { from: 5, to: 5 }, group });

describe('how long a relay takes', () => {
  it('worked by hand: 12 things, 4 at a time, 5 m at a walk', () => {
    const { metresPerRep, secondsPerRep } = BUILT_IN.get('walk')!;
    const beat = relayBeat('walk', { things: 12, metres: 5, atOnce: 4 });
    // Three trips each: ten metres at the walk of fives, and picking up and putting down.
    const trip = (10 / metresPerRep) * secondsPerRep['5'] + 2 * HANDLE_SECONDS;
    expect(secondsOf(beat, 12)).toBe(Math.ceil(3 * trip));
  });

  it('is that of the sums of fetching: enough in that time, and not in less', () => {
    const numbers = fc.record({
      things: fc.integer({ min: 1, max: 60 }),
      metres: fc.integer({ min: 1, max: 20 }),
      atOnce: fc.option(fc.integer({ min: 1, max: 12 })),
      group: fc.integer({ min: 1, max: 30 }),
    });
    fc.assert(
      fc.property(numbers, ({ group, ...given }) => {
        const beat = relayBeat('walk', given);
        const { metresPerRep, secondsPerRep } = BUILT_IN.get('walk')!;
        const seconds = secondsOf(beat, group);
        const ask = {
          children: Math.min(group, given.atOnce ?? group),
          things: given.things,
          metres: given.metres,
          metresPerSecond: metresPerRep / secondsPerRep['5'],
        };
        expect(fetchSums({ ...ask, seconds }).enough).toBe(true);
        expect(fetchSums({ ...ask, seconds: seconds - 1 }).enough).toBe(false);
      }),
    );
  });
});

it('counts the things home, at an even pace, in one stretch of work', () => {
  const { cues } = unroll(withBeats(relayBeat('walk', { things: 8, atOnce: 2 })));
  const work = cues.filter(isWork);
  expect(work).toHaveLength(1);
  const { doing, lengthSeconds, reps } = work[0]!;
  expect(doing).toMatchObject({ amount: 8, unit: 'reps', move: 'walk' });
  expect(doing!.secondsPerCount * 8).toBeCloseTo(lengthSeconds, 3);
  // A thing that is fetched is no rep of a move.
  expect(reps).toBe(0);
});

it('gathers its things, as many as there are', () => {
  const adventure = withBeats(relayBeat('walk', { thing: 'bean bags', things: 24 }));
  const line = kitListOf(adventure, adventure.setting).find(({ thing }) => thing === 'bean bag');
  expect(line?.count).toBe(24);
});

it.each([
  ['relay 24 bean bags 6 m, 4 at a time: bear walk', 'bean bags', 24, 6, 4],
  ['relay twelve socks: walk', 'socks', 12, 5, null],
  [
    'relay 9 red lamps 3.5 metres, one by one: tiptoe walk as the lamp lighters',
    'red lamps',
    9,
    3.5,
    1,
  ],
  ['relay 10 letters, all at once: jog', 'letters', 10, 5, null],
  ['relay 10 letters 8m, two at a time: jog', 'letters', 10, 8, 2],
])('%s', (line, thing, things, metres, atOnce) => {
  expect(readQuickLine(line, FOR_FIVES)).toMatchObject({
    kind: 'relay',
    thing,
    things,
    metres,
    atOnce,
  });
});

it.each([
  ['relay some socks: walk', ['some socks']],
  ['relay 9 socks, few at a time: walk', ['few at a time']],
  ['relay 9 socks: as they like it best', ['as they like it best']],
])('%s is told', (line, unread) => {
  expect(readQuickLine(line, FOR_FIVES)).toMatchObject({ kind: 'tell', unread });
});
