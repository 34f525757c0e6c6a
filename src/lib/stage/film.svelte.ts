import {
  beatsToFilm,
  lineAt,
  moveBookOf,
  prepareLeading,
  takeEndedAt,
  visitsOfFilm,
  type Cue,
  type Run,
  type Take,
  type TakeMark,
  type ToFilm,
} from '$core';
import type { StagePlan } from './stage-plan';
import { InTurn } from './in-turn';
import { newRun } from './stage-log';
import type { StageWorld } from './stage-world';

/** Three, two, one before each take, in seconds. */
export const COUNT_SECONDS = 3;

/** What is needed of the world outside; tests pass in their own. */
export type FilmWorld = Pick<StageWorld, 'today' | 'keep' | 'newRunId'> &
  Readonly<{ now: () => number }>;

/** Filming a script beat by beat: one take after another, each begun by three, two, one. */
export class FilmSession {
  readonly beats: readonly ToFilm[];
  readonly labels: Run['labels'];
  index = $state(0);
  /** When the count of this take began, by the world's clock; null while nothing is filmed. */
  #begunAt = $state<number | null>(null);
  #now = $state(0);
  takes = $state.raw<readonly Take[]>([]);
  /** A take was just made, and nothing was said of it yet. */
  made = $state(false);

  readonly #cues: readonly Cue[];
  readonly #world: FilmWorld;
  #run: Run;
  readonly #writes = new InTurn();

  constructor(plan: Pick<StagePlan, 'adventure' | 'schedule' | 'seed' | 'way'>, world: FilmWorld) {
    const { schedule, seed, way } = plan;
    this.beats = beatsToFilm(schedule.cues, moveBookOf(plan.adventure));
    this.#cues = schedule.cues;
    this.#world = world;
    const leading = prepareLeading(schedule.cues, { lines: 'run on' });
    this.#run = newRun(way, leading, 0, { ...world, speed: 1, seed });
    this.labels = this.#run.labels;
  }

  readonly beat = $derived.by<ToFilm | null>(() => this.beats[this.index] ?? null);
  /** Seconds since the take began; below 0 while it is counted in, null while nothing is filmed. */
  readonly into = $derived.by(() =>
    this.#begunAt === null ? null : this.#now - this.#begunAt - COUNT_SECONDS,
  );
  /** 3, 2, 1; null when it is not counted in. */
  readonly count = $derived.by(() =>
    this.into !== null && this.into < 0 ? Math.ceil(-this.into - 1e-6) : null,
  );
  readonly line = $derived.by(() =>
    this.beat === null ? 0 : lineAt(this.beat, Math.max(0, this.into ?? 0)),
  );
  readonly isRolling = $derived.by(() => this.into !== null);
  /** Takes of the beat that is on. */
  readonly takesHere = $derived.by(() =>
    this.takes.filter(({ beatId }) => beatId === this.beat?.beatId),
  );

  /** Called by the ticker. A take ends by hand: who speaks slower than the plan is not cut off. */
  update(): void {
    this.#now = this.#world.now();
  }

  /** Begins a take, or ends the one that runs; one that is still counted in never was. */
  press(): void {
    this.update();
    if (this.#begunAt === null) {
      this.#begunAt = this.#now;
      this.made = false;
      return;
    }
    const lengthSeconds = this.#now - this.#begunAt - COUNT_SECONDS;
    this.#begunAt = null;
    if (lengthSeconds <= 0 || !this.beat) return;
    this.made = true;
    const { beatId } = this.beat;
    const take = takeEndedAt(beatId, this.#world.today(), lengthSeconds);
    this.#take([...this.takes, take]);
  }

  /** What is thought of the last take: a good one leads on to the next beat. */
  mark(mark: TakeMark): void {
    const last = this.takes.at(-1);
    if (!last || this.isRolling) return;
    this.made = false;
    this.#take([...this.takes.slice(0, -1), { ...last, mark }]);
    if (mark === 'good') this.go(1);
  }

  /** On or back by one. */
  go(by: 1 | -1): void {
    this.goTo(this.index + by);
  }

  /** To another beat, the nearest that there is; not while a take runs. */
  goTo(index: number): void {
    if (this.isRolling) return;
    this.made = false;
    this.index = Math.min(this.beats.length - 1, Math.max(0, index));
  }

  #take(takes: readonly Take[]): void {
    this.takes = takes;
    const visits = [...visitsOfFilm(this.#cues, takes)];
    const last = visits.at(-1);
    const elapsedSeconds = last ? last.startSeconds + last.lengthSeconds : 0;
    const run: Run = {
      ...this.#run,
      savedAt: this.#world.today(),
      takes,
      leading: { ...this.#run.leading, done: true, elapsedSeconds, visits },
    };
    this.#run = run;
    this.#writes.add(() => this.#world.keep(run));
  }

  /** Everything that is to be kept is kept when this resolves. */
  readonly settled = (): Promise<void> => this.#writes.settled();

  /** The log as it is kept, for its list of takes. */
  get run(): Run {
    return this.#run;
  }
}
