import { askWorker, type Asked } from '$lib/workers/ask-worker';
import type { SeriesAnswer, SeriesRequest } from './protocol';

/** Packs of a whole half term take their time on a slow machine. */
const PATIENCE_MS = 120_000;

type AnswerTo<Request extends SeriesRequest> = Extract<SeriesAnswer, { as: Request['as'] }>;

/** Asks the worker for series, in a worker of its own. */
export function askSeries<Request extends SeriesRequest>(
  request: Request,
  onProgress?: (share: number) => void,
): Asked<AnswerTo<Request>> {
  const start = () =>
    new Worker(new URL('./series.worker.ts', import.meta.url), { type: 'module' });
  return askWorker<Request, AnswerTo<Request>>(request, start, onProgress, PATIENCE_MS);
}
