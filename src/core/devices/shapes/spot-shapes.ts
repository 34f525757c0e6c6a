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

const rounded = (n: number) => Math.round(n * 1e4) / 1e4;

/** Corners at radii in turn, from the top clockwise. */
const around = (radii: readonly number[], count: number, down = 0) =>
  closed(
    Array.from({ length: count }, (_, n) => {
      const angle = (n / count) * 2 * Math.PI - Math.PI / 2;
      const r = radii[n % radii.length]!;
      return [r * Math.cos(angle), down + r * Math.sin(angle)] as const;
    }),
  );

const closed = (points: readonly (readonly [number, number])[]) =>
  `M${points.map((point) => point.map(rounded).join(' ')).join('L')}Z`;

/** Outlines around 0 0, about 1 from there to the edge, y down, as SVG paths. */
export const SPOT_OUTLINES: Readonly<Record<SpotShape, string>> = {
  circle: 'M-1 0A1 1 0 1 1 1 0A1 1 0 1 1-1 0Z',
  square: 'M-.85-.85H.85V.85H-.85Z',
  triangle: around([1.1], 3, 0.2),
  star: around([1, 0.45], 10),
  diamond: 'M0-1L.72 0L0 1L-.72 0Z',
  hexagon: around([1], 6),
  heart: 'M0 .95C-1.8-.1-.86-1.33 0-.48C.86-1.33 1.8-.1 0 .95Z',
  cross: 'M-.35-1H.35V-.35H1V.35H.35V1H-.35V.35H-1V-.35H-.35Z',
};
