import type { Picture, Stroke } from '../print/pictures';
import type { Look } from './looks';
import type { Moment } from './motion';
import { partsOf, type Drawing, type Paint, type Part, type Shape } from './shapes';

/** What a picture is painted with: every paint its colour. */
export type Paints = Readonly<Record<Paint, string>>;

export const INK = '#26313a';

/** The colours of a look on paper or on the page. */
export const paintsOf = (
  look: Look,
  { ink = INK, mark = '#5d7686', shade = '#00000022' } = {},
) => ({
  ...look.paints,
  ink,
  mark,
  shade,
});

/** Nothing but lines: everything white within its outline, for a printer that is to save ink. */
export const LINE_PAINTS: Paints = {
  skin: '#ffffff',
  top: '#ffffff',
  bottom: '#ffffff',
  shoe: '#ffffff',
  hair: '#ffffff',
  cheek: '#ffffff',
  ink: INK,
  mark: INK,
  shade: '#ffffff',
  prop: '#ffffff',
  'prop light': '#ffffff',
  'prop dark': '#ffffff',
};

/** Half of an outline lies within the shape. */
export const OUTLINE = 0.026;

/** The smallest box around parts, in heights: left, top, right, bottom. */
export function boxOf(parts: readonly Part[]): readonly [number, number, number, number] {
  const xs: number[] = [];
  const ys: number[] = [];
  for (const { shapes } of parts)
    for (const shape of shapes) {
      if (shape.kind === 'oval') {
        xs.push(shape.at[0] - shape.rx, shape.at[0] + shape.rx);
        ys.push(shape.at[1] - shape.ry, shape.at[1] + shape.ry);
      } else {
        for (const [x, y] of shape.points) {
          xs.push(x - shape.width / 2, x + shape.width / 2);
          ys.push(y - shape.width / 2, y + shape.width / 2);
        }
      }
    }
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}

export type Place = Readonly<{ scale: number; x: number; y: number }>;

function strokesOf(shape: Shape, { scale, x, y }: Place, color: string, grow: number): Stroke {
  const number = (value: number) => Math.round(value * 1000) / 1000;
  const px = (value: number) => number(value * scale + x);
  const py = (value: number) => number(value * scale + y);
  if (shape.kind === 'oval') {
    return [
      'ellipse',
      {
        cx: px(shape.at[0]),
        cy: py(shape.at[1]),
        rx: number((shape.rx + grow / 2) * scale),
        ry: number((shape.ry + grow / 2) * scale),
        fill: color,
        stroke: 'none',
      },
    ];
  }
  const d = shape.points.map(([a, b], n) => `${n === 0 ? 'M' : 'L'}${px(a)} ${py(b)}`).join('');
  const area = shape.kind === 'area';
  return [
    'path',
    {
      d: area ? `${d}Z` : d,
      fill: area ? color : 'none',
      stroke: color,
      'stroke-width': number((shape.width + grow) * scale),
    },
  ];
}

/** Parts as strokes in a picture's square of 24 by 24, at a place and a scale. */
export function paint(parts: readonly Part[], paints: Paints, place: Place): Picture {
  return parts.flatMap(({ outlined, shapes }) => [
    ...(outlined
      ? shapes
          .filter(({ paint: one }) => one !== 'ink' && one !== 'cheek' && one !== 'prop light')
          .map((shape) => strokesOf(shape, place, paints.ink, OUTLINE))
      : []),
    ...shapes.map((shape) => strokesOf(shape, place, paints[shape.paint], 0)),
  ]);
}

/** Where parts fill a square of 24 by 24 from its middle, as large as they may be. */
export function fitted(parts: readonly Part[], most = 24 / 1.12): Place {
  const [left, top, right, bottom] = boxOf(parts);
  const scale = Math.min(most, 23.4 / (right - left + OUTLINE), 23.4 / (bottom - top + OUTLINE));
  return {
    scale,
    x: 12 - ((left + right) / 2) * scale,
    y: 12 - ((top + bottom) / 2) * scale,
  };
}

/** A moment as a picture. */
export function pictureOfMoment(moment: Moment, paints: Paints, drawing: Drawing = {}): Picture {
  const parts = partsOf(moment, drawing);
  return paint(parts, paints, fitted(parts));
}
