import { add, apart, times, type Vec } from '../body/vec';
import type { Figure } from '../../model/figure';

/** A thing at a moment: where it is, and how well it is seen, 0 to 1. */
export type Seen = Readonly<{ at: Vec; seen: number }>;

/** How a thing leaves: where it was last, and how far it goes on in the time that the loop has left, in heights. */
export type Leaving = Readonly<{ from: Vec; way: Vec }>;

/** A thing that comes back over more than this along the floor was thrown, kicked or rolled away. In heights. */
const AWAY = 0.3;
/** Faster than this it is out of sight before it has faded, in heights over the rest of the loop. */
const MOST_WAY = 1.6;
/** Of the time that is left it fades for the first part, and is there again in the last. Our own judgement. */
const FADES = 0.5;
const COMES = 0.75;

const overFloor = ([x, , z]: Vec): Vec => [x, 0, z];

/**
 * Things that are gone after the last key pose and are there again at the first, one for each prop; null for
 * one that stays. `at` is where the n-th prop is in a key pose. What was brought nearer last doesn't go on:
 * it fades where it lies.
 */
export function leavingProps(
  { keys, props }: Pick<Figure, 'keys' | 'props'>,
  at: (key: number, prop: number) => Vec,
): readonly (Leaving | null)[] {
  const last = keys.length - 1;
  return props.map(({ kind, places }, n) => {
    const flies = kind === 'ball' || kind === 'bean bag';
    if (!flies || places[last % places.length]!.by !== 'floor') return null;
    const [first, before, from] = [at(0, n), at(last - 1, n), at(last, n)];
    if (apart(overFloor(first), overFloor(from)) < AWAY) return null;
    const leaves = apart(overFloor(from), [0, 0, 0]) > apart(overFloor(before), [0, 0, 0]);
    if (!leaves) return { from, way: [0, 0, 0] };
    const took = keys[last]!.at - keys[last - 1]!.at;
    const gone = times(add(from, times(before, -1)), (1 - keys[last]!.at) / took);
    const far = apart(gone, [0, 0, 0]);
    return { from, way: far > MOST_WAY ? times(gone, MOST_WAY / far) : gone };
  });
}

/** Such a thing at a share of the time that the loop has left; `again` is where it is at its beginning. */
export function goneAt({ from, way }: Leaving, t: number, again: Vec): Seen {
  if (t < FADES) return { at: add(from, times(way, t)), seen: 1 - t / FADES };
  return { at: again, seen: t < COMES ? 0 : (t - COMES) / (1 - COMES) };
}
