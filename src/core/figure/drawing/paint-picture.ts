import { bodyOf } from '../body/contacts';
import { boxOf, movedBy, thenMark } from './boxes';
import { besideOther } from './other-pose';
import type { Figure } from '../../model/figure';
import type { Look } from './looks';
import { farthest, momentAt, momentOfKey, type Moment } from '../motion/motion';
import type { Picture, Stroke } from './picture';
import { mirroredPose } from '../../model/pose';
import type { Drawing, FigurePart, Paint, Shape } from './figure-shape';
import { partsOf } from './figure-parts';

/** What a picture is painted with: every paint its colour, and that of outlines. */
export type Paints = Readonly<Record<Paint | 'outline', string>>;

/** The ink of faces and of outlines on paper. */
const INK = '#26313a';

/** What is not painted at all. */
export const NONE = 'none';

/** The colours of a look; how outlines, marks and shadows look is the surface's. */
export const paintsOf = (
  look: Look,
  { outline = INK, mark = '#5d7686', shade = '#dfe3e2' } = {},
): Paints => ({ ...look.paints, ink: INK, seam: NONE, hatch: NONE, outline, mark, shade });

/** Nothing but lines: everything white within its outline, for a printer that is to save ink. */
export const LINE_PAINTS: Paints = {
  skin: '#ffffff',
  top: '#ffffff',
  bottom: '#ffffff',
  shoe: '#ffffff',
  hair: '#ffffff',
  cheek: '#ffffff',
  ink: INK,
  seam: INK,
  hatch: INK,
  outline: INK,
  mark: INK,
  shade: '#ffffff',
  prop: '#ffffff',
  'prop light': '#ffffff',
  'prop dark': '#ffffff',
};

/** Half of an outline lies within the shape. */
export const OUTLINE = 0.026;

/**
 * The box that a figure keeps within in all of its loop, in heights: left, top, right, bottom. What fades may
 * go out of it.
 */
export function boundsOf(figure: Figure): readonly [number, number, number, number] {
  const boxes = Array.from({ length: 24 }, (_, n) =>
    boxOf(partsOf(momentAt(figure, n / 24)).filter(({ seen = 1 }) => seen === 1)),
  );
  const side = (n: 0 | 1 | 2 | 3) => boxes.map((box) => box[n]);
  return [Math.min(...side(0)), Math.min(...side(1)), Math.max(...side(2)), Math.max(...side(3))];
}

/** Where the figure's ground is in a picture, and how large its height is drawn. */
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

/** What has no outline of its own within its part: eyes, cheeks, stripes. */
export const isDetail = (one: Paint): boolean =>
  one === 'ink' || one === 'cheek' || one === 'prop light' || one === 'seam' || one === 'hatch';

/** Parts as strokes of a picture, at a place and a scale. */
export function strokesOfParts(
  parts: readonly FigurePart[],
  paints: Paints,
  place: Place,
): readonly Stroke[] {
  return parts.flatMap(({ outlined, shapes }) => [
    ...(outlined
      ? shapes
          .filter((shape) => !isDetail(shape.paint))
          .map((shape) => strokesOf(shape, place, paints.outline, OUTLINE))
      : []),
    ...shapes
      .filter((shape) => paints[shape.paint] !== NONE)
      .map((shape) => strokesOf(shape, place, paints[shape.paint], 0)),
  ]);
}

/** The height of a picture, and how wide one of several poses may be. */
const HEIGHT = 24;
const WIDEST = 22;
/** Between poses, in heights of the figure. */
const GAP = 0.16;
/** A figure is never larger than this, so that a crouching one is smaller than a standing one. */
const LARGEST = HEIGHT / 1.05;

/** Poses nearer than this to one that is shown say nothing new, in heights. */
const NEW = 0.13;

/**
 * The key poses that tell most, in their order, `most` of them at the most: the best one, then what
 * differs most from those that are chosen. A pose and its mirror image are the same.
 */
