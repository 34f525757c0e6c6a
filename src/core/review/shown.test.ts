import { expect, it } from 'vitest';
import { DEFAULT_PACE } from '../cues/pace';
import { unroll } from '../schedule/unroll';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { madeRecording } from '../testing/made-captions';
import { review } from './review';

const MOVES = ['hop', 'squat', 'lunge', 'frog-jump', 'toe-touch', 'sit-up'];
const adventure = withBeats(
  ...MOVES.map((move, n) => moveBeat([doseOf(move, 6 + n)], { id: `bt_${move}` })),
);
const none = new Set<string>();
const at = (showTimes: number) =>
  unroll(adventure, adventure.setting, { ...DEFAULT_PACE, showTimes });

/** What a recording tells of showing, where moves were shown for so many times of the usual. */
function told(showTimes: number, countsAloud = 1, plannedShowTimes = 1): number | null {
  const { lines, endSeconds } = madeRecording(adventure, at(showTimes).cues, none, {
    seed: 3,
    slower: 1,
    varies: 0.05,
    // A name said with the work would take the first second of its count.
    named: 0,
    countsAloud,
    // What is said besides would stand between the last count and the end of its set.
    chatter: 0,
  });
  const schedule = at(plannedShowTimes);
  const asked = { adventure, schedule, known: none, lines, endSeconds, plannedShowTimes };
  return review(asked).pace.showTimes;
}

it('how long moves were shown is told between one count and the next', () => {
  for (const times of [0.7, 1, 1.3]) {
    expect(told(times)! / times).toBeGreaterThan(0.92);
    expect(told(times)! / times).toBeLessThan(1.1);
    // However it was planned.
    expect(told(times, 1, 1.4)! / times).toBeGreaterThan(0.92);
    expect(told(times, 1, 1.4)! / times).toBeLessThan(1.1);
  }
});

it('is not told where nobody counts', () => {
  expect(told(1, 0)).toBeNull();
});
