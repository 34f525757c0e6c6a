import type { FigurePart, Point, Shape } from './figure-shape';

/** The smallest box around parts, in heights: left, top, right, bottom. */
export function boxOf(parts: readonly FigurePart[]): readonly [number, number, number, number] {
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

/** Small strokes between two poses: this, then that, to the right or below. */
export function thenMark([x, y]: Point, below: boolean): readonly FigurePart[] {
  const tips = [
    [-0.025, -0.05],
    [0.025, 0],
    [-0.025, 0.05],
  ] as const;
  const points = tips.map(([a, b]): Point => (below ? [x + b, y + a] : [x + a, y + b]));
  const shapes: readonly Shape[] = [{ kind: 'stroke', points, width: 0.022, paint: 'mark' }];
  return [{ depth: 0, outlined: false, shapes }];
}
/** Parts elsewhere in the picture, in heights. */
export const movedBy = (
  parts: readonly FigurePart[],
  dx: number,
  dy: number,
): readonly FigurePart[] =>
  parts.map((part) => ({
    ...part,
    shapes: part.shapes.map((shape): Shape =>
      shape.kind === 'oval'
        ? { ...shape, at: [shape.at[0] + dx, shape.at[1] + dy] }
        : { ...shape, points: shape.points.map(([x, y]) => [x + dx, y + dy] as const) },
    ),
  }));