export function tellingKeys(figure: Figure, most: number): readonly number[] {
  if (most === 1) return [figure.best];
  const bodies = figure.keys.map(({ pose }) => [bodyOf(pose), bodyOf(mirroredPose(pose))] as const);
  // Rounded, so that of two that are alike the first is taken, whatever the last digits are.
  const apart = (a: number, b: number) => {
    const [one, [other, mirrored]] = [bodies[a]![0], bodies[b]!];
    return Math.round(Math.min(farthest(one, other), farthest(one, mirrored)) * 1e6) / 1e6;
  };
  const chosen = [figure.best];
  while (chosen.length < most) {
    const rest = figure.keys
      .map((_, key) => ({ key, far: Math.min(...chosen.map((one) => apart(key, one))) }))
      .sort((a, b) => b.far - a.far || a.key - b.key)[0];
    if (!rest || rest.far < NEW) break;
    chosen.push(rest.key);
  }
  return chosen.sort((a, b) => a - b);
}

const nothing = (): readonly FigurePart[] => [];
type Joint = typeof thenMark;

type Poses = readonly (readonly FigurePart[])[];

/** Side by side on one ground. */
function inRow(poses: Poses, joint: Joint): readonly FigurePart[] {
  let at = 0;
  return poses.flatMap((parts, n): readonly FigurePart[] => {
    const [left, , right] = boxOf(parts);
    const put = movedBy(parts, at - left, 0);
    at += right - left + GAP;
    return n < poses.length - 1 ? [...put, ...joint([at - GAP / 2, -0.28], false)] : put;
  });
}

/** One below the other, each on a ground of its own. */
function inColumn(poses: Poses, joint: Joint): readonly FigurePart[] {
  let at = 0;
  return poses.flatMap((parts, n): readonly FigurePart[] => {
    const [left, top, right, bottom] = boxOf(parts);
    const put = movedBy(parts, -(left + right) / 2, at - top);
    at += bottom - top + GAP;
    return n < poses.length - 1 ? [...put, ...joint([0, at - GAP / 2], true)] : put;
  });
}

/** How large parts can be drawn in a box of so many units. */
function scaleIn(parts: readonly FigurePart[], width: number, height: number): number {
  const [left, top, right, bottom] = boxOf(parts);
  return Math.min(
    LARGEST,
    (width - 0.4) / (right - left + OUTLINE),
    (height - 0.4) / (bottom - top + OUTLINE),
  );
}

/** `together`: they are done at the same time, and not one after the other. */
type PictureDrawing = Drawing & Readonly<{ aspect?: number; together?: boolean }>;

/**
 * Moments as a picture of 24 units in height: side by side on one ground, as wide as they are; or, for
 * a box of an `aspect` (its width over its height), as that fills it best, also one below the other.
 */
export function pictureOfMoments(
  moments: readonly Moment[],
  paints: Paints,
  { aspect, together = false, ...drawing }: PictureDrawing = {},
): Picture {
  const poses =
    moments.length === 1
      ? [besideOther(moments[0]!, drawing)]
      : moments.map((moment) => partsOf(moment, drawing));
  const most = aspect === undefined ? WIDEST * moments.length : HEIGHT * aspect;
  const layouts = aspect === undefined ? [inRow] : [inRow, inColumn];
  const laid = layouts
    .map((layOut) => layOut(poses, together ? nothing : thenMark))
    .map((parts) => ({ parts, scale: scaleIn(parts, most, HEIGHT) }));
  const { parts, scale } = laid.reduce((best, one) => (one.scale > best.scale ? one : best));
  const [left, top, right, bottom] = boxOf(parts);
  const single =
    moments.length === 1 ? HEIGHT : Math.min(most, (right - left + OUTLINE) * scale + 0.6);
  const width = aspect === undefined ? single : most;
  const place = {
    scale,
    x: width / 2 - ((left + right) / 2) * scale,
    y: HEIGHT / 2 - ((top + bottom) / 2) * scale,
  };
  return { width, height: HEIGHT, strokes: strokesOfParts(parts, paints, place) };
}

/** A figure's most telling poses as a picture; `poses` from 1. */
export const pictureOfFigure = (
  figure: Figure,
  poses: number,
  paints: Paints,
  drawing: PictureDrawing = {},
): Picture =>
  pictureOfMoments(
    tellingKeys(figure, poses).map((key) => momentOfKey(figure, key)),
    paints,
    drawing,
  );

/** Figures that are done at the same time, each in its best pose. */
export const pictureTogether = (
  figures: readonly Figure[],
  paints: Paints,
  drawing: PictureDrawing = {},
): Picture =>
  pictureOfMoments(
    figures.map((figure) => momentOfKey(figure, figure.best)),
    paints,
    { ...drawing, together: true },
  );
