import {
  isDetail,
  NONE,
  OUTLINE,
  type FigurePart,
  type Paints,
  type Place,
  type Shape,
} from '$core';

/** A canvas on the page, or one that a worker paints on. */
export type Surface = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;

function put(surface: Surface, shape: Shape, { scale, x, y }: Place, colour: string, grow: number) {
  surface.beginPath();
  if (shape.kind === 'oval') {
    const [cx, cy] = shape.at;
    surface.ellipse(
      cx * scale + x,
      cy * scale + y,
      (shape.rx + grow / 2) * scale,
      (shape.ry + grow / 2) * scale,
      0,
      0,
      Math.PI * 2,
    );
    surface.fillStyle = colour;
    surface.fill();
    return;
  }
  shape.points.forEach(([px, py], n) => {
    if (n === 0) surface.moveTo(px * scale + x, py * scale + y);
    else surface.lineTo(px * scale + x, py * scale + y);
  });
  surface.lineWidth = (shape.width + grow) * scale;
  surface.strokeStyle = colour;
  if (shape.kind === 'area') {
    surface.closePath();
    surface.fillStyle = colour;
    surface.fill();
  }
  surface.stroke();
}

/** Draws the parts of a figure on a canvas, what is farthest first. */
export function drawParts(
  surface: Surface,
  parts: readonly FigurePart[],
  paints: Paints,
  place: Place,
): void {
  surface.lineCap = 'round';
  surface.lineJoin = 'round';
  for (const { outlined, shapes, seen = 1 } of parts) {
    surface.globalAlpha = seen;
    if (outlined) {
      for (const shape of shapes) {
        if (!isDetail(shape.paint)) put(surface, shape, place, paints.outline, OUTLINE);
      }
    }
    for (const shape of shapes) {
      const paint = paints[shape.paint];
      if (paint !== NONE) put(surface, shape, place, paint, 0);
    }
  }
  surface.globalAlpha = 1;
}

/** From one dash on the ground to the next, in heights of the figure. */
const DASHES = 0.42;

/** Dashes on the ground that pass under a figure that gets on: `gone` heights from where it began. */
export function drawWay(
  surface: Surface,
  gone: number,
  width: number,
  { scale, x, y }: Place,
  colour: string,
): void {
  const step = DASHES * scale;
  const first = ((((x - gone * scale) % step) + step) % step) - step;
  surface.strokeStyle = colour;
  surface.lineWidth = 0.014 * scale;
  surface.beginPath();
  for (let at = first; at < width + step; at += step) {
    surface.moveTo(at, y + 0.075 * scale);
    surface.lineTo(at + step * 0.4, y + 0.075 * scale);
  }
  surface.stroke();
}
