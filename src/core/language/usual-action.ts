import { NO_GUISE, PLAIN_ACTION } from '../model/action';
import type { Ages } from '../model/ages';
import type { Move } from '../model/move';
import { usualDose } from '../moves/usual-dose';
import type { ReadAction } from './read-action';

/** A move with its usual dose. */
export function usualAction(move: Move, ages: Ages): ReadAction {
  const dose = usualDose(move, ages);
  return { move, dose, guise: NO_GUISE, usualAmount: true, ...PLAIN_ACTION };
}
