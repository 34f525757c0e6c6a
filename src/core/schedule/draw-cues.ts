import { movesOfBeat } from '../beats';
import { addDraw } from '../beats/draw-led';
import type { Draw } from '../beats/draw-schema';
import type { Cue } from '../cues/cue';
import type { Pace } from '../cues/pace';
import { Score } from '../cues/score';
import { afterWorkOn, type Stance } from '../cues/stance';
import type { Adventure } from '../document/adventure';
import { actionOf } from '../beats/draw-led';
import type { Move } from '../model/move';
import type { ResolvedDraw } from '../model/resolved-draw';
import type { Setting } from '../model/setting';
import { moveIn, type MoveBook } from '../moves/move-book';
import { isWrittenOut } from './written-out';

/** What the cues of a draw depend on but for the beat. */
export type DrawContext = Readonly<{
  adventure: Adventure;
  setting: Setting;
  pace: Pace;
  book: MoveBook;
}>;

/** Every move that the children have met before a beat begins. */
export function movesBefore({ chapters }: Adventure, beatId: string): ReadonlySet<string> {
  const moves = new Set<string>();
  for (const { beats } of chapters) {
    for (const beat of beats) {
      if (beat.id === beatId) return moves;
      for (const move of movesOfBeat(beat)) moves.add(move);
    }
  }
  return moves;
}

/** The move that a draw ends with: the last of the entry's, or the stand-in's. */
export function moveOfDraw(beat: Draw, draw: ResolvedDraw, book: MoveBook): Move {
  const last = draw.standIn ? undefined : beat.entries[draw.entry]!.then.at(-1);
  return moveIn(book, (last ?? actionOf(beat, draw)).move);
}

/** One draw as it is led, from the throw to the end of its work, and where it leaves the children. */
export type DrawLed = Readonly<{ cues: readonly Cue[]; stance: Stance }>;

/** Leads single draws of a beat, each begun in a stance of its own. */
export function drawLeader(
  { adventure, setting, pace, book }: DrawContext,
  beat: Draw,
): (draw: ResolvedDraw, stance: Stance) => DrawLed {
  const chapter = adventure.chapters.find(({ beats }) => beats.some(({ id }) => id === beat.id));
  return (draw, stance) => {
    const score = new Score(adventure.defaults, setting, pace, book);
    score.enter(chapter ?? { id: '', led: null }, beat, chapter ? isWrittenOut(chapter) : false);
    score.takeStance(stance);
    addDraw(score, beat, draw, { n: 1, of: 1 });
    return { cues: score.cues, stance: score.stance };
  };
}

/** Seconds, landings and reps of a draw. */
export type DrawMeasure = Readonly<{ seconds: number; landings: number; reps: number }>;

/** What one draw comes to, straight after a draw of the same move; worked out once for each. */
export function measureDraws(
  context: DrawContext,
  beat: Draw,
): (draw: ResolvedDraw) => DrawMeasure {
  const known = new Map<string, DrawMeasure>();
  const lead = drawLeader(context, beat);
  return (draw) => {
    const { entry, standIn, amount, betweenSeconds, isFirst } = draw;
    const key = `${entry}.${standIn}.${amount}.${betweenSeconds}.${isFirst}`;
    const before = known.get(key);
    if (before) return before;
    const { cues } = lead(draw, afterWorkOn(moveOfDraw(beat, draw, context.book)));
    const measure = {
      seconds: cues.reduce((sum, cue) => sum + cue.lengthSeconds, 0),
      landings: cues.reduce((sum, cue) => sum + cue.landings, 0),
      reps: cues.reduce((sum, cue) => sum + cue.reps, 0),
    };
    known.set(key, measure);
    return measure;
  };
}
