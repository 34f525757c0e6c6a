import { askWorker, type Asked } from '$lib/workers/ask-worker';
import type { DraftAnswer, DraftRequest } from './protocol';

/** Drafts in a worker of its own. */
export function askToDraft(request: DraftRequest): Asked<DraftAnswer> {
  const start = () => new Worker(new URL('./draft.worker.ts', import.meta.url), { type: 'module' });
  return askWorker(request, start);
}
