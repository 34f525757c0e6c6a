/*
 * Ideas for a line (at most 50 ms after a pause), and 200 drafts of all shapes, ages and slots from 5 to 30 minutes:
 * how long each takes (at most a second), how many have a finding above a remark or miss the slot by more than 3 %.
 * `npm run bench:ideas`.
 */
import { dictionary } from 'cmu-pronouncing-dictionary';
import { IMAGES } from '../src/core/ideas/images';
import { STORY_LINES } from '../src/core/testing/story-lines';
import {
  DEFAULT_PACE,
  DEFAULT_SETTING,
  draft,
  DRAFT_SHAPES,
  ideasFor,
  moveBookOf,
  readWordNet,
} from '../src/core';
import { cutWordNet } from '../scripts/word-net.mjs';

const DRAFTS = 200;
const SLOTS = [5, 8, 12, 15, 20, 30];
const WISHES = [
  ['carry the flame to the tower', 'the old tower', 'Wick'],
  ['find the lost boat', 'the harbour', 'Otto'],
  ['wake the sleeping giant', 'the hills', ''],
  ['', '', ''],
  ['bring the post to the farm', 'the farm', 'Pip'],
  ['plant a seed for the queen', 'the garden', 'Moss'],
  ['fly to the moon', 'the night sky', 'Nettie'],
] as const;
const sorted = (values: number[]) => [...values].sort((a, b) => a - b);
const at = (values: number[], share: number) =>
  sorted(values)[Math.min(values.length - 1, Math.floor(values.length * share))]!;

const net = readWordNet(cutWordNet(IMAGES));
const book = moveBookOf({ moves: [] });
const context = { book, net, setting: DEFAULT_SETTING };
for (const { line } of STORY_LINES) ideasFor(line, context);
const lines = STORY_LINES.map(({ line }) => {
  const began = performance.now();
  ideasFor(line, context);
  return performance.now() - began;
});

const seconds: number[] = [];
let grave = 0;
let off = 0;
for (let n = 0; n < DRAFTS; n += 1) {
  const [want, place, hero] = WISHES[n % WISHES.length]!;
  const age = 3 + (n % 4);
  const slotSeconds = SLOTS[Math.floor(n / DRAFT_SHAPES.length) % SLOTS.length]! * 60;
  const setting = { ...DEFAULT_SETTING, ages: { from: age, to: age + 1 }, slotSeconds };
  const shape = DRAFT_SHAPES[n % DRAFT_SHAPES.length]!;
  let made = 0;
  const newId = (prefix: string) => `${prefix}_${(made += 1)}`;
  const began = performance.now();
  const result = draft(
    { want, place, hero, learning: '', shape, setting, seed: n },
    { book, net, sounds: dictionary, pace: DEFAULT_PACE, newId: newId as never },
  );
  seconds.push((performance.now() - began) / 1000);
  const faults = result.findings.filter(({ severity }) => severity !== 'think');
  if (faults.length > 0) grave += 1;
  const isOff = Math.abs(result.seconds / slotSeconds - 1) > 0.03;
  if (isOff) off += 1;
  if (isOff || faults.length > 0) {
    const what = faults.map(({ rule }) => rule).join(' ');
    console.log(
      `${n}: ${shape}, age ${age}, ${slotSeconds / 60} min: ${Math.round(result.seconds)} s ${what}`,
    );
  }
}
console.log(
  `ideas for a line: median ${at(lines, 0.5).toFixed(1)} ms, 95 of 100 within ${at(lines, 0.95).toFixed(1)} ms`,
);
console.log(
  `${DRAFTS} drafts: median ${at(seconds, 0.5).toFixed(2)} s, 95 of 100 within ${at(seconds, 0.95).toFixed(2)} s, worst ${at(seconds, 1).toFixed(2)} s; ${grave} with something to mend, ${off} off the slot by more than 3 %`,
);
