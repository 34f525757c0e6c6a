import { figureOfMove, type LookChoice, type Move, type MoveBook } from '$core';
import { paintLiving } from '$lib/figures/living-figure';
import { screenPicture } from '$lib/pictures/move-pictures';
import { onScreen } from '$lib/pictures/screen-paints';
import type { Shown } from '$lib/stage/companions';
import { shapeOfDoing, type DoingShape } from '$lib/stage/scene/doing-shape';
import { ARROWS } from '$lib/stage/scene/outlines';
import type { SceneParts } from '$lib/stage/scene/scene-parts';
import {
  across,
  centred,
  clamped,
  down,
  inside,
  middleOf,
  mixed,
  paintBorder,
  paintFitted,
  paintLine,
  paintOutlined,
  paintPicture,
  typeOf,
  type Box,
  type Brush,
  type FilmPaints,
} from './brush';
import { paintCount } from './paint-count';
import { paintThing } from './paint-things';

/** What a scene is painted from and with. */
export type DoingScene = Readonly<{
  brush: Brush;
  paints: FilmPaints;
  shown: Shown;
  parts: SceneParts;
  book: MoveBook;
  look: LookChoice;
  intoSeconds: number;
  /** One hundredth of the shorter side of the place that it is in. */
  parent: number;
  /** Pixels of the film to a unit of the page. */
  sharp: number;
}>;

const TURN = 2 * Math.PI;

function paintArrow({ brush, paints }: DoingScene, side: 'left' | 'right', box: Box): void {
  brush.save();
  brush.translate(box.x, box.y);
  brush.scale(box.height / 80, box.height / 80);
  const how = { fill: paints.lamp, stroke: paints.ink, width: 4 };
  paintOutlined(brush, new Path2D(ARROWS[side]), how);
  brush.restore();
}

const easel = new Map<string, OffscreenCanvasRenderingContext2D>();

/** A figure is painted on a sheet of its own, which the living figure wipes first. */
function sheetOf(width: number, height: number) {
  const key = `${width} ${height}`;
  const known = easel.get(key);
  if (known) return known;
  if (easel.size > 12) easel.clear();
  const made = new OffscreenCanvas(width, height).getContext('2d')!;
  easel.set(key, made);
  return made;
}

function paintFigure(scene: DoingScene, move: Move, flip: boolean, box: Box): void {
  const { brush, paints, shown, look, sharp, intoSeconds } = scene;
  if (!figureOfMove(move)) {
    const sizePx = box.height * sharp;
    const aspect = box.width / box.height;
    const picture = screenPicture(move, { poses: 2, sizePx, aspect, look, mode: 'light' });
    paintPicture(brush, picture, box, { stroke: paints.ink, width: 2 });
    return;
  }
  const [width, height] = [Math.round(box.width * sharp), Math.round(box.height * sharp)];
  if (width < 1 || height < 1) return;
  const sheet = sheetOf(width, height);
  const { secondsPerRep, held, elapsed } = shown;
  const drawn = { move, secondsPerRep, held, flip };
  const child = onScreen(look, move.id, 'light');
  paintLiving(sheet, [width, height], drawn, elapsed ?? intoSeconds, child);
  brush.drawImage(sheet.canvas, box.x, box.y, box.width, box.height);
}

/** Figures side by side, signs and arrows beside them, and what was drawn. */
function paintSeen(scene: DoingScene, shape: DoingShape, box: Box): void {
  const { brush, paints, shown, parts, book, look } = scene;
  const { moves, things, beat, sum } = parts;
  const gap = 2 * scene.parent;
  const high = box.height;
  type Item = Readonly<{ width: number | null; paint: (at: Box) => void }>;
  const items: Item[] = [];
  const arrowHigh = clamped(40, 20 * scene.parent, 144);
  const arrow = (side: 'left' | 'right'): Item => ({
    width: (arrowHigh * 60) / 80,
    paint: (at) => paintArrow(scene, side, centred(at, at.width, arrowHigh)),
  });
  if (shown.side === 'left') items.push(arrow('left'));
  const { sign } = shape;
  if (sign && shape.signShown) {
    const [share, most] = moves.length > 0 ? [0.34, 0.24] : [0.62, 0.45];
    const side = Math.min(high * share, box.width * most);
    items.push({
      width: side,
      paint: (at) =>
        paintPicture(brush, sign, centred(at, side, side), { stroke: paints.water, width: 1.5 }),
    });
  }
  if (moves.length > 0) {
    items.push({
      width: null,
      paint: (at) => {
        const places = across(
          at,
          moves.map(() => 1),
          0,
        );
        moves.forEach((move, n) => paintFigure(scene, move, n === 0 && shown.flip, places[n]!));
      },
    });
  }
  if (beat && things.length > 0) {
    items.push({
      width: box.width * 0.3,
      paint: (at) => {
        const room = centred(at, at.width, Math.min(at.height, 52 * scene.parent));
        const small = clamped(24, 5.5 * scene.parent, 52);
        const below = sum ? small + 1.5 * scene.parent : 0;
        const each = { ...room, height: room.height - below };
        const places = down(
          each,
          things.map(() => 1),
          1.5 * scene.parent,
        );
        const lying = { brush, paints, beat, book, look, fallSeconds: null };
        things.forEach((thing, n) => paintThing(lying, thing, places[n]!));
        if (!sum) return;
        brush.font = typeOf('heading', 700, small);
        brush.fillStyle = paints.ink;
        brush.textAlign = 'center';
        paintLine(brush, sum.done, room.x + room.width / 2, room.y + room.height - small / 2);
      },
    });
  }
  if (shown.side === 'right') items.push(arrow('right'));
  const fixed = items.reduce((all, { width }) => all + (width ?? 0), 0);
  const free = Math.max(0, box.width - fixed - gap * (items.length - 1));
  const grows = items.some(({ width }) => width === null);
  let x = box.x + (grows ? 0 : free / 2);
  for (const { width, paint } of items) {
    const wide = width ?? free;
    paint({ x, y: box.y, width: wide, height: high });
    x += wide + gap;
  }
}

