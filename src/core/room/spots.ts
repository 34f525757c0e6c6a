import type { RoomMark, Setting } from '../model/setting';

/** A finish line stays this far from a wall, in metres. Common practice. */
export const FINISH_BEFORE_WALL_METRES = 2;

export type Room = Pick<Setting['room'], 'lengthMetres' | 'widthMetres' | 'noGoMetres' | 'marks'>;
/** A place in the room, in metres from its middle: x along the length, y towards the front. */
export type Spot = Readonly<{ xMetres: number; yMetres: number }>;

/** The floor that is left between the no-go strips, and where its middle is in the room. */
export type ClearFloor = Readonly<{ lengthMetres: number; widthMetres: number; middle: Spot }>;

/** Strips that meet leave nothing: 0 by whatever is left the other way. */
export function clearFloor({ lengthMetres, widthMetres, noGoMetres }: Room): ClearFloor {
  const { front, back, left, right } = noGoMetres;
  return {
    lengthMetres: Math.max(0, lengthMetres - left - right),
    widthMetres: Math.max(0, widthMetres - front - back),
    middle: { xMetres: (left - right) / 2, yMetres: (back - front) / 2 },
  };
}

/** Half of a side less the way to the wall; in a small room half of that half stays to move in. */
function reach(sideMetres: number): number {
  const half = sideMetres / 2;
  return Math.max(half - FINISH_BEFORE_WALL_METRES, half / 2);
}

/** So many spots around the middle of the clear floor, evenly by angle, clear of the walls. */
export function spotsAround(room: Room, count: number): readonly Spot[] {
  const { lengthMetres, widthMetres, middle } = clearFloor(room);
  const [a, b] = [reach(lengthMetres), reach(widthMetres)];
  return Array.from({ length: count }, (_, n) => {
    const angle = (2 * Math.PI * (n + 0.5)) / count;
    return {
      xMetres: middle.xMetres + a * Math.cos(angle),
      yMetres: middle.yMetres + b * Math.sin(angle),
    };
  });
}

const called = (name: string) => name.trim().toLowerCase();

/** The mark of a kind, and of a name, where it was put by hand. */
export function putByHand(
  marks: readonly RoomMark[],
  kind: RoomMark['kind'],
  name = '',
): RoomMark | undefined {
  return marks.find((mark) => mark.kind === kind && called(mark.name) === called(name));
}

/** Where each of these called places is: where it was put by hand, else on its own spot around. */
export function placesFor(room: Room, names: readonly string[]): readonly Spot[] {
  const around = spotsAround(room, names.length);
  return names.map((name, n) => (name && putByHand(room.marks, 'place', name)) || around[n]!);
}

/** Whole metres from the middle of the clear floor to each of these places; 1 at the least. */
export function metresToPlaces(room: Room, names: readonly string[]): readonly number[] {
  const { middle } = clearFloor(room);
  return placesFor(room, names).map(({ xMetres, yMetres }) =>
    Math.max(1, Math.round(Math.hypot(xMetres - middle.xMetres, yMetres - middle.yMetres))),
  );
}
