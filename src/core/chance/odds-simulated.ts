import { isOver, pickOutcome, startDrawing, take, weightsAllowed, weightsNow } from './machine';
import type { Odds, OddsInput } from './odds-shape';

/** How often a beat is played for its odds. */
export const USUAL_RUNS = 10_000;
/** Chances hold within the bound this surely. */
const CONFIDENCE = 0.99;

/**
 * How far a chance that was counted in `runs` independent runs may be off, with 99 % confidence:
 * Hoeffding's inequality, sqrt(ln(2 / 0.01) / (2 runs)).
 */
export function errorBoundOf(runs: number): number {
  return Math.sqrt(Math.log(2 / (1 - CONFIDENCE)) / (2 * runs));
}

function note(tally: number[], value: number): void {
  tally[value] = (tally[value] ?? 0) + 1;
}

/** Odds by playing the beat `runs` times. */
export function simulatedOdds(input: OddsInput, runs: number = USUAL_RUNS): Odds {
  const { pot, repsOf, standInReps, random, secondsOf } = input;
  const counts = Array.from({ length: pot.entries }, (): number[] => []);
  const draws: number[] = [];
  const reps: number[] = [];
  const sums = { standIns: 0, throwsAgain: 0, repeats: 0, allSeen: 0 };
  const chanceOf = (chances: ReadonlyMap<number, number>) => {
    let at = random.share();
    for (const [value, chance] of chances) {
      at -= chance;
      if (at < 0) return value;
    }
    return [...chances.keys()].at(-1) ?? 0;
  };
  for (let run = 0; run < runs; run += 1) {
    let state = startDrawing(pot);
    const done = counts.map(() => 0);
    let total = 0;
    while (!isOver(pot, state)) {
      const [now, allowed] = [weightsNow(pot, state), weightsAllowed(pot, state)];
      const share = sumOf(allowed) / sumOf(now);
      if (share < 1) sums.throwsAgain += 1 / share - 1;
      const taken = take(pot, state, pickOutcome(pot, state, random));
      if (taken.kind === 'again') throw new RangeError('simulatedOdds: picked what may not come');
      const { entry, value, standIn } = taken.drawn;
      if (entry === state.last) sums.repeats += 1;
      if (standIn) sums.standIns += 1;
      else done[entry]! += 1;
      total += chanceOf((standIn ? standInReps : repsOf)(entry, value));
      const seconds = state.seconds + secondsOf(entry, value, standIn);
      state = { ...taken.state, seconds };
    }
    done.forEach((times, entry) => note(counts[entry]!, times));
    note(draws, state.drawn);
    note(reps, total);
    if (pot.outcomes.every(({ entry }) => state.counts[entry]! > 0)) sums.allSeen += 1;
  }
  const shared = (tally: readonly number[]) =>
    Array.from(tally, (times: number | undefined) => (times ?? 0) / runs);
  return {
    method: 'simulated',
    errorBound: errorBoundOf(runs),
    counts: counts.map(shared),
    draws: shared(draws),
    reps: shared(reps),
    standIns: sums.standIns / runs,
    throwsAgain: sums.throwsAgain / runs,
    repeats: sums.repeats / runs,
    allSeen: sums.allSeen / runs,
  };
}

const sumOf = (weights: readonly number[]) => weights.reduce((sum, one) => sum + one, 0);
