import {
  beatsOf,
  countAt,
  drawOf,
  drawsOf,
  moveBookOf,
  moveIn,
  plannedCaptions,
  plannedChapters,
  resolveDraws,
  sayingAt,
  shareAt,
  unroll,
  type Adventure,
  type Caption,
  type Cue,
  type Draw,
  type MoveBook,
  type Pace,
} from '$core';
import type { Shown } from '$lib/stage/companions';
import { shownOf, stillOf, type ShownStill } from '$lib/stage/shown';

/** A film of an adventure: what children see at every moment of the plan, with the draws of its own seeds. */
export type FilmPlan = Readonly<{
  adventure: Adventure;
  book: MoveBook;
  /** The draws of the adventure, by id. */
  draws: ReadonlyMap<string, Draw>;
  cues: readonly Cue[];
  totalSeconds: number;
  captions: readonly Caption[];
  chapters: readonly Caption[];
  /** The cue that is on at a moment: what is shown of it, and how far into it that is. */
  at: (seconds: number) => Readonly<{ cue: Cue; shown: Shown; intoSeconds: number }> | null;
}>;

/** Of rows in the order of their time, the last that has begun; -1 before the first. */
export function lastBegun(rows: readonly { startSeconds: number }[], seconds: number): number {
  let [low, high] = [0, rows.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (rows[middle]!.startSeconds <= seconds + 1e-9) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}

/** See `FilmPlan`. It is as long as the adventure's own schedule at this pace. */
export function planFilm(adventure: Adventure, pace: Pace): FilmPlan {
  const { setting } = adventure;
  const drawn = resolveDraws(adventure, setting, pace);
  const schedule = unroll(adventure, setting, pace, drawn);
  const { cues, totalSeconds } = schedule;
  const book = moveBookOf(adventure);
  const beats = new Map(beatsOf(adventure).map((beat) => [beat.id, beat]));
  let kept: Readonly<{ index: number; still: ShownStill | null }> = { index: -1, still: null };

  /** What stays for as long as the cue lasts: worked out once a cue, not once a frame. */
  function stillAt(index: number): ShownStill | null {
    if (kept.index === index) return kept.still;
    const cue = cues[index]!;
    const nth = drawOf(adventure, cue)?.nth;
    const draws = drawn.get(cue.beatId) ?? [];
    const led = {
      adventure,
      schedule,
      index,
      cue,
      beat: beats.get(cue.beatId) ?? null,
      draws,
      drawn: nth === undefined ? null : (draws[nth] ?? null),
      changes: [],
    };
    const still = stillOf(led, cue.doing ? moveIn(book, cue.doing.move) : null, pace);
    kept = { index, still };
    return still;
  }

  return {
    adventure,
    book,
    draws: new Map(drawsOf(adventure).map((beat) => [beat.id, beat])),
    cues,
    totalSeconds,
    captions: plannedCaptions(schedule),
    chapters: plannedChapters(adventure, schedule),
    at: (seconds) => {
      const index = Math.max(0, lastBegun(cues, seconds));
      const cue = cues[index];
      if (!cue) return null;
      const into = Math.max(0, Math.min(cue.lengthSeconds, seconds - cue.startSeconds));
      const now = {
        status: 'running' as const,
        count: countAt(cue, into),
        share: shareAt(cue, into),
        into,
        saying: sayingAt(cue, into),
      };
      const shown = shownOf(now, stillAt(index));
      return shown && { cue, shown, intoSeconds: into };
    },
  };
}
