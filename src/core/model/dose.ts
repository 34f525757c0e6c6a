import { z } from 'zod';

export const DOSE_UNITS = ['reps', 'steps', 'seconds', 'hold', 'metres'] as const;
export type DoseUnit = (typeof DOSE_UNITS)[number];

export const DOSE_SIDES = ['any', 'left', 'right', 'each'] as const;
export type DoseSides = (typeof DOSE_SIDES)[number];

/** Most that one set may ask for: a guard against slips and hostile files, not advice. */
export const MAX_AMOUNT = 600;
export const MAX_SETS = 20;

/**
 * How much of a move. `amounts` has one number for each set, in `unit`; equal numbers are plain
 * sets ("3 x 10"), growing ones a ladder ("10, 15, 20"). `sides: 'each'` does every set once on
 * the left and once on the right, `ways: 2` does it there and back. `restSeconds` comes between
 * sets. `count` says whether the leader counts on or back.
 */
export const doseSchema = z.strictObject({
  unit: z.enum(DOSE_UNITS),
  amounts: z.array(z.int().min(1).max(MAX_AMOUNT)).min(1).max(MAX_SETS),
  sides: z.enum(DOSE_SIDES),
  ways: z.union([z.literal(1), z.literal(2)]),
  restSeconds: z.number().min(0).max(600),
  count: z.enum(['on', 'back']),
});
type MutableDose = z.infer<typeof doseSchema>;
export type Dose = Readonly<Omit<MutableDose, 'amounts'>> & { readonly amounts: readonly number[] };

/** One set of `amount` in `unit`, either side, one way, counted on, with no rest. */
export function plainDose(unit: DoseUnit, amount: number): Dose {
  return { unit, amounts: [amount], sides: 'any', ways: 1, restSeconds: 0, count: 'on' };
}

/** How often one set is done: sides x ways. */
export function turnsPerSet(dose: Dose): number {
  return (dose.sides === 'each' ? 2 : 1) * dose.ways;
}

/** Everything that the dose asks for, in its own unit: amounts x sides x ways. */
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
