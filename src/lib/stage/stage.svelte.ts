import {
  back,
  chaptersOf,
  countAt,
  elapsedSeconds,
  finish,
  go,
  moveBookOf,
  next,
  pause,
  plannedCues,
  prepareLeading,
  restoreLeading,
  saveLeading,
  schedulePosition,
  setLines,
  tick,
  upcomingTicks,
  type Adventure,
  type Cue,
  type Leading,
  type LinesMode,
  type Run,
  type Schedule,
  beatLabel,
} from '$core';
import type { Clock } from './clock';
import { LOOK_AHEAD_SECONDS, type StageSound } from './sound';

/** What a session on the stage needs of the world outside. Tests pass in their own. */
export type StageWorld = Readonly<{
  clock: Clock;
  speed: number;
  /** The time of day, ISO 8601. */
  today: () => string;
  keep: (run: Run) => Promise<void>;
  newRunId: () => string;
}>;

/** The log is kept at every turn, and while nothing happens this often, in seconds. */
const KEEP_EVERY_SECONDS = 1;

/** A session being led: the machine in core, told the time by a clock and asked by the picture. */
export class StageSession {
  #leading: Leading;
  #now = $state(0);
  sound: Pick<StageSound, 'plan' | 'hush'> | null = null;

  readonly adventure: Adventure;
  readonly schedule: Schedule;
  readonly #world: StageWorld;
  #run: Run | null = null;
  #keptAt = -Infinity;
  #keeping: Promise<void> = Promise.resolve();

  constructor(adventure: Adventure, schedule: Schedule, lines: LinesMode, world: StageWorld) {
    this.adventure = adventure;
    this.schedule = schedule;
    this.#world = world;
    this.#leading = $state.raw(prepareLeading(schedule.cues, lines));
    this.#now = world.clock.now();
  }

  readonly status = $derived.by(() => this.#leading.status);
  readonly index = $derived.by(() => this.#leading.index);
  readonly lines = $derived.by(() => this.#leading.lines);
  readonly cue = $derived.by<Cue | null>(() => this.schedule.cues[this.#leading.index] ?? null);
  readonly position = $derived.by(() => schedulePosition(this.#leading, this.#now));
  readonly into = $derived(this.cue ? this.position - this.cue.startSeconds : 0);
  readonly count = $derived(this.cue ? countAt(this.cue, this.into) : null);
  readonly elapsed = $derived.by(() => elapsedSeconds(this.#leading, this.#now));
  /** Seconds that the rest of the plan takes. */
  readonly remaining = $derived.by(() => this.schedule.totalSeconds - this.position);
  /** Seconds left of the slot when the rest goes as planned; below 0 the session runs over. */
  readonly spare = $derived.by(
    () => this.adventure.setting.slotSeconds - this.elapsed - this.remaining,
  );

  get runId(): string | null {
    return this.#run?.id ?? null;
  }

  /** Called by the ticker: brings everything to the present. */
  update(): void {
    const now = this.#world.clock.now();
    this.#now = now;
    this.#become(tick(this.#leading, now), now);
    this.sound?.plan(upcomingTicks(this.#leading, now, now + LOOK_AHEAD_SECONDS));
    if (this.#run && now - this.#keptAt >= KEEP_EVERY_SECONDS) this.#keep(now);
  }

  go(): void {
    this.#press(go);
  }

  pause(): void {
    this.#press(pause);
  }

  /** The one big key: on, hold on, or past a line that waits. */
  goOrPause(): void {
    if (this.status === 'running') this.pause();
    else if (this.status === 'waiting') this.next();
    else this.go();
  }

  next(): void {
    this.#press(next);
  }

  back(): void {
    this.#press(back);
  }

  finish(): void {
    this.#press(finish);
  }

  setLines(lines: LinesMode): void {
    this.#press((leading, now) => setLines(leading, lines, now));
  }

  /**
   * Goes on with a session that was lost, paused at its place: at the same cue, wherever it stands
   * now if the script was changed since.
   */
  carryOn(run: Run, gapSeconds: number): void {
    const now = this.#world.clock.now();
    const { cues } = this.schedule;
    const was = run.plan[run.leading.index];
    const found = cues.findIndex((cue) => cue.id === was?.id);
    const index = found >= 0 ? found : run.leading.index;
    const into = run.leading.scheduleSeconds - (was?.startSeconds ?? 0);
    const scheduleSeconds = Math.max(0, (cues[index]?.startSeconds ?? 0) + into);
    this.#now = now;
    this.#run = run;
    this.#leading = restoreLeading(
      cues,
      { ...run.leading, index, scheduleSeconds },
      gapSeconds,
      now,
    );
  }

  /** Everything that is to be kept is kept when this resolves. */
  settled(): Promise<void> {
    return this.#keeping;
  }

  #press(action: (leading: Leading, now: number) => Leading): void {
    const now = this.#world.clock.now();
    this.#now = now;
    const before = this.#leading;
    this.#become(action(before, now), now);
    if (this.#leading !== before) this.sound?.hush();
    this.update();
  }

  #become(leading: Leading, now: number): void {
    if (leading === this.#leading) return;
    const begins = this.#leading.status === 'ready' && leading.status !== 'ready';
    this.#leading = leading;
    if (begins) this.#run = this.#begin();
    this.#keep(now);
  }

  #begin(): Run {
    const { adventure, schedule } = this;
    const book = moveBookOf(adventure);
    const beats = adventure.chapters.flatMap((chapter) => chapter.beats);
    return {
      id: this.#world.newRunId(),
      adventureId: adventure.id,
      title: adventure.title,
      startedAt: this.#world.today(),
      savedAt: this.#world.today(),
      slotSeconds: adventure.setting.slotSeconds,
      speed: this.#world.speed,
      plan: plannedCues(schedule.cues),
      labels: Object.fromEntries(beats.map((beat) => [beat.id, beatLabel(beat, book)])),
      chapters: chaptersOf(adventure),
      leading: saveLeading(this.#leading, this.#now),
      note: '',
    };
  }

  #keep(now: number): void {
    if (!this.#run) return;
    this.#keptAt = now;
    const leading = saveLeading(this.#leading, now);
    this.#run = { ...this.#run, savedAt: this.#world.today(), leading };
    const run = this.#run;
    this.#keeping = this.#keeping.then(() => this.#world.keep(run)).catch(() => {});
  }
}
