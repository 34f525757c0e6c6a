import { dictionary } from 'cmu-pronouncing-dictionary';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Adventure } from '../document/adventure';
import { drawsOf } from '../document/beats-of';
import { copyAdventure } from '../document/new-adventure';
import { parseAdventure } from '../document/parse-adventure';
import { unroll } from '../schedule/unroll';
import { arbitraryAdventure } from '../testing/arbitrary';
import { counted, FINDING_CASES, hold, told } from '../testing/finding-cases';
import { findings, toldBy } from '../testing/findings-of';
import { countingIds, withBeats } from '../testing/make';
import { check, RULE_IDS, setAside } from './check';
import { problemsOf } from '../testing/problems-of';

const stops = (adventure: Adventure) =>
  findings(adventure).filter((finding) => finding.severity === 'stop').length;

describe.each(RULE_IDS)('%s', (rule) => {
  const { fires, silent } = FINDING_CASES[rule];

  it('speaks where it should', () => {
    for (const adventure of fires) expect(toldBy(adventure, rule).length).toBeGreaterThan(0);
  });

  it('is silent where it should be', () => {
    for (const adventure of silent) expect(toldBy(adventure, rule)).toEqual([]);
  });

  it('is silenced by its own mend, which breaks nothing worse', () => {
    for (const adventure of fires) {
      const newId = countingIds();
      let mended = adventure;
      for (let times = 0; times < 6; times += 1) {
        const fix = toldBy(mended, rule).find((finding) => finding.fix)?.fix;
        if (!fix) break;
        mended = fix(mended, (prefix) => `${newId(prefix)}m`);
      }
      const left = toldBy(mended, rule);
      expect(left.filter((finding) => finding.fix)).toEqual([]);
      if (mended !== adventure) {
        expect(parseAdventure(JSON.parse(JSON.stringify(mended))).ok).toBe(true);
        expect(stops(mended)).toBeLessThanOrEqual(stops(adventure));
      }
    }
  });
});

describe('findings', () => {
  it('come the gravest first, then in the order of the script, each with a known source', () => {
    const script = withBeats(
      counted('squat', 8),
      told('Who is it?'),
      hold('plank', 6),
      told('Where is it?'),
    );
    const list = findings(script);
    const grave = list.map(({ severity }) => ['stop', 'mend', 'think'].indexOf(severity));
    expect(grave).toEqual([...grave].sort());
    const questions = list.filter(({ rule }) => rule === 'question-no-wait');
    expect(questions[0]!.atSeconds!).toBeLessThan(questions[1]!.atSeconds!);
  });

  it('can be set aside with a reason, which a copy keeps, and opened again', () => {
    const script = withBeats(told('Who can see it?'));
    const [finding] = toldBy(script, 'question-no-wait');
    const aside = setAside(script, finding!, 'They shout it anyway.');
    expect(toldBy(aside, 'question-no-wait')[0]!.setAside).toBe('They shout it anyway.');
    const copy = copyAdventure(aside, 'Copy', countingIds());
    expect(toldBy(copy, 'question-no-wait')[0]!.setAside).toBe('They shout it anyway.');
    expect(toldBy(setAside(aside, finding!, null), 'question-no-wait')[0]!.setAside).toBeNull();
  });

  it('a letter with the wrong picture gets another, and the letters beside it keep theirs', () => {
    const [knight] = FINDING_CASES['letter-sound'].fires;
    const strip = drawsOf(knight!)[0]!;
    const [first] = strip.entries;
    const apart = { ...first!, id: 'en_apart', label: 'B' };
    const beside = {
      ...apart,
      action: { ...apart.action, guise: { ...apart.action.guise, picture: 'bell', name: '' } },
    };
    const both = withBeats({ ...strip, entries: [...strip.entries, beside] });
    const found = check(both, both.setting, unroll(both), dictionary).find(
      ({ rule, fix }) => rule === 'letter-sound' && fix,
    );
    const after = drawsOf(found!.fix!(both, countingIds()))[0]!.entries;
    expect(after.at(-1)).toEqual(beside);
    expect(after[0]!.action.guise.picture).not.toBe(first!.action.guise.picture);
  });

  it('leave the sounds of letters alone without a dictionary', () => {
    const [knight] = FINDING_CASES['letter-sound'].fires;
    const list = check(knight!, knight!.setting, unroll(knight!));
    expect(list.filter(({ rule }) => rule === 'letter-sound')).toEqual([]);
  });

  it('never fail, and every mend leaves a valid adventure, whatever the script', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (adventure) => {
        for (const { fix } of findings(adventure)) {
          if (!fix) continue;
          const ids = countingIds();
          const mended = fix(adventure, (prefix) => `${ids(prefix)}m`);
          expect(problemsOf(mended)).toEqual([]);
        }
      }),
      { numRuns: 60 },
    );
  });
});
