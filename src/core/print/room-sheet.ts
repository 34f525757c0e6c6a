import { roomDrawing, type DrawnMark, type RoomShape } from '../prep/room-drawing';
import type { RoomPlan } from '../prep/room-plan';
import { INK, SOFT_INK, tintOf } from './inks';
import type { Sheet } from './sheet';

/** Scales that a tape measure knows. */
const SCALES = [10, 20, 25, 30, 40, 50, 60, 75, 100, 150, 200, 250, 500, 1000, 2000] as const;

/** The largest usual scale at which so many metres fit in so many millimetres: 50 is 1 : 50. */
export function scaleFor(
  lengthMetres: number,
  widthMetres: number,
  roomMm: Readonly<{ width: number; height: number }>,
): number {
  const fits = (scale: number) =>
    (lengthMetres * 1000) / scale <= roomMm.width && (widthMetres * 1000) / scale <= roomMm.height;
  return SCALES.find(fits) ?? SCALES.at(-1)!;
}

/** Where the room is on the sheet: its middle, and how many millimetres a metre is. */
type OnSheet = Readonly<{ cx: number; cy: number; mmPerMetre: number }>;

const LINES = {
  lane: { stroke: SOFT_INK, width: 0.25, dash: '1 1.5' },
  finish: { stroke: INK, width: 0.8 },
} as const;

function paintShape(sheet: Sheet, shape: RoomShape, { cx, cy, mmPerMetre }: OnSheet): void {
  const [x, y] = [(m: number) => cx + m * mmPerMetre, (m: number) => cy + m * mmPerMetre];
  if (shape.kind === 'line') {
    const { from, to, what } = shape;
    sheet.line(x(from.x), y(from.y), x(to.x), y(to.y), LINES[what]);
  } else if (shape.kind === 'ring') {
    const radius = Math.max(1.6, Math.min(4, 0.3 * mmPerMetre));
    sheet.circle(x(shape.x), y(shape.y), radius, { stroke: INK, width: 0.4 });
  } else if (shape.what !== 'floor') {
    const [width, height] = [shape.width * mmPerMetre, shape.height * mmPerMetre];
    const noGo = {
      fill: sheet.tint('#e3e0d6'),
      stroke: SOFT_INK,
      width: 0.3,
      dash: '1.5 1.5',
    };
    const look = shape.what === 'walls' ? { stroke: INK, width: 1 } : noGo;
    sheet.box({ x: x(shape.x), y: y(shape.y), width, height }, look);
  }
}

function paintMark(sheet: Sheet, { mark, at, label }: DrawnMark, on: OnSheet): void {
  const [x, y] = [on.cx + at.x * on.mmPerMetre, on.cy + at.y * on.mmPerMetre];
  const words = { widthMm: 34, sizeMm: 4, leastMm: 2.6, mostLines: 2, face: 'strong' } as const;
  if (mark.kind === 'place') {
    const fill = sheet.ink === 'saving' ? '#ffffff' : tintOf(mark.n - 1);
    sheet.circle(x, y, 4.2, { fill, stroke: INK, width: 0.6 });
    sheet.text(String(mark.n), x, y, { ...words, sizeMm: 4.6, mostLines: 1 });
    sheet.text(label, x, y + 8, words);
    return;
  }
  if (mark.kind === 'leader') {
    sheet.polygon(
      [
        [x, y + 3.6],
        [x - 3.6, y - 3],
        [x + 3.6, y - 3],
      ],
      { fill: INK },
    );
  } else {
    sheet.box(
      { x: x - 4, y: y - 2, width: 8, height: 4 },
      { fill: '#ffffff', stroke: INK, width: 0.6 },
    );
  }
  sheet.text(label, x, y + 6.5, words);
}

/** A bar of whole metres to check the print by. */
function paintBar(sheet: Sheet, mmPerMetre: number, lengthOf: (m: number) => string): void {
  const [cx, y] = [sheet.size.widthMm / 2, sheet.size.heightMm - 18];
  const bar = [10, 5, 2, 1].find((metres) => metres * mmPerMetre <= 60) ?? 1;
  const half = (bar * mmPerMetre) / 2;
  const look = { stroke: INK, width: 0.8 };
  sheet.line(cx - half, y, cx + half, y, look);
  for (const end of [cx - half, cx + half]) sheet.line(end, y - 2, end, y + 2, look);
  sheet.text(lengthOf(bar), cx, y + 6, { widthMm: 60, sizeMm: 4.2, leastMm: 3, mostLines: 1 });
}

/** The room to scale: what is kept clear, lanes, where everybody stands, what is called. */
export function paintRoom(
  sheet: Sheet,
  plan: RoomPlan,
  title: string,
  lengthOf: (m: number) => string,
): void {
  const { widthMm, heightMm } = sheet.size;
  const { lengthMetres, widthMetres } = plan;
  const head = { widthMm: widthMm - 30, sizeMm: 8, leastMm: 4, mostLines: 1 };
  sheet.text(title, widthMm / 2, 13, { ...head, face: 'heading' });
  const said = { ...head, sizeMm: 5, leastMm: 3, mostLines: 2, fill: SOFT_INK };
  if (lengthMetres === 0 || widthMetres === 0) {
    const words = 'The room has no size yet: say on the Desk how long and wide it is.';
    sheet.text(words, widthMm / 2, 40, said);
    return;
  }
  const scale = scaleFor(lengthMetres, widthMetres, { width: widthMm - 30, height: heightMm - 80 });
  const on = { cx: widthMm / 2, cy: 44 + (heightMm - 80) / 2 - 8, mmPerMetre: 1000 / scale };
  const { shapes, marks } = roomDrawing(plan);
  for (const shape of shapes) paintShape(sheet, shape, on);
  for (const mark of marks) paintMark(sheet, mark, on);
  const lanes = plan.lanes ? '; lanes end at the thick line, two metres before the wall' : '';
  const size = `${lengthOf(lengthMetres)} by ${lengthOf(widthMetres)}, drawn 1 : ${scale}`;
  const words = `${size}. Rings are children, an arm and a step apart${lanes}.`;
  sheet.text(words, widthMm / 2, 26, said);
  paintBar(sheet, on.mmPerMetre, lengthOf);
}
