import type { FitResult } from '$core';
import type { FitAnswer, FitRequest } from './protocol';

/** The part of a Worker that the client needs. */
export type WorkerLike = {
  postMessage: (request: FitRequest) => void;
  terminate: () => void;
  onmessage: ((event: MessageEvent<FitAnswer>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
};

/** A worker that is silent for this long is given up. */
export const FIT_PATIENCE_MS = 15_000;

export class FitCancelled extends Error {}

/**
 * Asks a worker of its own to fit. The promise always settles: by the answer, by the worker's error,
 * by `cancel`, or when patience is at its end.
 */
export function askToFit(
  request: Omit<FitRequest, 'id'>,
  start: () => WorkerLike,
  patienceMs: number = FIT_PATIENCE_MS,
): { result: Promise<FitResult>; cancel: () => void } {
  const worker = start();
  let cancel = () => {};
  const result = new Promise<FitResult>((resolve, reject) => {
    const end = (settle: () => void) => {
      clearTimeout(timer);
      worker.terminate();
      settle();
    };
    const timer = setTimeout(() => end(() => reject(new Error('It took too long.'))), patienceMs);
    cancel = () => end(() => reject(new FitCancelled('Called off.')));
    worker.onerror = (event) => end(() => reject(new Error(event.message)));
    worker.onmessage = ({ data }) =>
      end(() => (data.ok ? resolve(data.result) : reject(new Error(data.reason))));
    worker.postMessage({ id: 1, ...request });
  });
  return { result, cancel };
}

export function startFitWorker(): WorkerLike {
  return new Worker(new URL('./fit.worker.ts', import.meta.url), { type: 'module' });
}
