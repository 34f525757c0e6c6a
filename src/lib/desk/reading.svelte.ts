import {
  check,
  drawsOf,
  moveBookOf,
  notesByBeat,
  timelyNotes,
  toldLength,
  unroll,
  type Adventure,
  type Finding,
  type Move,
  type MoveBook,
  type Pace,
  type Schedule,
  type SoundBook,
  type TimelyNotes,
  type ToldLength,
} from '$core';
import { loadSoundBook } from '$lib/language/sound-book';
import { whenIdle } from '$lib/workers/when-idle';
import { ScriptRows } from './script-rows.svelte';

/** Some hundred sessions are played for the told length: not between two key strokes. In milliseconds. */
const REST_MS = 120;

/** What a script is read with. */
export type ReadWith = Readonly<{
  adventure: () => Adventure;
  pace: () => Pace;
  /** The presenter's own moves in this browser. */
  own: () => readonly Move[];
  judge: typeof check;
}>;

/** What is read off the script, each time that it changes: its clock, its notes, its lines. */
export class Reading {
  readonly #with: ReadWith;
  #schedule: Schedule;
  #findings: readonly Finding[];
  #notes: TimelyNotes;
  #told: ToldLength;
  #cancelTelling = () => {};
  #cancelReading = () => {};
  /** The chapter that lines are being typed into, one after the other: its notes wait. */
  #writing: string | null = null;
  #book: MoveBook;
  #travelling: Adventure['moves'];
  readonly rows: ScriptRows;
  /** How words sound, once it has been loaded. */
  #sounds = $state.raw<SoundBook | null>(null);
  #listening = false;

  constructor(readWith: ReadWith) {
    this.#with = readWith;
    const { pace, judge } = readWith;
    const adventure = readWith.adventure();
    const { setting, defaults, moves } = adventure;
    const schedule = unroll(adventure, setting, pace());
    this.#travelling = moves;
    this.#schedule = $state.raw(schedule);
    this.#findings = $state.raw(judge(adventure, setting, schedule, null));
    this.#notes = $state.raw(timelyNotes(this.#findings, adventure, schedule, null));
    this.#told = $state.raw(toldLength(adventure, setting, pace(), schedule));
    this.#book = $state.raw(this.#readBook(adventure));
    this.rows = new ScriptRows({ setting, defaults, book: this.#book });
    this.rows.lay(adventure, schedule, notesByBeat(this.#notes.open), this.#book);
    this.#hearLetters();
  }

  #readBook({ moves }: Adventure): MoveBook {
    return moveBookOf({ moves: [...this.#with.own(), ...moves] });
  }

  /**
   * The script has changed. `isTyping`: by a letter or a number that is being typed; its line is laid at
   * once, and what it does to clock and notes is read in the next gap.
   */
  take(isTyping: boolean): void {
    this.#cancelReading();
    // What brings a move along is read with it.
    const bringsMoves = this.#with.adventure().moves !== this.#travelling;
    if (!isTyping || bringsMoves) return this.#read();
    this.#lay();
    this.#cancelReading = whenIdle(() => this.#read());
  }

  /** All of it anew, with nothing changed in the script: the pace is another. */
  again(): void {
    this.#cancelReading();
    this.#read();
  }

  #read(): void {
    const adventure = this.#with.adventure();
    const { setting, moves } = adventure;
    this.#schedule = unroll(adventure, setting, this.#with.pace());
    this.#findings = this.#with.judge(adventure, setting, this.#schedule, this.#sounds);
    this.#hearLetters();
    if (moves !== this.#travelling) {
      this.#travelling = moves;
      this.#book = this.#readBook(adventure);
    }
    this.#tellLength();
    this.#lay();
  }

  #lay(): void {
    const adventure = this.#with.adventure();
    this.#notes = timelyNotes(this.#findings, adventure, this.#schedule, this.#writing);
    this.rows.lay(adventure, this.#schedule, notesByBeat(this.#notes.open), this.#book);
  }

  /** Lines are being typed at the end of this chapter, or, with null, nowhere any more. */
  write(chapterId: string | null): void {
    if (chapterId === this.#writing) return;
    this.#writing = chapterId;
    this.#lay();
  }

  #tellLength(): void {
    this.#cancelTelling();
    this.#cancelTelling = whenIdle(() => {
      const adventure = this.#with.adventure();
      this.#told = toldLength(adventure, adventure.setting, this.#with.pace(), this.#schedule);
    }, REST_MS);
  }

  /** The dictionary comes with the first letter strip; then the script is read again. */
  #hearLetters(): void {
    if (this.#sounds || this.#listening) return;
    if (!drawsOf(this.#with.adventure()).some(({ device }) => device.kind === 'letters')) return;
    this.#listening = true;
    loadSoundBook().then(
      (book) => {
        this.#sounds = book;
        this.#read();
      },
      () => (this.#listening = false),
    );
  }

  /** Wanted before there is a strip: a line that asks for one is being typed. */
  async listen(): Promise<void> {
    this.#sounds ??= await loadSoundBook();
  }

  get sounds(): SoundBook | null {
    return this.#sounds;
  }

  get schedule(): Schedule {
    return this.#schedule;
  }

  get findings(): readonly Finding[] {
    return this.#findings;
  }

  /** The findings as they are told: now, or later. */
  get notes(): TimelyNotes {
    return this.#notes;
  }

  /** How long it is, as it is told everywhere; worked out when there is time, a moment after an edit. */
  get told(): ToldLength {
    return this.#told;
  }

  get book(): MoveBook {
    return this.#book;
  }
}
