import type { Action, Station } from '../model/action';
import type { Defaults } from '../model/defaults';
import type { Effort, Move, Posture } from '../model/move';
import type { ResolvedDraw } from '../model/resolved-draw';
import type { Setting } from '../model/setting';
import { moveIn, type MoveBook } from '../moves/move-book';
import { isWork, type Cue, type CueKind, type Doing } from './cue';
import { secondsPerRep, type Pace } from './pace';
import { speechSeconds } from './speech';
import {
  CHANGE_KIT_EXTRA_SECONDS,
  CHANGE_SECONDS,
  postureExtraSeconds,
  SHOW_SECONDS,
} from './timing';

type Extras = Partial<Pick<Cue, 'doing' | 'effort' | 'reps' | 'landings'>>;

/** What a cue that is not work asks of a child, on the five levels: 1 still, 2 moving a little. */
const QUIET_EFFORT: Readonly<Record<CueKind, Effort>> = {
  say: 1,
  ask: 1,
  show: 1,
  'count-in': 1,
  work: 1,
  hold: 1,
  swap: 2,
  rest: 1,
  drink: 1,
  draw: 1,
  change: 2,
};

/** Where the children are between two cues: all that a cue knows of those before it. */
export type Stance = Readonly<{
  posture: Posture;
  kit: readonly string[];
  straightFromWork: boolean;
}>;

/** Straight from work on a move. */
export function afterWorkOn({ posture, kit }: Move): Stance {
  return { posture, kit, straightFromWork: true };
}

/**
 * The growing list of cues while an adventure is unrolled, and what a beat must know of what went
 * before: where the children are (posture, kit in hand) and whether they come straight from work.
 * Time is kept in whole milliseconds, so that nothing drifts.
 */
export class Score {
  readonly cues: Cue[] = [];
  #nowMs = 0;
  #posture: Posture = 'standing';
  #kit: readonly string[] = [];
  #straightFromWork = false;
  #chapterId = '';
  #beatId = '';
  #inBeat = 0;

  constructor(
    readonly defaults: Defaults,
    readonly setting: Setting,
    readonly pace: Pace,
    readonly book: MoveBook,
    /** The draws of a beat, as chance or the presenter has them. */
    readonly drawsOf: (beat: Readonly<{ id: string }>) => readonly ResolvedDraw[] = () => [],
  ) {}

  enter(chapterId: string, beatId: string): void {
    this.#chapterId = chapterId;
    this.#beatId = beatId;
    this.#inBeat = 0;
  }

  get totalSeconds(): number {
    return this.#nowMs / 1000;
  }

  /** Adds a cue; one that takes no time is left out. */
  add(kind: CueKind, seconds: number, text: string, extras: Extras = {}): void {
    const lengthMs = Math.round(seconds * 1000);
    if (lengthMs <= 0) return;
    this.cues.push({
      id: `${this.#beatId}.${this.#inBeat}`,
      kind,
      chapterId: this.#chapterId,
      beatId: this.#beatId,
      startSeconds: this.#nowMs / 1000,
      lengthSeconds: lengthMs / 1000,
      text,
      doing: null,
      effort: QUIET_EFFORT[kind],
      reps: 0,
      landings: 0,
      ...extras,
    });
    this.#inBeat += 1;
    this.#nowMs += lengthMs;
    this.#straightFromWork = isWork({ kind });
  }

  /** Where the children are as the next cue begins. */
  get stance(): Stance {
    const straightFromWork = this.#straightFromWork;
    return { posture: this.#posture, kit: this.#kit, straightFromWork };
  }

  /** Begins where something else has left the children. */
  takeStance({ posture, kit, straightFromWork }: Stance): void {
    this.#posture = posture;
    this.#kit = kit;
    this.#straightFromWork = straightFromWork;
  }

  say(text: string, doing: Doing | null = null): void {
    this.add('say', speechSeconds(text, this.pace), text, { doing });
  }

  move(part: Action | Station): Move {
    return moveIn(this.book, part.move);
  }

  secondsPerRep(move: Move): number {
    return secondsPerRep(move, this.setting.ages, this.pace);
  }

  /** "3-2-1-go", as the presenter usually does; a hold may need `leastSeconds` to get into. */
  countIn(doing: Doing, leastSeconds = 0): void {
    const seconds = Math.max(this.defaults.countInSeconds, leastSeconds);
    this.add('count-in', seconds, '', { doing });
  }

  /** The move is shown while its line is said. */
  show(part: Action | Station, doing: Doing): void {
    const seconds = Math.max(SHOW_SECONDS, speechSeconds(part.guise.line, this.pace));
    this.add('show', seconds, part.guise.line, { doing });
  }

  /** Getting from where the children are to where `move` begins. */
  change(move: Move, doing: Doing, flowing: boolean): void {
    const plain = this.#straightFromWork && !flowing ? CHANGE_SECONDS : 0;
    const newKit = move.kit.some((thing) => !this.#kit.includes(thing));
    const extra =
      postureExtraSeconds(this.#posture, move.posture) + (newKit ? CHANGE_KIT_EXTRA_SECONDS : 0);
    this.add('change', plain + extra, '', { doing });
    this.#posture = move.posture;
    this.#kit = move.kit;
  }
}
