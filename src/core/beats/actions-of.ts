import type { ReadAction } from '../language/read-action';
import type { Action } from '../model/action';
import type { NewId } from '../model/new-id';

/** What an action that was read is in a beat, but for its id. */
export function bareAction({ move, guise, dose }: ReadAction): Omit<Action, 'id'> {
  return { move: move.id, guise, dose };
}

/** Actions as they were read, under fresh ids. */
export function actionsOf(read: readonly ReadAction[], newId: NewId): readonly Action[] {
  return read.map((one) => ({ id: newId('ac'), ...bareAction(one) }));
}
