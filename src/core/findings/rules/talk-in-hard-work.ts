import { countWords } from '../../words/count-words';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** At level 4 and 5 only cue words: this many, or a word every two seconds. Our own judgement. */
export const MOST_CUE_WORDS = 10;
const SECONDS_A_WORD = 2;
const HARD = 4;

/** Too much is said while they work hard: it takes the breath away. */
export function checkTalk({ work, parts }: FindingContext): Seen[] {
  const said = new Map<string, { words: number; seconds: number }>();
  for (const { effort, doing, meanwhile, lengthSeconds } of work) {
    if (effort < HARD || !doing || meanwhile.length === 0) continue;
    const sum = said.get(doing.part) ?? { words: 0, seconds: 0 };
    for (const { text, goesOn } of meanwhile) if (!goesOn) sum.words += countWords(text);
    sum.seconds += lengthSeconds;
    said.set(doing.part, sum);
  }
  return parts.flatMap(({ beat, part, move }): Seen[] => {
    const { words, seconds } = said.get(part.id) ?? { words: 0, seconds: 0 };
    const most = Math.max(MOST_CUE_WORDS, Math.floor(seconds / SECONDS_A_WORD));
    if (words <= most) return [];
    const params = { name: part.guise.name || move.name, words, most };
    const place = { beatId: beat.id, part: part.id };
    return [{ place, severity: 'think', params, fix: null }];
  });
}
