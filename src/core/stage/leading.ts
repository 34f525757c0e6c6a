import { cueEndSeconds, isCountedWork, isWork, type Cue } from '../cues/cue';
import type { CountsMode, HoldsMode, LinesMode } from './modes';

/*
 * Leading a session: a pure machine that is told the time. The place on the schedule is kept as
 * an anchor (at clock time c the schedule stood at s), so that the n-th cue begins at its exact
 * time and nothing accumulates.
 */

/** One stay at a cue, as it really was. Seconds since the session was begun. */
export type Visit = Readonly<{
  cueId: string;
  startSeconds: number;
  lengthSeconds: number;
  /** Left before its time was up. */
  cutShort: boolean;
}>;

export type LeadingStatus = 'ready' | 'running' | 'waiting' | 'paused' | 'done';

/** How the leader lets the clock wait. */
export type Waits = Readonly<{
  lines: LinesMode;
  holds: HoldsMode;
  counts: CountsMode;
  /** A sum that was asked is on until the leader goes on: the answer takes as long as it takes. */
  sums: LinesMode;
}>;

/** Reps that are counted by taps, where the leader counts so. */
export function isTapped({ counts }: Pick<Waits, 'counts'>, cue: Cue): boolean {
  return counts === 'taps' && isCountedWork(cue);
}

export type Leading = Waits &
  Readonly<{
    cues: readonly Cue[];
    status: LeadingStatus;
    /** The cue on show, counted from 0. */
    index: number;
    /** Running: at clock time `clock` the schedule stood at `schedule`. Else only `schedule` holds. */
    anchor: Readonly<{ clock: number; schedule: number }>;
    /** Clock time at which the session was begun, and at which the present cue was entered. */
    begunAt: number;
    enteredAt: number;
    visits: readonly Visit[];
  }>;

export function prepareLeading(
  cues: readonly Cue[],
  {
    lines,
    holds = 'run on',
    counts = 'tempo',
    sums = 'run on',
  }: Pick<Waits, 'lines'> & Partial<Waits>,
): Leading {
  return {
    cues,
    lines,
    holds,
    counts,
    sums,
    status: cues.length === 0 ? 'done' : 'ready',
    index: 0,
    anchor: { clock: 0, schedule: 0 },
    begunAt: 0,
    enteredAt: 0,
    visits: [],
  };
}

/** Where the session stands on the schedule, in seconds from its start. */
export function schedulePosition(leading: Leading, now: number): number {
  const { status, anchor, index, cues } = leading;
  if (status !== 'running') return anchor.schedule;
  const cue = cues[index]!;
  const position = anchor.schedule + (now - anchor.clock);
  return Math.min(Math.max(position, cue.startSeconds), cueEndSeconds(cue));
}

/** Seconds since the session was begun, pauses included; 0 before it. */
export function elapsedSeconds(leading: Leading, now: number): number {
  if (leading.status === 'ready') return 0;
  if (leading.status === 'done') {
    const last = leading.visits.at(-1);
    return last ? last.startSeconds + last.lengthSeconds : 0;
  }
  return Math.max(0, now - leading.begunAt);
}

function leave(leading: Leading, at: number, cutShort: boolean): readonly Visit[] {
  const visit: Visit = {
    cueId: leading.cues[leading.index]!.id,
    startSeconds: leading.enteredAt - leading.begunAt,
    lengthSeconds: at - leading.enteredAt,
    cutShort,
  };
  return [...leading.visits, visit];
}

/** Leaves the present cue at clock time `at` for the cue `to`; past the last one all is done. */
function goTo(leading: Leading, to: number, at: number, cutShort: boolean): Leading {
  const visits = leave(leading, at, cutShort);
  const cue = leading.cues[to];
  if (!cue) {
    const schedule = cueEndSeconds(leading.cues.at(-1)!);
    return { ...leading, visits, status: 'done', anchor: { clock: at, schedule } };
  }
  return { ...leading, visits, index: to, enteredAt: at };
}

/** What lasts until the leader has said or shown it; before work by the clock the clock leads. */
function isTalk({ kind, doing }: Cue): boolean {
  return kind === 'say' || kind === 'ask' || (kind === 'show' && doing?.unit !== 'seconds');
}

/** A line, a showing or a sum that is on until the leader goes on, or a hold that waits until everybody is in it. */
export function waitsAtEnd(leading: Waits & Pick<Leading, 'cues'>, index: number): boolean {
  const { lines, holds, sums, cues } = leading;
  const cue = cues[index]!;
  if (sums === 'wait for me' && cue.kind === 'ask' && cue.doing) return true;
  if (lines === 'wait for me' && isTalk(cue)) return true;
  return isTapped(leading, cue) || (holds === 'wait for me' && leadsIntoHold(cues, index));
}

/** The last that comes before a hold: everybody gets into it here. */
export function leadsIntoHold(cues: readonly Cue[], index: number): boolean {
  return !isWork(cues[index]!) && cues[index + 1]?.kind === 'hold';
}

