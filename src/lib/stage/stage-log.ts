import {
  beginRun,
  plannedCues,
  saveLeading,
  type Cue,
  type Leading,
  type LedWay,
  type Run,
  type TypedDraws,
} from '$core';
import { InTurn } from './in-turn';
import type { StageWorld } from './stage-world';

/** The log is kept at every turn, and while nothing happens this often, in seconds. */
const KEEP_EVERY_SECONDS = 1;

/** What changes in a log while a session is led. */
type Entry = Pick<Run, 'leading' | 'adaptations' | 'points' | 'teamPoints' | 'debrief' | 'note'> &
  Readonly<{ typed: TypedDraws }>;

/** The log of a session that begins now. */
export function newRun(
  { context: { adventure, pace }, cues }: Pick<LedWay, 'context' | 'cues'>,
  leading: Leading,
  now: number,
  { newRunId, today, speed, seed }: Pick<StageWorld, 'newRunId' | 'today' | 'speed' | 'seed'>,
): Run {
  const at = today();
  return {
    ...beginRun(adventure, cues, pace, { id: newRunId(), startedAt: at, savedAt: at, speed }),
    leading: saveLeading(leading, now),
    seed,
  };
}

/** Keeps the log of one leading, one write after another. Nothing is kept before it is open. */
export class StageLog {
  #run: Run | null = null;
  #keptAt = -Infinity;
  readonly #writes = new InTurn();
  readonly #world: StageWorld;

  constructor(world: StageWorld) {
    this.#world = world;
  }

  get id(): string | null {
    return this.#run?.id ?? null;
  }

  open(run: Run): void {
    this.#run = run;
  }

  /** The way is another from here on. */
  plan(cues: readonly Cue[]): void {
    if (this.#run) this.#run = { ...this.#run, plan: plannedCues(cues) };
  }

  isDue(now: number): boolean {
    return this.#run !== null && now - this.#keptAt >= KEEP_EVERY_SECONDS;
  }

  keep(now: number, { typed, ...others }: Entry): void {
    if (!this.#run) return;
    this.#keptAt = now;
    const lists = [...typed].map(([id, list]) => [id, [...list]] as const);
    const run: Run = {
      ...this.#run,
      ...others,
      savedAt: this.#world.today(),
      typed: Object.fromEntries(lists),
    };
    this.#run = run;
    this.#writes.add(() => this.#world.keep(run));
  }

  /** Everything that is to be kept is kept when this resolves. */
  settled(): Promise<void> {
    return this.#writes.settled();
  }
}
