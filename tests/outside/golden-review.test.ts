/**
 * What is told of a recording of every demo and every starting point: made recordings in which something is left
 * out, done twice and changed about, and the ones that ship with the demo. Short sums, so that a number that was
 * changed by accident is noticed; the tests beside the code say what is right.
 */
import { expect, it } from 'vitest';
import { unroll, type Adventure } from '../../src/core';
import { drawsOf } from '../../src/core/document/beats-of';
import { readCaptions } from '../../src/core/formats/captions/captions';
import { knownDraws } from '../../src/core/review/lay';
import { momentInWords } from '../../src/core/review/moment-words';
import { review, type ReviewQuestion } from '../../src/core/review/review';
import { madeRecording } from '../../src/core/testing/made-captions';
import { demoAdventure, demoCaptions } from '../../src/core/testing/shelf-of-examples';
import { hashOf, holdsStill, writtenDown } from './golden-documents';

function toldOf(question: Omit<ReviewQuestion, 'schedule' | 'replan'>) {
  const { adventure } = question;
  const schedule = unroll(adventure);
  const replan: ReviewQuestion['replan'] = (pace) =>
    unroll(adventure, adventure.setting, pace).cues;
  const { moments, pace, ...parts } = review({ ...question, schedule, replan });
  return {
    moments: moments.map(momentInWords).join('; '),
    ...Object.fromEntries(Object.entries({ pace, ...parts }).map(([k, v]) => [k, hashOf(v)])),
  };
}

/** With the fourth stretch left out, the sixth twice and the ninth after the tenth. */
function recorded(adventure: Adventure, seed: number) {
  const isDrawn = seed % 2 === 0;
  const known = isDrawn ? new Set(drawsOf(adventure).map(({ id }) => id)) : knownDraws(adventure);
  const { lines, endSeconds } = madeRecording(adventure, unroll(adventure).cues, known, {
    seed,
    wrong: 0.1,
    slower: 0.9 + (seed % 5) / 10,
    leftOut: [3],
    twice: [5],
    swapped: [8],
  });
  // Somebody speaks while a caption stands, and a moment longer.
  const voices = lines.map((line) => [line.startSeconds, line.endSeconds + 0.3] as const);
  return toldOf({ adventure, known, lines, endSeconds, voices });
}

let seed = 0;
await holdsStill('tests/outside/golden/reviews.json', (adventure) =>
  recorded(adventure, (seed += 1)),
);

const shipped = Object.fromEntries(
  ['ferry-die', 'six-lamps'].map((name) => {
    const adventure = demoAdventure(name);
    const read = readCaptions(demoCaptions(name));
    if (!read.ok) throw new Error(name);
    return [name, toldOf({ adventure, known: knownDraws(adventure), lines: read.value })] as const;
  }),
);

it('the recordings of the demo tell what they told', () => {
  expect(shipped).toEqual(writtenDown('tests/outside/golden/reviews-of-the-demo.json', shipped));
});
