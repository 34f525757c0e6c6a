import type { AgeBand } from '../../model/ages';
import { countWords } from '../../words/count-words';
import { type Beat, isForOthers, spokenLines } from '../../beats';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { remember } from '../../words/remember';

/** Words that listening ears hold in one sentence. Our own judgement. */
export const SENTENCE_WORDS: Readonly<Record<AgeBand, number>> = { '3-4': 16, '5': 18, '6-7': 22 };

const sentencesOf = (text: string) => text.split(/[.!?:;…]+(?:\s|$)/u);

/** Words in the longest sentence of a beat. */
const longestSentence = remember((beat: Beat): number =>
  Math.max(0, ...spokenLines(beat).flatMap(sentencesOf).map(countWords)),
);

/** A sentence too long to be taken in by ear. */
export function checkSentences({ adventure, beats, band }: FindingContext): Seen[] {
  const most = adventure.limits.sentenceWords ?? SENTENCE_WORDS[band];
  return [...beats.values()].flatMap((beat) => {
    const words = isForOthers(beat) ? 0 : longestSentence(beat);
    if (words <= most) return [];
    const place = { beatId: beat.id, part: null };
    return [{ place, severity: 'think' as const, params: { words, most }, fix: null }];
  });
}
