import type { Random } from '../chance/random';
import type { DrawContext } from '../schedule/draw-cues';
import { planSession, type SessionPlan } from './session-plan';
import { sumOfMove, type Stretch } from './stretch';
import { SPAN, SPANS } from './spans';
import { Tally, type Spread } from './spread';

/** The sums of one session after another, in place. */
export class Player {
  /** Those of SPANS, then seconds and reps of each move that was met so far. */
  sums = new Float64Array(SPANS.length);

  constructor(readonly plan: SessionPlan) {}

  readonly #take = ({ at, by, sums: needed }: Stretch) => {
    // What a move is met for the first time has no place yet.
    if (needed > this.sums.length) {
      const longer = new Float64Array(sumOfMove(this.plan.moves.length));
      longer.set(this.sums);
      this.sums = longer;
    }
    const { sums } = this;
    for (let n = 0; n < at.length; n += 1) sums[at[n]!]! += by[n]!;
  };

  play(random: Random): void {
    this.sums.fill(0);
    let stance = 0;
    for (const step of this.plan.steps) stance = step(stance, random, this.#take);
  }
}

/** What takes time, by the schedule alone. */
const TIMES = [SPAN.talk, SPAN.paced, SPAN.loose, SPAN.clock];

/** How long so many sessions are that differ by chance alone, in whole seconds. */
export function lengthsByChance(context: DrawContext, random: Random, sessions: number): Spread {
  const player = new Player(planSession(context));
  const seconds = new Tally();
  for (let session = 0; session < sessions; session += 1) {
    player.play(random);
    seconds.note(TIMES.reduce((sum, span) => sum + player.sums[span]!, 0));
  }
  return seconds.spread;
}
