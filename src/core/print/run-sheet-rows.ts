import { changeParts, rowsOfBeat, type Beat } from '../beats';
import type { RowContent } from '../beats/sheet-row';
import type { Cue } from '../cues/cue';
import { startsBy } from '../cues/starts';
import type { Adventure, Chapter } from '../document/adventure';
import { howLed } from '../model/led';
import { moveBookOf } from '../moves/move-book';
import type { Schedule } from '../schedule/unroll';
import { clockOf } from '../words/clock';
import { saidTogether } from '../words/said-together';

/** One thing to do or say, in a row of the run sheet. A beat has a row for each of its parts. */
export type RunSheetRow = Readonly<{
  beatId: string;
  /** Start of the beat, in seconds; null on the later rows of a beat. */
  startSeconds: number | null;
  /** Length of the whole beat, in seconds; null on its later rows. */
  lengthSeconds: number | null;
  chapter: string;
  kind: Beat['kind'];
}> &
  RowContent;

/** Where they follow, the lines are said meanwhile too. */
function asFollowed(beat: Beat): Beat {
  return changeParts(beat, (part) => {
    const { line, meanwhile } = part.guise;
    return {
      ...part,
      guise: { ...part.guise, line: '', meanwhile: saidTogether(line, meanwhile) },
    };
  });
}

/** The running order, row by row, with the clock. */
export function runSheetRows(adventure: Adventure, schedule: Schedule): readonly RunSheetRow[] {
  const book = moveBookOf(adventure);
  const starts = startsBy(schedule.cues, 'beatId');
  const cuesOf = new Map<string, Cue[]>();
  for (const cue of schedule.cues) {
    const cues = cuesOf.get(cue.beatId);
    if (cues) cues.push(cue);
    else cuesOf.set(cue.beatId, [cue]);
  }
  return adventure.chapters.flatMap((chapter) =>
    chapter.beats.flatMap((beat) => {
      const { led } = howLed(adventure.defaults, chapter, beat);
      const said = led === 'follow me' ? asFollowed(beat) : beat;
      return rowsOfBeat(said, book, cuesOf.get(beat.id) ?? []).map((content, index) => ({
        beatId: beat.id,
        startSeconds: index === 0 ? (starts.get(beat.id) ?? null) : null,
        lengthSeconds: index === 0 ? (schedule.totals.byBeat.get(beat.id)?.seconds ?? 0) : null,
        chapter: chapter.title,
        kind: beat.kind,
        ...content,
      }));
    }),
  );
}

/** The rows of each chapter that has any, and the chapter's length as the clock tells it. */
export type ChapterRows = Readonly<{
  chapter: Chapter;
  length: string;
  rows: readonly RunSheetRow[];
}>;

export function rowsByChapter(adventure: Adventure, schedule: Schedule): readonly ChapterRows[] {
  const rows = runSheetRows(adventure, schedule);
  return adventure.chapters
    .map((chapter) => {
      const ids = new Set(chapter.beats.map(({ id }) => id));
      const length = clockOf(schedule.totals.byChapter.get(chapter.id)?.seconds ?? 0);
      return { chapter, length, rows: rows.filter(({ beatId }) => ids.has(beatId)) };
    })
    .filter((one) => one.rows.length > 0);
}

/** A clock reading, or nothing where there is none. */
export function clockOrBlank(seconds: number | null): string {
  return seconds === null ? '' : clockOf(seconds);
}
