import type { Move } from '../model/move';
import { childrenIn, type Setting } from '../model/setting';
import { clearFloor, FINISH_BEFORE_WALL_METRES } from './spots';

/** Between two children on the spot: an arm's length each and a step. Common practice. */
export const SPOT_METRES = 1.5;
/** Room for each child where all travel across one another. Our own judgement. */
export const CROSSING_SQUARE_METRES = 6;

/** Floor to move on. */
export type Floor = Pick<Setting['room'], 'lengthMetres' | 'widthMetres'>;

const along = (metres: number) => Math.floor(metres / SPOT_METRES);

/**
 * How many children can do a move at once: on spots in a grid, in lanes side by side along the longer
 * wall, or all over the floor. 0 where there is not even room for one.
 */
export function atOnce(space: Move['space'], { lengthMetres, widthMetres }: Floor): number {
  if (space === 'spot') return along(lengthMetres) * along(widthMetres);
  if (space === 'lane') {
    const [long, short] = [lengthMetres, widthMetres].sort((a, b) => b - a);
    // A lane ends two metres before the wall, and must still go somewhere.
    return long! > FINISH_BEFORE_WALL_METRES + SPOT_METRES ? along(short!) : 0;
  }
  return Math.floor((lengthMetres * widthMetres) / CROSSING_SQUARE_METRES);
}

/** How many stand in one ring around the middle, an arm and a step apart; 0 below three of them. */
export function inRing({ lengthMetres, widthMetres }: Floor): number {
  // The ring runs half a spot inside the walls, so that nobody has one at the back.
  const across = Math.min(lengthMetres, widthMetres) - SPOT_METRES;
  // Neighbours are a chord apart: n spots fit where the chord of a turn's n-th is long enough.
  if (across < SPOT_METRES) return 0;
  const count = Math.floor(Math.PI / Math.asin(SPOT_METRES / across) + 1e-9);
  return count < 3 ? 0 : count;
}

/** How a group fits a room for moves that need one kind of space. */
export type Crowding = Readonly<{
  space: Move['space'];
  moves: readonly string[];
  atOnce: number;
  /** Goes, one after another, until all have had theirs; 0 where there is no room at all. */
  waves: number;
}>;

/** Where a group fits on the clear floor, and where it must go in waves: for each kind of space that is in use. */
export function crowdingOf(
  moves: readonly Pick<Move, 'name' | 'space'>[],
  setting: Pick<Setting, 'room' | 'group' | 'place'>,
): readonly Crowding[] {
  const floor = clearFloor(setting.room);
  const children = childrenIn(setting);
  return (['spot', 'lane', 'room'] as const).flatMap((space): Crowding[] => {
    const names = moves.filter((move) => move.space === space).map(({ name }) => name);
    if (names.length === 0) return [];
    const fits = atOnce(space, floor);
    const waves = fits === 0 ? 0 : Math.ceil(children / fits);
    return [{ space, moves: names, atOnce: fits, waves }];
  });
}
