/** A box around its middle, in radii of the wheel. */
export type WheelBox = Readonly<{ x: number; y: number; width: number; height: number }>;

/** A sector of a wheel of radius 1 with its middle at 0, y down. */
export type WheelSector = Readonly<{
  /** Which of the entries it stands for. */
  index: number;
  /** Its outline, as an SVG path. */
  path: string;
  /** Where its picture is, near the rim, and whether there is room for several poses there. */
  picture: WheelBox;
  isWide: boolean;
  /** Where its name is, between the hub and the picture. */
  name: WheelBox;
  /** How far its middle is turned from the top, clockwise, 0 to 1. */
  turn: number;
  /** The same with its middle at the top, where a wheel of paper is read: the name inside the sector. */
  upright: Readonly<{ picture: WheelBox; name: WheelBox }>;
}>;

/** In a sector that is read at the top: the picture near the rim, the name below it where it is still wide. */
const UPRIGHT = { picture: 0.74, name: 0.43 } as const;
const PICTURE_AT = 0.72;
const NAME_AT = 0.32;
/** The least width of a name, in radii. */
const NAME_LEAST = 0.136;
/** The largest picture, and the widest row of poses. */
const PICTURE_MOST = 0.432;
const POSES_MOST = 0.455;

const rounded = (n: number) => Math.round(n * 1e4) / 1e4;
const on = (radius: number, turn: number) =>
  [radius * Math.sin(turn * 2 * Math.PI), -radius * Math.cos(turn * 2 * Math.PI)] as const;

/** From the middle to the rim and back; the whole wheel where there is nothing beside it. */
function outline(from: number, share: number): string {
  if (share > 0.999) return 'M-1 0A1 1 0 1 1 1 0A1 1 0 1 1-1 0Z';
  const point = (turn: number) => on(1, turn).map(rounded).join(' ');
  return `M0 0L${point(from)}A1 1 0 ${share > 0.5 ? 1 : 0} 1 ${point(from + share)}Z`;
}

function sectorAt(index: number, from: number, share: number): WheelSector {
  const middle = from + share / 2;
  /** How wide the sector is at a radius; a wide one is no wider than nearly half a turn. */
  const chord = (radius: number) => 2 * radius * Math.sin(Math.PI * Math.min(share, 0.45));
  const size = Math.min(PICTURE_MOST, chord(0.78) * 0.62);
  const wide = chord(0.74) * 0.72;
  const isWide = wide > size * 1.7;
  const pictureWide = isWide ? Math.min(wide, POSES_MOST) : size;
  const [px, py] = on(PICTURE_AT, middle);
  const [nx, ny] = on(NAME_AT, middle);
  const between = 2 * (PICTURE_AT - size / 2 - NAME_AT);
  return {
    index,
    path: outline(from, share),
    picture: { x: px, y: py, width: pictureWide, height: size },
    isWide,
    name: {
      x: nx,
      y: ny,
      width: Math.max(NAME_LEAST, Math.min(between, chord(NAME_AT) * 0.9)),
      height: between,
    },
    turn: middle,
    upright: {
      picture: { x: 0, y: -UPRIGHT.picture, width: pictureWide, height: size },
      name: {
        x: 0,
        y: -UPRIGHT.name,
        width: Math.max(NAME_LEAST, chord(UPRIGHT.name - 0.05) * 0.86),
        height: 0.2,
      },
    },
  };
}

/** Sectors as wide as their weights, from the top clockwise; one without weight has none. */
export function wheelSectors(weights: readonly number[]): readonly WheelSector[] {
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  let turn = 0;
  return weights.flatMap((weight, index) => {
    const share = all > 0 ? weight / all : 1 / weights.length;
    const from = turn;
    turn += share;
    return share === 0 ? [] : [sectorAt(index, from, share)];
  });
}
