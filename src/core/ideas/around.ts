import { movesOfBeat, type Beat } from '../beats';
import type { Adventure } from '../document/adventure';

/** So many lines before and after it are what a line stands among. */
const NEIGHBOURS = 3;

/** Ids of the moves just before and after a place in the script, across its chapters. */
export function movesAround(
  { chapters }: Pick<Adventure, 'chapters'>,
  place: Readonly<{ chapterId: string; index: number }>,
): ReadonlySet<string> {
  const beats: readonly Beat[] = chapters.flatMap((chapter) => chapter.beats);
  let at = 0;
  for (const { id, beats: own } of chapters) {
    if (id === place.chapterId) {
      at += Math.min(place.index, own.length);
      break;
    }
    at += own.length;
  }
  const moving = (ones: readonly Beat[]) => ones.map(movesOfBeat).filter((ids) => ids.length > 0);
  return new Set([
    ...moving(beats.slice(0, at)).slice(-NEIGHBOURS).flat(),
    ...moving(beats.slice(at)).slice(0, NEIGHBOURS).flat(),
  ]);
}

/** Where a line is said in the script; null where it is not in it. */
export function placeOfLine(
  { chapters }: Pick<Adventure, 'chapters'>,
  line: string,
): Readonly<{ chapterId: string; index: number }> | null {
  const said = line.trim();
  for (const { id, beats } of chapters) {
    const index = beats.findIndex((beat) => beat.kind === 'tell' && beat.text.trim() === said);
    if (index >= 0) return { chapterId: id, index: index + 1 };
  }
  return null;
}
