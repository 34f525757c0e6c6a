import { NO_GUISE, PLAIN_ACTION, type Action, type Station } from '../model/action';
import type { Ages } from '../model/ages';
import type { Move } from '../model/move';
import type { NewId } from '../model/new-id';
import { usualDose } from './usual-dose';

/** A move by its own name, with the usual dose. */
export function newAction(move: Move, ages: Ages, newId: NewId): Action {
  const dose = usualDose(move, ages);
  return { id: newId('ac'), move: move.id, guise: NO_GUISE, dose, ...PLAIN_ACTION };
}

/** A move by its own name, with no dose. */
export function newStation({ id }: Move, newId: NewId): Station {
  return { id: newId('st'), move: id, also: [], guise: NO_GUISE };
}
