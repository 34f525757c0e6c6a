import { errorBoundOf } from '../chance/odds-simulated';
import type { Random } from '../chance/random';
import type { DrawContext } from '../schedule/draw-cues';
import { SPAN } from './spans';
import { Player } from './player';
import { planSession } from './session-plan';
import { Tally, type Spread } from './spread';
import { LEAST_FACTOR, NO_VARIATION, variationFor, type Variation } from './variation';

/** How often a session is played, unless it is said otherwise. */
export const USUAL_SESSIONS = 100_000;
const REPORT_EVERY = 5_000;
const BIN_SECONDS = 15;

/** What is to be expected of a whole adventure. Lengths in seconds, chances 0 to 1. */
export type Forecast = Readonly<{
  sessions: number;
  /** No chance here is off by more, with 99 % confidence (Hoeffding's inequality). */
  errorBound: number;
  seconds: Spread;
  /** Shares of sessions by length, in steps of `step` seconds from `from` on. */
  lengths: Readonly<{ from: number; step: number; shares: readonly number[] }>;
  slotSeconds: number;
  chanceOver: number;
  reps: Spread;
  landings: Spread;
  /** At effort 4 and 5: moderate to vigorous. */
  livelySeconds: Spread;
  /** Each move's work, most of it first. */
  moves: readonly Readonly<{ move: string; seconds: Spread; reps: Spread }>[];
}>;

/** Two independent normal deviates from two uniform ones: Box and Muller (1958). */
function normals(random: Random): readonly [number, number] {
  const radius = Math.sqrt(-2 * Math.log(1 - random.share()));
  const angle = 2 * Math.PI * random.share();
  return [radius * Math.cos(angle), radius * Math.sin(angle)];
}

const around = (deviation: number, normal: number) =>
  Math.max(LEAST_FACTOR, 1 + deviation * normal);

/** Length and lively seconds of one session, given what it comes to by the schedule. */
function strayed(sums: Float64Array, vary: Variation, random: Random): readonly [number, number] {
  const still = vary === NO_VARIATION;
  const [a, b] = still ? [0, 0] : normals(random);
  const [c, d] = still ? [0, 0] : normals(random);
  const tempo = around(vary.tempo, b);
  const given =
    sums[SPAN.talk]! * around(vary.talk, a) +
    sums[SPAN.paced]! * tempo +
    sums[SPAN.loose]! * around(vary.group, c);
  // Many moments that vary by themselves, and all that was not planned: their variances add up.
  const open = sums[SPAN.talk]! + sums[SPAN.paced]! + sums[SPAN.loose]!;
  const moments = vary.moments ? sums[SPAN.variance]! : 0;
  const more = Math.sqrt((vary.unplanned * open) ** 2 + moments) * d;
  const seconds = sums[SPAN.clock]! + Math.max(LEAST_FACTOR * open, given + more);
  return [seconds, sums[SPAN.livelyPaced]! * tempo + sums[SPAN.livelyClock]!];
}

/** How often each move came in a session: nought in those before it was first met. */
class MoveTallies {
  readonly #tallies: { seconds: Tally; reps: Tally }[] = [];

  note(session: number, { moveSeconds, moveReps }: Player): void {
    for (let move = 0; move < moveSeconds.length; move += 1) {
      let tally = this.#tallies[move];
      if (!tally) {
        tally = this.#tallies[move] = { seconds: new Tally(), reps: new Tally() };
        tally.seconds.note(0, session);
        tally.reps.note(0, session);
      }
      tally.seconds.note(moveSeconds[move] ?? 0);
      tally.reps.note(moveReps[move] ?? 0);
    }
  }

  spreads(names: readonly string[]): Forecast['moves'] {
    return this.#tallies
      .map(({ seconds, reps }, n) => ({
        move: names[n]!,
        seconds: seconds.spread,
        reps: reps.spread,
      }))
      .sort((a, b) => b.seconds.mean - a.seconds.mean);
  }
}

/**
 * Plays the whole adventure `sessions` times: chance by the machine of the draws, length by the
 * schedule with talk, tempo and children that vary. The same randomness gives the same forecast.
 * Throws a RangeError for fewer than one session.
 */
export function forecast(
  context: DrawContext,
  random: Random,
  sessions: number = USUAL_SESSIONS,
  vary: Variation = variationFor(context.pace),
  onProgress: (share: number) => void = () => {},
): Forecast {
  if (!(sessions >= 1)) throw new RangeError(`forecast: ${sessions} sessions`);
  const player = new Player(planSession(context));
  const [seconds, reps, landings, lively] = [new Tally(), new Tally(), new Tally(), new Tally()];
  const moves = new MoveTallies();
  for (let session = 0; session < sessions; session += 1) {
    player.play(random);
    const [length, livelySeconds] = strayed(player.sums, vary, random);
    seconds.note(length);
    reps.note(player.sums[SPAN.reps]!);
    landings.note(player.sums[SPAN.landings]!);
    lively.note(livelySeconds);
    moves.note(session, player);
    if ((session + 1) % REPORT_EVERY === 0) onProgress((session + 1) / sessions);
  }
  const { slotSeconds } = context.setting;
  return {
    sessions,
    errorBound: errorBoundOf(sessions),
    seconds: seconds.spread,
    lengths: seconds.bins(BIN_SECONDS),
    slotSeconds,
    chanceOver: seconds.shareAbove(slotSeconds),
    reps: reps.spread,
    landings: landings.spread,
    livelySeconds: lively.spread,
    moves: moves.spreads(player.plan.moves),
  };
}
