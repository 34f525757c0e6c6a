/** A worker that says every so often that time has passed; a hidden tab doesn't slow it down. */
export const beatWorker = (): Worker =>
  new Worker(new URL('./beat.worker.ts', import.meta.url), { type: 'module' });
