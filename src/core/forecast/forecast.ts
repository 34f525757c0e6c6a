import { errorBoundOf } from '../chance/odds-simulated';
import type { Random } from '../chance/random';
import type { DrawContext } from '../schedule/draw-cues';
import { SPAN } from './spans';
import { Player } from './player';
import { planSession } from './session-plan';
import { sumOfMove } from './stretch';
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

/** Fills a list of even length with independent normal deviates: two of two, Box and Muller (1958). */
function fillNormals(list: Float64Array, random: Random): void {
  for (let n = 0; n < list.length; n += 2) {
    const radius = Math.sqrt(-2 * Math.log(1 - random.share()));
    const angle = 2 * Math.PI * random.share();
    list[n] = radius * Math.cos(angle);
    list[n + 1] = radius * Math.sin(angle);
  }
}

const around = (deviation: number, normal: number) =>
  Math.max(LEAST_FACTOR, 1 + deviation * normal);

/** How one session after another strays from what it comes to by the schedule; in place, as it is asked often. */
class Straying {
  seconds = 0;
  livelySeconds = 0;
  readonly #normals = new Float64Array(4);

  constructor(readonly vary: Variation) {}

  take(sums: Float64Array, random: Random): void {
    const { vary } = this;
    const normals = this.#normals;
    if (vary !== NO_VARIATION) fillNormals(normals, random);
    const tempo = around(vary.tempo, normals[1]!);
    const given =
      sums[SPAN.talk]! * around(vary.talk, normals[0]!) +
      sums[SPAN.paced]! * tempo +
      sums[SPAN.loose]! * around(vary.group, normals[2]!);
    // Many moments that vary by themselves, and all that was not planned: their variances add up.
    const open = sums[SPAN.talk]! + sums[SPAN.paced]! + sums[SPAN.loose]!;
    const moments = vary.moments ? sums[SPAN.variance]! : 0;
    const more = Math.sqrt((vary.unplanned * open) ** 2 + moments) * normals[3]!;
    this.seconds = sums[SPAN.clock]! + Math.max(LEAST_FACTOR * open, given + more);
    this.livelySeconds = sums[SPAN.livelyPaced]! * tempo + sums[SPAN.livelyClock]!;
  }
}

/** How often each move came in a session: nought in those before it was first met. */
class MoveTallies {
  /** Seconds and reps of each move in turn, as they stand in a player's sums. */
  readonly #tallies: Tally[] = [];

  note(session: number, { sums }: Player): void {
    const first = sumOfMove(0);
    for (let at = first; at < sums.length; at += 1) {
      let tally = this.#tallies[at - first];
      if (!tally) {
        tally = this.#tallies[at - first] = new Tally();
        tally.note(0, session);
      }
      tally.note(sums[at]!);
    }
  }

  spreads(names: readonly string[]): Forecast['moves'] {
    return names
      .map((move, n) => ({
        move,
        seconds: this.#tallies[2 * n]!.spread,
        reps: this.#tallies[2 * n + 1]!.spread,
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
  const straying = new Straying(vary);
  const moves = new MoveTallies();
  for (let session = 0; session < sessions; session += 1) {
    player.play(random);
    straying.take(player.sums, random);
    seconds.note(straying.seconds);
    reps.note(player.sums[SPAN.reps]!);
    landings.note(player.sums[SPAN.landings]!);
    lively.note(straying.livelySeconds);
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
