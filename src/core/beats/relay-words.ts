import { turnsInWords } from '../language/dose-words';
import type { Relay } from './relay-schema';

export const START_OVER_WORDS = 'start over if one is missed';

/** "4 at a time". */
export const inTurns = (atOnce: number | null) => turnsInWords(atOnce) || 'all at once';

/** ", in 60 s, start over if one is missed". */
export const endInWords = ({
  limitSeconds,
  startOver,
}: Pick<Relay, 'limitSeconds' | 'startOver'>) =>
  (limitSeconds === null ? '' : `, in ${limitSeconds} s`) +
  (startOver ? `, ${START_OVER_WORDS}` : '');
