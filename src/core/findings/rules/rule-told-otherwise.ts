import { spokenLines, type Beat } from '../../beats';
import { isSum } from '../../model/chance';
import { textInDigits } from '../../words/numbers';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { changeDraw } from '../mending';
import { remember } from '../../words/remember';

/** "a one or two counts as three". */
const COUNTS_AS = /\bcounts? (?:as|for) (\d+)\b/u;

/** What a beat says that small numbers count as; null where it says nothing of it. */
const toldBy = remember((beat: Beat): number | null => {
  const found = COUNTS_AS.exec(textInDigits(spokenLines(beat).join(' ')));
  return found ? Number(found[1]) : null;
});

/** What is said of small numbers is not what the draw does. */
export function checkRuleTold({ beats }: FindingContext): Seen[] {
  const all = [...beats.values()];
  return all.flatMap((beat, n): Seen[] => {
    if (beat.kind !== 'draw' || !isSum(beat.amount)) return [];
    const { amount } = beat;
    // It is said in the line before the draw, or with it.
    const before = all[n - 1];
    const told = (before?.kind === 'tell' ? toldBy(before) : null) ?? toldBy(beat);
    if (told === null || told === amount.least || told < 1 || told > amount.most) return [];
    return [
      {
        place: { beatId: beat.id, part: null },
        severity: 'mend',
        params: { told, least: amount.least },
        fix: changeDraw(beat.id, (one) => ({ ...one, amount: { ...amount, least: told } })),
      },
    ];
  });
}
