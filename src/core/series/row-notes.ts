import { partsOfBeat } from '../beats';
import { insteadOf } from '../moves/fits-setting';
import { moveBookOf, type MoveBook } from '../moves/move-book';
import { countsOf, coverageOf, type Coverage } from './coverage';
import { daysBetween } from './days';
import { notLately } from './missed-skills';
import { titleAt, toCome, type Row, type RowNote } from './row';
import { isGap, takesPlace, type Series } from './series';
import { stepsTooBig } from './step-notes';

/** So many sessions with the same move are told. */
const EVERY_TIME = 4;
/** One side more than the other by this share of both. */
const SIDE_SHARE = 0.2;
const LEAST_SIDE_SECONDS = 60;
/** Lively and fast work should be this share of the time, over the row. Our own judgement. */
const LIVELY_SHARE = 0.12;
const LIVELY = 4;

/** Whether an adventure is to come this often on purpose. */
function isFavourite({ favourites }: Series, id: string, weeks: number, everyDays: number) {
  return favourites.some(
    ({ adventureId, every }) => adventureId === id && every * everyDays <= weeks,
  );
}

function sameAgain(row: Row): readonly RowNote[] {
  const { series } = row;
  const on = series.sessions.flatMap((session, n) => (takesPlace(session) ? [{ session, n }] : []));
  return on.flatMap(({ session, n }, k): RowNote[] => {
    const before = on[k - 1];
    const id = session.adventureId;
    if (!before || id === null || before.session.adventureId !== id || session.led) return [];
    const days = daysBetween(before.session.day, session.day);
    if (isFavourite(series, id, days, series.everyDays)) return [];
    return [
      {
        rule: 'same-again',
        sessionId: session.id,
        params: { title: titleAt(row, n), day: before.session.day },
        mend: { kind: 'choose', sessionId: session.id },
      },
    ];
  });
}

function moveEveryTime(row: Row, book: MoveBook): readonly RowNote[] {
  const filled = row.covered.flatMap((one, n) => {
    const sums = countsOf(one);
    return sums ? [{ sums, n }] : [];
  });
  const [open] = toCome(row);
  if (filled.length < EVERY_TIME || open === undefined) return [];
  const last = filled.slice(-EVERY_TIME);
  const moves = Object.keys(last[0]!.sums.moves).filter((id) => {
    const move = book.get(id);
    const isWork = move && move.effort > 1 && move.family !== 'breath' && move.family !== 'stretch';
    return isWork && last.every(({ sums }) => (sums.moves[id] ?? 0) > 0);
  });
  return moves.slice(0, 1).flatMap((id): RowNote[] => {
    const session = row.series.sessions[open]!;
    const adventure = row.adventures.get(session.adventureId!)!;
    const move = book.get(id)!;
    const used = new Set(
      adventure.chapters.flatMap(({ beats }) =>
        beats.flatMap((beat) => partsOfBeat(beat).map((part) => part.move)),
      ),
    );
    if (!used.has(id)) return [];
    const others = [...book.values()].filter((one) => !used.has(one.id));
    const to = insteadOf(move, others, row.series.setting);
    return [
      {
        rule: 'move-every-time',
        sessionId: session.id,
        params: {
          move: move.plural,
          times: EVERY_TIME,
          title: titleAt(row, open),
          to: to?.plural ?? '',
        },
        mend: to && {
          kind: 'swap',
          sessionId: session.id,
          adventureId: adventure.id,
          from: id,
          to: to.id,
        },
      },
    ];
  });
}

function wholeRow(row: Row): readonly RowNote[] {
  const sums = row.covered.flatMap((one) => countsOf(one) ?? []);
  const last = row.series.sessions.findLast(takesPlace);
  if (sums.length < 2 || !last) return [];
  const total = (of: (one: (typeof sums)[number]) => number) =>
    sums.reduce((all, one) => all + of(one), 0);
  const [left, right] = [total((one) => one.leftSeconds), total((one) => one.rightSeconds)];
  const notes: RowNote[] = [];
  const both = left + right;
  if (both >= LEAST_SIDE_SECONDS && Math.abs(left - right) > both * SIDE_SHARE) {
    notes.push({
      rule: 'one-side-more',
      sessionId: last.id,
      params: {
        side: left > right ? 'left' : 'right',
        more: Math.round(Math.max(left, right)),
        less: Math.round(Math.min(left, right)),
      },
      mend: null,
    });
  }
  const seconds = total((one) => one.seconds);
  const lively = total((one) => one.effortSeconds.slice(LIVELY - 1).reduce((a, b) => a + b, 0));
  if (seconds > 0 && lively < seconds * LIVELY_SHARE) {
    notes.push({
      rule: 'little-lively',
      sessionId: last.id,
      params: { share: Math.round((lively / seconds) * 100) },
      mend: null,
    });
  }
  return notes;
}

function notHere({ series, adventures, covered }: Row): readonly RowNote[] {
  return series.sessions.flatMap((session, n): RowNote[] => {
    const { adventureId, id, led } = session;
    if (adventureId === null || led || adventures.has(adventureId)) return [];
    return [
      {
        rule: 'not-here',
        sessionId: id,
        params: { title: covered[n]!.title },
        mend: { kind: 'choose', sessionId: id },
      },
    ];
  });
}

function gaps({ series }: Row): readonly RowNote[] {
  return series.sessions.filter(isGap).map(({ id, day }) => ({
    rule: 'gap',
    sessionId: id,
    params: { day },
    mend: { kind: 'choose', sessionId: id },
  }));
}

/** Everything that there is to say of a row, what matters most first; its coverage may be known already. */
export function rowNotes(
  row: Row,
  coverage: Coverage = coverageOf(row.covered, row.today),
): readonly RowNote[] {
  const book = moveBookOf({ moves: [...row.adventures.values()].flatMap(({ moves }) => moves) });
  return [
    ...notHere(row),
    ...stepsTooBig(row, book),
    ...sameAgain(row),
    ...notLately(row, coverage),
    ...moveEveryTime(row, book),
    ...wholeRow(row),
    ...gaps(row),
  ];
}
