import {
  homeSchedule,
  addBeats,
  carryMoves,
  changeBeat,
  check,
  checkSize,
  drawsOf,
  copyBeat,
  findBeat,
  makeMoveFinder,
  mendAll,
  moveBookOf,
  notesByBeat,
  partsOfBeat,
  placeKey,
  proposeForEntry,
  proposeGuises,
  removeBeat,
  removeChapter,
  setBeats,
  shiftBeat,
  shiftChapter,
  timelyNotes,
  toldLength,
  unroll,
  type Adventure,
  type Beat,
  type Draw,
  type Entry,
  type Finding,
  type GuiseProposal,
  type LetterIdea,
  type LineTools,
  type Move,
  type MoveBook,
  type Pace,
  type RuleId,
  type Schedule,
  type Setting,
  type SoundBook,
  type TimelyNotes,
  type ToldLength,
  type World,
} from '$core';
import type { Ideas } from '$lib/beats/editor-props';
import { loadSoundBook } from '$lib/language/sound-book';
import type { AdventureDraft } from '$lib/store/open-draft';
import { notices } from '$lib/ui/notices.svelte';
import { whenIdle } from '$lib/workers/when-idle';
import { problemInWords } from '$lib/words/problem-words';
import { newId } from '$lib/store/new-id';
import { keepVersion } from '$lib/store/version-store';
import { Looking } from './looking.svelte';
import { Removals } from './removal';
import { ScriptRows } from './script-rows.svelte';

/** Where a typed line goes: before the beat at `index` of the chapter, counted from 0. */
export type InsertPlace = Readonly<{ chapterId: string; index: number }>;

/** Some hundred sessions are played for the told length: not between two key strokes. In milliseconds. */
const REST_MS = 120;

/** The script on the desk: what is read off it, and everything that can be done to it. */
export class Desk {
  /** The beat that is being worked on, and the one that is pointed at in script or terrain. */
  activeId = $state<string | null>(null);
  pointedId = $state<string | null>(null);
  insertAt = $state.raw<InsertPlace | null>(null);
  /** The id of the beat that should take the keyboard when it appears. */
  focusNext = $state<string | null>(null);
  /**
   * The beat that took the keyboard because its neighbour went: it does not open by that alone, so that
   * nothing of it comes to lie under the pointer.
   */
  hushedId: string | null = null;
  readonly looking = new Looking();

  readonly draft: AdventureDraft;
  readonly #pace: () => Pace;
  readonly #judge: typeof check;
  /** The presenter's own moves in this browser. */
  readonly #own: () => readonly Move[];

  /** What is read off the document, each time that it changes. */
  #schedule: Schedule;
  #findings: readonly Finding[];
  #notes: TimelyNotes;
  #told: ToldLength;
  #cancelTelling = () => {};
  /** The chapter that lines are being typed into, one after the other: its notes wait. */
  #writing: string | null = null;
  #book: MoveBook;
  #travelling: Adventure['moves'];
  readonly rows: ScriptRows;
  /** How words sound, once it has been loaded. */
  #sounds = $state.raw<SoundBook | null>(null);
  #listening = false;

