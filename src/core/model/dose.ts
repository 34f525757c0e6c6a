import { z } from 'zod';
import { AGE_SPAN, type Ages } from './ages';
import type { DeepReadonly } from './deep-readonly';

export const DOSE_UNITS = ['reps', 'steps', 'seconds', 'hold', 'metres'] as const;
export type DoseUnit = (typeof DOSE_UNITS)[number];

export const DOSE_SIDES = ['any', 'left', 'right', 'each'] as const;
export type DoseSides = (typeof DOSE_SIDES)[number];

/** Most that one set may ask for: a guard against slips and hostile files, not advice. */
export const MAX_AMOUNT = 600;
export const MAX_SETS = 20;

/** As many as a group may have. */
export const MOST_AT_ONCE = 60;

/** Longest text of how much is asked for, and of a direction. */
const MOST_WORDS = 60;
/** Directions of one set: round one way and the other; up, down, left and right. */
export const MAX_DIRECTIONS = 4;

/**
 * How the amount is put to the children, where it is not one number for all. `by age`: "fours 20 s,
 * fives 40 s"; an age that is not named does as the next younger one that is. `range`: "15 to 20",
 * `least` for the youngest. `open`: "as long as you can", with the amount planned for it.
 */
export const askedSchema = z.discriminatedUnion('as', [
  z.strictObject({
    as: z.literal('by age'),
    ages: z
      .array(
        z.strictObject({
          age: z.int().min(AGE_SPAN.from).max(AGE_SPAN.to),
          amount: z.int().min(1).max(MAX_AMOUNT),
        }),
      )
      .min(2)
      .max(5)
      .refine((ages) => ages.every(({ age }, n) => n === 0 || age > ages[n - 1]!.age), {
        message: 'Each age stands once, the youngest first.',
      }),
  }),
  z.strictObject({ as: z.literal('range'), least: z.int().min(1).max(MAX_AMOUNT) }),
  z.strictObject({ as: z.literal('open'), words: z.string().min(1).max(MOST_WORDS) }),
]);
export type Asked = DeepReadonly<z.infer<typeof askedSchema>>;

/** Words for a tempo; a number is counts a minute. "Faster" begins slow and ends fast. */
export const TEMPO_WORDS = ['slow', 'usual', 'fast', 'faster'] as const;
export const BEATS_A_MINUTE = { least: 20, most: 240 } as const;
export const tempoSchema = z.union([
  z.enum(TEMPO_WORDS),
  z.int().min(BEATS_A_MINUTE.least).max(BEATS_A_MINUTE.most),
]);
export type Tempo = z.infer<typeof tempoSchema>;

/**
 * How much of a move. `amounts` has one number for each set, in `unit`; equal numbers are plain
 * sets ("3 x 10"), growing ones a ladder ("10, 15, 20"). `asked` is how that is put to the children.
 * `tempo` has the tempo of each set; the last of them stands for all that follow, none is the usual
 * one. `sides: 'each'` does every set once on the left and once on the right, `ways: 2` does it there
 * and back, and each of the `directions`, in words ("forwards", "back"), is a turn of its own.
 * `restSeconds` comes between sets. `count` says whether the leader counts on or back. `atOnce` is how
 * many do it at a time where they go by turns; null for all together.
 */
export const doseSchema = z.strictObject({
  unit: z.enum(DOSE_UNITS),
  amounts: z.array(z.int().min(1).max(MAX_AMOUNT)).min(1).max(MAX_SETS),
  asked: askedSchema.nullable(),
  tempo: z.array(tempoSchema).max(MAX_SETS),
  sides: z.enum(DOSE_SIDES),
  ways: z.union([z.literal(1), z.literal(2)]),
  directions: z.array(z.string().min(1).max(MOST_WORDS)).max(MAX_DIRECTIONS),
  restSeconds: z.number().min(0).max(600),
  count: z.enum(['on', 'back']),
  atOnce: z.union([z.int().min(1).max(MOST_AT_ONCE), z.literal('half')]).nullable(),
});
export type Dose = DeepReadonly<z.infer<typeof doseSchema>>;

