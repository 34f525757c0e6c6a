import type { Action, Guise } from '../model/action';
import type { Move } from '../model/move';

/**
 * One action as read from a line. `move` is all that is done at the same time as one; `also` are the
 * others of it. `usualAmount`: the line names none, the move's usual is taken.
 */
export type ReadAction = Omit<Action, 'id' | 'move'> &
  Readonly<{ move: Move; usualAmount: boolean }>;

/** The same under another name, or with something else said to it. */
export function inGuise<One extends Readonly<{ guise: Guise }>>(
  one: One,
  change: Partial<Guise>,
): One {
  return { ...one, guise: { ...one.guise, ...change } };
}
