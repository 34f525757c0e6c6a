import type { Adventure } from '../document/adventure';
import { movesOfBeat, unrollBeat } from '../beats';
import type { Setting } from '../model/setting';
import { moveBookOf } from '../moves/move-book';
import type { Cue } from '../cues/cue';
import { DEFAULT_PACE, type Pace } from '../cues/pace';
import { resolveDraws, type DrawsByBeat } from './resolve-draws';
import { isWrittenOut } from './written-out';
import { Score } from '../cues/score';
import { totalUp, type Totals } from '../cues/totals';

/** The cues in order, end to end from 0, and what they add up to. */
export type Schedule = Readonly<{
  cues: readonly Cue[];
  totalSeconds: number;
  totals: Totals;
}>;

/**
 * The timed cues of an adventure, led in `setting` (its own by default) at `pace`, with these
 * draws (those of the beats' own seeds by default). Deterministic.
 * Throws a RangeError for a move that neither the catalogue nor the adventure has.
 */
export function unroll(
  adventure: Adventure,
  setting: Setting = adventure.setting,
  pace: Pace = DEFAULT_PACE,
  draws: DrawsByBeat = resolveDraws(adventure, setting, pace),
): Schedule {
  const book = moveBookOf(adventure);
  const score = new Score(adventure.defaults, setting, pace, book, ({ id }) => draws.get(id) ?? []);
  for (const chapter of adventure.chapters) {
    for (const beat of chapter.beats) {
      score.enter(chapter, beat, isWrittenOut(chapter));
      unrollBeat(beat, score);
      score.learn(movesOfBeat(beat));
    }
  }
  const { cues, totalSeconds } = score;
  return { cues, totalSeconds, totals: totalUp(cues, book) };
}
