import { NO_GUISE } from '../model/action';
import type { Ages } from '../model/ages';
import type { Move } from '../model/move';
import { usualDose } from '../moves/usual-dose';
import type { ReadAction } from './read-action';

/** A move with its usual dose. */
export function usualAction(move: Move, ages: Ages): ReadAction {
  return {
    move,
    also: [],
    dose: usualDose(move, ages),
    guise: NO_GUISE,
    between: [],
    home: null,
    usualAmount: true,
  };
}
