import { askWorker, type Asked } from '$lib/workers/ask-worker';
import type { OddsAnswer, OddsRequest } from './protocol';

/** The odds of a beat, worked out in a worker of its own. */
export function askForOdds(request: OddsRequest): Asked<OddsAnswer> {
  const start = () => new Worker(new URL('./odds.worker.ts', import.meta.url), { type: 'module' });
  return askWorker(request, start);
}
