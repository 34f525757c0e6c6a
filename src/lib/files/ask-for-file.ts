import { askWorker, type Asked } from '$lib/workers/ask-worker';
import type { FileAnswer, FileRequest } from './protocol';

/** A pack of many cards takes its time on a slow machine. */
const PATIENCE_MS = 90_000;

/** Writes a file in a worker of its own. */
export function askForFile(
  request: FileRequest,
  onProgress?: (share: number) => void,
): Asked<FileAnswer> {
  const start = () => new Worker(new URL('./files.worker.ts', import.meta.url), { type: 'module' });
  return askWorker(request, start, onProgress, PATIENCE_MS);
}
