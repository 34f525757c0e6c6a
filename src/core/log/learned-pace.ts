import { spreadOf, TIMINGS } from '../cues/timing';
import { within } from '../words/numbers';
import type { PaceKey } from './pace-key';
import type { Sighting } from './sightings';

/** One thing that was learned of a presenter's pace. */
export type LearnedFigure = Readonly<{
  key: PaceKey;
  /** Times of what is usual: 1.2 is a fifth more words a minute, or a fifth longer. */
  times: number;
  /** In how many sessions, and how often in all. */
  sessions: number;
  seen: number;
  /** How far the sessions are trusted, 0 to 1; the rest is what is usual. */
  trust: number;
  /** How much this presenter varies from session to session, as a share. */
  varies: number;
}>;

/** Standard deviations of logarithms: how much presenters differ, and one of them between sessions. */
const DIFFER_REP = 0.3;
const VARY = 0.18;
/** An older session counts so much less than the next one. */
const FADES = 0.93;
/** Standard deviations from the middle from which on a session counts less (Huber's weights). */
const HUBER = 1.345;
/** Nobody is believed to be further from the usual than this. */
const FARTHEST = { least: 0.4, most: 2.5 } as const;

/** How much presenters differ in something, as a standard deviation of its logarithm. */
function differ(key: PaceKey): number {
  switch (key) {
    case 'wordsPerMinute':
      return spreadOf(TIMINGS.wordsPerMinute);
    case 'changeSeconds':
      return spreadOf(TIMINGS.changeOver);
    case 'throwSeconds':
      return spreadOf(TIMINGS.presenterThrow);
    case 'childThrowSeconds':
      return spreadOf(TIMINGS.childThrow);
    case 'showTimes':
      return spreadOf(TIMINGS.show);
    default:
      return DIFFER_REP;
  }
}

/**
 * The share by which a mean of `n` values is trusted against what was known before: shrinkage of a normal
 * mean with known variances, `between / (between + within / n)` (any textbook of Bayesian statistics;
 * empirical Bayes, James and Stein). 0 for none, towards 1 for many.
 */
export function shrinkage(n: number, between: number, within: number): number {
  return n <= 0 ? 0 : between ** 2 / (between ** 2 + within ** 2 / n);
}

function medianOf(values: readonly Readonly<{ log: number; weight: number }>[]): number {
  const sorted = [...values].sort((a, b) => a.log - b.log);
  const half = sorted.reduce((sum, { weight }) => sum + weight, 0) / 2;
  let sum = 0;
  for (const { log, weight } of sorted) {
    sum += weight;
    if (sum >= half) return log;
  }
  return 0;
}

/** What several sessions tell of one thing; the newest first. */
function learn(
  key: PaceKey,
  sightings: readonly (Sighting & Readonly<{ age: number }>)[],
): LearnedFigure {
  const values = sightings.map(({ times, age }) => ({
    log: Math.log(times),
    weight: FADES ** age,
  }));
  const middle = medianOf(values);
  // Outliers do little: those far from the middle are weighed down (Huber).
  const robust = values.map(({ log, weight }) => {
    const off = Math.abs(log - middle) / VARY;
    return { log, weight: off <= HUBER ? weight : (weight * HUBER) / off };
  });
  const n = robust.reduce((sum, { weight }) => sum + weight, 0);
  const mean = robust.reduce((sum, { log, weight }) => sum + log * weight, 0) / n;
  const trust = shrinkage(n, differ(key), VARY);
  const spread = Math.sqrt(
    robust.reduce((sum, { log, weight }) => sum + weight * (log - mean) ** 2, 0) / n,
  );
  return {
    key,
    times: within(Math.exp(trust * mean), FARTHEST),
    sessions: sightings.length,
    seen: sightings.reduce((sum, { seen }) => sum + seen, 0),
    trust,
    varies: sightings.length > 1 ? spread : VARY,
  };
}

/** What sessions tell of a presenter's pace; each session's sightings, the newest session first. */
export function learnPace(sessions: readonly (readonly Sighting[])[]): readonly LearnedFigure[] {
  const byKey = new Map<PaceKey, (Sighting & { age: number })[]>();
  const ages = new Map<PaceKey, number>();
  for (const sightings of sessions) {
    for (const sighting of sightings) {
      const age = ages.get(sighting.key) ?? 0;
      ages.set(sighting.key, age + 1);
      const list = byKey.get(sighting.key);
      if (list) list.push({ ...sighting, age });
      else byKey.set(sighting.key, [{ ...sighting, age }]);
    }
  }
  return [...byKey].map(([key, list]) => learn(key, list));
}
