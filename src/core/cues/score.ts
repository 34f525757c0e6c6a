import type { Action, Done, Station } from '../model/action';
import { plannedDose, type Dose } from '../model/dose';
import { howLed, isCountedIn, showsEach, type Defaults, type HowLed, type Led } from '../model/led';
import type { Move, Posture } from '../model/move';
import type { ResolvedDraw } from '../model/resolved-draw';
import type { Setting } from '../model/setting';
import { moveOf, type MoveBook } from '../moves/move-book';
import { saidTogether } from '../words/said-together';
import {
  isRoomForWords,
  isWork,
  NO_WORDS,
  QUIET_EFFORT,
  quietIn,
  type Cue,
  type CueKind,
  type Doing,
} from './cue';
import { layWords } from './pieces';
import { secondsPerRep, type Pace } from './pace';
import { speechSeconds } from './speech';
import type { Stance } from './stance';
import { postureSeconds, TIMINGS } from './timing';

type Extras = Partial<Pick<Cue, 'doing' | 'effort' | 'reps' | 'landings' | 'sticksOut'>>;

/**
 * What the lead-in to a part does: `line` is said before the work; `shown` if the move is new, and for
 * so many seconds where the leader does all of a set first.
 */
export type LeadIn = Readonly<{ line: string; shown: boolean; inFullSeconds?: number }>;
/** All was said and shown before. */
export const TOLD: LeadIn = { line: '', shown: false };

/** More time since the last work changes nothing. */
const LONG_AGO_SECONDS = 60;
const capped = (seconds: number) => Math.min(LONG_AGO_SECONDS, Math.round(seconds * 1000) / 1000);

/**
 * The growing list of cues while an adventure is unrolled: the lane of what the children do, with what
 * is said on it. It knows what went before: where the children are, which moves they have met, and how
 * long nobody has worked. Getting to the next thing passes under what is said until then. Time is kept
 * in whole milliseconds, so that nothing drifts.
 */
export class Score {
  readonly cues: Cue[] = [];
  /** How the beat is led that the cues belong to. */
  how: HowLed;
  #nowMs = 0;
  #posture: Posture = 'standing';
  #kit: readonly string[] = [];
  #hasWorked = false;
  #sinceWork = 0;
  #talked = 0;
  readonly #known = new Set<string>();
  #chapterId = '';
  #beatId = '';
  #inBeat = 0;
  #writtenOut = false;

  constructor(
    readonly defaults: Defaults,
    readonly setting: Setting,
    readonly pace: Pace,
    readonly book: MoveBook,
    /** The draws of a beat, as chance or the presenter has them. */
    readonly drawsOf: (beat: Readonly<{ id: string }>) => readonly ResolvedDraw[] = () => [],
  ) {
    this.how = howLed(defaults, { led: null }, { id: '' });
  }

