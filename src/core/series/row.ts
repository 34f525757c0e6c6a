import type { Adventure } from '../document/adventure';
import type { CoveredSession } from './coverage';
import type { Day } from './days';
import type { RowMend } from './row-mends';
import { takesPlace, type Series } from './series';

export type RowRule =
  | 'not-lately'
  | 'same-again'
  | 'move-every-time'
  | 'too-big-a-step'
  | 'was-too-hard'
  | 'one-side-more'
  | 'little-lively'
  | 'not-here'
  | 'gap';

/** A note on a row: where, what, and what can be done. Words come at the edge, from `params`. */
export type RowNote = Readonly<{
  rule: RowRule;
  sessionId: string;
  params: Readonly<Record<string, string | number>>;
  mend: RowMend | null;
}>;

/** What notes are made from. `adventures` are those of the shelf, by their ids. */
export type Row = Readonly<{
  series: Series;
  covered: readonly CoveredSession[];
  adventures: ReadonlyMap<string, Adventure>;
  today: Day;
}>;

export const titleAt = ({ covered }: Row, n: number) => covered[n]?.title ?? '';

/** Sessions that are still to come and have an adventure, by their places. */
export function toCome({ series, today, adventures }: Row): readonly number[] {
  return series.sessions.flatMap((session, n) => {
    const isOpen = takesPlace(session) && session.led === null && session.day >= today;
    return isOpen && adventures.has(session.adventureId ?? '') ? [n] : [];
  });
}
