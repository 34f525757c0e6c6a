import { FAMILIES, REGIONS, type Family, type Region } from '../model/move';
import { moveIn, type MoveBook } from '../moves/move-book';
import type { Schedule } from './unroll';

/**
 * Minutes a day of moderate to vigorous moving that guidelines ask for: WHO 2019 for ages 3-4 (at
 * least 60 of 180), WHO 2020 for 5-17 (60 on average), UK Chief Medical Officers 2019 the same.
 * Wording from memory. A session is a part of a day: its share is shown, never that it is met.
 */
export const LIVELY_MINUTES_A_DAY = 60;

/** How a session's work is shared out, in seconds of work; moderate to vigorous is level 4 and 5. */
export type Balance = Readonly<{
  families: readonly (readonly [Family, number])[];
  regions: readonly (readonly [Region, number])[];
  left: number;
  right: number;
  effort: readonly number[];
  livelySeconds: number;
  /** Of the day's 60 minutes, 0 or more. */
  livelyShare: number;
}>;

export function balanceOf({ totals }: Schedule, book: MoveBook): Balance {
  const families = new Map<Family, number>(FAMILIES.map((family) => [family, 0]));
  for (const [id, sum] of totals.byMove) {
    const { family } = moveIn(book, id);
    families.set(family, families.get(family)! + sum.workSeconds);
  }
  const effort = totals.all.effortSeconds;
  const livelySeconds = effort[3] + effort[4];
  return {
    families: [...families],
    regions: REGIONS.map((region) => [region, totals.byRegion.get(region)?.workSeconds ?? 0]),
    left: totals.bySide.get('left')?.workSeconds ?? 0,
    right: totals.bySide.get('right')?.workSeconds ?? 0,
    effort,
    livelySeconds,
    livelyShare: livelySeconds / (LIVELY_MINUTES_A_DAY * 60),
  };
}