  constructor(
    draft: AdventureDraft,
    pace: () => Pace,
    own: () => readonly Move[] = () => [],
    judge: typeof check = check,
  ) {
    this.draft = draft;
    this.#pace = pace;
    this.#own = own;
    this.#judge = judge;
    const adventure = draft.document;
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
    draft.watch(() => this.#read());
    this.#hearLetters();
  }

  #readBook({ moves }: Adventure): MoveBook {
    return moveBookOf({ moves: [...this.#own(), ...moves] });
  }

  #read(): void {
    const { adventure } = this;
    this.#removals.settle(adventure);
    this.#schedule = unroll(adventure, adventure.setting, this.#pace());
    this.#findings = this.#judge(adventure, adventure.setting, this.#schedule, this.#sounds);
    this.#hearLetters();
    if (adventure.moves !== this.#travelling) {
      this.#travelling = adventure.moves;
      this.#book = this.#readBook(adventure);
    }
    this.#tellLength();
    this.#lay();
  }

  #lay(): void {
    const { adventure } = this;
    this.#notes = timelyNotes(this.#findings, adventure, this.#schedule, this.#writing);
    this.rows.lay(adventure, this.#schedule, notesByBeat(this.#notes.open), this.#book);
  }

  /** Lines are being typed at the end of this chapter, or, with null, nowhere any more. */
  write(chapterId: string | null): void {
    if (chapterId === this.#writing) return;
    this.#writing = chapterId;
    this.#lay();
  }

  /** The dictionary comes with the first letter strip; then the script is read again. */
  #hearLetters(): void {
    if (this.#sounds || this.#listening) return;
    if (!drawsOf(this.adventure).some(({ device }) => device.kind === 'letters')) return;
    this.#listening = true;
    loadSoundBook().then(
      (book) => {
        this.#sounds = book;
        this.#read();
      },
      () => (this.#listening = false),
    );
  }

  /** What a typed line is read with. */
  get lineTools(): LineTools {
    const { ages, kit } = this.adventure.setting;
    return { finder: this.finder, ages, kit, book: this.#sounds };
  }

  /** Wanted before there is a strip: a line that asks for one is being typed. */
  async listen(): Promise<void> {
    this.#sounds ??= await loadSoundBook();
  }

  /** Picture words and moves for a letter of a strip, beside those that it has. */
  async proposeLetter(strip: Draw, entry: Entry): Promise<readonly LetterIdea[]> {
    const sounds = await loadSoundBook();
    return proposeForEntry(strip, entry, this.book, this.adventure.setting, sounds);
  }

  /** What the editors may ask for. */
  readonly ideas: Ideas = {
    names: (move) => this.proposeNames(move),
    letter: (strip, entry) => this.proposeLetter(strip, entry),
  };

  get adventure(): Adventure {
    return this.draft.document;
  }

  /** Seconds of what is shown here and done at home; null where nothing is. */
  get home(): number | null {
    const { adventure } = this;
    return homeSchedule(adventure, adventure.setting, this.#pace())?.totalSeconds ?? null;
  }
  /** How long it is, as it is told everywhere; worked out when there is time, a moment after an edit. */
  get told(): ToldLength {
    return this.#told;
  }
  #tellLength(): void {
    this.#cancelTelling();
    this.#cancelTelling = whenIdle(() => {
      const { adventure } = this;
      this.#told = toldLength(adventure, adventure.setting, this.#pace(), this.#schedule);
    }, REST_MS);
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

  get book(): MoveBook {
    return this.#book;
  }

  /** Opens what was looked at last, or closes it; the keyboard goes back to the line that it came from. */
  toggleLook(): void {
    return this.looking.at ? this.closeLook() : this.looking.open();
  }
  closeLook(): void {
    this.looking.close();
    this.focusNext = this.activeId;
  }

  readonly finder = $derived.by(() => makeMoveFinder(this.#book));
  readonly isEmpty = $derived.by(() =>
    this.adventure.chapters.every(({ beats }) => beats.length === 0),
  );
  readonly #removals = new Removals();
  /** Between the two halves of a drag from one chapter to another a beat is in neither. */
  #beforeDrag: ReadonlyMap<string, Beat> | null = null;

  /** Mends a finding: one step to undo. */
  mend({ rule, place }: Pick<Finding, 'rule' | 'place'>): void {
    const isIt = (one: Finding) => one.rule === rule && placeKey(one) === placeKey({ place });
    const fix = this.findings.find(isIt)?.fix;
    if (fix) this.edit((now) => fix(now, newId));
  }

  /** Mends everything that one rule has found: one step to undo. */
  mendAll(rule: RuleId): void {
    const time = (one: Adventure) => unroll(one, one.setting, this.#pace());
    this.edit((now) => mendAll(now, rule, { unroll: time, newId }));
  }

  /** Before something changes much of it: it can be taken back tomorrow too. */
  keepVersion(why: 'before a fit' | 'before a plan'): void {
    void keepVersion(this.adventure, why);
  }

  /** `telling`: what goes by it is told, with the way back; not where it becomes something else. */
  edit(
    change: (adventure: Adventure) => Adventure,
    key: string | null = null,
    telling = key !== 'drag',
  ): void {
    const before = this.adventure;
    const next = carryMoves(change(before), this.#own());
    const [tooMuch] = checkSize(next);
    if (tooMuch) {
      notices.say(problemInWords(tooMuch));
      return;
    }
    this.draft.edit(() => next, key);
    if (telling) this.#removals.tell(before, next, () => this.draft.undo());
  }

  /** Changes of the adventure's own fields, of its setting, of its world. */
  set(change: Partial<Adventure>, key: string): void {
    this.edit((now) => ({ ...now, ...change }), key);
  }

  setSetting(change: Partial<Setting>, key: string): void {
    this.edit((now) => ({ ...now, setting: { ...now.setting, ...change } }), key);
  }

  setWorld(change: Partial<World>, key: string): void {
    this.edit((now) => ({ ...now, world: { ...now.world, ...change } }), key);
  }

  changeBeat(beat: Beat, key?: string): void {
    this.edit((now) => changeBeat(now, beat.id, () => beat), key ? `${beat.id}.${key}` : null);
  }

  /** What fitting may do with a beat. */
  setFit(beatId: string, value: 'free' | NonNullable<Beat['fit']>): void {
    this.edit((now) =>
      changeBeat(now, beatId, (beat) => {
        const { fit, ...rest } = beat;
        return value === (fit ?? 'free') ? beat : value === 'free' ? rest : { ...rest, fit: value };
      }),
    );
  }

  shift(beatId: string, by: -1 | 1): void {
    this.edit((now) => shiftBeat(now, beatId, by));
    this.focusNext = beatId;
  }

  duplicate(beatId: string): void {
    const place = findBeat(this.adventure, beatId);
    if (!place) return;
    const chapter = this.adventure.chapters[place.chapter]!;
    const copy = copyBeat(chapter.beats[place.beat]!, newId);
    this.edit((now) => addBeats(now, chapter.id, place.beat + 1, [copy]));
    this.focusNext = copy.id;
  }

  /** Takes a beat out; the keyboard goes to its neighbour. */
  remove(beatId: string): void {
    const place = findBeat(this.adventure, beatId);
    if (!place) return;
    const { beats } = this.adventure.chapters[place.chapter]!;
    this.edit((now) => removeBeat(now, beatId));
    this.activeId = null;
    this.hushedId = (beats[place.beat + 1] ?? beats[place.beat - 1])?.id ?? null;
    this.focusNext = this.hushedId;
  }

  shiftChapter(chapterId: string, by: -1 | 1): void {
    this.edit((now) => shiftChapter(now, chapterId, by));
  }

  removeChapter(chapterId: string): void {
    this.edit((now) => removeChapter(now, chapterId));
  }

  /** A drag leaves a chapter with these beats; a drag between two chapters is one step to undo. */
  dropBeats(chapterId: string, beatIds: readonly string[]): void {
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- nothing is drawn from it
    this.#beforeDrag ??= new Map([...this.rows.all].map(([id, { beat }]) => [id, beat]));
    const beats = beatIds.flatMap((id) => this.#beforeDrag?.get(id) ?? []);
    this.edit((now) => setBeats(now, chapterId, beats), 'drag');
    queueMicrotask(() => {
      this.#beforeDrag = null;
      this.draft.closeStep();
    });
  }

  /** Names for a move in this story, none of which is in use already. */
  async proposeNames(move: Move): Promise<readonly GuiseProposal[]> {
    const sounds = await loadSoundBook();
    const taken = this.adventure.chapters.flatMap(({ beats }) =>
      beats.flatMap((beat) => partsOfBeat(beat).map(({ guise }) => guise.name)),
    );
    return proposeGuises(move, this.adventure.world, taken, sounds);
  }

  /** The beat before or after in the script, across chapters. */
  neighbour(beatId: string, by: -1 | 1): string | null {
    const ids = this.adventure.chapters.flatMap(({ beats }) => beats.map(({ id }) => id));
    return ids[ids.indexOf(beatId) + by] ?? null;
  }

  insertAfter(beatId: string): void {
    const place = findBeat(this.adventure, beatId);
    if (!place) return;
    const chapterId = this.adventure.chapters[place.chapter]!.id;
    this.insertAt = { chapterId, index: place.beat + 1 };
  }
}
