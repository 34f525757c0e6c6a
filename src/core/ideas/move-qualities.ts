import type { Move } from '../model/move';
import { remember } from '../words/remember';
import { FELT } from './felt';
import { isQuality, type Quality } from './qualities';

const FELT_BY_ID: ReadonlyMap<string, readonly Quality[]> = new Map(
  FELT.trim()
    .split('\n')
    .map((line) => {
      const [id = '', felt = ''] = line.split(': ');
      return [id, felt.split(' ').filter(isQuality)] as const;
    }),
);

/** Seconds a rep under which a move is quick, and over which it is slow. Our own judgement. */
const QUICK_SECONDS = 0.6;
const SLOW_SECONDS = 2.5;
/** How much of a quality the first, the second and later ones are. */
const WEIGHTS = [1, 0.8, 0.65, 0.5, 0.4];

/** What the facts of a move tell, for moves of the presenter's own as well. */
function toldByFacts(move: Move): Quality[] {
  const isLow = ['all fours', 'lying', 'crouching'].includes(move.posture);
  const seconds = move.secondsPerRep['5'];
  const told: [boolean, Quality][] = [
    [isLow, 'low'],
    [move.quiet && move.effort <= 3, 'quiet'],
    [!move.quiet, 'loud'],
    [move.metresPerRep > 0, 'along'],
    [move.landingsPerRep > 0, 'up'],
    [move.usual.unit === 'hold', 'still'],
    [move.usual.unit !== 'hold' && seconds <= QUICK_SECONDS, 'quick'],
    [move.usual.unit !== 'hold' && seconds >= SLOW_SECONDS, 'slow'],
  ];
  return told.filter(([is]) => is).map(([, quality]) => quality);
}

/** Facts tell that a move is so, not that it is known for it. */
const TOLD_WEIGHT = 0.4;

/**
 * How much of each quality a move has, 0 to 1, those that it has none of left out. A move that is
 * drawn like one of the catalogue feels like it.
 */
export const qualitiesOf = remember((move: Move): ReadonlyMap<Quality, number> => {
  const like = move.figure?.kind === 'like' ? move.figure.move : move.id;
  const felt = FELT_BY_ID.get(like) ?? [];
  const found = new Map<Quality, number>();
  for (const quality of toldByFacts(move)) found.set(quality, TOLD_WEIGHT);
  for (const [n, quality] of felt.entries()) {
    found.set(quality, Math.max(found.get(quality) ?? 0, WEIGHTS[n] ?? WEIGHTS.at(-1)!));
  }
  return found;
});
