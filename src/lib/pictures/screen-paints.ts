import { lookFor, paintsOf, type LookChoice, type Paints } from '$core';

/** The surface's own colours, as the page has them in light and dark. */
export const SURFACE = {
  outline: 'var(--figure-line)',
  mark: 'var(--figure-mark)',
  shade: 'var(--figure-shade)',
} as const;

/** What the child of a move is painted with on the page. */
export const screenPaints = (choice: LookChoice, moveId: string): Paints =>
  paintsOf(lookFor(choice, moveId), SURFACE);
