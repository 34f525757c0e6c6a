import { askWorker, type Asked } from '$lib/workers/ask-worker';
import type { ForecastAnswer, ForecastRequest } from './protocol';

/** Plays the session in a worker of its own. */
export function askForForecast(
  request: ForecastRequest,
  onProgress: (share: number) => void,
): Asked<ForecastAnswer> {
  const start = () =>
    new Worker(new URL('./forecast.worker.ts', import.meta.url), { type: 'module' });
  return askWorker(request, start, onProgress);
}
