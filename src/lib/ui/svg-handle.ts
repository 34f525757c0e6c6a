/** Where a pointer is in a drawing, in the drawing's own units; null while it is not on the page. */
export function pointIn(
  drawing: SVGSVGElement | undefined,
  { clientX, clientY }: PointerEvent,
): Readonly<{ x: number; y: number }> | null {
  const matrix = drawing?.getScreenCTM();
  if (!matrix) return null;
  const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(matrix.inverse());
  return { x, y };
}

const ARROWS: Readonly<Record<string, readonly [right: number, down: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** Which way an arrow key goes, a step to the right and down; null for another key. */
export const arrowOf = (key: string): readonly [right: number, down: number] | null =>
  ARROWS[key] ?? null;
