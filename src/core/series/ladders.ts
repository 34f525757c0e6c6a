import { ageBandOf, type Ages } from '../model/ages';
import type { Debrief } from '../log/run';
import type { Move } from '../model/move';
import type { MoveBook } from '../moves/move-book';
import { daysBetween, type Day } from './days';
import type { CoveredSession } from './coverage';
import { countsOf } from './coverage';

/** How a move stands in one session: which form of it, and how much in one set. */
export type Rung = Readonly<{
  session: number;
  day: Day;
  move: string;
  /** How many harder forms up from the easiest. */
  level: number;
  amount: number;
}>;

/** A move over the row: its forms from the easiest up, and where it comes. */
export type Ladder = Readonly<{ root: string; rungs: readonly Rung[] }>;

/** An age's range is climbed in about so many steps of amount. Our own judgement. */
const STEPS = 3;
const WEEK_DAYS = 7;

type Place = Readonly<{ root: string; level: number }>;
/** Books are the same for as long as nobody writes a move: places in them are looked up once. */
const places = new WeakMap<MoveBook, Map<string, Place>>();

/** The easiest form of a move, and how many steps it is up from there; a ring of forms has no easiest. */
function placeOf(move: Move, book: MoveBook): Place {
  const known = places.get(book) ?? new Map<string, Place>();
  places.set(book, known);
  const before = known.get(move.id);
  if (before) return before;
  const seen = new Set([move.id]);
  let root = move;
  for (;;) {
    const easier = book.get(root.easier ?? '');
    if (!easier || seen.has(easier.id)) break;
    seen.add(easier.id);
    root = easier;
  }
  const place = { root: root.id, level: seen.size - 1 };
  known.set(move.id, place);
  return place;
}

/** Moves that are meant to become calmer or longer don't grow. */
const grows = ({ family, effort }: Move) =>
  effort > 1 && family !== 'breath' && family !== 'stretch' && family !== 'rhythm';

/** The moves that come in two sessions or more, each on its ladder; those that come most first. */
export function laddersOf(sessions: readonly CoveredSession[], book: MoveBook): readonly Ladder[] {
  const ladders = new Map<string, Map<number, Rung>>();
  sessions.forEach((one, session) => {
    for (const [id, amount] of Object.entries(countsOf(one)?.most ?? {})) {
      const move = book.get(id);
      if (!move || amount <= 0 || !grows(move)) continue;
      const { root, level } = placeOf(move, book);
      const rungs = ladders.get(root) ?? new Map<number, Rung>();
      ladders.set(root, rungs);
      const before = rungs.get(session);
      if (before && before.level >= level) continue;
      rungs.set(session, { session, day: one.day, move: id, level, amount });
    }
  });
  return [...ladders]
    .map(([root, rungs]) => ({ root, rungs: [...rungs.values()] }))
    .filter(({ rungs }) => rungs.length > 1)
    .sort((a, b) => b.rungs.length - a.rungs.length);
}

/** One step of amount for a move at these ages, in its unit: a third of the usual range. */
export function stepOf(move: Move, ages: Ages): number {
  const [least, most] = move.usual.range[ageBandOf(ages)];
  return Math.max(1, Math.ceil((most - least) / STEPS));
}

/**
 * How many steps it is up from one rung to the next: a harder form is one, and so is each step of amount in
 * the same form. What gets easier is none.
 */
export function stepsBetween(from: Rung, to: Rung, book: MoveBook, ages: Ages): number {
  if (to.level !== from.level) return Math.max(0, to.level - from.level);
  const move = book.get(to.move);
  if (!move) return 0;
  return Math.max(0, Math.ceil((to.amount - from.amount) / stepOf(move, ages) - 1e-9));
}

/** How many steps up are fine between two days: one a week, and one where it is less. */
export function stepsAllowed(from: Day, to: Day): number {
  return Math.max(1, Math.floor(daysBetween(from, to) / WEEK_DAYS));
}

/** What is next on a ladder: the form and how much in a set. */
export type NextRung = Readonly<{ move: string; amount: number }>;

/**
 * One step up from a rung, within the age's range, then the harder form from its least on; where it was too
 * hard it goes a step down, and where it is as much as the age should do it stays.
 */
export function nextRung(
  rung: Pick<Rung, 'move' | 'amount'>,
  effort: Debrief['effort'],
  book: MoveBook,
  ages: Ages,
): NextRung {
  const move = book.get(rung.move);
  if (!move) return rung;
  const [least, most] = move.usual.range[ageBandOf(ages)];
  const step = stepOf(move, ages);
  if (effort === 'too hard') {
    const easier = book.get(move.easier ?? '');
    if (rung.amount > least || !easier)
      return { move: move.id, amount: Math.max(least, rung.amount - step) };
    return { move: easier.id, amount: easier.usual.range[ageBandOf(ages)][0] };
  }
  if (rung.amount < most) return { move: move.id, amount: Math.min(most, rung.amount + step) };
  const harder = book.get(move.harder ?? '');
  if (!harder || harder.fromAge > ages.from) return { move: move.id, amount: rung.amount };
  return { move: harder.id, amount: harder.usual.range[ageBandOf(ages)][0] };
}
