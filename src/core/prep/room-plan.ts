import { deviceFile } from '../devices';
import type { Adventure } from '../document/adventure';
import { drawsOf } from '../document/beats-of';
import { childrenIn, WALLS, type RoomMark, type Setting, type Wall } from '../model/setting';
import { movesUsed } from '../document/moves-used';
import { atOnce, SPOT_METRES } from '../room/how-many';
import {
  clearFloor,
  FINISH_BEFORE_WALL_METRES,
  placesFor,
  putByHand,
  type ClearFloor,
  type Spot,
} from '../room/spots';

/** The leader and the screen stand this far into the clear floor. Our own judgement. */
const FROM_FRONT_METRES = 0.6;

/** A mark on the plan; `n` counts the called places from 1, and is 0 for the others. */
export type PlanMark = Readonly<{ kind: RoomMark['kind']; name: string; n: number; at: Spot }>;

/** Lanes side by side: the lines between them run along `axis`, and end at `finish`. */
export type Lanes = Readonly<{
  axis: 'length' | 'width';
  /** Where each line is, across the lanes, in metres from the middle of the room. */
  lines: readonly number[];
  /** Start and finish line, along the lanes. */
  start: number;
  finish: number;
}>;

/** The room from above, in metres from its middle, the leader at the front. */
export type RoomPlan = Readonly<{
  lengthMetres: number;
  widthMetres: number;
  clear: ClearFloor;
  strips: readonly Readonly<{ wall: Wall; metres: number }>[];
  marks: readonly PlanMark[];
  /** Where children stand for moves on the spot: as many as are there, or as fit. */
  children: readonly Spot[];
  /** Null where no move needs them, or where there is no room for them. */
  lanes: Lanes | null;
}>;

/** The names of the places that are called, each once, in the order of the script. */
export function calledPlaces(adventure: Pick<Adventure, 'chapters'>): readonly string[] {
  const names = new Map<string, string>();
  for (const { device, entries } of drawsOf(adventure)) {
    if (!deviceFile(device).isPlaces) continue;
    for (const { label } of entries) {
      const name = label.trim();
      if (name && !names.has(name.toLowerCase())) names.set(name.toLowerCase(), name);
    }
  }
  return [...names.values()];
}

/** So many along a side, an arm and a step apart, around its middle. */
function inRow(count: number, middle: number): number[] {
  return Array.from({ length: count }, (_, n) => middle + (n - (count - 1) / 2) * SPOT_METRES);
}

/** Rows from the front, each as long as it must be, the last one with the rest of them. */
function standing(floor: ClearFloor, children: number): readonly Spot[] {
  const across = Math.floor(floor.lengthMetres / SPOT_METRES);
  const count = Math.min(children, atOnce('spot', floor));
  if (count <= 0) return [];
  const rows = Math.ceil(count / across);
  return inRow(rows, floor.middle.yMetres)
    .reverse()
    .flatMap((yMetres, row) => {
      const inThis = Math.min(across, count - row * across);
      return inRow(inThis, floor.middle.xMetres).map((xMetres) => ({ xMetres, yMetres }));
    });
}

function lanesIn(floor: ClearFloor, children: number): Lanes | null {
  const count = Math.min(children, atOnce('lane', floor));
  if (count === 0) return null;
  const along = floor.lengthMetres >= floor.widthMetres ? 'length' : 'width';
  const [long, short] = [floor.lengthMetres, floor.widthMetres].sort((a, b) => b - a);
  const { xMetres, yMetres } = floor.middle;
  const [middle, across] = along === 'length' ? [xMetres, yMetres] : [yMetres, xMetres];
  const width = short! / count;
  return {
    axis: along,
    lines: Array.from({ length: count + 1 }, (_, n) => across - short! / 2 + n * width),
    start: middle - long! / 2,
    finish: middle + long! / 2 - FINISH_BEFORE_WALL_METRES,
  };
}

/** The floor that children stand on: behind the line where lanes end, where there are lanes. */
function behindFinish(floor: ClearFloor, lanes: Lanes | null): ClearFloor {
  if (!lanes) return floor;
  const long = lanes.finish - lanes.start;
  const at = (lanes.start + lanes.finish) / 2;
  return lanes.axis === 'length'
    ? { ...floor, lengthMetres: long, middle: { ...floor.middle, xMetres: at } }
    : { ...floor, widthMetres: long, middle: { ...floor.middle, yMetres: at } };
}

/**
 * The plan of a room for an adventure: what is kept clear, where the leader, the screen and the called
 * places are (by hand, else where they usually are), where children stand, and their lanes.
 */
export function roomPlan(adventure: Adventure, setting: Setting = adventure.setting): RoomPlan {
  const { room } = setting;
  const clear = clearFloor(room);
  const children = childrenIn(setting);
  const spaces = new Set(movesUsed(adventure).map(({ space }) => space));
  const names = calledPlaces(adventure);
  const spots = placesFor(room, names);
  const lanes = spaces.has('lane') ? lanesIn(clear, children) : null;
  const front = clear.middle.yMetres + clear.widthMetres / 2 - FROM_FRONT_METRES;
  const usual = {
    leader: { xMetres: clear.middle.xMetres, yMetres: front },
    screen: {
      xMetres:
        clear.middle.xMetres +
        Math.min(clear.lengthMetres / 4, Math.max(1.2, clear.lengthMetres / 8)),
      yMetres: front,
    },
  };
  return {
    lengthMetres: room.lengthMetres,
    widthMetres: room.widthMetres,
    clear,
    strips: WALLS.flatMap((wall) =>
      room.noGoMetres[wall] > 0 ? [{ wall, metres: room.noGoMetres[wall] }] : [],
    ),
    marks: [
      ...(['leader', 'screen'] as const).map((kind): PlanMark => {
        const at = putByHand(room.marks, kind) ?? usual[kind];
        return { kind, name: '', n: 0, at };
      }),
      ...names.map((name, n): PlanMark => ({ kind: 'place', name, n: n + 1, at: spots[n]! })),
    ],
    children: standing(behindFinish(clear, lanes), children),
    lanes,
  };
}

const within = (at: number, side: number) =>
  Math.round(Math.min(side / 2, Math.max(-side / 2, at)) * 10) / 10;

/** The setting with a mark put where it is wanted, to 10 cm, and never through a wall. */
export function putMark(
  setting: Setting,
  { kind, name }: Pick<RoomMark, 'kind' | 'name'>,
  { xMetres, yMetres }: Spot,
): Setting {
  const { room } = setting;
  const mark: RoomMark = {
    kind,
    name,
    xMetres: within(xMetres, room.lengthMetres),
    yMetres: within(yMetres, room.widthMetres),
  };
  const before = putByHand(room.marks, kind, name);
  const marks = [...room.marks.filter((one) => one !== before), mark].slice(-80);
  return { ...setting, room: { ...room, marks } };
}
