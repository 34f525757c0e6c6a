import type { Entry } from '../model/chance';
import { problem } from '../model/problem';
import type { DrawnFrom, Outcome } from './device-file';

/** What a thing with faces can show, in how many ways, and what that is called. */
export type Shown = Readonly<{ value: number; ways: number; called: string | number }>;

/**
 * So many outcomes dealt out to so many entries in order, as evenly as their number allows: 1-2, 3-4,
 * 5-6 for three on a die. Every outcome has an entry, so that nothing thrown means nothing.
 */
export function dealOut(outcomes: readonly number[], entries: number): number[][] {
  return Array.from({ length: entries }, (_, n) => {
    const [from, to] = [n, n + 1].map((at) => Math.round((at * outcomes.length) / entries));
    return outcomes.slice(from, to);
  });
}

/** The entries with these outcomes dealt out to them anew. */
export function dealtFaces(
  outcomes: readonly number[],
  entries: readonly Entry[],
): readonly Entry[] {
  const faces = dealOut(outcomes, entries.length);
  return entries.map((entry, n) => ({ ...entry, faces: faces[n]! }));
}

/** Each thing that may be shown as the entry whose faces name it; what no entry names is told. */
export function outcomesByFaces(
  shown: readonly Shown[],
  { entries }: Pick<DrawnFrom<unknown>, 'entries'>,
) {
  const entryOf = (value: number) => entries.findIndex(({ faces }) => faces.includes(value));
  return {
    outcomes: shown
      .map(({ value, ways }): Outcome => ({
        entry: entryOf(value),
        value,
        weight: ways,
        copies: 1,
      }))
      .filter(({ entry }) => entry >= 0),
    problems: shown
      .filter(({ value }) => entryOf(value) < 0)
      .map(({ called }) => problem('unmapped-outcome', ['entries'], { outcome: called })),
  };
}
