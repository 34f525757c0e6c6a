import type { Effort, Family } from '../../model/move';
import { AGE_NAMES } from '../../language/dose-words';
import type { Action } from '../../model/action';
import { ageBandOf, type AgeBand } from '../../model/ages';
import { amountAtAge, isCounted, withAmounts, type Dose } from '../../model/dose';
import type { Led } from '../../model/led';
import type { Move } from '../../model/move';
import type { Setting } from '../../model/setting';
import { isUnknown } from '../../moves/unknown-move';
import { within } from '../../words/numbers';
import type { FindingContext, UsedPart } from '../context';
import type { Seen } from '../finding';
import { changeAction } from '../mending';

/**
 * How many times the usual most a set may have before it is a lot, by effort: reps of what is gentle may
 * be many, of what is hard hardly any more. Our own judgement.
 */
const LEEWAY: Readonly<Record<Effort, number>> = { 1: 5, 2: 4, 3: 2.5, 4: 1.5, 5: 1.25 };
/** By the clock it is how long a bout lasts that tires, by effort, in seconds, for fives. Our own judgement. */
const BOUT_SECONDS: Readonly<Record<Effort, number>> = { 1: 300, 2: 180, 3: 90, 4: 60, 5: 35 };
const BOUT_FOR: Readonly<Record<AgeBand, number>> = { '3-4': 0.75, '5': 1, '6-7': 1.25 };
/** A hold that strains, and one that only stretches or rests. */
const HOLD_LEEWAY = { strains: 1.25, rests: 3 } as const;
const RESTFUL: ReadonlySet<Family> = new Set(['stretch', 'breath', 'shape']);
/** Fewer than this share of the usual least, done in less than so many seconds, are hardly worth starting. */
const LITTLE_SHARE = 0.5;
const LITTLE_SECONDS = 5;

/** The most that is no lot: more than the usual, by what it asks of a body and for how long. */
function bearable(
  { unit }: Dose,
  { effort, family, landingsPerRep }: Move,
  most: number,
  band: AgeBand,
) {
  if (unit === 'hold') {
    // To lie still may last as long as it likes to.
    if (effort === 1) return Math.max(most, BOUT_SECONDS[1]);
    return most * (RESTFUL.has(family) ? HOLD_LEEWAY.rests : HOLD_LEEWAY.strains);
  }
  if (unit === 'seconds') return Math.max(most, BOUT_SECONDS[effort] * BOUT_FOR[band]);
  return most * (landingsPerRep > 0 ? Math.min(1.25, LEEWAY[effort]) : LEEWAY[effort]);
}

/** Beyond this many times the usual most, it is no longer a matter of taste. Our own judgement. */
const FAR_ABOVE = 2;

/** What an age, or all of them, are asked for, and what is usual for it. */
type Asked = Readonly<{ age: number; amount: number; least: number; most: number }>;

/** The doses of a group, each with what is usual for those who do it. */
function askedOf(dose: Dose, { usual }: Move, { ages }: Setting): readonly Asked[] {
  const at = (age: number, amount: number): Asked => {
    const [least, most] = usual.range[ageBandOf({ from: age, to: age })];
    return { age, amount, least, most };
  };
  const { asked, amounts } = dose;
  if (asked?.as === 'by age') {
    const all = Array.from({ length: ages.to - ages.from + 1 }, (_, n) => ages.from + n);
    return all.map((age) => at(age, amountAtAge(dose, 1, age)));
  }
  if (asked?.as === 'range') return [at(ages.from, asked.least), at(ages.to, Math.max(...amounts))];
  return amounts.map((amount) => at(ages.from, amount));
}

/** By how much it is too much, as a share of the most. */
const over = ({ amount, most }: Asked) => amount / most;

