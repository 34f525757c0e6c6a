import {
  adapt,
  adaptAll,
  back,
  beatsOf,
  changesAt,
  countAt,
  counts,
  drawOf,
  elapsedSeconds,
  finish,
  formAt,
  go,
  isEndedEarly,
  isTapped,
  NO_DEBRIEF,
  next,
  pause,
  prepareLeading,
  replan,
  restoreLeading,
  saveLeading,
  sayingAt,
  schedulePosition,
  scheduleOf,
  setLines,
  shareAt,
  skipBeat,
  tick,
  unfinish,
  upcomingTicks,
  type Adaptation,
  type AdaptationKind,
  type Adventure,
  type Beat,
  type Change,
  type Cue,
  type Debrief,
  type DrawOnStage,
  type Leading,
  type LinesMode,
  type ResolvedDraw,
  type Run,
  type TypedDraws,
  type TypedOutcome,
  type Waits,
  type LedWay,
} from '$core';
import { StageMusic, type Player } from './music';
import { placeIn, type CarriedOn } from './carry-on';
import { newRun, StageLog } from './stage-log';
import type { StageWorld } from './stage-world';
import { typedInto } from './typed-into';
import { lookAheadSeconds, type StageSound } from './sound';

/** Points of two teams, in no order but that of the screen. */
export type TeamPoints = readonly [number, number];

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
  // eslint-disable-next-line svelte/prefer-svelte-reactivity -- replaced as a whole
  #typed: TypedDraws = new Map();
  #adaptations: readonly Adaptation[] = [];
  #points = $state(0);
  #teamPoints = $state.raw<TeamPoints>([0, 0]);
  #debrief = $state.raw<Debrief>(NO_DEBRIEF);
  #note = $state('');
  readonly #world: StageWorld;
  readonly #log: StageLog;

  constructor(adventure: Adventure, waits: Waits, world: StageWorld) {
    this.adventure = adventure;
    this.#way = $state.raw(world.replan(this.#typed));
    this.#world = world;
    this.#log = new StageLog(world);
    this.#leading = $state.raw(prepareLeading(this.#way.cues, waits));
    this.#now = world.clock.now();
  }

  readonly schedule = $derived.by(() => scheduleOf(this.#way));

  readonly status = $derived.by(() => this.#leading.status);
  readonly index = $derived.by(() => this.#leading.index);
  readonly lines = $derived.by(() => this.#leading.lines);
  readonly cue = $derived.by<Cue | null>(() => this.#leading.cues[this.#leading.index] ?? null);
  /** The beat that the cue belongs to: found once a cue, not once a frame. */
  readonly beat = $derived.by<Beat | null>(() => {
    const id = this.cue?.beatId;
    return beatsOf(this.adventure).find((beat) => beat.id === id) ?? null;
  });
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
  /** How full the ring round the count is, 0 to 1. */
  readonly share = $derived.by(() => {
    if (!this.cue) return 0;
    return this.tapped ? this.taps / this.cue.doing!.amount : shareAt(this.cue, this.into);
  });
  readonly elapsed = $derived.by(() => elapsedSeconds(this.#leading, this.#now));
  /** Seconds that the rest of the plan takes. */
  readonly remaining = $derived.by(() => this.schedule.totalSeconds - this.position);
  /** Seconds left of the slot when the rest goes as planned; below 0 the session runs over. */
  readonly spare = $derived.by(
    () => this.adventure.setting.slotSeconds - this.elapsed - this.remaining,
  );

  /** The draw that is on, if the cue is a draw: it may be typed instead. */
  readonly drawing = $derived.by<DrawOnStage | null>(() =>
    this.cue?.kind === 'draw' ? drawOf(this.adventure, this.cue) : null,
  );
  /** All draws of the beat that is on. */
  readonly draws = $derived.by(() => this.#way.draws.get(this.cue?.beatId ?? '') ?? []);
  /** What is drawn now; null away from a draw. */
  readonly drawn = $derived.by<ResolvedDraw | null>(() => {
    const at = this.cue && drawOf(this.adventure, this.cue);
    return at ? (this.draws[at.nth] ?? null) : null;
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
    const list = typedInto(this.#typed.get(beat.id) ?? [], nth, typed);
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- replaced as a whole
    this.#typed = new Map([...this.#typed, [beat.id, list]]);
    this.#take(adaptAll(this.#world.replan(this.#typed), this.#adaptations));
    return 'taken';
  }

  /** Changes that make sense here and now. */
  readonly changes = $derived.by<readonly Change[]>(() => changesAt(this.#way, this.index));
  /** What is said now, a piece at a time where it is said while they move; empty for nothing. */
  readonly saying = $derived.by(() => (this.cue ? sayingAt(this.cue, this.into) : ''));

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
    return way ? Math.max(0, this.schedule.totalSeconds - scheduleOf(way).totalSeconds) : 0;
  }

  /** Makes a change where the session stands, and tells what came of it; null where it makes no sense there. */
  adapt(what: AdaptationKind): Change | null {
    const now = this.#world.clock.now();
    this.#become(tick(this.#leading, now), now);
    this.#now = now;
    const { cue } = this;
    if (!cue || this.status === 'ready' || this.status === 'done') return null;
    const made = this.#asked(what, cue);
    const way = adapt(this.#way, made);
    if (!way) return null;
    const form = formAt(this.#way, this.index, what);
    const before = this.schedule.totalSeconds;
    this.#adaptations = [...this.#adaptations, made];
    this.#take(way);
    // Another form is shown at once: what was on in the old one ends here.
    if (what === 'easier' || what === 'harder') this.next();
    return { what, seconds: this.schedule.totalSeconds - before, form };
  }

  /** The rest of this beat is left out. */
  readonly skip = (): void => this.#press(skipBeat);

  get points(): number {
    return this.#points;
  }

  /** Of each of two teams. */
  get teamPoints(): TeamPoints {
    return this.#teamPoints;
  }

  /** For all of them together, or for a team; fewer than none are never given. */
  addPoints(points: number, team: 0 | 1 | null = null): void {
    if (team === null) this.#points = Math.max(0, this.#points + points);
    else {
      const [one, other] = this.#teamPoints;
      const given = (before: number, n: number) =>
        n === team ? Math.max(0, before + points) : before;
      this.#teamPoints = [given(one, 0), given(other, 1)];
    }
    this.#keep(this.#world.clock.now());
  }

  get debrief(): Debrief {
    return this.#debrief;
  }

  /** What the leader says of it afterwards goes into the log. */
  setDebrief(debrief: Debrief): void {
    this.#debrief = debrief;
    this.#keep(this.#world.clock.now());
  }

  /** What is to be remembered of it, in the leader's own words. */
  get note(): string {
    return this.#note;
  }

  setNote(note: string): void {
    this.#note = note;
    this.#keep(this.#world.clock.now());
  }

  #take(way: LedWay): void {
    const now = this.#world.clock.now();
    const leading = replan(tick(this.#leading, now), way.cues);
    this.#way = way;
    this.#log.plan(way.cues);
    this.sound?.hush();
    this.#become(leading, now);
    this.update();
  }

  get runId(): string | null {
    return this.#log.id;
  }

  /** Called by the ticker: brings everything to the present. */
  update(): void {
    const now = this.#world.clock.now();
    this.#now = now;
    this.#become(tick(this.#leading, now), now);
    this.sound?.plan(upcomingTicks(this.#leading, now, now + lookAheadSeconds()));
    if (this.withMusic) this.#music.update(this.#leading, now, this.sound);
    if (this.#log.isDue(now)) this.#keep(now);
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

  /** It was ended by hand, before its end: it can go on where it was. */
  readonly endedEarly = $derived.by(() => isEndedEarly(this.#leading));

  /** Ended by mistake: back to where it was, paused. */
  backToIt(): void {
    this.#press(unfinish);
  }

  setLines(lines: LinesMode): void {
    this.#press((leading, now) => setLines(leading, lines, now));
  }

  /**
   * Goes on with a session that was lost, paused at its place: at the same cue, wherever it stands
   * now if the script was changed since.
   */
  carryOn(run: Run, gapSeconds: number): CarriedOn {
    const now = this.#world.clock.now();
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- replaced as a whole
    this.#typed = new Map(Object.entries(run.typed ?? {}));
    this.#adaptations = run.adaptations ?? [];
    this.#points = run.points ?? 0;
    this.#teamPoints = run.teamPoints ?? [0, 0];
    this.#debrief = run.debrief ?? NO_DEBRIEF;
    this.#note = run.note;
    this.#way = adaptAll(this.#world.replan(this.#typed), this.#adaptations);
    const { cues } = this.schedule;
    const { index, where } = placeIn(cues, run);
    const was = run.plan[run.leading.index];
    const into = where === 'there' ? run.leading.scheduleSeconds - (was?.startSeconds ?? 0) : 0;
    const scheduleSeconds = Math.max(0, (cues[index]?.startSeconds ?? 0) + into);
    this.#now = now;
    this.#log.open(run);
    const saved = { ...run.leading, index, scheduleSeconds };
    this.#leading = unfinish(restoreLeading(cues, saved, gapSeconds, now), now);
    return where;
  }

  /** Everything that is to be kept is kept when this resolves. */
  readonly settled = (): Promise<void> => this.#log.settled();

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
    if (begins) this.#log.open(newRun(this.#way, leading, now, this.#world));
    this.#keep(now);
  }

  #keep(now: number): void {
    this.#log.keep(now, {
      leading: saveLeading(this.#leading, now),
      typed: this.#typed,
      adaptations: this.#adaptations,
      points: this.#points,
      teamPoints: this.#teamPoints,
      debrief: this.#debrief,
      note: this.#note,
    });
  }
}