/** A ground for each kind of moment, behind everything. */
function paintGround({ brush, paints, shown }: DoingScene, box: Box): void {
  const { moment } = shown;
  const bottom = (share: number): Box => ({
    ...box,
    y: box.y + box.height * (1 - share),
    height: box.height * share,
  });
  const hill = (at: Box, rx: number, colour: string) => {
    brush.save();
    brush.beginPath();
    brush.rect(at.x, at.y, at.width, at.height);
    brush.clip();
    brush.beginPath();
    brush.ellipse(at.x + at.width / 2, at.y + at.height, rx, at.height, 0, 0, TURN);
    brush.fillStyle = colour;
    brush.fill();
    brush.restore();
  };
  if (moment === 'rest') {
    hill(bottom(0.62), box.width / 2, mixed(paints['cool-down'], 32, paints.page));
  } else if (moment === 'calm') {
    hill(bottom(0.55), box.width * 0.7, mixed(paints.calm, 34, paints.page));
  } else if (moment === 'drink') {
    const glass = bottom(clamped(0, shown.share, 1));
    brush.fillStyle = mixed(paints.drink, 34, paints.page);
    brush.fillRect(glass.x, glass.y, glass.width, glass.height);
    brush.fillStyle = paints.water;
    brush.fillRect(glass.x, glass.y, glass.width, Math.min(6, glass.height));
  }
}

/** What stands round the figures for some moments: a disc of light, dashed lines at both sides. */
function paintRound({ brush, paints, shown, parent }: DoingScene, box: Box): Box {
  if (shown.moment === 'show') {
    brush.beginPath();
    brush.ellipse(...middleOf(box), (box.width / 2) * 0.965, (box.height / 2) * 0.965, 0, 0, TURN);
    brush.fillStyle = mixed(paints.lamp, 55, paints.page);
    brush.fill();
    return box;
  }
  if (shown.moment !== 'swap' && shown.moment !== 'change') return box;
  const edge = clamped(6, 1.4 * parent, 14);
  brush.strokeStyle = paints.water;
  brush.lineWidth = edge;
  brush.setLineDash([edge * 2, edge]);
  for (const x of [box.x + edge / 2, box.x + box.width - edge / 2]) {
    brush.beginPath();
    brush.moveTo(x, box.y);
    brush.lineTo(x, box.y + box.height);
    brush.stroke();
  }
  brush.setLineDash([]);
  return inside(box, edge + 2 * parent, 0);
}

/** The place within its border and padding. */
function framed({ brush, paints, shown, parent }: DoingScene, box: Box): Box {
  const padded = (one: Box) => inside(one, 3 * parent, 1.5 * parent);
  switch (shown.moment) {
    case 'hold': {
      const edge = clamped(10, 2.4 * parent, 24);
      paintBorder(brush, box, edge, paints.ink);
      return padded(inside(box, edge));
    }
    case 'setup': {
      const edge = clamped(4, parent, 10);
      paintBorder(brush, box, edge, paints.water, { dashed: true });
      return inside(box, edge + parent);
    }
    case 'rest':
    case 'drink':
    case 'calm':
      return padded(box);
    default:
      return box;
  }
}

function nameShares({ counted, pictured, wordy }: DoingShape): readonly [number, number] {
  if (wordy && counted) return [13, 11];
  if (wordy && pictured) return [7, 5];
  return [4, 7];
}

/** Something is shown, begun, done or rested from: name, figure and count, as on the children's screen. */
export function paintDoing(scene: DoingScene, box: Box): void {
  const { brush, paints, shown, parts } = scene;
  const shape = shapeOfDoing(shown, shown.main, parts.moves);
  paintGround(scene, box);
  const place = framed(scene, box);
  const words = { most: 150, fill: paints.ink };
  if (!shape.pictured && !shape.counted) {
    paintFitted(brush, shown.main, place, words);
    return;
  }
  const [name, rest] = down(place, nameShares(shape), 1.5 * scene.parent);
  paintFitted(brush, shown.main, name!, words);
  if (!shape.pictured) return paintCount(brush, paints, shown, shape.count, rest!);
  if (!shape.counted) return paintSeen(scene, shape, paintRound(scene, rest!));
  const shares = shown.moment === 'count-in' ? [1, 2] : [11, 9];
  const [seen, counter] = across(rest!, shares, 3 * scene.parent);
  paintSeen(scene, shape, paintRound(scene, seen!));
  paintCount(brush, paints, shown, shape.count, counter!);
}
