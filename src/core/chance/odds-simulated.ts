import { Drawing } from './machine';
import { SUMS, type Cost, type Odds, type OddsInput, type SumName } from './odds-shape';

/**
 * How often a beat is played for its odds: at once, with chances known to 5 in 100 (30 draws of 12 in
 * some 20 ms), and when there is time to know them better.
 */
export const QUICK_RUNS = 1000;
export const CAREFUL_RUNS = 10_000;
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
export function simulatedOdds(input: OddsInput, runs: number = QUICK_RUNS): Odds {
  const { urn, costs, standInCosts, random } = input;
  const counts = Array.from({ length: urn.entries }, (): number[] => []);
  const byEntry = counts.map((): number[] => []);
  const draws: number[] = [];
  const most: number[] = [];
  const tallies: Record<SumName, number[]> = { reps: [], landings: [], seconds: [] };
  const sums = { standIns: 0, throwsAgain: 0, repeats: 0, allSeen: 0 };
  const oneOf = (list: readonly Cost[]): Cost => {
    if (list.length === 1) return list[0]!;
    let at = random.share();
    return list.find(({ chance }) => (at -= chance) < 0) ?? list.at(-1)!;
  };
  const drawing = new Drawing(urn);
  for (let run = 0; run < runs; run += 1) {
    drawing.reset();
    const done = counts.map(() => 0);
    const reps = counts.map(() => 0);
    const totals = { reps: 0, landings: 0, seconds: 0 };
    while (!drawing.isOver) {
      const share = drawing.shareAllowed;
      if (share < 1) sums.throwsAgain += 1 / share - 1;
      const { last } = drawing;
      const drawn = drawing.take(drawing.pick(random));
      if (!drawn) throw new RangeError('simulatedOdds: picked what may not come');
      const { outcome, entry, standIn } = drawn;
      if (entry === last) sums.repeats += 1;
      if (standIn) sums.standIns += 1;
      else done[entry]! += 1;
      const cost = oneOf((standIn ? standInCosts : costs)[outcome]!);
      if (!standIn) reps[entry]! += cost.reps;
      totals.reps += cost.reps;
      totals.landings += cost.landings;
      totals.seconds += cost.seconds;
      drawing.seconds += cost.seconds;
    }
    done.forEach((times, entry) => note(counts[entry]!, times));
    reps.forEach((sum, entry) => note(byEntry[entry]!, sum));
    note(draws, drawing.drawn);
    note(most, Math.max(0, ...done));
    for (const sum of SUMS) note(tallies[sum], totals[sum]);
    if (urn.outcomes.every(({ entry }) => drawing.countOf(entry) > 0)) sums.allSeen += 1;
  }
  const shared = (tally: readonly number[]) =>
    Array.from(tally, (times: number | undefined) => (times ?? 0) / runs);
  return {
    method: 'simulated',
    errorBound: errorBoundOf(runs),
    counts: counts.map(shared),
    entryReps: byEntry.map(shared),
    often: shared(most).map((_, k, all) => all.slice(k).reduce((sum, one) => sum + one, 0)),
    draws: shared(draws),
    reps: shared(tallies.reps),
    landings: shared(tallies.landings),
    seconds: shared(tallies.seconds),
    standIns: sums.standIns / runs,
    throwsAgain: sums.throwsAgain / runs,
    repeats: sums.repeats / runs,
    allSeen: sums.allSeen / runs,
  };
}
