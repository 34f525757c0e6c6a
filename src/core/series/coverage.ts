import { REGIONS } from '../model/move';
import { daysBetween, type Day } from './days';
import { takesPlace, type Session } from './series';
import { SKILL_FAMILIES, SKILLS } from './skills';
import { movingSeconds, type SessionSums } from './sums';

export const ASPECT_GROUPS = [...SKILL_FAMILIES, 'body', 'effort', 'sides'] as const;
export type AspectGroup = (typeof ASPECT_GROUPS)[number];

/** Something that a row of sessions is looked through for; `of` gives its seconds in one session. */
export type Aspect = Readonly<{
  id: string;
  name: string;
  group: AspectGroup;
  of: (sums: SessionSums) => number;
}>;

const EFFORT_NAMES = ['still', 'a little', 'easy', 'lively', 'fast and strong'] as const;

/** Everything that is looked through a row for, in the order in which it is told. */
export const ASPECTS: readonly Aspect[] = [
  ...SKILLS.map(({ id, name, family }): Aspect => ({
    id: `skill ${id}`,
    name,
    group: family,
    of: ({ skills }) => skills[id] ?? 0,
  })),
  ...REGIONS.map((region): Aspect => ({
    id: `region ${region}`,
    name: region,
    group: 'body',
    of: ({ regions }) => regions[region] ?? 0,
  })),
  ...EFFORT_NAMES.map((name, level): Aspect => ({
    id: `effort ${level + 1}`,
    name,
    group: 'effort',
    of: ({ effortSeconds }) => effortSeconds[level]!,
  })),
  { id: 'side left', name: 'left', group: 'sides', of: ({ leftSeconds }) => leftSeconds },
  { id: 'side right', name: 'right', group: 'sides', of: ({ rightSeconds }) => rightSeconds },
];

/** One session in the row, with what it is planned to come to and what it came to; null where nothing is. */
export type CoveredSession = Readonly<{
  id: string;
  day: Day;
  title: string;
  planned: SessionSums | null;
  led: SessionSums | null;
}>;

/** An aspect over the row: seconds by session, and what they come to. */
export type CoveredAspect = Readonly<{
  id: string;
  name: string;
  group: AspectGroup;
  planned: readonly number[];
  led: readonly number[];
  plannedSeconds: number;
  ledSeconds: number;
  /** Days from when it last came to the end of the row looked at; null where it never came. */
  daysSince: number | null;
  /** It comes in each session that has something in it. */
  everyTime: boolean;
  /** It hasn't come up to that day, or not for long, but is planned after it. */
  toCome: boolean;
}>;

export const TAUGHT_LISTS = ['letters', 'numbers', 'shapes', 'words', 'devices', 'kit'] as const;
export type TaughtList = (typeof TAUGHT_LISTS)[number];

export type Coverage = Readonly<{
  sessions: readonly CoveredSession[];
  aspects: readonly CoveredAspect[];
  /** What rides along: each thing once, with the places of the sessions that it comes in. */
  taught: Readonly<
    Record<TaughtList, readonly Readonly<{ item: string; sessions: readonly number[] }>[]>
  >;
  /** Minutes on the move, by session. */
  movingSeconds: readonly number[];
}>;

/** Fewer sessions than this say nothing of what comes every time. */
const FEWEST_FOR_EVERY = 3;

/** What counts of a session: what it came to where it was led, else what is planned. */
export function countsOf({
  planned,
  led,
}: Pick<CoveredSession, 'planned' | 'led'>): SessionSums | null {
  return led ?? planned;
}

/** Sessions of a row as coverage looks at them; one that falls out has nothing in it. */
export function coveredSession(
  session: Session,
  planned: SessionSums | null,
  title: string,
): CoveredSession {
  const isOn = takesPlace(session);
  return {
    id: session.id,
    day: session.day,
    title,
    planned: isOn ? (planned ?? session.kept?.sums ?? null) : null,
    led: session.led?.sums ?? null,
  };
}

function covered(
  aspect: Aspect,
  sessions: readonly CoveredSession[],
  counts: readonly (SessionSums | null)[],
  upTo: Day,
): CoveredAspect {
  const of = (sums: SessionSums | null) => (sums ? aspect.of(sums) : 0);
  const sum = (values: readonly number[]) => values.reduce((all, one) => all + one, 0);
  const planned = sessions.map((one) => of(one.planned));
  const led = sessions.map((one) => of(one.led));
  const has = counts.map((sums) => sums !== null && of(sums) > 0);
  const last = sessions.findLastIndex(({ day }, n) => has[n] && day <= upTo);
  return {
    id: aspect.id,
    name: aspect.name,
    group: aspect.group,
    planned,
    led,
    plannedSeconds: sum(planned),
    ledSeconds: sum(led),
    daysSince: last < 0 ? null : daysBetween(sessions[last]!.day, upTo),
    toCome: sessions.some(({ day }, n) => has[n] && day > upTo),
    everyTime:
      counts.filter((sums) => sums).length >= FEWEST_FOR_EVERY &&
      counts.every((sums, n) => sums === null || has[n]),
  };
}

/**
 * What a row of sessions covers, by session and in all, planned and led apart. `upTo` is the day from which
 * it is told how long something has not come.
 */
export function coverageOf(sessions: readonly CoveredSession[], upTo: Day): Coverage {
  const counts = sessions.map(countsOf);
  const taught = Object.fromEntries(
    TAUGHT_LISTS.map((list) => {
      const found = new Map<string, number[]>();
      sessions.forEach((_, n) => {
        for (const item of counts[n]?.[list] ?? []) {
          const at = found.get(String(item));
          if (at) at.push(n);
          else found.set(String(item), [n]);
        }
      });
      return [list, [...found].map(([item, places]) => ({ item, sessions: places }))];
    }),
  ) as unknown as Coverage['taught'];
  return {
    sessions,
    aspects: ASPECTS.map((aspect) => covered(aspect, sessions, counts, upTo)),
    taught,
    movingSeconds: counts.map((sums) => (sums ? movingSeconds(sums) : 0)),
  };
}

/** "not for 3 weeks", "every time", "not yet", "to come"; empty where there is nothing to say. */
export function coveredInWords({ daysSince, everyTime, toCome }: CoveredAspect): string {
  if (everyTime) return 'every time';
  if (daysSince === null) return toCome ? 'to come' : 'not yet';
  const weeks = Math.floor(daysSince / 7);
  return weeks >= 2 ? `not for ${weeks} weeks` : '';
}
