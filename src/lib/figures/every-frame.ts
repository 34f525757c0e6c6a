/** One frame request for all figures in sight. */
const drawers = new Set<(nowMs: number) => void>();
let asked = 0;

function frame(nowMs: number): void {
  asked = drawers.size > 0 ? requestAnimationFrame(frame) : 0;
  for (const draw of drawers) draw(nowMs);
}

/** Calls `draw` before each frame that the browser shows, until the answer is called. */
export function everyFrame(draw: (nowMs: number) => void): () => void {
  drawers.add(draw);
  if (asked === 0) asked = requestAnimationFrame(frame);
  return () => {
    drawers.delete(draw);
  };
}
