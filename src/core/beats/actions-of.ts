import type { ReadAction } from '../language/read-action';
import type { Action } from '../model/action';
import type { NewId } from '../model/new-id';

/** What an action that was read is in a beat, but for its id. */
export function bareAction(read: ReadAction): Omit<Action, 'id'> {
  const { move, also, guise, dose, between, home } = read;
  return { move: move.id, also, guise, dose, between, home };
}

/** Actions as they were read, under fresh ids. */
export function actionsOf(read: readonly ReadAction[], newId: NewId): readonly Action[] {
  return read.map((one) => ({ id: newId('ac'), ...bareAction(one) }));
}
