import { withMissingMoves } from './missing-moves';
import type { Adventure, Chapter } from './adventure';
import type { Beat } from '../beats';

/*
 * Edits are pure: an adventure in, another out, sharing what did not change. An id that is not
 * there leaves the adventure as it is: another tab may have taken the beat away meanwhile.
 */

/** Where a beat stands: positions counted from 0. */
export type BeatPlace = Readonly<{ chapter: number; beat: number }>;

export function findBeat(adventure: Adventure, beatId: string): BeatPlace | null {
  for (const [chapter, { beats }] of adventure.chapters.entries()) {
    const beat = beats.findIndex((candidate) => candidate.id === beatId);
    if (beat >= 0) return { chapter, beat };
  }
  return null;
}

/** The place in the script just below a beat; null where there is no such beat. */
export function placeBelow(
  adventure: Adventure,
  beatId: string,
): Readonly<{ chapterId: string; index: number }> | null {
  const place = findBeat(adventure, beatId);
  return place && { chapterId: adventure.chapters[place.chapter]!.id, index: place.beat + 1 };
}

function withChapters(
  adventure: Adventure,
  change: (chapters: readonly Chapter[]) => readonly Chapter[],
): Adventure {
  const chapters = change(adventure.chapters);
  return chapters === adventure.chapters ? adventure : { ...adventure, chapters };
}

export function changeChapter(
  adventure: Adventure,
  chapterId: string,
  change: (chapter: Chapter) => Chapter,
): Adventure {
  return withChapters(adventure, (chapters) =>
    chapters.map((chapter) => (chapter.id === chapterId ? change(chapter) : chapter)),
  );
}

/** Puts a chapter in at `index`, counted from 0; past the end means at the end. */
export function addChapter(adventure: Adventure, chapter: Chapter, index: number): Adventure {
  return withChapters(adventure, (chapters) => chapters.toSpliced(index, 0, chapter));
}

export function removeChapter(adventure: Adventure, chapterId: string): Adventure {
  return withChapters(adventure, (chapters) => chapters.filter(({ id }) => id !== chapterId));
}

/** Moves a chapter with its beats one place up (-1) or down (+1); at the edge it stays. */
export function shiftChapter(adventure: Adventure, chapterId: string, by: -1 | 1): Adventure {
  const from = adventure.chapters.findIndex(({ id }) => id === chapterId);
  const to = from + by;
  if (from < 0 || to < 0 || to >= adventure.chapters.length) return adventure;
  const chapter = adventure.chapters[from]!;
  return withChapters(adventure, (chapters) =>
    chapters.toSpliced(from, 1).toSpliced(to, 0, chapter),
  );
}

/** Puts beats in at `index` of the chapter, counted from 0; past the end means at the end. */
export function addBeats(
  adventure: Adventure,
  chapterId: string,
  index: number,
  beats: readonly Beat[],
): Adventure {
  return changeChapter(withMissingMoves(adventure, beats), chapterId, (chapter) => ({
    ...chapter,
    beats: chapter.beats.toSpliced(index, 0, ...beats),
  }));
}

export function changeBeat(
  adventure: Adventure,
  beatId: string,
  change: (beat: Beat) => Beat,
): Adventure {
  const place = findBeat(adventure, beatId);
  if (!place) return adventure;
  const { id, beats } = adventure.chapters[place.chapter]!;
  return changeChapter(adventure, id, (chapter) => ({
    ...chapter,
    beats: beats.with(place.beat, change(beats[place.beat]!)),
  }));
}

export function removeBeat(adventure: Adventure, beatId: string): Adventure {
  const place = findBeat(adventure, beatId);
  if (!place) return adventure;
  return changeChapter(adventure, adventure.chapters[place.chapter]!.id, (chapter) => ({
    ...chapter,
    beats: chapter.beats.toSpliced(place.beat, 1),
  }));
}

/** Moves a beat one place up (-1) or down (+1), over the edge into the neighbouring chapter. */
export function shiftBeat(adventure: Adventure, beatId: string, by: -1 | 1): Adventure {
  const place = findBeat(adventure, beatId);
  if (!place) return adventure;
  const from = adventure.chapters[place.chapter]!;
  const beat = from.beats[place.beat]!;
  const within = place.beat + by;
  const without = removeBeat(adventure, beatId);
  if (within >= 0 && within < from.beats.length) return addBeats(without, from.id, within, [beat]);
  const neighbour = adventure.chapters[place.chapter + by];
  if (!neighbour) return adventure;
  return addBeats(without, neighbour.id, by === 1 ? 0 : neighbour.beats.length, [beat]);
}

/** Gives a chapter these beats in this order, as a drag leaves them. */
export function setBeats(
  adventure: Adventure,
  chapterId: string,
  beats: readonly Beat[],
): Adventure {
  return changeChapter(adventure, chapterId, (chapter) => ({ ...chapter, beats }));
}
