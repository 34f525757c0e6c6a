import { expect, it } from 'vitest';
import type { Adventure } from '../document/adventure';
import { drawsOf } from '../document/beats-of';
import { unroll } from '../schedule/unroll';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { madeRecording, type Made } from '../testing/made-captions';
import { everyShape } from '../testing/shelf-of-examples';
import { momentInWords } from './moment-words';
import { review } from './review';

const MOVES = {
  hop: 'The lane is wet, so one foot only, and mind the puddles.',
  'jumping-jack': 'Now shine like a lamp with arms and legs.',
  squat: 'The kettle is low, down we go to reach it.',
  march: 'The postman is late, so walk him home.',
  lunge: 'A wide ditch, a long step over it.',
  'frog-jump': 'Who sits in the reeds and waits for flies?',
  'toe-touch': 'A letter fell down, pick it up again.',
  'sit-up': 'Wake up in the punt, and lie down again.',
};

/** Eight moves of three sets each; some have fewer. */
const session = (sets: Readonly<Record<string, number>>): Adventure =>
  withBeats(
    ...Object.entries(MOVES).map(([move, line]) => {
      const action = doseOf(move, 10, { amounts: Array<number>(sets[move] ?? 3).fill(10) });
      return moveBeat([{ ...action, guise: { ...action.guise, line } }], { id: `bt_${move}` });
    }),
  );

/** What is told of sets where this is led along the script of all eight. */
function toldOf(led: Adventure, how: Partial<Made>) {
  const known = new Set<string>();
  const made = madeRecording(led, unroll(led).cues, known, {
    seed: 4,
    countsAloud: 0,
    named: 1,
    asWritten: 0.9,
    varies: 0.1,
    ...how,
  });
  const { lines, endSeconds } = made;
  const adventure = session({});
  return review({ adventure, schedule: unroll(adventure), known, lines, endSeconds })
    .moments.filter(({ kind }) => kind === 'sets')
    .map((moment) => [moment.beatId, momentInWords(moment)]);
}

it('a set that was left out is told by the time it took, where nobody counts aloud', () => {
  for (const slower of [0.9, 1, 1.3]) {
    expect(toldOf(session({ squat: 2, lunge: 1 }), { slower })).toEqual([
      ['bt_squat', '2 of 3 sets, by the time it took'],
      ['bt_lunge', '1 of 3 sets, by the time it took'],
    ]);
    expect(toldOf(session({}), { slower })).toEqual([]);
  }
});

it('is no word where the sets were counted: their numbers tell', () => {
  expect(toldOf(session({ squat: 2 }), { countsAloud: 1 })).toEqual([]);
});

it('hardly ever where all sets were done, in sessions of every shape', () => {
  let told = 0;
  let recordings = 0;
  for (const adventure of everyShape()) {
    const schedule = unroll(adventure);
    const known = new Set(drawsOf(adventure).map(({ id }) => id));
    for (const seed of [1, 2, 3]) {
      const made = madeRecording(adventure, schedule.cues, known, { seed, countsAloud: 0.3 });
      const { lines, endSeconds } = made;
      const { moments } = review({ adventure, schedule, known, lines, endSeconds });
      told += moments.filter(({ kind }) => kind === 'sets').length;
      recordings += 1;
    }
  }
  expect(told / recordings).toBeLessThan(0.1);
});
