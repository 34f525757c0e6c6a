import type { Move } from '../model/move';
import { atOnce, type Floor } from './how-many';

/** In lanes two or three go one after another as a matter of course. Our own judgement. */
const MOST_WAVES = { spot: 1, lane: 3, room: 1 } as const;
/** A few too many stand closer or wait a little; all over the floor less. Our own judgement. */
const LEEWAY = { spot: 1.25, lane: 1.25, room: 1.15 } as const;

/** On their spots only what swings or leaves the ground hurts a neighbour. */
const isWide = (move: Move) =>
  move.space !== 'spot' ||
  move.landingsPerRep > 0 ||
  ['bat', 'rope'].some((thing) => move.kit.includes(thing));

/** The most children that one go of a move may have on this floor; null where any number may. */
export function mostTogether(move: Move, floor: Floor): number | null {
  if (!isWide(move)) return null;
  const { space } = move;
  return Math.floor(Math.max(1, atOnce(space, floor)) * MOST_WAVES[space] * LEEWAY[space]);
}