  /** `writtenOut`: what is said in this chapter is written down. */
  enter(
    chapter: Readonly<{ id: string; led: Led | null }>,
    beat: Parameters<typeof howLed>[2],
    writtenOut: boolean,
  ): void {
    this.#chapterId = chapter.id;
    this.#beatId = beat.id;
    this.#inBeat = 0;
    this.#writtenOut = writtenOut;
    this.how = howLed(this.defaults, chapter, beat);
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
      meanwhile: NO_WORDS,
      sticksOut: false,
      doing: null,
      effort: QUIET_EFFORT[kind],
      reps: 0,
      landings: 0,
      ...extras,
    });
    this.#inBeat += 1;
    this.#nowMs += lengthMs;
    this.#passes(kind, lengthMs / 1000);
  }

  #passes(kind: CueKind, seconds: number): void {
    if (isWork({ kind })) {
      this.#hasWorked = true;
      this.#sinceWork = this.#talked = 0;
    } else if (kind === 'draw') {
      // Nobody knows yet whether it goes to the floor.
      this.#sinceWork = capped(Math.max(this.#sinceWork, Math.min(this.#changeOver, seconds)));
    } else {
      this.#sinceWork = capped(this.#sinceWork + seconds);
      if (kind === 'say' || kind === 'ask') this.#talked = capped(this.#talked + seconds);
    }
  }

  /** Where the children are as the next cue begins. */
  get stance(): Stance {
    return {
      posture: this.#posture,
      kit: this.#kit,
      hasWorked: this.#hasWorked,
      sinceWorkSeconds: this.#sinceWork,
      talkedSeconds: this.#talked,
    };
  }

  /** Begins where something else has left the children. */
  takeStance({ posture, kit, hasWorked, sinceWorkSeconds, talkedSeconds }: Stance): void {
    this.#posture = posture;
    this.#kit = kit;
    this.#hasWorked = hasWorked;
    this.#sinceWork = sinceWorkSeconds;
    this.#talked = talkedSeconds;
  }

  /** Moves that the children have met: they are not shown again. */
  learn(moves: Iterable<string>): void {
    for (const move of moves) this.#known.add(move);
  }

  isNew({ move, also }: Done): boolean {
    return !this.#known.has(move) || also.some((id) => !this.#known.has(id));
  }

  say(text: string, doing: Doing | null = null): void {
    this.add('say', speechSeconds(text, this.pace), text, { doing });
  }

  move(done: Done): Move {
    return moveOf(this.book, done);
  }

  /** An action's dose as it is planned for this group. */
  dose({ dose }: Action): Dose {
    return plannedDose(dose, this.setting.ages);
  }

  secondsPerRep(move: Move): number {
    return secondsPerRep(move, this.setting.ages, this.pace);
  }

  /** "3-2-1-go", where this is counted in. */
  countIn(doing: Doing): void {
    if (isCountedIn(this.how, doing.unit)) {
      this.add('count-in', this.defaults.countInSeconds, '', { doing });
    }
  }

  /** What is said before the work on a part: nothing where they follow, then it is said meanwhile. */
  lineBefore({ guise }: Action | Station): string {
    return this.how.led === 'follow me' ? '' : guise.line;
  }

  /** What is said while they work on a part. */
  wordsDuring({ guise }: Action | Station): string {
    const line = this.how.led === 'follow me' ? guise.line : '';
    return saidTogether(line, guise.meanwhile);
  }

  get #changeOver(): number {
    return this.pace.changeSeconds ?? TIMINGS.changeOver.usual;
  }

  /** Seconds from where the children are to where the work can begin, whatever is said meanwhile. */
  #gettingThere(move: Move, doing: Doing): number {
    const follows = this.how.led === 'follow me';
    const plain = this.#hasWorked && !follows ? this.#changeOver : 0;
    const posture = postureSeconds(this.#posture, move.posture);
    const ready = doing.unit === 'hold' && !follows ? TIMINGS.holdReady.usual : 0;
    return Math.max(plain, posture) + this.#fetching(move) + ready;
  }

  #fetching({ kit }: Move): number {
    return kit.some((thing) => !this.#kit.includes(thing)) ? TIMINGS.fetchKit.usual : 0;
  }

  /** Something explained, and shown if it is `shown`, in `leastSeconds` at least. */
  #explain(part: Action | Station, doing: Doing, how: LeadIn, leastSeconds: number): void {
    const { line, shown, inFullSeconds = 0 } = how;
    const talk = speechSeconds(line, this.pace);
    const written = this.#writtenOut || talk + this.#talked > 0;
    const { show, showUnwritten, look } = TIMINGS;
    const usual = written ? Math.max(look.usual, show.usual - this.#talked) : showUnwritten.usual;
    const showing = usual * this.pace.showTimes;
    const longest = inFullSeconds > 0 ? inFullSeconds : showing;
    const seconds = Math.max(talk, shown ? longest : 0, leastSeconds);
    this.add(shown ? 'show' : talk > 0 ? 'say' : 'change', seconds, line, { doing });
    if (shown) this.#talked = 0;
  }

  /** A move is shown, or only told, long before its work. */
  show(part: Action | Station, doing: Doing): void {
    this.#explain(part, doing, { line: part.guise.line, shown: this.isNew(part) }, 0);
    this.learn([part.move, ...part.also]);
  }

  /** What is said and shown of a part as the beat is led, with nobody getting anywhere. */
  explain(part: Action | Station, doing: Doing): void {
    this.#explain(part, doing, this.#asLed(part), 0);
    this.learn([part.move, ...part.also]);
  }

  #asLed(part: Action | Station): LeadIn {
    return {
      line: this.lineBefore(part),
      shown: showsEach(this.how.show) && this.isNew(part),
    };
  }

  /**
   * From the last work to that of a part: the longer of getting there and explaining, what was said
   * since counted in.
   */
  leadIn(part: Action | Station, doing: Doing, how?: LeadIn): void {
    const move = this.move(part);
    const left = this.#gettingThere(move, doing) - this.#sinceWork;
    this.#explain(part, doing, how ?? this.#asLed(part), left);
    this.takePlace(move);
    // What chance brings up says for itself what is new.
    if (!how) this.learn([part.move, ...part.also]);
  }

  /** A rest of so many seconds in which the part that comes next is shown: the longer of the two. */
  showInRest(part: Action | Station, doing: Doing, restSeconds: number): void {
    this.#explain(part, doing, { line: this.lineBefore(part), shown: true }, restSeconds);
    this.learn([part.move, ...part.also]);
  }

  /** Getting to a move, with nothing more to be said. */
  getTo(move: Move, doing: Doing): void {
    this.add('change', this.#gettingThere(move, doing) - this.#sinceWork, '', { doing });
    this.takePlace(move);
  }

  /** On to a move without a stop: only getting down or up, and its kit. */
  flowTo(move: Move, doing: Doing): void {
    const posture = postureSeconds(this.#posture, move.posture);
    this.add('change', posture + this.#fetching(move), '', { doing });
    this.takePlace(move);
  }

  /** The children are where the move is done. */
  takePlace({ posture, kit }: Move): void {
    this.#posture = posture;
    this.#kit = kit;
  }

  /**
   * Says words while the cues run that were added from `from` on: they take no time, but for what is
   * longer than these. `overThrows`: also while a child throws.
   */
  sayMeanwhile(text: string, from: number, doing: Doing | null, overThrows = false): void {
    if (text.trim() === '') return;
    const at: number[] = [];
    for (let n = from; n < this.cues.length; n += 1) {
      if (isRoomForWords(this.cues[n]!.kind, overThrows)) at.push(n);
    }
    const rooms = at.map((n) => quietIn(this.cues[n]!));
    const { pieces, rest, restSeconds } = layWords(text, rooms, this.pace);
    at.forEach((n, index) => {
      if (pieces[index]!.length === 0) return;
      const cue = this.cues[n]!;
      this.cues[n] = { ...cue, meanwhile: [...cue.meanwhile, ...pieces[index]!] };
    });
    this.add('say', restSeconds, rest, { doing, sticksOut: true });
  }
}
