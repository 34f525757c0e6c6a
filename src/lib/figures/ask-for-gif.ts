import { askWorker, type Asked } from '$lib/workers/ask-worker';
import type { GifAnswer, GifRequest } from './gif-protocol';

/** A move as a moving picture for a message, made in a worker of its own. */
export function askForGif(request: GifRequest): Asked<GifAnswer> {
  const start = () => new Worker(new URL('./gif.worker.ts', import.meta.url), { type: 'module' });
  return askWorker(request, start);
}
