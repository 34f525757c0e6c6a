import { ageBandOf, type Ages } from '../model/ages';
import type { Action } from '../model/action';
import { doseTotal, plannedDose, withAmounts, type Dose } from '../model/dose';
import { moveIn, type MoveBook } from './move-book';

/** A set more or less weighs as much as this share of the dose. Our own judgement. */
export const SET_COST = 0.25;
const SETS = { least: 1, most: 5 } as const;

/** A change twice as large weighs more than two of half its size: what is shaved is shaved evenly. Our own judgement. */
const UNEVEN_COST = 4;

/** What it weighs that a dose becomes such a share of itself; 0 for the same. */
export function shareCost(share: number): number {
  const change = Math.abs(share - 1);
  return change + UNEVEN_COST * change * change;
}

/** Whole numbers from least to most, at most `count` of them, evenly spread, both ends in. */
function spread(least: number, most: number, count: number): number[] {
  const size = Math.min(count, most - least + 1);
  if (size <= 1) return [least];
  return Array.from({ length: size }, (_, n) =>
    Math.round(least + ((most - least) * n) / (size - 1)),
  );
}

/** Doses within the usual range of the age, with one set fewer or more. A ladder keeps its steps. */
export function dosesFor(action: Action, ages: Ages, book: MoveBook): readonly Dose[] {
  const dose = plannedDose(action.dose, ages);
  const { usual } = moveIn(book, action.move);
  const first = dose.amounts[0]!;
  const ladder = dose.amounts.some((amount) => amount !== first);
  const sets = dose.amounts.length;
  if (ladder) {
    return Array.from({ length: sets - 1 }, (_, n) => ({
      ...dose,
      amounts: dose.amounts.slice(0, n + 1),
    }));
  }
  const fitting = dose.unit === usual.unit;
  const [least, most] = fitting
    ? usual.range[ageBandOf(ages)]
    : [Math.max(1, Math.ceil(first * 0.6)), Math.ceil(first * 1.4)];
  const counts = [sets - 1, sets, sets + 1].filter((n) => n >= SETS.least && n <= SETS.most);
  return counts.flatMap((count) =>
    spread(least, most, 7).map((amount) =>
      withAmounts(
        dose,
        Array.from({ length: count }, () => amount),
      ),
    ),
  );
}

/** Of those doses the one that is nearest to such a share of what is written. */
export function nearestDose(action: Action, share: number, ages: Ages, book: MoveBook): Dose {
  const wanted = doseTotal(plannedDose(action.dose, ages)) * share;
  const apart = (dose: Dose) => Math.abs(doseTotal(dose) - wanted);
  return dosesFor(action, ages, book).reduce(
    (best, dose) => (apart(dose) < apart(best) ? dose : best),
    action.dose,
  );
}
