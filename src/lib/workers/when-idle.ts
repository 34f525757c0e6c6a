/** Longest wait for a gap, in milliseconds. */
const GAP_MS = 200;

/**
 * Runs after so many milliseconds, in the first gap between the browser's own work then, or soon all
 * the same. Returns the way to call it off.
 */
export function whenIdle(run: () => void, ms = 0): () => void {
  let gap: number | null = null;
  const timer = setTimeout(() => {
    if (typeof requestIdleCallback === 'undefined') run();
    else gap = requestIdleCallback(run, { timeout: GAP_MS });
  }, ms);
  return () => {
    clearTimeout(timer);
    if (gap !== null) cancelIdleCallback(gap);
  };
}
