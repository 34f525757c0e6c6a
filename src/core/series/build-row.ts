import type { Adventure } from '../document/adventure';
import { titleOf } from '../document/title';
import { coveredSession } from './coverage';
import type { Day } from './days';
import type { Row } from './row';
import type { Series } from './series';
import type { SessionSums } from './sums';

/** Adventures by their ids. */
export function adventuresById(adventures: readonly Adventure[]): ReadonlyMap<string, Adventure> {
  return new Map(adventures.map((adventure) => [adventure.id, adventure]));
}

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
    return coveredSession(session, adventure ? sumsOf(adventure) : null, title);
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
    return JSON.stringify(kept) === JSON.stringify(session.kept) ? session : { ...session, kept };
  });
  return sessions.every((session, n) => session === series.sessions[n])
    ? series
    : { ...series, sessions };
}