/** The dose with each amount in the usual range of those who do it. */
function withinUsual(dose: Dose, { usual }: Move, { ages }: Setting): Dose {
  const fit = (age: number, amount: number) => {
    const [least, most] = usual.range[ageBandOf({ from: age, to: age })];
    return within(amount, { least, most });
  };
  const { asked, amounts } = dose;
  if (asked?.as === 'by age') {
    const each = asked.ages.map(({ age, amount }) => ({ age, amount: fit(age, amount) }));
    const planned = Math.max(...each.map(({ amount }) => amount));
    return { ...dose, amounts: amounts.map(() => planned), asked: { ...asked, ages: each } };
  }
  if (asked?.as === 'range') {
    const least = fit(ages.from, asked.least);
    const own = amounts.map((amount) => Math.max(least, fit(ages.to, amount)));
    return { ...dose, amounts: own, asked: { ...asked, least } };
  }
  return withAmounts(
    dose,
    amounts.map((amount) => fit(ages.from, amount)),
  );
}

/** A dose of an action: the one that is done here, or the one for home. */
type Judged = Readonly<{
  dose: Dose;
  mayBeLess: boolean;
  withDose: (action: Action, dose: Dose) => Action;
}>;

/** What is only shown here may be as little as it likes; then the dose for home is held to what is usual. */
function judgedOf({ dose, home }: Action, led: Led): readonly Judged[] {
  // Quick images that they follow are short on purpose; what is left to them is theirs.
  const mayBeLess = ({ asked }: Dose) => asked?.as === 'open';
  const here: Judged = {
    dose,
    mayBeLess: led === 'follow me' || home !== null || mayBeLess(dose),
    withDose: (action, next) => ({ ...action, dose: next }),
  };
  if (!home) return [here];
  const later: Judged = {
    dose: home,
    mayBeLess: mayBeLess(home),
    withDose: (action, next) => ({ ...action, home: next }),
  };
  return [here, later];
}

/** So few of it that getting ready takes longer. */
function isHardlyAny({ amount, least }: Asked, { unit }: Dose, move: Move, band: AgeBand): boolean {
  const each = isCounted(unit) ? move.secondsPerRep[band] : 1;
  return amount < least * LITTLE_SHARE && amount * each < LITTLE_SECONDS;
}

function checkPart(
  { beat, action, move, how }: UsedPart,
  { setting, band }: FindingContext,
  isFirst: boolean,
): Seen[] {
  if (!action) return [];
  return judgedOf(action, how.led).flatMap(({ dose, mayBeLess, withDose }): Seen[] => {
    if (dose.unit !== move.usual.unit) return [];
    const all = askedOf(dose, move, setting);
    const worst = all.reduce((one, other) => (over(other) > over(one) ? other : one));
    // Small amounts are fine for threes, as a first go, and in a ladder that grows.
    const isSmallOnPurpose = mayBeLess || isFirst || band === '3-4' || dose.amounts.length > 1;
    const smallest = all.find((one) => isHardlyAny(one, dose, move, band));
    const limit = bearable(dose, move, worst.most, band);
    const above = worst.amount > limit;
    if (!above && (isSmallOnPurpose || !smallest)) return [];
    const { age, amount, least, most } = above ? worst : smallest!;
    const who = dose.asked ? AGE_NAMES[age]! : 'the youngest';
    return [
      {
        place: { beatId: beat.id, part: action.id },
        severity: !above ? 'think' : amount > limit * FAR_ABOVE ? 'stop' : 'mend',
        params: {
          above: above ? 1 : 0,
          amount,
          least,
          most,
          who,
          name: action.guise.name || move.name,
        },
        fix: (now) =>
          changeAction(now, beat.id, action.id, (one) =>
            withDose(one, withinUsual(dose, move, setting)),
          ),
      },
    ];
  });
}

/** A set asks for more, or hardly any of what is usual for the youngest in the group. */
export function checkDoses(context: FindingContext): Seen[] {
  const met = new Set<string>();
  return context.parts.flatMap((part) => {
    // What is usual for a move that nobody knows is a guess: nothing is held against that.
    if (isUnknown(part.move)) return [];
    const isFirst = !met.has(part.move.id);
    met.add(part.move.id);
    return checkPart(part, context, isFirst);
  });
}
