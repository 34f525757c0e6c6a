import type { Camera, Spot } from './camera';
import type { Mood } from './moods';
import type { Vec } from '../body/vec';

/** What a shape is painted as; a look gives each its colour. */
export type Paint =
  | 'skin'
  | 'top'
  | 'bottom'
  | 'shoe'
  | 'hair'
  | 'cheek'
  | 'ink'
  /** Between two parts of one colour, where there is nothing but lines. */
  | 'seam'
  /** Lines within hair and shoes, where there is nothing but lines. */
  | 'hatch'
  | 'mark'
  | 'shade'
  | 'prop'
  | 'prop light'
  | 'prop dark';

export type Point = readonly [x: number, y: number];

/** Simple shapes, in heights of the figure, y down, the ground under the figure at 0. */
export type Shape =
  | Readonly<{ kind: 'stroke'; points: readonly Point[]; width: number; paint: Paint }>
  | Readonly<{
      kind: 'area';
      points: readonly Point[];
      /** How round the edge is: half of it lies outside the points. */
      width: number;
      paint: Paint;
    }>
  | Readonly<{ kind: 'oval'; at: Point; rx: number; ry: number; paint: Paint }>;

/** Shapes that are one thing: outlined together, in front of what is farther. */
export type FigurePart = Readonly<{
  depth: number;
  outlined: boolean;
  shapes: readonly Shape[];
  /** How well it's seen, 0 to 1, where it fades; wholly where nothing is said. */
  seen?: number;
}>;

export type Hair = 'short' | 'curls' | 'tail' | 'bun' | 'plaits' | 'scarf';

/** What of somebody's looks has a shape. */
export type Build = Readonly<{ hair: Hair; seat: 'chair' | 'wheelchair' }>;

export type Drawing = Readonly<{
  flip?: boolean;
  build?: Build;
  /** How far it has come in a tenth of a second, in heights: hair and hem come after. Nothing where it stands. */
  sway?: Vec;
  /** What the face says; gladness where nothing is said. */
  mood?: Mood;
  /** Small pictures have no face, and no marks but the most needed. */
  small?: boolean;
}>;

export const flat = ({ x, y }: Spot): Point => [x, y];

/** A line through places, as it is seen. */
export const strokeOf = (
  see: Camera,
  places: readonly Vec[],
  width: number,
  paint: Paint,
): Shape => ({ kind: 'stroke', points: places.map((place) => flat(see(place))), width, paint });
