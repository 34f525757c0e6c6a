import type { Action, Station } from '../../model/beat';
import type { Ages } from '../../model/ages';
import { isCounted, type Dose } from '../../model/dose';
import type { Move } from '../../model/move';
import type { Doing, Side } from '../cue';
import { secondsPerRep, type Pace } from '../pace';
import type { Score } from '../score';
import { STEP_METRES, TURN_SECONDS } from '../timing';

const isTimed = (unit: Dose['unit']) => unit === 'seconds' || unit === 'hold';

/** Counts of a move in an amount of its unit; metres are walked in the move's own steps. */
function countsIn(unit: Dose['unit'], amount: number, move: Move): number {
  return unit === 'metres' ? amount / (move.metresPerRep || STEP_METRES) : amount;
}

/** Seconds to go so many metres and, with two ways, back again, at the pace of the age. */
export function secondsOnWay(
  move: Move,
  metres: number,
  ways: Dose['ways'],
  ages: Ages,
  pace: Pace,
): number {
  const oneWay = countsIn('metres', metres, move) * secondsPerRep(move, ages, pace);
  return ways * oneWay + (ways - 1) * TURN_SECONDS;
}

/** Seconds that one turn of `amount` takes. */
export function turnSeconds(score: Score, move: Move, unit: Dose['unit'], amount: number): number {
  if (isTimed(unit)) return amount;
  return countsIn(unit, amount, move) * score.secondsPerRep(move);
}

/** The first turn of a part, as its showing announces it. */
export function doingOf(
  score: Score,
  part: Action | Station,
  what: Pick<Doing, 'unit' | 'amount'> & Partial<Doing>,
): Doing {
  const move = score.move(part);
  const one = { n: 1, of: 1 };
  return {
    part: part.id,
    move: move.id,
    name: part.guise.name || move.name,
    picture: part.guise.picture,
    secondsPerCount: isCounted(what.unit) ? score.secondsPerRep(move) : 0,
    count: 'on',
    side: 'any',
    set: one,
    round: one,
    way: one,
    ...what,
  };
}

/**
 * One turn of work or hold. Reps are what is counted (reps and steps, not seconds or metres);
 * landings are estimated for timed work by how many reps fit into it.
 */
export function addTurn(score: Score, move: Move, doing: Doing): void {
  const seconds = turnSeconds(score, move, doing.unit, doing.amount);
  const counted = isCounted(doing.unit);
  const repsDone = isTimed(doing.unit)
    ? Math.floor(seconds / score.secondsPerRep(move))
    : countsIn(doing.unit, doing.amount, move);
  score.add(doing.unit === 'hold' ? 'hold' : 'work', seconds, '', {
    doing,
    effort: move.effort,
    reps: counted ? doing.amount : 0,
    landings: doing.unit === 'hold' ? 0 : Math.round(repsDone * move.landingsPerRep),
  });
}

/** The sides of a dose in the order in which they are done. */
export function sidesOf(sides: Dose['sides']): readonly Side[] {
  return sides === 'each' ? ['left', 'right'] : [sides];
}
