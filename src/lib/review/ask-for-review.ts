import { askWorker, type Asked } from '$lib/workers/ask-worker';
import type { ReviewAnswer, ReviewRequest } from './protocol';

/** Lays a recording along the script in a worker of its own. */
export function askForReview(request: ReviewRequest): Asked<ReviewAnswer> {
  const start = () =>
    new Worker(new URL('./review.worker.ts', import.meta.url), { type: 'module' });
  return askWorker(request, start);
}
