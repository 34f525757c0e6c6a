import { countWords } from '../../words/count-words';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** At level 4 and 5 only cue words: this many. Our own judgement. */
export const MOST_CUE_WORDS = 10;
const HARD = 4;

/** In a flowing run a line is said with the move: too long a one takes the breath away. */
export function checkTalk({ parts }: FindingContext): Seen[] {
  return parts
    .filter(({ beat, move }) => beat.kind === 'move' && beat.flowing && move.effort >= HARD)
    .map((used) => ({ ...used, words: countWords(used.part.guise.line) }))
    .filter(({ words }) => words > MOST_CUE_WORDS)
    .map(({ beat, part, move, words }) => ({
      place: { beatId: beat.id, part: part.id },
      severity: 'think',
      params: { name: part.guise.name || move.name, words, most: MOST_CUE_WORDS },
      fix: null,
    }));
}
