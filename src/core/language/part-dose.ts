import { countRead, numberRead } from '../words/numbers';
import type { Ages } from '../model/ages';
import type { Dose, DoseUnit } from '../model/dose';
import type { Move } from '../model/move';
import { usualDose } from '../moves/usual-dose';
import { takeAsides, type Asides } from './dose-asides';
import { unitNamed, type DoseRead } from './dose-reader';
import { doseIn } from './words-of';

/** Words of a line that mean nothing where they stand. */
export type Unread = Readonly<{ unread: readonly string[] }>;

/** A number with no unit counts reps, or steps or a hold if that is how the move is usually done. */
function unitOf(said: DoseUnit | undefined, usual: DoseUnit, amountSaid: boolean): DoseUnit {
  if (said === 'seconds' && usual === 'hold') return 'hold';
  if (said) return said;
  return amountSaid && (usual === 'seconds' || usual === 'metres') ? 'reps' : usual;
}

const BOTH_WAYS = ['one way', 'the other way'];

/**
 * "each way" is to both sides for what has sides, there and back for what travels, and round both ways
 * for what does neither.
 */
function eachWay({ eachWay: said, each }: DoseRead, move: Move): Partial<Dose> {
  if (each && move.sided) return { sides: 'each' };
  if (!said) return {};
  if (move.sided) return { sides: 'each' };
  return move.metresPerRep > 0 ? { ways: 2 } : { directions: BOTH_WAYS };
}

/** The amounts that are said, and whether any are: by age, in numbers, or in none. */
function amountsSaid({ dose, openAmounts }: DoseRead, { asked }: Asides): readonly number[] | null {
  if (asked?.as === 'by age') return [Math.max(...asked.ages.map(({ amount }) => amount))];
  return dose.amounts ?? openAmounts;
}

/** A number for each set: one number stands for all sets that are said, or that tempos are said for. */
function inSets(amounts: readonly number[], { sets, dose }: DoseRead): readonly number[] {
  if (amounts.length !== 1) return amounts;
  const times = countRead(sets ?? dose.tempo?.length ?? 1);
  return Array.from({ length: times }, () => amounts[0]!);
}

/** What is held is done so often in turns; a stretch is gone into and out of so often. */
function heldTimes(read: DoseRead, move: Move, usual: Dose): DoseRead {
  if (!read.times || usual.unit !== 'hold' || read.dose.unit !== undefined) return read;
  if (move.family === 'stretch') return { ...read, dose: { ...read.dose, unit: 'reps' } };
  return { ...read, openAmounts: usual.amounts, sets: read.openAmounts?.[0] ?? null };
}

/** What a text says of a dose as the dose of that move; what it leaves open is as usual. */
export function doseFrom(given: DoseRead, move: Move, ages: Ages, asides: Asides = {}): Dose {
  const usual = usualDose(move, ages);
  const read = heldTimes(given, move, usual);
  const said = amountsSaid(read, asides);
  const { asked, directions, atOnce, agesUnit } = asides;
  const unit = read.dose.unit ?? (agesUnit ? unitNamed(agesUnit) : undefined);
  return {
    ...usual,
    ...read.dose,
    ...eachWay(read, move),
    ...(asked ? { asked } : {}),
    ...(directions ? { directions } : {}),
    ...(atOnce ? { atOnce } : {}),
    unit: unitOf(unit, usual.unit, said !== null),
    amounts: inSets(said ?? usual.amounts, read).map((amount) => numberRead(Math.round(amount))),
  };
}

/** The dose for home; null where nothing is said of it, its words where they are not understood. */
export function homeFrom({ home }: Asides, move: Move, ages: Ages): Dose | Unread | null {
  if (home === undefined) return null;
  const { rest, found } = takeAsides(home);
  const read = doseIn(rest);
  return read.unread.length > 0 ? { unread: read.unread } : doseFrom(read, move, ages, found);
}
