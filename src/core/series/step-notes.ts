import type { MoveBook } from '../moves/move-book';
import { laddersOf, stepOf, stepsAllowed, stepsBetween, type Rung } from './ladders';
import { titleAt, toCome, type Row, type RowNote } from './row';

/** The step to a rung of a session that is still to come. */
function stepNotes(
  row: Row,
  before: Rung,
  now: Rung,
  book: MoveBook,
  isOpen: (n: number) => boolean,
): readonly RowNote[] {
  if (!isOpen(now.session)) return [];
  const { ages } = row.series.setting;
  const session = row.series.sessions[now.session]!;
  const move = book.get(now.move)!;
  const steps = stepsBetween(before, now, book, ages);
  const wasHard = row.series.sessions[before.session]!.led?.debrief?.effort === 'too hard';
  const allowed = stepsAllowed(before.day, now.day);
  if (!(wasHard && steps > 0) && steps <= allowed) return [];
  const isSameForm = before.move === now.move;
  const amount = wasHard ? before.amount : before.amount + allowed * stepOf(move, ages);
  const { adventureId } = session;
  return [
    {
      rule: wasHard ? 'was-too-hard' : 'too-big-a-step',
      sessionId: session.id,
      params: {
        move: move.plural,
        before: book.get(before.move)?.plural ?? '',
        from: before.amount,
        to: now.amount,
        day: before.day,
        title: titleAt(row, now.session),
        amount: isSameForm ? amount : 0,
      },
      mend: isSameForm
        ? {
            kind: 'amount',
            sessionId: session.id,
            adventureId: adventureId!,
            move: now.move,
            amount,
          }
        : {
            kind: 'swap',
            sessionId: session.id,
            adventureId: adventureId!,
            from: now.move,
            to: before.move,
          },
    },
  ];
}

/** Moves that grow by more than a step a week, or after they were too hard. */
export function stepsTooBig(row: Row, book: MoveBook): readonly RowNote[] {
  const open = new Set(toCome(row));
  return laddersOf(row.covered, book).flatMap(({ rungs }) =>
    rungs
      .slice(1)
      .flatMap((rung, n) => stepNotes(row, rungs[n]!, rung, book, (at) => open.has(at))),
  );
}
