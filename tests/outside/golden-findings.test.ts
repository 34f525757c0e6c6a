/**
 * What every rule says of the small scripts on which it must speak: how grave, where, and with which
 * numbers. Written down, so that a number that changes by accident is noticed; `GOLDEN=write npx vitest run
 * tests/outside/golden-findings.test.ts` writes it anew, and the commit says why.
 */
import { dictionary } from 'cmu-pronouncing-dictionary';
import { expect, it } from 'vitest';
import { check, unroll, type Adventure } from '../../src/core';
import { RULE_IDS, type RuleId } from '../../src/core/findings/check';
import { serializeScript } from '../../src/core/formats/script/write-script';
import { countingIds } from '../../src/core/testing/make';
import { FINDING_CASES } from '../../src/core/testing/finding-cases';
import { writtenDown } from './golden-documents';

const FILE = 'tests/outside/golden/findings.json';

/** What is new in a script after a mend, as it is written down. */
function mendedIn(adventure: Adventure, mended: Adventure): readonly string[] {
  const before = new Set(serializeScript(adventure).split('\n'));
  return serializeScript(mended)
    .split('\n')
    .filter((line) => !before.has(line));
}

/** "mend, line 2: {"seconds":41,"most":40}, mended: - 8 squats". */
function toldOf(adventure: Adventure, rule: RuleId): readonly string[] {
  const beats = adventure.chapters.flatMap((chapter) => chapter.beats.map(({ id }) => id));
  return check(adventure, adventure.setting, unroll(adventure), dictionary)
    .filter((finding) => finding.rule === rule)
    .map(({ severity, place, params, fix }) => {
      const line = place.beatId === null ? 'the whole' : `line ${beats.indexOf(place.beatId) + 1}`;
      const mend = fix
        ? `, mended: ${mendedIn(adventure, fix(adventure, countingIds())).join(' / ')}`
        : '';
      const part = place.part === null ? '' : ', a part';
      return `${severity}, ${line}${part}: ${JSON.stringify(params)}${mend}`;
    });
}

const now = Object.fromEntries(
  RULE_IDS.map((rule) => [rule, FINDING_CASES[rule].fires.map((one) => toldOf(one, rule))]),
);
const before = writtenDown(FILE, now);

it.each(RULE_IDS)('%s says what it said', (rule) => {
  expect(now[rule]).toEqual(before[rule]);
});
