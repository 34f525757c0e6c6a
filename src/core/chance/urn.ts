import { deviceFile, type Device } from '../devices';
import type { Outcome } from '../devices/device-file';
import { isSum, type AmountRule, type DrawRules } from '../model/chance';
import { problem, type Path, type Problem, type Result } from '../model/problem';
import type { DrawSetup } from './setup';

/** A draw beat ready to be drawn from: every outcome means something, and some can come. */
export type Urn = Readonly<{
  outcomes: readonly Outcome[];
  /** How many entries the table has; not all need be reachable. */
  entries: number;
  rules: DrawRules;
}>;

/** How many there are of each entry before something is put back. */
export function copiesOf({ outcomes, entries }: Urn): readonly number[] {
  const copies = Array.from({ length: entries }, () => 0);
  for (const one of outcomes) copies[one.entry]! += one.copies;
  return copies;
}

/** No outcome is likelier than another, but for how many there are of it. */
export function isEven({ outcomes }: Urn): boolean {
  return outcomes.every(({ weight }) => weight === outcomes[0]!.weight);
}

/** Outcomes of one entry are as likely as each other, but for how many there are of them. */
export function isAlike({ outcomes }: Urn): boolean {
  const weights = new Map<number, number>();
  for (const { entry, weight } of outcomes) weights.set(entry, weights.get(entry) ?? weight);
  return outcomes.every(({ entry, weight }) => weights.get(entry) === weight);
}

/** Rules by which it matters how often each entry came: no odds are walked for those. */
export function isSteered({ mostOfOne, mostAhead, noPattern }: DrawRules): boolean {
  return mostOfOne !== null || mostAhead !== null || noPattern;
}

/** How likely each entry is with everything in the urn; sums to one. */
export function entryChances({ outcomes, entries }: Urn): readonly number[] {
  const total = outcomes.reduce((sum, { weight }) => sum + weight, 0);
  return Array.from({ length: entries }, (_, entry) =>
    outcomes.reduce((sum, one) => (one.entry === entry ? sum + one.weight / total : sum), 0),
  );
}

function checkAmount(amount: AmountRule, device: Device): Problem[] {
  if (!isSum(amount)) return [];
  const at: Path = ['amount'];
  const problems = amount.least > amount.most ? [problem('backwards-range', at)] : [];
  if (amount.from === 'outcome' && !deviceFile(device).hasNumber) {
    problems.push(problem('no-value', at));
  }
  return problems;
}

/**
 * The beat as something to draw from, or every reason why it is not: no entry at all, a face that
 * means nothing, nothing with any weight, a stand-in rule without a stand-in, an amount from a device
 * without numbers, a range that runs backwards.
 */
export function urnOf(beat: DrawSetup): Result<Urn> {
  const { entries, rules, amount, device } = beat;
  if (entries.length === 0) return { ok: false, problems: [problem('no-outcome', ['entries'])] };
  const { outcomes, problems: unmapped } = deviceFile(device).outcomes({ device, entries });
  const problems = [...unmapped, ...checkAmount(amount, device)];
  if (!outcomes.some(({ weight }) => weight > 0)) problems.push(problem('no-weight', ['entries']));
  if (rules.onRepeat === 'stand-in' && rules.standIn === null) {
    problems.push(problem('no-stand-in', ['rules', 'standIn']));
  }
  if (rules.between && rules.between.leastSeconds > rules.between.mostSeconds) {
    problems.push(problem('backwards-range', ['rules', 'between']));
  }
  if (problems.length > 0) return { ok: false, problems };
  const drawable = outcomes
    .filter(({ weight }) => weight > 0)
    // Put back, three alike are one that is three times as likely.
    .map((one) =>
      rules.returns === 'back' ? { ...one, weight: one.weight * one.copies, copies: 1 } : one,
    );
  return { ok: true, value: { outcomes: drawable, entries: entries.length, rules } };
}
