import { type Dose, type DoseUnit } from '../model/dose';

const UNIT_WORDS: Readonly<Record<DoseUnit, readonly [one: string, many: string]>> = {
  reps: ['rep', 'reps'],
  steps: ['step', 'steps'],
  seconds: ['second', 'seconds'],
  hold: ['second hold', 'second hold'],
  metres: ['metre', 'metres'],
};

/** The unit's word for so many: "1 step", "10 steps", "15 second hold". */
export function unitWord(unit: DoseUnit, amount: number): string {
  return UNIT_WORDS[unit][amount === 1 ? 0 : 1];
}

function amountsInWords({ unit, amounts }: Pick<Dose, 'unit' | 'amounts'>): string {
  const first = amounts[0]!;
  const same = amounts.every((amount) => amount === first);
  if (!same) return `${amounts.join(', ')} ${unitWord(unit, amounts.at(-1)!)}`;
  const once = `${first} ${unitWord(unit, first)}`;
  return amounts.length === 1 ? once : `${amounts.length} × ${once}`;
}

const SIDE_WORDS: Readonly<Record<Dose['sides'], string>> = {
  any: '',
  left: 'left side',
  right: 'right side',
  each: 'each side',
};

/** A dose as a presenter writes it: "3 × 10 reps, each side, there and back, rest 15 s". */
export function doseInWords(dose: Dose): string {
  return [
    amountsInWords(dose),
    SIDE_WORDS[dose.sides],
    dose.ways === 2 ? 'there and back' : '',
    dose.count === 'back' ? 'counting back' : '',
    dose.restSeconds > 0 && dose.amounts.length > 1 ? `rest ${dose.restSeconds} s` : '',
  ]
    .filter(Boolean)
    .join(', ');
}
