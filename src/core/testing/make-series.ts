/** Small series for tests. */
import type { Adventure } from '../document/adventure';
import type { Run } from '../log/run';
import { buildRow } from '../series/build-row';
import { sumsIn } from '../series/candidates';
import { laterBy } from '../series/days';
import { newSeries, newSession } from '../series/edit-series';
import type { Candidate, CandidateKind } from '../series/next';
import type { Row } from '../series/row';
import type { Series, Session } from '../series/series';
import type { SessionSums } from '../series/sums';
import { DEFAULT_PACE } from '../cues/pace';
import { unroll } from '../schedule/unroll';
import { idsInOrder } from '../model/new-id';
import { runOf } from './make-run';
import { plannedCues } from '../log/run';

export const FIRST_DAY = '2027-03-02';

export const sumsOf = (adventure: Adventure): SessionSums => sumsIn(adventure, DEFAULT_PACE);

/** A series of one session a week, with these adventures in it; null is a gap. */
export function seriesOf(
  adventures: readonly (Adventure | null)[],
  given: Partial<Series> = {},
  session: (n: number) => Partial<Session> = () => ({}),
): Series {
  const newId = idsInOrder('t');
  return {
    ...newSeries(newId, '2027-03-01T10:00:00.000Z'),
    title: 'Tuesdays',
    ...given,
    sessions: adventures.map((adventure, n) => ({
      ...newSession(newId, laterBy(FIRST_DAY, 7 * n), '09:30'),
      adventureId: adventure?.id ?? null,
      ...session(n),
    })),
  };
}

/** The row of a series, looked at on a day. */
export function rowOf(
  series: Series,
  adventures: readonly (Adventure | null)[],
  today = FIRST_DAY,
): Row {
  const here = adventures.filter((one) => one !== null);
  return buildRow(series, new Map(here.map((one) => [one.id, one])), sumsOf, today);
}

export const candidateOf = (
  adventure: Adventure,
  kind: CandidateKind = 'shelf',
  lastDay: string | null = null,
): Candidate => ({ id: adventure.id, kind, adventure, sums: sumsOf(adventure), lastDay });

/** An adventure led to its end on a day at ten, each cue as long as it was planned. */
export function ledOn(adventure: Adventure, day: string, given: Partial<Run> = {}): Run {
  const { cues } = unroll(adventure);
  return runOf(
    {
      id: `run_${day}`,
      adventureId: adventure.id,
      title: adventure.title,
      startedAt: `${day}T10:00:00.000Z`,
      plan: plannedCues(cues),
      ...given,
    },
    cues.map(({ id, lengthSeconds }) => [id, lengthSeconds]),
  );
}
