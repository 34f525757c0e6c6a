import type { Shown } from '$lib/stage/companions';
import { beadsOf } from '$lib/stage/scene/beads';
import type { DoingShape } from '$lib/stage/scene/doing-shape';
import {
  centred,
  clamped,
  middleOf,
  paintLine,
  typeOf,
  type Box,
  type Brush,
  type FilmPaints,
} from './brush';

const TURN = 2 * Math.PI;
const FROM_TOP = -TURN / 4;
const RADIUS = 44;
/** Between two beads, in the units that the ring is drawn in. */
const BEAD_GAP = 3.2;

function paintRing(brush: Brush, paints: FilmPaints, shown: Shown, shape: DoingShape['count']) {
  const part = clamped(0, shown.share, 1);
  const beads = shape === 'beads' && shown.of !== null ? beadsOf(shown.of, part * shown.of) : [];
  brush.lineCap = 'butt';
  const arc = (from: number, length: number, colour: string) => {
    brush.beginPath();
    brush.arc(50, 50, RADIUS, FROM_TOP + from * TURN, FROM_TOP + (from + length) * TURN);
    brush.strokeStyle = colour;
    brush.stroke();
  };
  if (shape === 'frame') {
    brush.lineWidth = 11;
    for (const [colour, share] of [
      [paints.line, 1],
      [paints.lamp, part],
    ] as const) {
      brush.beginPath();
      brush.roundRect(8, 8, 84, 84, 5);
      brush.setLineDash([share * 4 * 84, 4 * 84]);
      brush.strokeStyle = colour;
      brush.stroke();
    }
    brush.setLineDash([]);
    return;
  }
  if (beads.length === 0) {
    brush.lineWidth = 12;
    arc(0, 1, paints.line);
    arc(0, part, paints.lamp);
    return;
  }
  brush.lineWidth = 9;
  const each = 1 / beads.length;
  const gap = beads.length > 1 ? BEAD_GAP / (TURN * RADIUS) : 0;
  beads.forEach(({ full }, n) => {
    const from = n * each + BEAD_GAP / 2 / (TURN * RADIUS);
    arc(from, each - gap, paints.line);
    if (full > 0) arc(from, (each - gap) * full, paints.lamp);
  });
}

/** The number is the hero, in the shape of what is counted. */
export function paintCount(
  brush: Brush,
  paints: FilmPaints,
  shown: Shown,
  shape: DoingShape['count'],
  box: Box,
): void {
  const side = Math.min(box.width, box.height);
  const at = centred(box, side, side);
  brush.save();
  brush.translate(at.x, at.y);
  brush.scale(side / 100, side / 100);
  paintRing(brush, paints, shown, shape);
  brush.restore();
  const number = String(shown.count);
  const size = side * (number.length > 2 ? 0.38 : 0.54);
  const under = shown.of === null ? 0 : Math.max(24, side * 0.12);
  const gap = under > 0 ? side * 0.03 : 0;
  const [x, y] = middleOf(at);
  const high = (size + under) * LINE + gap;
  brush.fillStyle = paints.ink;
  brush.textAlign = 'center';
  brush.font = typeOf('heading', 800, size);
  paintLine(brush, number, x, y - high / 2 + (size * LINE) / 2);
  if (under === 0) return;
  brush.font = typeOf('text', 650, under);
  paintLine(brush, `of ${shown.of}`, x, y + high / 2 - (under * LINE) / 2);
}
const LINE = 0.85;