/** Brings the session to clock time `now`: every cue that ended since is left at its exact time. */
export function tick(leading: Leading, now: number): Leading {
  let current = leading;
  while (current.status === 'running') {
    const cue = current.cues[current.index]!;
    const end = cueEndSeconds(cue);
    const endsAt = current.anchor.clock + (end - current.anchor.schedule);
    if (now < endsAt) break;
    if (waitsAtEnd(current, current.index)) {
      current = { ...current, status: 'waiting', anchor: { clock: endsAt, schedule: end } };
    } else current = goTo(current, current.index + 1, endsAt, false);
  }
  return current;
}

/** Begins, or goes on after a pause. */
export function go(leading: Leading, now: number): Leading {
  if (leading.status === 'ready') {
    const clock = { clock: now, schedule: 0 };
    return { ...leading, status: 'running', anchor: clock, begunAt: now, enteredAt: now };
  }
  if (leading.status !== 'paused') return leading;
  const anchor = { ...leading.anchor, clock: now };
  return { ...leading, status: 'running', anchor };
}

export function pause(leading: Leading, now: number): Leading {
  const current = tick(leading, now);
  if (current.status !== 'running') return current;
  const schedule = schedulePosition(current, now);
  return { ...current, status: 'paused', anchor: { clock: now, schedule } };
}

function jump(leading: Leading, to: number, now: number, cutShort: boolean): Leading {
  const moved = goTo(leading, to, now, cutShort);
  if (moved.status === 'done') return moved;
  const anchor = { clock: now, schedule: moved.cues[to]!.startSeconds };
  return { ...moved, anchor, status: leading.status === 'paused' ? 'paused' : 'running' };
}

/** On to the next cue now; a paused session stays paused. */
export function next(leading: Leading, now: number): Leading {
  const current = tick(leading, now);
  if (current.status === 'ready') return go(current, now);
  if (current.status === 'done') return current;
  return jump(current, current.index + 1, now, current.status !== 'waiting');
}

/** A cue that has run this long is begun again by `back`; before that it goes to the one before. */
export const AGAIN_AFTER_SECONDS = 2;

export function back(leading: Leading, now: number): Leading {
  const current = tick(leading, now);
  if (current.status === 'ready' || current.status === 'done') return current;
  const into = schedulePosition(current, now) - current.cues[current.index]!.startSeconds;
  const to = into > AGAIN_AFTER_SECONDS ? current.index : Math.max(0, current.index - 1);
  return jump(current, to, now, true);
}

/** On to the first cue of the next beat: the rest of this one is left out. */
export function skipBeat(leading: Leading, now: number): Leading {
  const current = tick(leading, now);
  if (current.status === 'ready' || current.status === 'done') return current;
  const { cues, index } = current;
  const here = cues[index]!.beatId;
  const to = cues.findIndex(({ beatId }, n) => n > index && beatId !== here);
  return jump(current, to < 0 ? cues.length : to, now, true);
}

/** Ends the session here. */
export function finish(leading: Leading, now: number): Leading {
  const current = tick(leading, now);
  if (current.status === 'done') return current;
  if (current.status === 'ready') return { ...current, status: 'done' };
  const anchor = { clock: now, schedule: schedulePosition(current, now) };
  return { ...current, visits: leave(current, now, true), status: 'done', anchor };
}

/**
 * Goes back to where it was ended before its last cue was over, paused there; as it is where it came to
 * its end, or is not over.
 */
export function unfinish(leading: Leading, now: number): Leading {
  if (!isEndedEarly(leading)) return leading;
  const last = leading.visits.at(-1)!;
  return {
    ...leading,
    status: 'paused',
    visits: leading.visits.slice(0, -1),
    anchor: { ...leading.anchor, clock: now },
    enteredAt: leading.begunAt + last.startSeconds,
  };
}

/** What is asked of a session, led or kept, to tell how it ended. */
export type Ended = Readonly<{ done: boolean; scheduleSeconds: number; visits: readonly Visit[] }>;

/** It was ended by hand with something left to do: it stands before the end of its last cue. */
export function wasEndedEarly(
  { done, scheduleSeconds, visits }: Ended,
  cues: readonly Pick<Cue, 'startSeconds' | 'lengthSeconds'>[],
): boolean {
  const last = cues.at(-1);
  if (!done || !last || visits.length === 0) return false;
  return scheduleSeconds < cueEndSeconds(last) - 1e-6;
}

/** The same of a session that is on the Stage. */
export function isEndedEarly({ status, anchor, visits, cues }: Leading): boolean {
  const ended = { done: status === 'done', scheduleSeconds: anchor.schedule, visits };
  return wasEndedEarly(ended, cues);
}

export function setLines(leading: Leading, lines: LinesMode, now: number): Leading {
  return { ...tick(leading, now), lines };
}

/**
 * The rest of the way is another: a real die showed something else than was drawn. Everything up to
 * the present cue must be as it was. Throws a RangeError if it is not.
 */
export function replan(leading: Leading, cues: readonly Cue[]): Leading {
  const [was, is] = [leading.cues[leading.index], cues[leading.index]];
  if (was?.id !== is?.id || was?.startSeconds !== is?.startSeconds) {
    throw new RangeError(`replan: cue ${leading.index} is ${is?.id}, and was ${was?.id}`);
  }
  return { ...leading, cues };
}
