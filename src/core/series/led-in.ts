import type { Run } from '../log/run';
import type { MoveBook } from '../moves/move-book';
import { nearestTo } from './edit-series';
import { takesPlace, type Series, type Session } from './series';
import { ledSums, NOTHING_TAUGHT } from './sums';

/** A run belongs to a session of its adventure so many days before or after it; to a gap on its day alone. */
const NEAR_DAYS = 3;

/** The session that a run is the leading of, if there is one. `day` is when it was led, on the wall. */
function sessionOf(sessions: readonly Session[], run: Run, day: string): Session | undefined {
  const open = sessions.filter((session) => takesPlace(session) && session.led === null);
  const same = open.filter(({ adventureId }) => adventureId === run.adventureId);
  const gaps = open.filter(({ adventureId }) => adventureId === null);
  return nearestTo(same, day, NEAR_DAYS) ?? nearestTo(gaps, day, 0);
}

/**
 * The series with what the Logbook has of it: each run that was led at its own speed goes to the session of
 * its adventure that is nearest in days, or to a gap on that very day. A run goes to one session, and a
 * session has one run; what was kept of a run stays when the run is deleted. `dayOf` tells the day on the
 * wall of a time in UTC.
 */
export function withLed(
  series: Series,
  runs: readonly Run[],
  bookOf: (run: Run) => MoveBook,
  dayOf: (isoTime: string) => string,
): Series {
  const byId = new Map(runs.map((run) => [run.id, run]));
  // What was said of a session afterwards may have changed since.
  let sessions: readonly Session[] = series.sessions.map((session) => {
    const run = session.led && byId.get(session.led.runId);
    if (!run) return session;
    const debrief = run.debrief ?? null;
    const isSame = JSON.stringify(debrief) === JSON.stringify(session.led!.debrief);
    return isSame ? session : { ...session, led: { ...session.led!, debrief } };
  });
  const known = new Set(sessions.flatMap(({ led }) => led?.runId ?? []));
  const fresh = runs
    .filter(({ id, speed, leading }) => speed === 1 && leading.done && !known.has(id))
    .sort((a, b) => a.startedAt.localeCompare(b.startedAt));
  for (const run of fresh) {
    const found = sessionOf(sessions, run, dayOf(run.startedAt));
    if (!found) continue;
    const sums = ledSums(run, bookOf(run), found.kept?.sums ?? NOTHING_TAUGHT);
    const led = { runId: run.id, startedAt: run.startedAt, sums, debrief: run.debrief ?? null };
    sessions = sessions.map((session) =>
      session === found ? { ...session, adventureId: run.adventureId, led } : session,
    );
  }
  const isSame = sessions.every((session, n) => session === series.sessions[n]);
  return isSame ? series : { ...series, sessions };
}
