/*
 * A row of sessions: three proposals for a gap of twelve weeks from a shelf of 200, and coverage and notes of
 * sixty sessions worked out after an edit of one. Limits: a second, and a frame of 16 ms.
 * `npm run bench:series`.
 */
import {
  adventuresById,
  buildRow,
  candidatesFor,
  changeSession,
  coverageOf,
  DEFAULT_PACE,
  plannedTotals,
  proposalsFor,
  rowNotes,
  type Adventure,
} from '../src/core';
import { seriesOf } from '../src/core/testing/make-series';
import { everyShape } from '../src/core/testing/shelf-of-examples';

const SHELF = 200;
const WEEKS = 12;
const SESSIONS = 60;
const TIMES = 9;
const median = (values: number[]) => values.sort((a, b) => a - b)[values.length >> 1]!;
const timed = (work: () => unknown): number => {
  const began = performance.now();
  work();
  return performance.now() - began;
};

const shapes = everyShape();
const shelf: readonly Adventure[] = Array.from({ length: SHELF }, (_, n) => ({
  ...structuredClone(shapes[n % shapes.length]!),
  id: `adv_${n}`,
}));
const byId = adventuresById(shelf);
const sumsOf = (one: Adventure) => plannedTotals(one, DEFAULT_PACE);

const weeks = seriesOf(
  Array.from({ length: WEEKS }, (_, n) => (n % 3 === 2 ? null : shelf[n * 7]!)),
);
const gap = weeks.sessions.find(({ adventureId }) => adventureId === null)!;
const { covered } = buildRow(weeks, byId, sumsOf, '2027-03-02');
const proposals = Array.from({ length: TIMES }, () => {
  const fresh = shelf.map((adventure) => ({ adventure: { ...adventure }, lastDay: null }));
  return timed(() => {
    const candidates = candidatesFor(weeks, covered, fresh, [], DEFAULT_PACE);
    proposalsFor({ series: weeks, covered, candidates, sessionId: gap.id });
  });
});
console.log(
  `three proposals for a gap of ${WEEKS} weeks, a shelf of ${SHELF}: median ${median(proposals).toFixed(0)} ms, worst ${Math.max(...proposals).toFixed(0)} ms (limit 1,000)`,
);

const long = seriesOf(Array.from({ length: SESSIONS }, (_, n) => shelf[n % 40]!));
let series = long;
const look = () => {
  const row = buildRow(series, byId, sumsOf, '2027-03-02');
  const coverage = coverageOf(row.covered, row.today);
  return [coverage, rowNotes(row, coverage)];
};
look();
const edits = Array.from({ length: 60 }, (_, n) => {
  const { id } = series.sessions[n % SESSIONS]!;
  return timed(() => {
    series = changeSession(series, id, { adventureId: shelf[(n * 13) % 40]!.id });
    look();
  });
});
const worst = edits.sort((a, b) => a - b)[Math.floor(edits.length * 0.95)]!;
console.log(
  `coverage and notes of ${SESSIONS} sessions after an edit of one: median ${median(edits).toFixed(1)} ms, 95 of 100 within ${worst.toFixed(1)} ms (limit 16)`,
);
