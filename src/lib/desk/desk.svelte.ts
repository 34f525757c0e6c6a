import {
  homeSchedule,
  addBeats,
  carryMoves,
  changeBeat,
  check,
  checkSize,
  copyBeat,
  findBeat,
  placeBelow,
  makeMoveFinder,
  mendAll,
  placeKey,
  proposeForEntry,
  removeBeat,
  removeChapter,
  setBeats,
  shiftBeat,
  shiftChapter,
  unroll,
  type Adventure,
  type Beat,
  type Draw,
  type Entry,
  type Finding,
  type LetterIdea,
  type LineTools,
  type Move,
  type MoveBook,
  type Pace,
  type RuleId,
  type Schedule,
  type Setting,
  type TimelyNotes,
  type ToldLength,
  type World,
} from '$core';
import type { Ideas } from '$lib/beats/editor-props';
import { loadSoundBook } from '$lib/language/sound-book';
import type { AdventureDraft } from '$lib/store/open-draft';
import { notices } from '$lib/ui/notices.svelte';
import { problemInWords } from '$lib/words/problem-words';
import { newId } from '$lib/store/new-id';
import { keepVersion } from '$lib/store/version-store';
import { Looking } from './looking.svelte';
import { Removals } from './removal';
import { Reading } from './reading.svelte';
import type { ScriptRows } from './script-rows.svelte';

/** Where a typed line goes: before the beat at `index` of the chapter, counted from 0. */
export type InsertPlace = Readonly<{ chapterId: string; index: number }>;

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
  /** The presenter's own moves in this browser. */
  readonly #own: () => readonly Move[];
  readonly #reading: Reading;
  /** Letters or numbers are being typed. */
  #isTyping = false;

  constructor(
    draft: AdventureDraft,
    pace: () => Pace,
    own: () => readonly Move[] = () => [],
    judge: typeof check = check,
  ) {
    this.draft = draft;
    this.#pace = pace;
    this.#own = own;
    this.#reading = new Reading({ adventure: () => this.adventure, pace, own, judge });
    draft.watch(() => {
      this.#removals.settle(this.adventure);
      this.#reading.take(this.#isTyping);
    });
  }

  /** Lines are being typed at the end of this chapter, or, with null, nowhere any more. */
  write(chapterId: string | null): void {
    this.#reading.write(chapterId);
  }

  /** The clock and the notes anew: the pace is another. */
  timeAnew(): void {
    this.#reading.again();
  }

  /** What a typed line is read with. */
  get lineTools(): LineTools {
    const { ages, kit } = this.adventure.setting;
    return { finder: this.finder, ages, kit, book: this.#reading.sounds };
  }

  /** Wanted before there is a strip: a line that asks for one is being typed. */
  listen(): Promise<void> {
    return this.#reading.listen();
  }

  /** Picture words and moves for a letter of a strip, beside those that it has. */
  async proposeLetter(strip: Draw, entry: Entry): Promise<readonly LetterIdea[]> {
    const sounds = await loadSoundBook();
    return proposeForEntry(strip, entry, this.book, this.adventure.setting, sounds);
  }

  /** What the editors may ask for. */
  readonly ideas: Ideas = {
    names: async (move) => (await import('$lib/ideas/name-ideas')).namesFor(move, this.adventure),
    sayings: async (part, move) =>
      (await import('$lib/ideas/name-ideas')).sayingsFor(part, move, this.adventure.world),
    letter: (strip, entry) => this.proposeLetter(strip, entry),
    words: () => this.adventure.world.words,
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
    return this.#reading.told;
  }

  get schedule(): Schedule {
    return this.#reading.schedule;
  }

  get findings(): readonly Finding[] {
    return this.#reading.findings;
  }

  /** The findings as they are told: now, or later. */
  get notes(): TimelyNotes {
    return this.#reading.notes;
  }

  get rows(): ScriptRows {
    return this.#reading.rows;
  }

  get book(): MoveBook {
    return this.#reading.book;
  }

  /** Opens what was looked at last, or closes it; the keyboard goes back to the line that it came from. */
  toggleLook(): void {
    return this.looking.at ? this.closeLook() : this.looking.open();
  }
  closeLook(): void {
    this.looking.close();
    this.focusNext = this.activeId;
  }

  readonly finder = $derived.by(() => makeMoveFinder(this.book));
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
    this.#isTyping = key !== null && key !== 'drag';
    this.draft.edit(() => next, key);
    this.#isTyping = false;
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

  /** The beat before or after in the script, across chapters. */
  neighbour(beatId: string, by: -1 | 1): string | null {
    const ids = this.adventure.chapters.flatMap(({ beats }) => beats.map(({ id }) => id));
    return ids[ids.indexOf(beatId) + by] ?? null;
  }

  insertAfter(beatId: string): void {
    this.insertAt = placeBelow(this.adventure, beatId) ?? this.insertAt;
  }
}
