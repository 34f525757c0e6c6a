import { compareRun } from './compare-run';
import type { Run } from './run';
import { median } from '../words/middle';

/** How well plans hold: planned against real over the last sessions that were led to their end. */
export type PlanHeld = Readonly<{
  sessions: readonly Readonly<{
    id: string;
    title: string;
    startedAt: string;
    plannedSeconds: number;
    realSeconds: number;
  }>[];
  /** How far from the plan the middle session was, as a share of its length. */
  typicalError: number;
  /** How many ended within a tenth of their plan. */
  close: number;
  /** Of how many a range was told beforehand, in which eight of ten should be, and how many were in it. */
  told: number;
  inRange: number;
}>;

/** So many of the last sessions are looked at. */
const LAST = 10;
const CLOSE = 0.1;

const realOf = ({ review }: Run, seconds: number) => review?.seconds ?? seconds;

/**
 * Planned against real, the newest first. Rehearsals that were sped up count for nothing, and neither do
 * sessions that ended before their script. Null without any.
 */
export function howPlansHold(runs: readonly Run[]): PlanHeld | null {
  const last = [...runs]
    .sort((a, b) => b.startedAt.localeCompare(a.startedAt))
    .filter(({ speed }) => speed === 1)
    .map((run) => ({ run, compared: compareRun(run) }))
    .filter(({ run, compared }) => (compared.whole || run.review) && compared.plannedSeconds > 0)
    .slice(0, LAST);
  const sessions = last.map(({ run, compared }) => ({
    id: run.id,
    title: run.title,
    startedAt: run.startedAt,
    plannedSeconds: compared.plannedSeconds,
    realSeconds: realOf(run, compared.realSeconds),
  }));
  if (sessions.length === 0) return null;
  const ranges = last.flatMap(({ run, compared }) =>
    run.expected
      ? [
          {
            seconds: realOf(run, compared.realSeconds),
            low: run.expected.lowSeconds,
            high: run.expected.highSeconds,
          },
        ]
      : [],
  );
  const errors = sessions.map((one) => Math.abs(one.realSeconds / one.plannedSeconds - 1));
  return {
    sessions,
    typicalError: median(errors),
    close: errors.filter((error) => error <= CLOSE).length,
    told: ranges.length,
    inRange: ranges.filter(({ seconds, low, high }) => seconds >= low && seconds <= high).length,
  };
}
