import {
  back,
  chaptersOf,
  countAt,
  counts,
  drawOf,
  elapsedSeconds,
  finish,
  go,
  moveBookOf,
  next,
  pause,
  plannedCues,
  prepareLeading,
  replan,
  restoreLeading,
  saveLeading,
  schedulePosition,
  setLines,
  tick,
  upcomingTicks,
  type Adventure,
  type Cue,
  type DrawOnStage,
  type Draws,
  type Leading,
  type LinesMode,
  type ResolvedDraw,
  type Run,
  type Schedule,
  type TypedDraws,
  type TypedOutcome,
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
  /** What live draws are made from. */
  seed: number;
  replan: Replan;
}>;

/** The session with what was typed from real dice, cards and wheels. */
export type Replan = (typed: TypedDraws) => Readonly<{ schedule: Schedule; draws: Draws }>;

/** What was said, without what was left open. */
function onlySaid({ outcome, number }: TypedOutcome): Partial<TypedOutcome> {
  return { ...(outcome !== null && { outcome }), ...(number !== null && { number }) };
}

function typedForLog(typed: TypedDraws): NonNullable<Run['typed']> {
  return Object.fromEntries([...typed].map(([id, list]) => [id, [...list]]));
}

/** The log is kept at every turn, and while nothing happens this often, in seconds. */
const KEEP_EVERY_SECONDS = 1;

/** A session being led: the machine in core, told the time by a clock and asked by the picture. */
export class StageSession {
  #leading: Leading;
  #now = $state(0);
  sound: Pick<StageSound, 'plan' | 'hush'> | null = null;

  readonly adventure: Adventure;
  #schedule: Schedule;
  #draws: Draws;
  // eslint-disable-next-line svelte/prefer-svelte-reactivity -- replaced as a whole
  #typed: TypedDraws = new Map();
  readonly #world: StageWorld;
  #run: Run | null = null;
  #keptAt = -Infinity;
  #keeping: Promise<void> = Promise.resolve();

  constructor(adventure: Adventure, schedule: Schedule, lines: LinesMode, world: StageWorld) {
    this.adventure = adventure;
    this.#schedule = $state.raw(schedule);
    this.#draws = $state.raw(world.replan(this.#typed).draws);
    this.#world = world;
    this.#leading = $state.raw(prepareLeading(schedule.cues, lines));
    this.#now = world.clock.now();
  }

  get schedule(): Schedule {
    return this.#schedule;
  }

  readonly status = $derived.by(() => this.#leading.status);
  readonly index = $derived.by(() => this.#leading.index);
  readonly lines = $derived.by(() => this.#leading.lines);
  readonly cue = $derived.by<Cue | null>(() => this.#leading.cues[this.#leading.index] ?? null);
  readonly position = $derived.by(() => schedulePosition(this.#leading, this.#now));
  readonly into = $derived(this.cue ? this.position - this.cue.startSeconds : 0);
  readonly count = $derived(this.cue ? countAt(this.cue, this.into) : null);
  readonly elapsed = $derived.by(() => elapsedSeconds(this.#leading, this.#now));
  /** Seconds that the rest of the plan takes. */
  readonly remaining = $derived.by(() => this.#schedule.totalSeconds - this.position);
  /** Seconds left of the slot when the rest goes as planned; below 0 the session runs over. */
  readonly spare = $derived.by(
    () => this.adventure.setting.slotSeconds - this.elapsed - this.remaining,
  );

  /** The draw that is on, if the cue is a draw: it may be typed instead. */
  readonly drawing = $derived.by<DrawOnStage | null>(() =>
    this.cue?.kind === 'draw' ? drawOf(this.adventure, this.cue) : null,
  );
  /** What is drawn now; null away from a draw. */
  readonly drawn = $derived.by<ResolvedDraw | null>(() => {
    const at = this.cue && drawOf(this.adventure, this.cue);
    return at ? (this.#draws.get(at.beat.id)?.[at.nth] ?? null) : null;
  });

  /**
   * What a real die, card or wheel shows takes the place of what was drawn; the rest of the way
   * follows from it. Says so if by the rules it does not count: then it is to be thrown again.
   */
  typeDraw(typed: TypedOutcome): 'taken' | 'again' {
    const at = this.drawing;
    if (!at) return 'taken';
    const { beat, nth } = at;
    const before = (this.#draws.get(beat.id) ?? []).slice(0, nth);
    if (typed.outcome !== null && !counts(beat, before, typed.outcome)) return 'again';
    const list = [...(this.#typed.get(beat.id) ?? [])];
    while (list.length < nth) list.push(null);
    list[nth] = { ...(list[nth] ?? { outcome: null, number: null }), ...onlySaid(typed) };
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- replaced as a whole
    this.#replan(new Map([...this.#typed, [beat.id, list]]));
    return 'taken';
  }

  #replan(typed: TypedDraws): void {
    const now = this.#world.clock.now();
    const { schedule, draws } = this.#world.replan(typed);
    const leading = replan(tick(this.#leading, now), schedule.cues);
    this.#typed = typed;
    this.#schedule = schedule;
    this.#draws = draws;
    if (this.#run) {
      const plan = plannedCues(schedule.cues);
      this.#run = { ...this.#run, plan, typed: typedForLog(typed) };
    }
    this.sound?.hush();
    this.#become(leading, now);
    this.update();
  }

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
    if (run.typed) {
      // eslint-disable-next-line svelte/prefer-svelte-reactivity -- replaced as a whole
      this.#typed = new Map(Object.entries(run.typed));
      const { schedule, draws } = this.#world.replan(this.#typed);
      this.#schedule = schedule;
      this.#draws = draws;
    }
    const { cues } = this.#schedule;
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
      seed: this.#world.seed,
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
