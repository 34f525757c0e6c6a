import { expect, it } from 'vitest';
import { knownDraws } from './lay';
import { readCaptions } from '../formats/captions/captions';
import { DEFAULT_PACE } from '../cues/pace';
import { drawsOf } from '../document/beats-of';
import { resolveDraws } from '../schedule/resolve-draws';
import { unroll } from '../schedule/unroll';
import { madeRecording } from '../testing/made-captions';
import { demoAdventure, demoCaptions } from '../testing/shelf-of-examples';
import { review } from './review';

it('throws of the demo’s recording are shorter than planned, and only a child throws there', () => {
  const adventure = demoAdventure('ferry-die');
  const read = readCaptions(demoCaptions('ferry-die'));
  if (!read.ok) throw new Error('ferry-die');
  const { pace } = review({
    adventure,
    schedule: unroll(adventure),
    known: knownDraws(adventure),
    lines: read.value,
  });
  expect(pace.throwSeconds).toBeNull();
  expect(pace.childThrowSeconds).toBeGreaterThan(4);
  expect(pace.childThrowSeconds).toBeLessThan(12);
});

it('a session planned in the pace of its recording is as long as that, within a tenth', () => {
  const errors = ['ferry-die', 'late-letter', 'six-lamps', 'marsh-morning'].flatMap((name) => {
    const adventure = demoAdventure(name);
    const { setting } = adventure;
    const known = new Set(drawsOf(adventure).map(({ id }) => id));
    const schedule = unroll(adventure);
    return [0.85, 1, 1.2].map((slower, seed) => {
      const how = {
        seed: seed + 1,
        slower,
        asWritten: 0.95,
        countsAloud: 1,
        chatter: 0,
        varies: 0.1,
      };
      const made = madeRecording(adventure, schedule.cues, known, how);
      const { lines, endSeconds } = made;
      const { pace } = review({
        adventure,
        schedule,
        known,
        lines,
        endSeconds,
        replan: (other) => unroll(adventure, setting, other).cues,
      });
      const learned = {
        ...DEFAULT_PACE,
        wordsPerMinute: Math.min(260, Math.max(60, pace.wordsPerMinute!)),
        secondsPerRep: pace.secondsPerRep,
        childThrowSeconds: pace.childThrowSeconds,
        changeSeconds: pace.changeSeconds,
        allReps: pace.allReps,
      };
      const draws = resolveDraws(adventure, setting, learned);
      return Math.abs(unroll(adventure, setting, learned, draws).totalSeconds / endSeconds - 1);
    });
  });
  expect(errors.sort((a, b) => a - b)[Math.floor(errors.length / 2)]).toBeLessThan(0.1);
});
