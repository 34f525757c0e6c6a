import {
  adventuresById,
  buildRow,
  changeSession,
  copyAdventure,
  coverageOf,
  keepNumbers,
  mendInRow,
  moveBookOf,
  plannedTotals,
  rowNotes,
  titleOf,
  withLed,
  withStoryLines,
  type Adventure,
  type Proposal,
  type RowNote,
  type Series,
} from '$core';
import { format } from 'date-fns';
import { saveAdventure } from '$lib/store/adventure-rows';
import { newId } from '$lib/store/new-id';
import { ownMoves } from '$lib/store/own-move-store.svelte';
import { presets } from '$lib/store/preset-store.svelte';
import { preferences } from '$lib/store/preference-store.svelte';
import { runs } from '$lib/store/run-store.svelte';
import { allSeries } from '$lib/store/series-store.svelte';
import { shelf } from '$lib/store/shelf.svelte';
import { tabs } from '$lib/store/tabs';
import { today as now } from '$lib/store/today';
import { written } from '$lib/store/written';
import { notices } from '$lib/ui/notices.svelte';
import { steady } from './steady';

const dayOf = (iso: string) => format(iso, 'yyyy-MM-dd');

const NO_NOTES: readonly RowNote[] = [];

function notesBySession(notes: readonly RowNote[]): Readonly<Record<string, readonly RowNote[]>> {
  const found: Record<string, RowNote[]> = {};
  for (const note of notes) (found[note.sessionId] ??= []).push(note);
  return found;
}

/** One series on its page: changed by pure steps, saved as it changes, each step undone by one. */
export class SeriesWork {
  #series = $state.raw<Series>(null as never);
  #past = $state.raw<readonly Series[]>([]);
  #lastStep = '';
  #saving: ReturnType<typeof setTimeout> | undefined;
  /** The session whose details are open. */
  open = $state<string | null>(null);

  readonly today = dayOf(now());
  readonly adventures = $derived(adventuresById(shelf.records.map(({ document }) => document)));
  readonly row = $derived(
    buildRow(this.#series, this.adventures, (one) => this.#sums(one), this.today),
  );
  readonly coverage = $derived(coverageOf(this.row.covered, this.today));
  readonly notes = $derived(rowNotes(this.row, this.coverage));
  readonly #bySession = $derived(notesBySession(this.notes));
  readonly #steadyNotes = steady<readonly RowNote[]>();
  readonly book = $derived(moveBookOf({ moves: ownMoves.list }));

  constructor(series: Series) {
    this.#series = series;
  }

  get series(): Series {
    return this.#series;
  }
  get canUndo(): boolean {
    return this.#past.length > 0;
  }

  #sums(adventure: Adventure) {
    return plannedTotals(adventure, preferences.pace);
  }

  notesOf(sessionId: string): readonly RowNote[] {
    return this.#steadyNotes(sessionId, this.#bySession[sessionId] ?? NO_NOTES);
  }

  #save(series: Series): void {
    this.#series = keepNumbers(series, this.adventures, (one) => this.#sums(one));
    // After what is drawn: writing a long row down takes as long as a frame.
    clearTimeout(this.#saving);
    this.#saving = setTimeout(() => void this.flush());
  }

  /** Writes down what isn't written yet. */
  flush(): Promise<void> {
    clearTimeout(this.#saving);
    return allSeries.put(this.#series);
  }

  /**
   * Takes a step, if it is one; `said` is told at the foot with the way back. Steps in a row with the same
   * name, as letters typed in one place, are one.
   */
  change(series: Series, said = '', name = ''): void {
    if (series === this.#series) return;
    if (name === '' || name !== this.#lastStep) {
      this.#past = [...this.#past.slice(-99), this.#series];
    }
    this.#lastStep = name;
    this.#save(series);
    if (said) notices.say(said, { label: 'Undo', run: () => this.undo() });
  }

  undo(): void {
    const before = this.#past.at(-1);
    if (!before) return;
    this.#past = this.#past.slice(0, -1);
    this.#lastStep = '';
    this.#save(before);
  }

  /** What was led since comes in from the Logbook; numbers of scripts that changed are kept anew. */
  takeLed(): void {
    const bookOf = (run: { adventureId: string }) =>
      moveBookOf({
        moves: [...ownMoves.list, ...(this.adventures.get(run.adventureId)?.moves ?? [])],
      });
    const led = withLed(this.#series, runs.list, bookOf, dayOf);
    const kept = keepNumbers(led, this.adventures, (one) => this.#sums(one));
    if (kept !== this.#series) this.#save(kept);
  }

  /** Reads it anew after another tab changed it. */
  async reload(): Promise<void> {
    const kept = await allSeries.get(this.#series.id);
    if (kept) this.#series = kept;
  }

  /** Writes an adventure of the shelf anew, with the way back. */
  async #rewrite(id: string, change: (adventure: Adventure) => Adventure, said: string) {
    const record = shelf.records.find((one) => one.id === id);
    if (!record) return;
    const before = record.document;
    const put = (document: Adventure, base: number) =>
      written(`“${titleOf(document)}”`, (db) => saveAdventure(db, document, base, now()));
    const saved = await put(change(before), record.revision);
    const tell = async (revision: number) => {
      tabs.tell({ type: 'saved', id, revision });
      await shelf.refresh();
      this.#save(this.#series);
    };
    if (saved.outcome !== 'saved') {
      notices.say('It was changed in another tab meanwhile: look again.');
      await shelf.refresh();
      return;
    }
    await tell(saved.revision);
    notices.say(said, {
      label: 'Undo',
      run: async () => {
        const back = await put(before, saved.revision);
        if (back.outcome !== 'saved') notices.say('It’s been changed since, so it stays as it is.');
        await tell(back.revision);
      },
    });
  }

  /** Does what a note proposes; one that asks for a choice opens the session. */
  async mend({ mend, sessionId }: RowNote): Promise<void> {
    if (!mend || mend.kind === 'choose') {
      this.open = sessionId;
      return;
    }
    const title = titleOf(this.adventures.get(mend.adventureId)!);
    await this.#rewrite(
      mend.adventureId,
      (adventure) => mendInRow(adventure, mend),
      `“${title}” was changed.`,
    );
  }

  /** Fills a session with what was proposed; what isn't on the shelf yet is put there. */
  async take({ candidate }: Proposal, sessionId: string): Promise<void> {
    const { kind, adventure } = candidate;
    const fresh =
      kind === 'other moves'
        ? copyAdventure(adventure, `${titleOf(adventure)}, other moves`, newId)
        : adventure;
    const adventureId = kind === 'shelf' ? adventure.id : await shelf.takeIn(fresh);
    await shelf.whole();
    this.change(
      changeSession(this.#series, sessionId, { adventureId }),
      `“${titleOf(fresh)}” is in its place.`,
    );
  }

  /** The two lines of a session go into its adventure's welcome and goodbye. */
  async putLines(sessionId: string): Promise<void> {
    const session = this.#series.sessions.find(({ id }) => id === sessionId)!;
    await this.#rewrite(
      session.adventureId!,
      (adventure) => withStoryLines(adventure, session),
      'The lines are in its welcome and goodbye.',
    );
  }
}

/** The series of this id with all that it is looked at with; null where it isn't here. */
export async function openSeries(id: string): Promise<SeriesWork | null> {
  await Promise.all([shelf.load(), runs.load(), ownMoves.load(), presets.load()]);
  await Promise.all([shelf.whole(), runs.whole()]);
  const series = await allSeries.get(id);
  if (!series) return null;
  const work = new SeriesWork(series);
  work.takeLed();
  return work;
}
