/*
 * Recordings: twenty minutes of captions laid along a script, again and again, and a pace learned from 500
 * sessions. Limits: two seconds, memory that does not grow, and 100 ms. `npm run bench:review`.
 */
import { readFileSync } from 'node:fs';
import {
  BUILT_IN,
  drawsOf,
  learnPace,
  parseArrupJson,
  review,
  sightingsOf,
  unroll,
  type Adventure,
} from '../src/core';
import { runOf } from '../src/core/testing/make-run';
import { madeRecording } from '../src/core/testing/made-captions';

const MINUTES = 20;
const TIMES = 20;
const SESSIONS = 500;

function demo(name: string): Adventure {
  const parsed = parseArrupJson(readFileSync(`src/lib/demo/${name}.arrup.json`, 'utf8'));
  if (!parsed.ok) throw new Error(name);
  return parsed.value;
}

/** A script of about twenty minutes: two of the demo's, one after the other. */
function longScript(): Adventure {
  const [first, second] = [demo('six-lamps'), demo('ferry-die')];
  return { ...first, chapters: [...first.chapters, ...second.chapters] };
}

const adventure = longScript();
const schedule = unroll(adventure);
const known = new Set(drawsOf(adventure).map(({ id }) => id));
const slower = (MINUTES * 60) / schedule.totalSeconds;
const made = madeRecording(adventure, schedule.cues, known, { seed: 1, slower, wrong: 0.2 });
const { lines, endSeconds } = made;
const times: number[] = [];
let before = 0;
for (let n = 0; n < TIMES; n += 1) {
  const began = performance.now();
  review({ adventure, schedule, known, lines, endSeconds });
  times.push(performance.now() - began);
  globalThis.gc?.();
  if (n === 4) before = process.memoryUsage().heapUsed;
}
const grown = (process.memoryUsage().heapUsed - before) / 1e6;
times.sort((a, b) => a - b);
console.log(
  `a recording of ${Math.round(endSeconds / 60)} minutes, ${lines.length} captions, ${made.segments.length} stretches: median ${times[TIMES / 2]!.toFixed(0)} ms, worst ${times.at(-1)!.toFixed(0)} ms (limit 2,000); heap ${grown.toFixed(1)} MB more after ${TIMES - 5} more`,
);

const plan = schedule.cues.map(
  ({ id, beatId, chapterId, startSeconds, lengthSeconds, effort }) => ({
    id,
    kind: 'say' as const,
    beatId,
    chapterId,
    startSeconds,
    lengthSeconds,
    effort,
    words: 12,
  }),
);
const run = runOf(
  { plan },
  schedule.cues.map(({ id, lengthSeconds }) => [id, lengthSeconds]),
);
const runs = Array.from({ length: SESSIONS }, () => run);
const learning = Array.from({ length: 9 }, () => {
  const began = performance.now();
  learnPace(runs.map((one) => sightingsOf(one, BUILT_IN)));
  return performance.now() - began;
}).sort((a, b) => a - b);
console.log(
  `a pace from ${SESSIONS} sessions of ${run.plan.length} cues: median ${learning[4]!.toFixed(0)} ms (limit 100)`,
);
