import { shownNumbers, shownOutcomes } from '$core';
import type { StageSession } from './stage.svelte';

/** Outcomes of a deck are found by suit and rank, all others have a button each up to this many. */
export const MOST_BUTTONS = 20;

/**
 * A digit key at a draw: what the real die shows, else the n-th outcome, else the number of the
 * number die. Null where the digit means nothing.
 */
export function typeKey(session: StageSession, digit: number): 'taken' | 'again' | null {
  const beat = session.drawing?.beat;
  if (!beat) return null;
  const outcomes = shownOutcomes(beat);
  const found =
    beat.device.kind === 'die'
      ? outcomes.find(({ label }) => label === String(digit))
      : beat.device.kind === 'deck'
        ? undefined
        : outcomes[digit - 1];
  if (found) return session.typeDraw({ outcome: found.outcome, number: null });
  if (!shownNumbers(beat).includes(digit)) return null;
  return session.typeDraw({ outcome: null, number: digit });
}
