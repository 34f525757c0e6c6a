import { ageBandOf, type Ages } from '../model/ages';
import type { Action, Station } from '../model/action';
import { withAmounts, type Dose } from '../model/dose';
import type { Move } from '../model/move';
import type { Setting } from '../model/setting';
import { lacksOf } from './fits-setting';
import { moveIn, type MoveBook } from './move-book';

/** Where a form is done: its kit and its room. */
type Hall = Pick<Setting, 'kit' | 'room'>;

/** A form lacks nothing there that the move itself does not lack already. */
function isAtHand(form: Move, move: Move, hall: Hall): boolean {
  const lacking = lacksOf(move, hall);
  return lacksOf(form, hall).every((thing) => lacking.includes(thing));
}

/**
 * The next easier or harder form of a move that `fits`, further along where nearer ones do not; null
 * where there is none. Moves of the presenter's own may be each other's forms: a ring has an end here.
 */
function formAlong(
  move: Move,
  way: 'easier' | 'harder',
  book: MoveBook,
  fits: (form: Move) => boolean,
): Move | null {
  const seen = new Set([move.id]);
  let form = book.get(move[way] ?? '');
  while (form && !fits(form)) {
    seen.add(form.id);
    form = seen.has(form[way] ?? '') ? undefined : book.get(form[way] ?? '');
  }
  return form ?? null;
}

/**
 * Whether a move comes back to itself by its easier forms, or by its harder ones: then none of them is
 * easier than all others. Where it does not, it may still lead into a ring of others.
 */
export function isInRing(move: Move, way: 'easier' | 'harder', book: MoveBook): boolean {
  const seen = new Set<string>();
  let id = move[way];
  while (id !== null && id !== move.id && !seen.has(id)) {
    seen.add(id);
    id = book.get(id)?.[way] ?? null;
  }
  return id === move.id;
}

/** The next easier or harder form with what is at hand: "a scarf instead" helps nobody without one. */
export function nextForm(
  move: Move,
  way: 'easier' | 'harder',
  book: MoveBook,
  hall: Hall,
): Move | null {
  return formAlong(move, way, book, (form) => isAtHand(form, move, hall));
}

/**
 * The nearest easier form that a child of `age` can usually do with what is at hand, the move itself if
 * it is one; null where there is none.
 */
export function formFor(move: Move, age: number, book: MoveBook, hall: Hall): Move | null {
  if (move.fromAge <= age) return move;
  return formAlong(
    move,
    'easier',
    book,
    (form) => form.fromAge <= age && isAtHand(form, move, hall),
  );
}

/** The same, or the move as it is. */
export function formForAge(move: Move, age: number, book: MoveBook, hall: Hall): Move {
  return formFor(move, age, book, hall) ?? move;
}

/** Where `amount` stands between the ends of a range, 0 to 1; outside it counts as the near end. */
function standing(amount: number, [least, most]: readonly [number, number]): number {
  return most === least ? 0.5 : Math.min(1, Math.max(0, (amount - least) / (most - least)));
}

/**
 * The dose at the same place in another range: what was half-way for fives is half-way for sevens.
 * In another unit than the usual one the amounts stay as they are.
 */
function moveDose(
  dose: Dose,
  from: readonly [number, number],
  to: readonly [number, number],
): Dose {
  const amounts = dose.amounts.map((amount) =>
    Math.round(to[0] + (to[1] - to[0]) * standing(amount, from)),
  );
  return withAmounts(dose, amounts);
}

/** The action with its dose where it stood in the usual range of the ages before. */
export function doseForAges(action: Action, before: Ages, after: Ages, book: MoveBook): Action {
  const { usual } = moveIn(book, action.move);
  if (action.dose.unit !== usual.unit) return action;
  const [from, to] = [usual.range[ageBandOf(before)], usual.range[ageBandOf(after)]];
  return { ...action, dose: moveDose(action.dose, from, to) };
}

/** The action done in another form of its move, with the dose where it stood in the usual range. */
export function inForm(action: Action, form: Move, ages: Ages, book: MoveBook): Action {
  if (form.id === action.move) return action;
  const band = ageBandOf(ages);
  const move = moveIn(book, action.move);
  const range = form.usual.range[band];
  const inUsual = action.dose.unit === move.usual.unit;
  const unit = form.usual.unit;
  const dose = inUsual
    ? moveDose(action.dose, move.usual.range[band], range)
    : {
        ...action.dose,
        amounts: action.dose.amounts.map(() => Math.round((range[0] + range[1]) / 2)),
      };
  const sides = form.sided ? (dose.sides === 'any' ? 'each' : dose.sides) : 'any';
  return { ...action, move: form.id, dose: { ...dose, unit, sides } };
}

/** A part in another form of its move; a dose of its own goes along, as `inForm` has it. */
export function formed<P extends Action | Station>(
  part: P,
  form: Move,
  ages: Ages,
  book: MoveBook,
): P {
  return 'dose' in part
    ? { ...part, ...inForm(part, form, ages, book) }
    : { ...part, move: form.id };
}
