import type { Adventure } from '../document/adventure';
import { titleOf } from '../document/title';
import { coveredSession, type CoveredSession } from './coverage';
import type { Day } from './days';
import type { Row } from './row';
import type { Series, Session } from './series';
import type { SessionSums } from './sums';

/** Adventures by their ids. */
export function adventuresById(adventures: readonly Adventure[]): ReadonlyMap<string, Adventure> {
  return new Map(adventures.map((adventure) => [adventure.id, adventure]));
}

/** A session that nobody changed is looked at as before: what is drawn of it stays as it is. */
const known = new WeakMap<
  Session,
  Readonly<{ title: string; sums: SessionSums | null; covered: CoveredSession }>
>();

/**
 * A series as it is looked at on a day, with the adventures that are there. An adventure that is not there
 * any more has its place with the title and the numbers that were kept.
 */
export function buildRow(
  series: Series,
  adventures: ReadonlyMap<string, Adventure>,
  sumsOf: (adventure: Adventure) => SessionSums,
  today: Day,
): Row {
  const covered = series.sessions.map((session) => {
    const adventure = adventures.get(session.adventureId ?? '');
    const title = adventure ? titleOf(adventure) : (session.kept?.title ?? '');
    const sums = adventure ? sumsOf(adventure) : null;
    const before = known.get(session);
    if (before && before.title === title && before.sums === sums) return before.covered;
    const covered = coveredSession(session, sums, title);
    known.set(session, { title, sums, covered });
    return covered;
  });
  return { series, covered, adventures, today };
}

/** The series with what its adventures come to now kept in it, for when one is gone; itself where all is kept. */
export function keepNumbers(
  series: Series,
  adventures: ReadonlyMap<string, Adventure>,
  sumsOf: (adventure: Adventure) => SessionSums,
): Series {
  const sessions = series.sessions.map((session) => {
    const adventure = adventures.get(session.adventureId ?? '');
    if (!adventure) return session;
    const kept = { title: titleOf(adventure), sums: sumsOf(adventure) };
    const isKept = kept.sums === session.kept?.sums && kept.title === session.kept.title;
    if (isKept) return session;
    return JSON.stringify(kept) === JSON.stringify(session.kept) ? session : { ...session, kept };
  });
  return sessions.every((session, n) => session === series.sessions[n])
    ? series
    : { ...series, sessions };
}
