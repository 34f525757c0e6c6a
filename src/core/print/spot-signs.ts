import { INK, namedColour, tintOf } from './inks';
import type { Sheet } from './sheet';

/** Shapes that are told apart without their colours. */
export const SPOT_SHAPES = [
  'circle',
  'square',
  'triangle',
  'star',
  'diamond',
  'hexagon',
  'heart',
  'cross',
] as const;
export type SpotShape = (typeof SPOT_SHAPES)[number];

/** A shape for each name: the one that it says, else the next that none of them has. */
export function shapesFor(names: readonly string[]): readonly SpotShape[] {
  const said = names.map((name) => SPOT_SHAPES.find((shape) => name.toLowerCase().includes(shape)));
  const free = SPOT_SHAPES.filter((shape) => !said.includes(shape));
  const others = free.length > 0 ? free : SPOT_SHAPES;
  let next = 0;
  return said.map((shape) => {
    if (shape) return shape;
    next += 1;
    return others[(next - 1) % others.length]!;
  });
}

const around = (cx: number, cy: number, radii: readonly number[], count: number) =>
  Array.from({ length: count }, (_, n) => {
    const angle = (n / count) * 2 * Math.PI - Math.PI / 2;
    const r = radii[n % radii.length]!;
    return [cx + r * Math.cos(angle), cy + r * Math.sin(angle)] as const;
  });

function drawShape(
  sheet: Sheet,
  shape: SpotShape,
  cx: number,
  cy: number,
  r: number,
  fill: string,
) {
  const look = { fill, stroke: INK, width: 1.2 };
  const polygon = (points: readonly (readonly [number, number])[]) => sheet.polygon(points, look);
  switch (shape) {
    case 'circle':
      return sheet.circle(cx, cy, r, look);
    case 'square':
      return sheet.box(
        { x: cx - r * 0.85, y: cy - r * 0.85, width: r * 1.7, height: r * 1.7 },
        look,
      );
    case 'triangle':
      return polygon(around(cx, cy + r * 0.2, [r * 1.1], 3));
    case 'star':
      return polygon(around(cx, cy, [r, r * 0.45], 10));
    case 'diamond':
      return polygon([
        [cx, cy - r],
        [cx + r * 0.72, cy],
        [cx, cy + r],
        [cx - r * 0.72, cy],
      ]);
    case 'hexagon':
      return polygon(around(cx, cy, [r], 6));
    case 'heart': {
      const h = r * 0.95;
      return sheet.path(
        `M${cx} ${cy + h}C${cx - 1.9 * h} ${cy - 0.1 * h} ${cx - 0.9 * h} ${cy - 1.4 * h} ${cx} ${cy - 0.5 * h}C${cx + 0.9 * h} ${cy - 1.4 * h} ${cx + 1.9 * h} ${cy - 0.1 * h} ${cx} ${cy + h}Z`,
        look,
      );
    }
    case 'cross': {
      const [a, b] = [r * 0.35, r];
      return polygon([
        [cx - a, cy - b],
        [cx + a, cy - b],
        [cx + a, cy - a],
        [cx + b, cy - a],
        [cx + b, cy + a],
        [cx + a, cy + a],
        [cx + a, cy + b],
        [cx - a, cy + b],
        [cx - a, cy + a],
        [cx - b, cy + a],
        [cx - b, cy - a],
        [cx - a, cy - a],
      ]);
    }
  }
}

/** A place to run to: shape, colour and word on half a sheet each, to lie on the floor. */
export function drawSpotSigns(names: readonly string[], newSheet: () => Sheet): readonly Sheet[] {
  const sheets: Sheet[] = [];
  const shapes = shapesFor(names);
  names.forEach((name, n) => {
    if (n % 2 === 0) sheets.push(newSheet());
    const sheet = sheets.at(-1)!;
    const { widthMm, heightMm } = sheet.size;
    const top = n % 2 === 0 ? 0 : heightMm / 2;
    const fill = sheet.tint(namedColour(name) ?? tintOf(n));
    drawShape(sheet, shapes[n]!, widthMm / 2, top + heightMm * 0.21, 42, fill);
    sheet.text(name, widthMm / 2, top + heightMm * 0.425, {
      face: 'heading',
      widthMm: widthMm - 40,
      sizeMm: 18,
      leastMm: 5,
      mostLines: 2,
    });
    if (n % 2 === 1) {
      sheet.line(8, heightMm / 2, widthMm - 8, heightMm / 2, {
        stroke: INK,
        width: 0.2,
        dash: '2 2',
      });
    }
  });
  return sheets;
}
