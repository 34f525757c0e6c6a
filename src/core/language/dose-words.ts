import { type Asked, type Dose, type DoseUnit, type Tempo } from '../model/dose';

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

/** Children of an age, as teachers say it. */
export const AGE_NAMES: Readonly<Record<number, string>> = {
  3: 'threes',
  4: 'fours',
  5: 'fives',
  6: 'sixes',
  7: 'sevens',
};

const SHORT_UNITS: Readonly<Record<DoseUnit, string>> = {
  reps: '',
  steps: '',
  seconds: ' s',
  hold: ' s',
  metres: ' m',
};

/** "fours 20 s, fives 40 s": an amount put to the children in another way than as one for all. */
export function askedInWords(asked: Asked, unit: DoseUnit, planned: number): string {
  if (asked.as === 'open') return asked.words;
  if (asked.as === 'range') return `${asked.least} to ${planned} ${unitWord(unit, planned)}`;
  return asked.ages
    .map(({ age, amount }) => `${AGE_NAMES[age]} ${amount}${SHORT_UNITS[unit]}`)
    .join(', ');
}

function plainAmounts({ unit, amounts }: Pick<Dose, 'unit' | 'amounts'>): string {
  const first = amounts[0]!;
  const same = amounts.every((amount) => amount === first);
  if (!same) return `${amounts.join(', ')} ${unitWord(unit, amounts.at(-1)!)}`;
  const once = `${first} ${unitWord(unit, first)}`;
  return amounts.length === 1 ? once : `${amounts.length} × ${once}`;
}

function amountsInWords({ unit, amounts, asked }: Dose): string {
  const plain = plainAmounts({ unit, amounts });
  if (!asked) return plain;
  const words = askedInWords(asked, unit, amounts[0]!);
  if (asked.as === 'open') return `${words} (about ${plain})`;
  const named = asked.as === 'by age' && unit === 'hold' ? `hold: ${words}` : words;
  return amounts.length === 1 ? named : `${amounts.length} × ${named}`;
}

const TEMPO_WORDS: Readonly<Record<Extract<Tempo, string>, string>> = {
  slow: 'slowly',
  usual: 'as usual',
  fast: 'fast',
  faster: 'faster and faster',
};

/** A tempo as it is called: "slowly", "at 120 a minute". */
export function tempoInWords(tempo: Tempo): string {
  return typeof tempo === 'number' ? `at ${tempo} a minute` : TEMPO_WORDS[tempo];
}

const SIDE_WORDS: Readonly<Record<Dose['sides'], string>> = {
  any: '',
  left: 'left side',
  right: 'right side',
  each: 'each side',
};

/** "4 at a time", "half at a time": how many go, where a group goes by turns; empty for all together. */
export function turnsInWords(atOnce: Dose['atOnce']): string {
  if (atOnce === null) return '';
  return atOnce === 1 ? 'one by one' : `${atOnce} at a time`;
}

/** A dose as a presenter writes it: "3 × 10 reps, each side, there and back, rest 15 s". */
export function doseInWords(dose: Dose): string {
  return [
    amountsInWords(dose),
    dose.tempo.map(tempoInWords).join(', then '),
    SIDE_WORDS[dose.sides],
    dose.ways === 2 ? 'there and back' : '',
    dose.directions.join(', then '),
    dose.count === 'back' ? 'counting back' : '',
    turnsInWords(dose.atOnce),
    dose.restSeconds > 0 && dose.amounts.length > 1 ? `rest ${dose.restSeconds} s` : '',
  ]
    .filter(Boolean)
    .join(', ');
}
