import type { Setting } from '../model/setting';

/** A finish line stays this far from a wall, in metres. Common practice. */
export const FINISH_BEFORE_WALL_METRES = 2;

type Room = Pick<Setting['room'], 'lengthMetres' | 'widthMetres'>;
/** A place in the room, in metres from its middle. */
export type Spot = Readonly<{ xMetres: number; yMetres: number }>;

/** Half of a side less the way to the wall; in a small room half of that half stays to move in. */
function reach(sideMetres: number): number {
  const half = sideMetres / 2;
  return Math.max(half - FINISH_BEFORE_WALL_METRES, half / 2);
}

/** So many spots around the middle of the room, evenly by angle, clear of the walls. */
export function spotsAround(room: Room, count: number): readonly Spot[] {
  const [a, b] = [reach(room.lengthMetres), reach(room.widthMetres)];
  return Array.from({ length: count }, (_, n) => {
    const angle = (2 * Math.PI * (n + 0.5)) / count;
    return { xMetres: a * Math.cos(angle), yMetres: b * Math.sin(angle) };
  });
}

/** Whole metres from the middle of the room to each of so many spots; 1 at the least. */
export function metresToSpots(room: Room, count: number): readonly number[] {
  return spotsAround(room, count).map(({ xMetres, yMetres }) =>
    Math.max(1, Math.round(Math.hypot(xMetres, yMetres))),
  );
}
