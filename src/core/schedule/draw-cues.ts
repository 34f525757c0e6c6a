import type { ResolvedDraw } from '../model/resolved-draw';
import type { Adventure } from '../document/adventure';
import { actionOf, addDraw, type Draw } from '../beats/draw';
import type { Move } from '../model/move';
import type { Setting } from '../model/setting';
import { moveIn, type MoveBook } from '../moves/move-book';
import type { Cue } from '../cues/cue';
import type { Pace } from '../cues/pace';
import { afterWorkOn, Score, type Stance } from '../cues/score';

/** What the cues of a draw depend on but for the beat. */
export type DrawContext = Readonly<{
  adventure: Adventure;
  setting: Setting;
  pace: Pace;
  book: MoveBook;
}>;

/** The move that a draw ends with: the last of the entry's, or the stand-in's. */
export function moveOfDraw(beat: Draw, draw: ResolvedDraw, book: MoveBook): Move {
  const last = draw.standIn ? undefined : beat.entries[draw.entry]!.then.at(-1);
  return moveIn(book, (last ?? actionOf(beat, draw)).move);
}

/** The cues of one draw, from the throw to the end of its work, begun in `stance`. */
export function drawCues(
  { adventure, setting, pace, book }: DrawContext,
  beat: Draw,
  draw: ResolvedDraw,
  stance: Stance,
): readonly Cue[] {
  const score = new Score(adventure.defaults, setting, pace, book);
  score.takeStance(stance);
  addDraw(score, beat, draw, { n: 1, of: 1 });
  return score.cues;
}

/** Seconds and landings of a draw. */
export type DrawMeasure = Readonly<{ seconds: number; landings: number }>;

/** What one draw comes to, straight after a draw of the same move; worked out once for each. */
export function measureDraws(
  context: DrawContext,
  beat: Draw,
): (draw: ResolvedDraw) => DrawMeasure {
  const known = new Map<string, DrawMeasure>();
  return (draw) => {
    const key = `${draw.entry}.${draw.standIn}.${draw.amount}.${draw.betweenSeconds}`;
    const before = known.get(key);
    if (before) return before;
    const cues = drawCues(context, beat, draw, afterWorkOn(moveOfDraw(beat, draw, context.book)));
    const measure = {
      seconds: cues.reduce((sum, cue) => sum + cue.lengthSeconds, 0),
      landings: cues.reduce((sum, cue) => sum + cue.landings, 0),
    };
    known.set(key, measure);
    return measure;
  };
}
