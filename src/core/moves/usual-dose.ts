import { ageBandOf, type Ages } from '../model/ages';
import { plainDose, type Dose } from '../model/dose';
import type { Move } from '../model/move';

/** The middle of the move's usual range for the age, in its usual unit. */
export function usualDose(move: Move, ages: Ages): Dose {
  const [least, most] = move.usual.range[ageBandOf(ages)];
  return plainDose(move.usual.unit, Math.round((least + most) / 2));
}

/** The dose for another move: kept where its unit makes sense there, else the usual one. */
export function doseForMove(dose: Dose, move: Move, ages: Ages): Dose {
  const usual = usualDose(move, ages);
  return dose.unit === usual.unit ? { ...dose, sides: move.sided ? dose.sides : 'any' } : usual;
}
