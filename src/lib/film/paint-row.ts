import type { Shown } from '$lib/stage/companions';
import {
  paintBorder,
  paintLine,
  fillBox,
  typeOf,
  type Box,
  type Brush,
  type FilmPaints,
} from './brush';

type Item = Readonly<{ width: number; height: number; paint: (x: number, y: number) => void }>;

/** As the page's larger type is set. */
const PIP_WORDS = { size: 25.6, line: 36.4 } as const;
const PIP = 20;
const PIP_GAP = 6;
/** More of them are told in words alone, as on the Stage. */
const MOST_PIPS = 10;
const GAP = 24;
const LEADING = 1.1;

function words(
  brush: Brush,
  paints: FilmPaints,
  text: string,
  size: number,
  weight: number,
  height = size * LEADING,
): Item {
  const font = typeOf('text', weight, size);
  brush.font = font;
  return {
    width: brush.measureText(text).width,
    height,
    paint: (x, y) => {
      brush.font = font;
      brush.fillStyle = paints.ink;
      brush.textAlign = 'left';
      paintLine(brush, text, x, y);
    },
  };
}

/** Where we are of how many: filled, now, to come. */
function pips(brush: Brush, paints: FilmPaints, word: string, n: number, of: number): Item {
  const { size, line } = PIP_WORDS;
  const told = words(brush, paints, `${word} ${n} of ${of}`, size, 600, line);
  if (of > MOST_PIPS) return told;
  return {
    width: told.width + 12 + of * PIP + (of - 1) * PIP_GAP,
    height: line,
    paint: (x, y) => {
      told.paint(x, y);
      for (let k = 0; k < of; k += 1) {
        const isNow = k === n - 1;
        const side = isNow ? PIP * 1.25 : PIP;
        const middle = x + told.width + 12 + k * (PIP + PIP_GAP) + PIP / 2;
        const at = { x: middle - side / 2, y: y - side / 2, width: side, height: side };
        const radius = isNow ? side * 0.3 : side / 2;
        fillBox(brush, at, radius, isNow ? paints.lamp : k < n - 1 ? paints.ink : paints.page);
        paintBorder(brush, at, 3, paints.ink, { radius });
      }
    },
  };
}

function turn(brush: Brush, paints: FilmPaints, text: string, size: number): Item {
  const told = words(brush, paints, text, size, 750);
  const [pad, high] = [20, size * LEADING + 6];
  return {
    width: told.width + 2 * pad + 6,
    height: high,
    paint: (x, y) => {
      const at = { x, y: y - high / 2, width: told.width + 2 * pad + 6, height: high };
      paintBorder(brush, at, 3, paints.ink, { radius: high / 2 });
      told.paint(x + pad + 3, y);
    },
  };
}

function itemsOf(brush: Brush, paints: FilmPaints, shown: Shown, size: number): readonly Item[] {
  const items: Item[] = [];
  const { turn: child, go, set, round, left, roundWord } = shown;
  if (child) items.push(turn(brush, paints, `Child ${child.n} of ${child.of}`, size));
  if (go) items.push(pips(brush, paints, 'Group', go.n, go.of));
  if (set) items.push(pips(brush, paints, 'Set', set.n, set.of));
  if (round && left !== null) {
    const told = left === 0 ? 'all have come' : `${left} still to come`;
    const nth = words(brush, paints, `${roundWord} ${round.n}`, size, 700);
    const rest = words(brush, paints, ` · ${told}`, size, 400);
    items.push({
      width: nth.width + rest.width,
      height: nth.height,
      paint: (x, y) => {
        nth.paint(x, y);
        rest.paint(x + nth.width, y);
      },
    });
  } else if (round) items.push(pips(brush, paints, roundWord, round.n, round.of));
  return items;
}

/** Child, group, set and round over the scene, in as many lines as they need. Returns its height. */
export function paintRow(
  brush: Brush,
  paints: FilmPaints,
  shown: Shown,
  box: Box,
  { size, least }: Readonly<{ size: number; least: number }>,
): number {
  const lines: Item[][] = [[]];
  const wide = (line: readonly Item[]) =>
    line.reduce((all, { width }) => all + width, GAP * Math.max(0, line.length - 1));
  for (const item of itemsOf(brush, paints, shown, size)) {
    if (wide([...lines.at(-1)!, item]) > box.width && lines.at(-1)!.length > 0) lines.push([]);
    lines.at(-1)!.push(item);
  }
  let top = box.y;
  for (const line of lines) {
    const high = Math.max(lines.length > 1 ? 0 : least, ...line.map(({ height }) => height));
    let x = box.x + (box.width - wide(line)) / 2;
    for (const { width, paint } of line) {
      paint(x, top + high / 2);
      x += width + GAP;
    }
    top += high;
  }
  return Math.max(least, top - box.y);
}
