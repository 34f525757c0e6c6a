import type { Pace } from '../cues/pace';
import type { Adventure } from '../document/adventure';
import { hasBeats } from '../document/beats-of';
import { timed } from '../forecast/told-length';
import { unroll } from '../schedule/unroll';
import { adventuresById } from './build-row';
import type { CoveredSession } from './coverage';
import type { Day } from './days';
import type { Candidate, CandidateKind } from './next';
import { withOtherMoves } from './other-moves';
import type { Series } from './series';
import { plannedSums, type SessionSums } from './sums';

/** What an adventure comes to as it is written, by its own seeds. */
export function sumsIn(adventure: Adventure, pace: Pace): SessionSums {
  const { setting } = adventure;
  return plannedSums(adventure, setting, unroll(adventure, setting, pace));
}

/** An adventure of the shelf, and the day on which it was last led, if it was. */
export type OnShelf = Readonly<{ adventure: Adventure; lastDay: Day | null }>;

/**
 * Everything that may fill a gap of a series: what stands on the shelf, starting points, and the stories
 * that come last in the row with other moves. What has no beat fills nothing.
 */
export function candidatesFor(
  series: Series,
  covered: readonly CoveredSession[],
  shelf: readonly OnShelf[],
  starts: readonly Adventure[],
  pace: Pace,
): readonly Candidate[] {
  const candidate = (
    adventure: Adventure,
    kind: CandidateKind,
    lastDay: Day | null,
    swaps: Candidate['swaps'] = [],
  ): Candidate => ({
    id: kind === 'other moves' ? `${adventure.id} other` : adventure.id,
    kind,
    adventure,
    sums: sumsIn(adventure, pace),
    lastDay,
    swaps,
  });
  const byId = adventuresById(shelf.map(({ adventure }) => adventure));
  const stories = [...new Set(series.sessions.map(({ adventureId }) => adventureId))].flatMap(
    (id) => byId.get(id ?? '') ?? [],
  );
  const others = stories.flatMap((adventure) => {
    const other = withOtherMoves(adventure, { series, covered });
    return other ? [candidate(other.adventure, 'other moves', null, other.swaps)] : [];
  });
  return [
    ...shelf
      .filter(({ adventure }) => hasBeats(adventure))
      .map(({ adventure, lastDay }) => candidate(adventure, 'shelf', lastDay)),
    ...starts.map((adventure) => candidate(adventure, 'start', null)),
    ...others,
  ];
}

const known = new WeakMap<Adventure, Map<Pace, SessionSums>>();

/**
 * What an adventure comes to in a pace, with its length as it is told everywhere; remembered, for a row is
 * looked at again after each edit.
 */
export function plannedTotals(adventure: Adventure, pace: Pace): SessionSums {
  const byPace = known.get(adventure) ?? new Map<Pace, SessionSums>();
  known.set(adventure, byPace);
  const before = byPace.get(pace);
  if (before) return before;
  const { setting } = adventure;
  const { cues, told } = timed(adventure, setting, pace);
  const sums = plannedSums(adventure, setting, { cues, totalSeconds: told.seconds });
  byPace.set(pace, sums);
  return sums;
}
