import type { Random } from '../chance/random';
import type { DrawContext } from '../schedule/draw-cues';
import { planSession, type SessionPlan, type Stretch } from './session-plan';
import { SPAN, SPANS } from './spans';
import { Tally, type Spread } from './spread';

/** The sums of one session after another, in place. */
export class Player {
  readonly sums = new Float64Array(SPANS.length);
  readonly moveSeconds: number[] = [];
  readonly moveReps: number[] = [];

  constructor(readonly plan: SessionPlan) {}

  readonly #take = ({ spans, work }: Stretch) => {
    for (let n = 0; n < spans.length; n += 1) this.sums[n]! += spans[n]!;
    for (let n = 0; n < work.length; n += 1) {
      const { move, seconds, reps } = work[n]!;
      this.moveSeconds[move] = (this.moveSeconds[move] ?? 0) + seconds;
      this.moveReps[move] = (this.moveReps[move] ?? 0) + reps;
    }
  };

  play(random: Random): void {
    this.sums.fill(0);
    this.moveSeconds.fill(0);
    this.moveReps.fill(0);
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
