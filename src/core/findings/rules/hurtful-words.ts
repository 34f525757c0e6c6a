import { spokenLines, type Beat } from '../../beats';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { remember } from '../../words/remember';
import { WORDS_TO_MIND } from './words-to-mind';

/** The first of them that a beat says. */
const hurtfulIn = remember((beat: Beat) => {
  const text = spokenLines(beat).join(' ');
  for (const { found, why, instead } of WORDS_TO_MIND) {
    const [said] = found.exec(text) ?? [];
    if (said) return { said, why, instead };
  }
  return null;
});

/** Words that shame, frighten or leave somebody out, each with other words to say it. */
export function checkHurtful({ beats }: FindingContext): Seen[] {
  return [...beats.values()].flatMap((beat): Seen[] => {
    const params = hurtfulIn(beat);
    return params
      ? [{ place: { beatId: beat.id, part: null }, severity: 'mend', params, fix: null }]
      : [];
  });
}
