import type { Move } from '$core';

/** What the page asks of the worker: a file to read, or a plan that was pasted. */
export type PlanRequest =
  | Readonly<{ as: 'file'; name: string; bytes: Uint8Array; moves: readonly Move[] }>
  | Readonly<{ as: 'pasted'; text: string; moves: readonly Move[] }>;
