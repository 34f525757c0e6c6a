/**
 * What is worked out from every small script on which a rule must speak or be silent: they have a kind of beat, a setting
 * or a number each that no demo has. Short sums, as in golden-worked-out.test.ts, and written anew like those.
 */
import { expect, it } from 'vitest';
import { balanceOf, moveBookOf, timed, unroll, type Adventure } from '../../src/core';
import { RULE_IDS, type RuleId } from '../../src/core/findings/check';
import { FINDING_CASES } from '../../src/core/testing/finding-cases';
import { hashOf, writtenDown } from './golden-documents';
import { changedWhileLed, fittedTo, inRooms, onPaper, onStage } from './golden-sums';

const FILE = 'tests/outside/golden/cases.json';

/** Ids in the order in which they come, however many other tests have made some before. */
function withOwnIds(adventure: Adventure): Adventure {
  const known = new Map<string, string>();
  const text = JSON.stringify(adventure).replace(/"([a-z]+)_t\d+"/gu, (id, kind: string) => {
    if (!known.has(id)) known.set(id, `"${kind}_${known.size + 1}"`);
    return known.get(id)!;
  });
  return JSON.parse(text) as Adventure;
}

const NOTES = ['run-sheet', 'floor-sheet', 'script', 'kit', 'cautions', 'note-home'] as const;
const sumsOf = (adventure: Adventure) => ({
  cues: hashOf(unroll(adventure).cues),
  fit: fittedTo(adventure, { seconds: timed(adventure).told.seconds * 0.85 }),
  led: changedWhileLed(adventure),
  balance: hashOf(balanceOf(timed(adventure), moveBookOf(adventure))),
  stage: onStage(adventure),
  rooms: inRooms(adventure),
  paper: hashOf(onPaper(adventure, { paper: 'a4', ink: 'colour' }, NOTES)),
});
const toldOf = (rule: RuleId) => ({
  fires: FINDING_CASES[rule].fires.map((one) => sumsOf(withOwnIds(one))),
  silent: FINDING_CASES[rule].silent.map((one) => inRooms(withOwnIds(one))),
});

const now = Object.fromEntries(RULE_IDS.map((rule) => [rule, toldOf(rule)]));
const before = writtenDown(FILE, now);

it.each(RULE_IDS)('the scripts of %s come to what they came to', (rule) => {
  expect(now[rule]).toEqual(before[rule]);
});
