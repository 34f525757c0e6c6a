import { isWork, NO_WORDS, type Cue, type Doing } from '../cues/cue';
import { TIMINGS } from '../cues/timing';
import { workInTempo, workOf, type Work } from '../cues/work';
import { isCounted } from '../model/dose';
import type { Move } from '../model/move';
import { nextForm } from '../moves/forms';
import { moveBookOf, moveIn, moveOf, type MoveBook } from '../moves/move-book';
import { freshId, retimed } from './cue-list';
import { eachOf, isSamePart, type LedWay } from './led-way';

/** Work at the tempo that it has: the move's own, or that of a rhyme or a relay. */
function workAt(move: Move, doing: Doing, lengthSeconds: number, eachSeconds: number): Work {
  const inTempo = isCounted(doing.unit) && Math.abs(doing.secondsPerCount - eachSeconds) > 1e-9;
  return inTempo ? workInTempo(move, lengthSeconds, eachSeconds) : workOf(move, doing, eachSeconds);
}

/** Work with another amount; what is done of it already stays done. */
export function withAmount(way: LedWay, cue: Cue, amount: number, doneSeconds: number): Cue {
  const { doing } = cue;
  if (!doing) return cue;
  const each = doing.secondsPerCount;
  const done = each > 0 ? Math.ceil(doneSeconds / each) : Math.ceil(doneSeconds);
  const whole = Math.max(1, done, Math.round(amount));
  const move = moveOf(moveBookOf(way.context.adventure), doing);
  const changed = { ...doing, amount: whole, asked: null };
  const length = each > 0 ? whole * each : (cue.lengthSeconds * whole) / doing.amount;
  return {
    ...cue,
    ...workAt(move, changed, length, eachOf(way, move, doing.tempo)),
    doing: changed,
  };
}

/** The same part from here on, each of its cues that still is to come, and the one that is on. */
function changeRest(
  cues: readonly Cue[],
  index: number,
  intoSeconds: number,
  change: (cue: Cue, doneSeconds: number) => Cue,
): readonly Cue[] {
  const { doing } = cues[index]!;
  if (!doing) return cues;
  const changed = cues.map((cue, n) =>
    n >= index && isSamePart(cue, doing) ? change(cue, n === index ? intoSeconds : 0) : cue,
  );
  return retimed(changed, index);
}

/** Fewer or more by a share, from the turn that is on. */
export function dosed(way: LedWay, index: number, into: number, share: number): readonly Cue[] {
  return changeRest(way.cues, index, into, (cue, done) => {
    if (!cue.doing) return cue;
    const { amount } = cue.doing;
    const step = Math.max(1, Math.round(Math.abs(share) * amount));
    const wanted = amount + Math.sign(share) * step;
    if (!isWork(cue)) return { ...cue, doing: { ...cue.doing, amount: Math.max(1, wanted) } };
    return withAmount(way, cue, wanted, done);
  });
}

/** The form that can be gone over to at once: nobody fetches other kit with the children there. */
export function formOnTheFloor(
  { context: { setting } }: LedWay,
  { move }: Doing,
  form: 'easier' | 'harder',
  book: MoveBook,
): Move | null {
  const { kit } = moveIn(book, move);
  return nextForm(moveIn(book, move), form, book, { ...setting, kit: [...kit] });
}

/** The part in another form of its move from the next turn on, shown first; the turn that is on ends. */
export function inOtherForm(
  way: LedWay,
  index: number,
  form: 'easier' | 'harder',
  book: MoveBook,
): readonly Cue[] | null {
  const { cues } = way;
  const cue = cues[index]!;
  const { doing } = cue;
  const other = doing && formOnTheFloor(way, doing, form, book);
  if (!doing || !other) return null;
  const move = moveOf(book, { ...doing, move: other.id });
  const before = moveOf(book, doing);
  const each = eachOf(way, move, doing.tempo);
  const eachBefore = eachOf(way, before, doing.tempo);
  /** A rhyme keeps its beat; a move that was counted at its own tempo has the new one's. */
  const countOf = ({ unit, secondsPerCount }: Doing) =>
    isCounted(unit) && secondsPerCount === eachBefore ? each : secondsPerCount;
  const rename = (one: Doing): Doing => ({
    ...one,
    move: move.id,
    // A guise stays; a move that went by its own name goes by the new one.
    name: one.name === before.name ? move.name : one.name,
    secondsPerCount: countOf(one),
  });
  // The turn that is on is done in the new form too, from its beginning: it is shown, and begun again.
  const from = isWork(cue) ? index : index + 1;
  const rest = cues.slice(from).map((one): Cue => {
    if (!one.doing || !isSamePart(one, doing)) return one;
    const next = { ...one, doing: rename(one.doing) };
    return isWork(one) ? { ...next, ...workAt(move, next.doing, one.lengthSeconds, each) } : next;
  });
  const show: Cue = {
    ...cue,
    kind: 'show',
    text: '',
    meanwhile: NO_WORDS,
    lengthSeconds: TIMINGS.show.usual,
    effort: 1,
    reps: 0,
    landings: 0,
    doing: rename(doing),
  };
  const shown = { ...show, id: freshId(cues, cue.id) };
  if (from === index + 1) return retimed([...cues.slice(0, from), shown, ...rest], from);
  const again = { ...rest[0]!, id: freshId([...cues, shown], cue.id) };
  return retimed([...cues.slice(0, index + 1), shown, again, ...rest.slice(1)], index + 1);
}
