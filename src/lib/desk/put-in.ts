import {
  addBeats,
  addChapter,
  beatsFromReading,
  changeBeat,
  changeChapter,
  findBeat,
  newChapter,
  removeBeat,
  splitWords,
  usualAction,
  withMeanwhile,
  withPlan,
  type Adventure,
  type Beat,
  type QuickReading,
} from '$core';
import { newId, newSeed } from '$lib/store/new-id';
import type { Desk, InsertPlace } from './desk.svelte';

/** Puts in what a typed line means. Returns where the next line would go, or null for nothing. */
export function addReading(
  desk: Desk,
  reading: QuickReading,
  place: InsertPlace,
): InsertPlace | null {
  if (reading.kind === 'chapter') {
    const after = desk.adventure.chapters.findIndex(({ id }) => id === place.chapterId);
    const plain = newChapter(newId, reading.chapterKind, reading.title);
    const chapter = { ...plain, led: reading.led };
    desk.edit((now) => addChapter(now, chapter, after + 1));
    return { chapterId: chapter.id, index: 0 };
  }
  if (reading.kind === 'led') {
    const { led } = reading;
    desk.edit((now) => changeChapter(now, place.chapterId, (one) => ({ ...one, led })));
    return place;
  }
  if (reading.kind === 'meanwhile') return addMeanwhile(desk, reading.text, place);
  return add(desk, beatsFromReading(reading, { newId, seed: newSeed() }), place);
}

/** Puts a move in as usual for the age, after the last thing that is done before the cool-down. */
export function putMove(desk: Desk, moveId: string): void {
  const move = desk.book.get(moveId);
  const { chapters, setting } = desk.adventure;
  const isMain = ({ kind }: (typeof chapters)[number]) => kind === 'adventure' || kind === 'game';
  const chapter = chapters.findLast(isMain) ?? chapters.at(-1);
  if (!move || !chapter) return;
  const reading = { kind: 'move', actions: [usualAction(move, setting.ages)], rounds: 1 } as const;
  const place = { chapterId: chapter.id, index: chapter.beats.length };
  if (addReading(desk, reading, place)) desk.focusNext = desk.pointedId;
}

function add(desk: Desk, beats: readonly Beat[], place: InsertPlace): InsertPlace | null {
  const last = beats.at(-1);
  if (!last) return null;
  desk.edit((now) => addBeats(now, place.chapterId, place.index, beats));
  desk.pointedId = last.id;
  return { ...place, index: place.index + beats.length };
}

/** Said meanwhile, to the line above; where nobody moves in it, it is a line of its own. */
function addMeanwhile(desk: Desk, text: string, place: InsertPlace): InsertPlace | null {
  const chapter = desk.adventure.chapters.find(({ id }) => id === place.chapterId);
  const above = chapter?.beats[place.index - 1];
  const changed = above && withMeanwhile(above, text);
  if (!above || !changed) return add(desk, [{ kind: 'tell', id: newId('bt'), text }], place);
  const [whole, ...more] = splitWords(changed, { newId });
  desk.edit((now) => {
    const next = changeBeat(now, above.id, () => whole!);
    return addBeats(next, place.chapterId, place.index, more);
  });
  desk.pointedId = above.id;
  return { ...place, index: place.index + more.length };
}

/** Takes a line in another way, in its place: one step to undo. */
export function takeAs(desk: Desk, beatId: string, reading: QuickReading): void {
  const [first, ...more] = beatsFromReading(reading, { newId, seed: newSeed() });
  const place = findBeat(desk.adventure, beatId);
  if (!first || !place) return;
  const { id } = desk.adventure.chapters[place.chapter]!;
  const take = (now: Adventure) =>
    addBeats(removeBeat(now, beatId), id, place.beat, [first, ...more]);
  desk.edit(take, null, false);
  desk.focusNext = first.id;
}

/** Takes in a plan that was pasted: one step to undo. */
export function takePlan(desk: Desk, plan: Adventure, place: InsertPlace): void {
  if (!desk.isEmpty) desk.keepVersion('before a plan');
  desk.edit((now) => withPlan(now, plan, place));
}

/** Lines that were copied go below a line, or at the end of a chapter. */
export function pasteLines(
  desk: Desk,
  lines: Adventure,
  { after, chapterId }: Readonly<{ after: string | null; chapterId: string | null }>,
): void {
  const { chapters } = desk.adventure;
  const place = after === null ? null : findBeat(desk.adventure, after);
  const chapter =
    (place ? chapters[place.chapter] : chapters.find(({ id }) => id === chapterId)) ??
    chapters.at(-1);
  if (!chapter) return;
  const index = place ? place.beat + 1 : chapter.beats.length;
  desk.edit((now) => withPlan(now, lines, { chapterId: chapter.id, index }));
  desk.focusNext = lines.chapters[0]?.beats[0]?.id ?? null;
}
