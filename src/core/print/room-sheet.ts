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

/** The room to scale: what is kept clear, lanes, where everybody stands, what is called. */
export function drawRoom(
  sheet: Sheet,
  plan: RoomPlan,
  title: string,
  lengthOf: (m: number) => string,
) {
  const { widthMm, heightMm } = sheet.size;
  const { lengthMetres, widthMetres } = plan;
  sheet.text(title, widthMm / 2, 13, {
    face: 'heading',
    widthMm: widthMm - 30,
    sizeMm: 8,
    leastMm: 4,
    mostLines: 1,
  });
  const said = {
    widthMm: widthMm - 30,
    sizeMm: 5,
    leastMm: 3,
    mostLines: 2,
    fill: SOFT_INK,
  } as const;
  if (lengthMetres === 0 || widthMetres === 0) {
    sheet.text(
      'The room has no size yet: say on the Desk how long and wide it is.',
      widthMm / 2,
      40,
      said,
    );
    return;
  }
  const scale = scaleFor(lengthMetres, widthMetres, { width: widthMm - 30, height: heightMm - 80 });
  const mm = (metres: number) => (metres * 1000) / scale;
  const [cx, cy] = [widthMm / 2, 44 + (heightMm - 80) / 2 - 8];
  // The front of the room is at the upper edge: the leader looks down the page.
  const x = (metres: number) => cx + mm(metres);
  const y = (metres: number) => cy - mm(metres);
  const room = {
    x: x(-lengthMetres / 2),
    y: y(widthMetres / 2),
    width: mm(lengthMetres),
    height: mm(widthMetres),
  };
  for (const { wall, metres } of plan.strips) {
    const deep = Math.min(
      mm(metres),
      wall === 'front' || wall === 'back' ? room.height : room.width,
    );
    const strip = {
      front: { ...room, height: deep },
      back: { ...room, y: room.y + room.height - deep, height: deep },
      left: { ...room, width: deep },
      right: { ...room, x: room.x + room.width - deep, width: deep },
    }[wall];
    sheet.box(strip, {
      fill: sheet.tint('#e3e0d6'),
      stroke: SOFT_INK,
      width: 0.3,
      dash: '1.5 1.5',
    });
  }
  sheet.box(room, { stroke: INK, width: 1 });
  if (plan.lanes) {
    const { axis, lines, start, finish } = plan.lanes;
    const dashed = { stroke: SOFT_INK, width: 0.25, dash: '1 1.5' };
    for (const at of lines) {
      if (axis === 'length') sheet.line(x(start), y(at), x(finish), y(at), dashed);
      else sheet.line(x(at), y(start), x(at), y(finish), dashed);
    }
    const [from, to] = [lines[0]!, lines.at(-1)!];
    const solid = { stroke: INK, width: 0.8 };
    if (axis === 'length') sheet.line(x(finish), y(from), x(finish), y(to), solid);
    else sheet.line(x(from), y(finish), x(to), y(finish), solid);
  }
  const dot = Math.max(1.6, Math.min(4, mm(0.3)));
  for (const { xMetres, yMetres } of plan.children) {
    sheet.circle(x(xMetres), y(yMetres), dot, { stroke: INK, width: 0.4 });
  }
  const WORDS = { leader: 'you', screen: 'screen' } as const;
  for (const { kind, name, n, at } of plan.marks) {
    const [px, py] = [x(at.xMetres), y(at.yMetres)];
    const label = { widthMm: 34, sizeMm: 4, leastMm: 2.6, mostLines: 2, face: 'strong' } as const;
    if (kind === 'place') {
      sheet.circle(px, py, 4.2, {
        fill: sheet.ink === 'saving' ? '#ffffff' : tintOf(n - 1),
        stroke: INK,
        width: 0.6,
      });
      sheet.text(String(n), px, py, { ...label, sizeMm: 4.6, mostLines: 1 });
      sheet.text(name, px, py + 8, label);
    } else if (kind === 'leader') {
      sheet.polygon(
        [
          [px, py + 3.6],
          [px - 3.6, py - 3],
          [px + 3.6, py - 3],
        ],
        { fill: INK },
      );
      sheet.text(WORDS.leader, px, py + 6.5, label);
    } else {
      sheet.box(
        { x: px - 4, y: py - 2, width: 8, height: 4 },
        { fill: '#ffffff', stroke: INK, width: 0.6 },
      );
      sheet.text(WORDS.screen, px, py + 6.5, label);
    }
  }
  sheet.text(
    `${lengthOf(lengthMetres)} by ${lengthOf(widthMetres)}, drawn 1 : ${scale}. Rings are children, an arm and a step apart${plan.lanes ? '; lanes end at the thick line, two metres before the wall' : ''}.`,
    widthMm / 2,
    26,
    said,
  );
  // A bar of whole metres to check the print by.
  const bar = [10, 5, 2, 1].find((metres) => mm(metres) <= 60) ?? 1;
  const barY = heightMm - 18;
  sheet.line(cx - mm(bar) / 2, barY, cx + mm(bar) / 2, barY, { stroke: INK, width: 0.8 });
  for (const end of [-0.5, 0.5]) {
    sheet.line(cx + end * mm(bar), barY - 2, cx + end * mm(bar), barY + 2, {
      stroke: INK,
      width: 0.8,
    });
  }
  sheet.text(lengthOf(bar), cx, barY + 6, { widthMm: 60, sizeMm: 4.2, leastMm: 3, mostLines: 1 });
}
