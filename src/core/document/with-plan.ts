import type { Adventure } from './adventure';
import { addBeats, addChapter, changeChapter } from './edit';

/** What lines of a plan stand under that have no heading. */
export const UNHEADED = 'The adventure';

/**
 * An adventure with a plan taken into it, at a place in one of its chapters. Lines without a heading go
 * where the place is; a chapter fills an empty one of its kind, if there is one, else it comes after the
 * chapter of the place. Own moves of the plan come along.
 */
export function withPlan(
  now: Adventure,
  { chapters, moves }: Adventure,
  { chapterId, index }: Readonly<{ chapterId: string; index: number }>,
): Adventure {
  const own = moves.filter(({ id }) => !now.moves.some((one) => one.id === id));
  const whole = { ...now, moves: [...now.moves, ...own] };
  const [first, ...others] = chapters;
  const isHeaded = first?.title !== UNHEADED;
  const begun = isHeaded ? whole : addBeats(whole, chapterId, index, first.beats);
  let after = begun.chapters.findIndex(({ id }) => id === chapterId);
  return (isHeaded ? chapters : others).reduce((all, chapter) => {
    const empty = all.chapters.find(
      ({ kind, beats }) => kind === chapter.kind && beats.length === 0,
    );
    if (!empty) return addChapter(all, chapter, (after += 1));
    const { title, led, beats } = chapter;
    return changeChapter(all, empty.id, (one) => ({ ...one, title, led, beats }));
  }, begun);
}
