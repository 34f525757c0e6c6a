import type { FitResult } from '$core';
import { askWorker, type Asked } from '$lib/workers/ask-worker';
import type { FitRequest } from './protocol';

/** Fits in a worker of its own. */
export function askToFit(
  request: FitRequest,
  onProgress: (share: number) => void,
): Asked<FitResult> {
  const start = () => new Worker(new URL('./fit.worker.ts', import.meta.url), { type: 'module' });
  return askWorker(request, start, onProgress);
}
