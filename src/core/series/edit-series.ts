import { DEFAULT_SETTING, type Setting } from '../model/setting';
import type { NewId } from '../model/new-id';
import { daysBetween, laterBy, type Day } from './days';
import { MOST_SESSIONS, type Series, type Session } from './series';

/** A series without a session. `now` is ISO 8601 in UTC. */
export function newSeries(newId: NewId, now: string, setting: Setting = DEFAULT_SETTING): Series {
  return {
    version: 1,
    id: newId('ser'),
    title: '',
    place: '',
    group: '',
    setting,
    everyDays: 7,
    favourites: [],
    sessions: [],
    removed: [],
    savedAt: now,
  };
}

/** A session on a day, with nothing in it yet. */
export function newSession(newId: NewId, day: Day, time: string): Session {
  return {
    id: newId('ses'),
    day,
    time,
    adventureId: null,
    fallsOut: '',
    lastTime: '',
    nextTime: '',
    sequence: 0,
    kept: null,
    led: null,
  };
}

const byDay = (a: Session, b: Session) =>
  a.day.localeCompare(b.day) || a.time.localeCompare(b.time);

const withSessions = (series: Series, sessions: readonly Session[]): Series => ({
  ...series,
  sessions: [...sessions].sort(byDay),
});

/** The series with these sessions too; as many as there is room for, none twice on one day and time. */
export function addSessions(series: Series, added: readonly Session[]): Series {
  const taken = new Set(series.sessions.map(({ day, time }) => `${day} ${time}`));
  const fresh = added.filter(({ day, time }) => {
    const at = `${day} ${time}`;
    return !taken.has(at) && taken.add(at);
  });
  const room = MOST_SESSIONS - series.sessions.length;
  return withSessions(series, [...series.sessions, ...fresh.slice(0, room)]);
}

/** The series with `count` more gaps after its last session; the first on `firstDay` where it has none. */
export function addGaps(series: Series, count: number, firstDay: Day, newId: NewId): Series {
  const last = series.sessions.at(-1);
  const from = last ? laterBy(last.day, series.everyDays) : firstDay;
  const gaps = Array.from({ length: count }, (_, n) =>
    newSession(newId, laterBy(from, n * series.everyDays), last?.time ?? '09:30'),
  );
  return addSessions(series, gaps);
}

/** The series with one session changed; calendars are told of another day, time or that it falls out. */
export function changeSession(
  series: Series,
  id: string,
  change: Partial<Omit<Session, 'id' | 'sequence'>>,
): Series {
  return withSessions(
    series,
    series.sessions.map((session) => {
      if (session.id !== id) return session;
      const changed = { ...session, ...change };
      const isNews = (['day', 'time', 'fallsOut', 'adventureId'] as const).some(
        (key) => changed[key] !== session[key],
      );
      return isNews ? { ...changed, sequence: session.sequence + 1 } : changed;
    }),
  );
}

/** What goes with an adventure from one day to another: all but the day. */
const contents = ({ adventureId, lastTime, nextTime, kept }: Session) => ({
  adventureId,
  lastTime,
  nextTime,
  kept,
});

/**
 * The series with what stands at one place put at another: what lies between moves up by one, the days
 * stay. What was led stays where it was led, and what falls out stays out.
 */
export function moveContents(series: Series, from: number, to: number): Series {
  const open = series.sessions.flatMap((session, n) =>
    session.led || session.fallsOut ? [] : [n],
  );
  const [at, goal] = [open.indexOf(from), open.indexOf(to)];
  if (at < 0 || goal < 0 || at === goal) return series;
  const order = [...open];
  order.splice(goal, 0, ...order.splice(at, 1));
  return open.reduce((now, place, n) => {
    const session = series.sessions[place]!;
    return changeSession(now, session.id, contents(series.sessions[order[n]!]!));
  }, series);
}

/** The series without a session; a calendar that has it is told that it is off. */
export function removeSession(series: Series, id: string): Series {
  const gone = series.sessions.find((session) => session.id === id);
  if (!gone) return series;
  const { day, time, kept, sequence } = gone;
  const removed = { id, day, time, title: kept?.title ?? '', sequence: sequence + 1 };
  return {
    ...series,
    sessions: series.sessions.filter((session) => session !== gone),
    removed: [...series.removed, removed].slice(-MOST_SESSIONS),
  };
}

/** The series with all sessions from one on so many days later, as weeks that fall out need. */
export function shiftFrom(series: Series, id: string, days: number): Series {
  const first = series.sessions.findIndex((session) => session.id === id);
  if (first < 0) return series;
  return series.sessions
    .slice(first)
    .filter(({ led }) => !led)
    .reduce(
      (now, { id: each, day }) => changeSession(now, each, { day: laterBy(day, days) }),
      series,
    );
}

/** The session nearest to a day, within so many days. */
export function nearestTo(
  sessions: readonly Session[],
  day: Day,
  within: number,
): Session | undefined {
  return sessions
    .map((session) => ({ session, off: Math.abs(daysBetween(session.day, day)) }))
    .filter(({ off }) => off <= within)
    .sort((a, b) => a.off - b.off)[0]?.session;
}
