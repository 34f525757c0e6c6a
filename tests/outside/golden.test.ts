/**
 * What every demo and every starting point came to before the house was put in order: hashes of the
 * cues and of each file, so that moving code about changes nothing by accident. A change that is
 * meant is written down anew with `GOLDEN=write npx vitest run tests/outside/golden.test.ts`, and
 * its commit says why.
 */
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';
import { expect, it } from 'vitest';
import {
  cautionsOf,
  check,
  kitListOf,
  packPartsFor,
  parseArrupJson,
  parseScript,
  resolveDraws,
  DEFAULT_PACE,
  timed,
  unroll,
  type Adventure,
} from '../../src/core';
import { serializeChapters, serializeCaptions } from '../../src/core/formats/webvtt/webvtt';
import { serializeArrupJson } from '../../src/core/formats/arrup-json/arrup-json';
import { serializeRunSheetCsv } from '../../src/core/formats/run-sheet/run-sheet-csv';
import { serializeRunSheetMarkdown } from '../../src/core/formats/run-sheet/run-sheet-markdown';
import { serializeScript } from '../../src/core/formats/script/write-script';
import { countingIds } from '../../src/core/testing/make';

const GOLDEN = 'tests/outside/golden/documents.json';
const STARTS = 'src/lib/shelf/starts';
const DEMOS = 'src/lib/demo';

const hashOf = (value: unknown) =>
  createHash('sha256')
    .update(typeof value === 'string' ? value : JSON.stringify(value))
    .digest('hex')
    .slice(0, 16);

function startOf(file: string): Adventure {
  let seed = 0;
  const source = { newId: countingIds(), newSeed: () => (seed += 7919), book: dictionary };
  const read = parseScript(readFileSync(`${STARTS}/${file}`, 'utf8'), source);
  if (!read.ok) throw new Error(file);
  return read.value.adventure;
}

function demoOf(file: string): Adventure {
  const read = parseArrupJson(readFileSync(`${DEMOS}/${file}`, 'utf8'));
  if (!read.ok) throw new Error(file);
  return read.value;
}

/** Everything that is read off one adventure. */
function tellAll(adventure: Adventure) {
  const schedule = timed(adventure);
  const other = resolveDraws(adventure, adventure.setting, DEFAULT_PACE, 42);
  const found = check(adventure, adventure.setting, schedule, dictionary);
  return {
    seconds: schedule.totalSeconds,
    cueCount: schedule.cues.length,
    cues: hashOf(schedule.cues),
    drawnAnew: hashOf(unroll(adventure, adventure.setting, DEFAULT_PACE, other).cues),
    // The version's number alone may grow.
    json: hashOf(serializeArrupJson(adventure).replace(/"version": \d+/u, '"version": 3')),
    script: hashOf(serializeScript(adventure)),
    csv: hashOf(serializeRunSheetCsv(adventure, schedule)),
    markdown: hashOf(serializeRunSheetMarkdown(adventure, schedule)),
    captions: hashOf(serializeCaptions(schedule)),
    chapters: hashOf(serializeChapters(adventure, schedule)),
    findings: hashOf(found.map(({ rule, place, params }) => [rule, place, params])),
    kit: hashOf(kitListOf(adventure, adventure.setting)),
    cautions: hashOf(cautionsOf(adventure).map(({ text, moves }) => ({ text, moves }))),
    pack: packPartsFor(adventure).join(' '),
  };
}

const now = Object.fromEntries([
  ...readdirSync(DEMOS)
    .filter((name) => name.endsWith('.arrup.json'))
    .map((name) => [name, tellAll(demoOf(name))] as const),
  ...readdirSync(STARTS).map((name) => [name, tellAll(startOf(name))] as const),
]);

if (process.env.GOLDEN === 'write') writeFileSync(GOLDEN, `${JSON.stringify(now, null, 2)}\n`);
const before: typeof now = JSON.parse(readFileSync(GOLDEN, 'utf8'));

it.each(Object.keys(before))('%s is as it was', (name) => {
  expect(now[name]).toEqual(before[name]);
});

it('every demo and starting point is written down', () => {
  expect(Object.keys(now).sort()).toEqual(Object.keys(before).sort());
});
