import {
  addBeats,
  addChapter,
  beatsFromReading,
  changeBeat,
  changeChapter,
  findBeat,
  placeBelow,
  newChapter,
  removeBeat,
  splitWords,
  usualAction,
  withMeanwhile,
  withPlan,
  type Adventure,
  type Beat,
  type Move,
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

/** Puts in what two typed lines mean, one below the other: one step to undo. */
export function addBoth(
  desk: Desk,
  readings: readonly QuickReading[],
  place: InsertPlace,
): InsertPlace | null {
  const beats = readings.flatMap((one) => beatsFromReading(one, { newId, seed: newSeed() }));
  return add(desk, beats, place);
}

/** Puts a move in below a line, as usual for the age. */
export function putBelow(desk: Desk, beatId: string, move: Move): void {
  const place = placeBelow(desk.adventure, beatId);
  if (place && addReading(desk, usualReading(desk, move), place)) desk.focusNext = desk.pointedId;
}

/** A move as a typed line would name it, as usual for the age. */
export const usualReading = (desk: Desk, move: Move): QuickReading => ({
  kind: 'move',
  actions: [usualAction(move, desk.adventure.setting.ages)],
  rounds: 1,
});

/** Puts a move in as usual for the age, after the last thing that is done before the cool-down. */
export function putMove(desk: Desk, moveId: string): void {
  const move = desk.book.get(moveId);
  const { chapters } = desk.adventure;
  const isMain = ({ kind }: (typeof chapters)[number]) => kind === 'adventure' || kind === 'game';
  const chapter = chapters.findLast(isMain) ?? chapters.at(-1);
  if (!move || !chapter) return;
  const place = { chapterId: chapter.id, index: chapter.beats.length };
  if (addReading(desk, usualReading(desk, move), place)) desk.focusNext = desk.pointedId;
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
  const chapter = chapters.find(({ id }) => id === chapterId) ?? chapters.at(-1);
  const below = after === null ? null : placeBelow(desk.adventure, after);
  const place = below ?? (chapter && { chapterId: chapter.id, index: chapter.beats.length });
  if (!place) return;
  desk.edit((now) => withPlan(now, lines, place));
  desk.focusNext = lines.chapters[0]?.beats[0]?.id ?? null;
}
