/** A document with what it was and what was undone. Every step is a whole immutable document. */
export type History<T> = Readonly<{
  past: readonly T[];
  present: T;
  future: readonly T[];
  /** Edits with the same key in a row are one step: the letters of one word, say. */
  key: string | null;
}>;

/** Steps that can be undone; the oldest fall away. */
export const MAX_STEPS = 500;

export function startHistory<T>(present: T): History<T> {
  return { past: [], present, future: [], key: null };
}

export function record<T>(history: History<T>, next: T, key: string | null = null): History<T> {
  if (next === history.present) return history;
  const merged = key !== null && key === history.key;
  const past = merged ? history.past : [...history.past, history.present].slice(-MAX_STEPS);
  return { past, present: next, future: [], key };
}

export function undo<T>(history: History<T>): History<T> {
  const previous = history.past.at(-1);
  if (previous === undefined) return history;
  return {
    past: history.past.slice(0, -1),
    present: previous,
    future: [history.present, ...history.future],
    key: null,
  };
}

export function redo<T>(history: History<T>): History<T> {
  const [next, ...future] = history.future;
  if (next === undefined) return history;
  return { past: [...history.past, history.present], present: next, future, key: null };
}

/** The next edit starts a step of its own, even with the same key. */
export function closeStep<T>(history: History<T>): History<T> {
  return history.key === null ? history : { ...history, key: null };
}
