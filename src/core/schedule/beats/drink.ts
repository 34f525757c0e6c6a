import type { Drink } from '../../model/beat';
import type { Score } from '../score';

/** The line is said while they drink: it takes no time of its own. */
export function unrollDrink(beat: Drink, score: Score): void {
  score.add('drink', beat.seconds, beat.text);
}
