import type { Move } from '../model/move';
import type { Setting } from '../model/setting';
import { singularOf } from '../words/plurals';

/** Room over a jumping child's head, in metres. Our own judgement. */
export const JUMP_HEIGHT_METRES = 2.3;
/** Shortest side of a room for moves that need all of it, in metres. Our own judgement. */
export const ROOM_METRES = 4;
const SOFT_FLOORS: readonly string[] = ['mats', 'carpet', 'grass', 'sprung'];

/** Kind enough to lie and roll on without a mat. */
export const isSoft = (floor: Setting['room']['floor']) => SOFT_FLOORS.includes(floor);

/** Whether what is named is the thing, in the plural or in a longer name too: "soft balls" is a ball. */
export const isThing = (named: string, thing: string) => singularOf(named).endsWith(thing);

/** A thing is at hand. */
export const has = (kit: readonly string[], thing: string) =>
  kit.some((one) => isThing(one, thing));

/** What a setting does not give a move: a mat, height, a wall, room, or a thing by its name. */
export function lacksOf(move: Move, { room, kit }: Pick<Setting, 'room' | 'kit'>): string[] {
  const lacks: string[] = [];
  if (move.surface === 'mat' && !isSoft(room.floor) && !has(kit, 'mat')) {
    lacks.push('mat');
  }
  lacks.push(...move.kit.filter((thing) => !has(kit, thing)));
  if (move.landingsPerRep > 0 && room.heightMetres < JUMP_HEIGHT_METRES) lacks.push('height');
  if (move.wall && !room.wallFree) lacks.push('wall');
  if (move.space === 'room' && Math.min(room.lengthMetres, room.widthMetres) < ROOM_METRES) {
    lacks.push('room');
  }
  return lacks;
}

/** How unlike two moves are to do; 0 for the same. Our own judgement. */
function distance(one: Move, other: Move): number {
  const shared = one.regions.filter((region) => other.regions.includes(region)).length;
  return (
    (one.family === other.family ? 0 : 3) +
    2 * Math.abs(one.effort - other.effort) +
    (one.regions.length - shared) +
    (one.posture === other.posture ? 0 : 1)
  );
}

/**
 * A move to take instead where a setting does not give what one needs: one of its own other forms if
 * that fits, else the most like it in family, effort and body; null where nothing fits.
 */
export function insteadOf(
  move: Move,
  moves: Iterable<Move>,
  setting: Pick<Setting, 'room' | 'kit' | 'ages'>,
): Move | null {
  const fitting = [...moves].filter(
    (one) =>
      one.id !== move.id && one.fromAge <= setting.ages.from && lacksOf(one, setting).length === 0,
  );
  const forms = [move.easier, move.harder, move.seated];
  const form = fitting.find((one) => forms.includes(one.id) && one.family === move.family);
  if (form) return form;
  return fitting.reduce<Move | null>(
    (best, one) => (best && distance(move, best) <= distance(move, one) ? best : one),
    null,
  );
}
