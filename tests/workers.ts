import { availableParallelism } from 'node:os';

/** Tests at a time: as many as there are cores, two at least. More than four wait for one another. */
export const WORKERS = Math.min(4, Math.max(2, availableParallelism()));
