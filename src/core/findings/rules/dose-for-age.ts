import { AGE_NAMES } from '../../language/dose-words';
import type { Action } from '../../model/action';
import { ageBandOf } from '../../model/ages';
import { amountAtAge, withAmounts, type Dose } from '../../model/dose';
import type { Led } from '../../model/led';
import type { Move } from '../../model/move';
import type { Setting } from '../../model/setting';
import { isUnknown } from '../../moves/unknown-move';
import { within } from '../../words/numbers';
import type { FindingContext, UsedPart } from '../context';
import type { Seen } from '../finding';
import { changeAction } from '../mending';

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

function checkPart({ beat, action, move, how }: UsedPart, { setting }: FindingContext): Seen[] {
  if (!action) return [];
  return judgedOf(action, how.led).flatMap(({ dose, mayBeLess, withDose }): Seen[] => {
    if (dose.unit !== move.usual.unit) return [];
    const all = askedOf(dose, move, setting);
    const worst = all.reduce((one, other) => (over(other) > over(one) ? other : one));
    const smallest = all.find(({ amount, least }) => amount < least);
    const above = worst.amount > worst.most;
    if (!above && (mayBeLess || !smallest)) return [];
    const { age, amount, least, most } = above ? worst : smallest!;
    const who = dose.asked ? AGE_NAMES[age]! : 'the youngest';
    return [
      {
        place: { beatId: beat.id, part: action.id },
        severity: !above ? 'think' : amount > most * FAR_ABOVE ? 'stop' : 'mend',
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

/** A set asks for more, or less, than is usual for the youngest in the group. */
export function checkDoses(context: FindingContext): Seen[] {
  // What is usual for a move that nobody knows is a guess: nothing is held against that.
  return context.parts.flatMap((part) => (isUnknown(part.move) ? [] : checkPart(part, context)));
}
