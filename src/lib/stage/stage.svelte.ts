import {
  adapt,
  adaptAll,
  adaptationsAt,
  back,
  chaptersOf,
  countAt,
  counts,
  drawOf,
  elapsedSeconds,
  finish,
  go,
  isTapped,
  moveBookOf,
  NO_DEBRIEF,
  next,
  pause,
  plannedCues,
  prepareLeading,
  replan,
  restoreLeading,
  saveLeading,
  schedulePosition,
  scheduleOf,
  setLines,
  skipBeat,
  tick,
  upcomingTicks,
  type Adaptation,
  type AdaptationKind,
  type Adventure,
  type Cue,
  type Debrief,
  type DrawOnStage,
  type Leading,
  type LedWay,
  type LinesMode,
  type ResolvedDraw,
  type Run,
  type Schedule,
  type TypedDraws,
  type TypedOutcome,
  type Waits,
  beatLabel,
} from '$core';
import type { Clock } from './clock';
import { StageMusic, type Player } from './music';
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

/** The way with what was typed from real dice, cards and wheels. */
export type Replan = (typed: TypedDraws) => LedWay;

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
  sound: Pick<StageSound, 'plan' | 'hush' | 'music'> | null = null;
  /** Music while they work by the clock, where the leader wants it. */
  withMusic = false;
  readonly #music = new StageMusic();

  set ownMusic(player: Player | null) {
    this.#music.own = player;
  }

  readonly adventure: Adventure;
  /** The way as it is led, every change in it. */
  #way: LedWay;
  #schedule: Schedule;
  // eslint-disable-next-line svelte/prefer-svelte-reactivity -- replaced as a whole
  #typed: TypedDraws = new Map();
  #adaptations: readonly Adaptation[] = [];
  #points = $state(0);
  #debrief = $state.raw<Debrief>(NO_DEBRIEF);
  readonly #world: StageWorld;
  #run: Run | null = null;
  #keptAt = -Infinity;
  #keeping: Promise<void> = Promise.resolve();

  constructor(adventure: Adventure, waits: Waits, world: StageWorld) {
    this.adventure = adventure;
    this.#way = $state.raw(world.replan(this.#typed));
    this.#schedule = $state.raw(scheduleOf(this.#way));
    this.#world = world;
    this.#leading = $state.raw(prepareLeading(this.#way.cues, waits));
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
  /** This cue is counted by taps, and so many of them there were. */
  readonly tapped = $derived.by(() => this.cue !== null && isTapped(this.#leading, this.cue));
  #taps = $state.raw<Readonly<{ cueId: string; n: number }>>({ cueId: '', n: 0 });
  readonly taps = $derived(this.#taps.cueId === this.cue?.id ? this.#taps.n : 0);
  readonly count = $derived.by(() => {
    if (!this.cue) return null;
    if (!this.tapped) return countAt(this.cue, this.into);
    const of = this.cue.doing!.amount;
    return this.cue.doing!.count === 'back' ? of - this.taps : this.taps;
  });
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
    return at ? (this.#way.draws.get(at.beat.id)?.[at.nth] ?? null) : null;
  });

  /**
   * What a real die, card or wheel shows takes the place of what was drawn; the rest of the way
   * follows from it. Says so if by the rules it does not count: then it is to be thrown again.
   */
  typeDraw(typed: TypedOutcome): 'taken' | 'again' {
    const at = this.drawing;
    if (!at) return 'taken';
    const { beat, nth } = at;
    const before = (this.#way.draws.get(beat.id) ?? []).slice(0, nth);
    if (typed.outcome !== null && !counts(beat, before, typed.outcome)) return 'again';
    const list = [...(this.#typed.get(beat.id) ?? [])];
    while (list.length < nth) list.push(null);
    list[nth] = { ...(list[nth] ?? { outcome: null, number: null }), ...onlySaid(typed) };
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- replaced as a whole
    this.#typed = new Map([...this.#typed, [beat.id, list]]);
    this.#take(adaptAll(this.#world.replan(this.#typed), this.#adaptations));
    return 'taken';
  }

  /** Changes that make sense here and now. */
  readonly adaptations = $derived.by<readonly AdaptationKind[]>(() =>
    adaptationsAt(this.#way, this.index),
  );

  /** A change as it would be made here and now. */
  #asked(what: AdaptationKind, cue: Cue): Adaptation {
    const left = this.adventure.setting.slotSeconds - this.elapsed;
    const seconds = what === 'shorten' ? Math.max(0, left) : 0;
    const intoSeconds = Math.max(0, Math.min(cue.lengthSeconds, this.into));
    return { cueId: cue.id, intoSeconds, what, seconds };
  }

  /** Seconds that shortening the rest would save here; 0 where nothing can be shortened. */
  savedByShortening(): number {
    if (!this.cue) return 0;
    const way = adapt(this.#way, this.#asked('shorten', this.cue));
    return way ? Math.max(0, this.#schedule.totalSeconds - scheduleOf(way).totalSeconds) : 0;
  }

  /** Makes a change where the session stands; false where it makes no sense there. */
  adapt(what: AdaptationKind): boolean {
    const now = this.#world.clock.now();
    this.#become(tick(this.#leading, now), now);
    this.#now = now;
    const { cue } = this;
    if (!cue || this.status === 'ready' || this.status === 'done') return false;
    const made = this.#asked(what, cue);
    const way = adapt(this.#way, made);
    if (!way) return false;
    this.#adaptations = [...this.#adaptations, made];
    this.#take(way);
    // Another form is shown at once: what was on in the old one ends here.
    if (what === 'easier' || what === 'harder') this.next();
    return true;
  }

  /** The rest of this beat is left out. */
  skip(): void {
    this.#press(skipBeat);
  }

  get points(): number {
    return this.#points;
  }

  addPoints(points: number): void {
    this.#points = Math.max(0, this.#points + points);
    if (this.#run) this.#keep(this.#world.clock.now());
  }

  get debrief(): Debrief {
    return this.#debrief;
  }

  /** What the leader says of it afterwards goes into the log. */
  setDebrief(debrief: Debrief): void {
    this.#debrief = debrief;
    this.#keep(this.#world.clock.now());
  }

  #take(way: LedWay): void {
    const now = this.#world.clock.now();
    const leading = replan(tick(this.#leading, now), way.cues);
    this.#way = way;
    this.#schedule = scheduleOf(way);
    if (this.#run) this.#run = { ...this.#run, plan: plannedCues(way.cues) };
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
    if (this.withMusic) this.#music.update(this.#leading, now, this.sound);
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

  /** What a page-turner presses: counts a rep where reps are tapped, else goes on. */
  tapOrNext(): void {
    if (!this.tapped || this.status === 'paused') {
      this.next();
      return;
    }
    const n = this.taps + 1;
    this.#taps = { cueId: this.cue!.id, n };
    if (n >= this.cue!.doing!.amount) this.next();
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
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- replaced as a whole
    this.#typed = new Map(Object.entries(run.typed ?? {}));
    this.#adaptations = run.adaptations ?? [];
    this.#points = run.points ?? 0;
    this.#debrief = run.debrief ?? NO_DEBRIEF;
    this.#way = adaptAll(this.#world.replan(this.#typed), this.#adaptations);
    this.#schedule = scheduleOf(this.#way);
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
    this.#run = {
      ...this.#run,
      savedAt: this.#world.today(),
      leading,
      typed: typedForLog(this.#typed),
      adaptations: this.#adaptations,
      points: this.#points,
      debrief: this.#debrief,
    };
    const run = this.#run;
    this.#keeping = this.#keeping.then(() => this.#world.keep(run)).catch(() => {});
  }
}
