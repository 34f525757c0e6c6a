import { withMovesApart, type Adventure, type Move, type ReadScript, type Result } from '$core';
import { askWorker, type Asked } from '$lib/workers/ask-worker';
import { problemInWords } from '$lib/words/problem-words';
import type { PlanRequest } from './protocol';

/** No plan that somebody wrote takes so long. */
const PATIENCE_MS = 20_000;

/** Reads a file or a pasted plan in a worker of its own: whatever is in it, the page stays. */
export function askToRead(request: PlanRequest): Asked<Result<ReadScript>> {
  const start = () => new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
  return askWorker(request, start, () => {}, PATIENCE_MS);
}

/** A file that was chosen, read in the same way. */
export async function askToReadFile(
  file: File,
  moves: readonly Move[],
): Promise<Asked<Result<ReadScript>>> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  return askToRead({ as: 'file', name: file.name, bytes, moves });
}

/** What is told of a file on which the reader gave up. */
export const NOT_READ = 'It couldn’t be read: it’s too large, or too tangled.';

export { problemInWords };

/** An adventure of a file with its own moves apart from the presenter's, and from the catalogue's. */
export const apartFrom = (own: readonly Move[], adventure: Adventure): Adventure =>
  withMovesApart(adventure, own);
