import type { Beat } from '../beats';
import type { Adventure, Chapter } from '../document/adventure';
import type { Session } from './series';

/** What the ids of the two lines begin with: those of another session give way. */
const LAST = 'bt_last-';
const NEXT = 'bt_next-';
const isStoryLine = ({ id }: Beat) => id.startsWith(LAST) || id.startsWith(NEXT);

const lineOf = (start: string, { id }: Pick<Session, 'id'>, text: string): Beat => ({
  kind: 'tell',
  id: `${start}${id.replace(/^ses_/u, '')}`.slice(0, 60),
  text,
});

/** The place of the chapter in which something is said at the beginning, or at the end. */
function placeOf(chapters: readonly Chapter[], kind: 'welcome' | 'goodbye'): number {
  const found = chapters.findIndex((chapter) => chapter.kind === kind);
  if (found >= 0) return found;
  return kind === 'welcome' ? 0 : chapters.length - 1;
}

/**
 * The adventure with the two lines of a session in it: what happened last time after the first line of the
 * welcome, what is wanted next before the last line of the goodbye. Lines of another session give way; an
 * empty one is none.
 */
export function withStoryLines(
  adventure: Adventure,
  session: Pick<Session, 'id' | 'lastTime' | 'nextTime'>,
): Adventure {
  const plain = adventure.chapters.map((chapter) =>
    chapter.beats.some(isStoryLine)
      ? { ...chapter, beats: chapter.beats.filter((beat) => !isStoryLine(beat)) }
      : chapter,
  );
  const put = (
    chapters: readonly Chapter[],
    at: number,
    text: string,
    start: string,
    place: (count: number) => number,
  ) =>
    text.trim() === ''
      ? chapters
      : chapters.map((chapter, n) =>
          n === at
            ? {
                ...chapter,
                beats: chapter.beats.toSpliced(
                  place(chapter.beats.length),
                  0,
                  lineOf(start, session, text.trim()),
                ),
              }
            : chapter,
        );
  const hasGoodbye = plain.some(({ kind }) => kind === 'goodbye');
  const welcomed = put(plain, placeOf(plain, 'welcome'), session.lastTime, LAST, (count) =>
    Math.min(1, count),
  );
  const said = put(welcomed, placeOf(plain, 'goodbye'), session.nextTime, NEXT, (count) =>
    hasGoodbye ? Math.max(0, count - 1) : count,
  );
  return { ...adventure, chapters: said as Adventure['chapters'] };
}