/** One set of `amount` in `unit`, for all, in the usual tempo, either side, one way, with no rest. */
export function plainDose(unit: DoseUnit, amount: number): Dose {
  return {
    unit,
    amounts: [amount],
    asked: null,
    tempo: [],
    sides: 'any',
    ways: 1,
    directions: [],
    restSeconds: 0,
    count: 'on',
    atOnce: null,
  };
}

/** How much a child of `age` is asked for, where a set is planned with `amount`. */
export function amountAtAge({ asked }: Pick<Dose, 'asked'>, amount: number, age: number): number {
  if (asked?.as !== 'by age') return amount;
  const { ages } = asked;
  return (ages.findLast((one) => one.age <= age) ?? ages[0]!).amount;
}

/**
 * The dose as it is planned for a group. Where ages do different amounts the clock runs until the last
 * of them is done: the most that an age of the group is asked for. What it asks for is then said for the
 * ages that are there, and for all alike where there is only one.
 */
export function plannedDose(dose: Dose, { from, to }: Ages): Dose {
  if (dose.asked?.as !== 'by age') return dose;
  const ages = Array.from({ length: to - from + 1 }, (_, n) => {
    return { age: from + n, amount: amountAtAge(dose, 1, from + n) };
  });
  const most = Math.max(...ages.map(({ amount }) => amount));
  const asked = ages.every(({ amount }) => amount === most) ? null : { as: dose.asked.as, ages };
  return { ...dose, asked, amounts: dose.amounts.map(() => most) };
}

/**
 * The dose with other amounts. Those of each age, and the least of a range, grow and shrink along with
 * the largest.
 */
export function withAmounts(dose: Dose, amounts: readonly number[]): Dose {
  const share = Math.max(...amounts) / Math.max(...dose.amounts);
  const scaled = (amount: number) => Math.min(MAX_AMOUNT, Math.max(1, Math.round(amount * share)));
  const { asked } = dose;
  if (asked?.as === 'by age') {
    const ages = asked.ages.map(({ age, amount }) => ({ age, amount: scaled(amount) }));
    return { ...dose, amounts, asked: { ...asked, ages } };
  }
  if (asked?.as === 'range') {
    return { ...dose, amounts, asked: { ...asked, least: scaled(asked.least) } };
  }
  return { ...dose, amounts };
}

/** The tempo of a set, counted from 0. */
export function tempoOfSet({ tempo }: Pick<Dose, 'tempo'>, set: number): Tempo {
  return tempo[set] ?? tempo.at(-1) ?? 'usual';
}

/** Goes, one after another, until each of so many children has had theirs. */
export function goesFor({ atOnce }: Pick<Dose, 'atOnce'>, children: number): number {
  if (atOnce === null) return 1;
  if (atOnce === 'half') return Math.min(2, Math.max(1, children));
  return Math.max(1, Math.ceil(children / atOnce));
}

/** How often one set is done: sides x directions x ways. */
export function turnsPerSet({
  sides,
  directions,
  ways,
}: Pick<Dose, 'sides' | 'directions' | 'ways'>): number {
  return (sides === 'each' ? 2 : 1) * Math.max(1, directions.length) * ways;
}

/** Everything that the dose asks for, in its own unit: amounts x sides x directions x ways. */
export function doseTotal(dose: Dose): number {
  return dose.amounts.reduce((sum, amount) => sum + amount, 0) * turnsPerSet(dose);
}

/** Reps and steps are counted aloud, one by one; time is watched and metres are walked. */
export function isCounted(unit: DoseUnit): boolean {
  return unit === 'reps' || unit === 'steps';
}

/** Counts past this are done in chunks. Common practice: chunks of ten once it passes 20. */
export const CHUNK_AFTER = 20;
const CHUNK = 10;
/** The breather between chunks, in seconds. Our own judgement. */
export const BREATHER_SECONDS = 5;

/** 24 as 10 + 10 + 4; up to CHUNK_AFTER in one go. */
export function inChunks(amount: number): readonly number[] {
  if (amount <= CHUNK_AFTER) return [amount];
  const tens = Array.from({ length: Math.floor(amount / CHUNK) }, () => CHUNK);
  return amount % CHUNK > 0 ? [...tens, amount % CHUNK] : tens;
}
