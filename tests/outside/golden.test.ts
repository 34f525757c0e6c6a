/**
 * What every demo and every starting point came to before the house was put in order: hashes of the
 * cues and of each file, so that moving code about changes nothing by accident.
 */
import { dictionary } from 'cmu-pronouncing-dictionary';
import {
  cautionsOf,
  check,
  kitListOf,
  packPartsFor,
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
import { hashOf, holdsStill } from './golden-documents';

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

await holdsStill('tests/outside/golden/documents.json', tellAll);
