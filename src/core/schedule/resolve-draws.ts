import { seededRandom, seedFor } from '../chance/random';
import { resolveBeat, type ResolvedDraw, type TypedOutcome } from '../chance/resolve';
import type { Adventure } from '../model/adventure';
import type { Draw } from '../model/beat';
import type { Setting } from '../model/setting';
import { moveBookOf, type MoveBook } from '../moves/move-book';
import { addDraw } from './beats/draw';
import type { Pace } from './pace';
import { Score } from './score';

/** The draws of each draw beat, by its id. */
export type Draws = ReadonlyMap<string, readonly ResolvedDraw[]>;

/** Outcomes typed from real devices, by beat. */
export type TypedDraws = ReadonlyMap<string, readonly (TypedOutcome | null)[]>;

/** Seconds that one draw of a beat takes, from the throw to the end of its work. */
export function drawLength(
  adventure: Adventure,
  setting: Setting,
  pace: Pace,
  book: MoveBook,
  beat: Draw,
): (draw: ResolvedDraw) => number {
  const known = new Map<string, number>();
  return (draw) => {
    const key = `${draw.entry}.${draw.standIn}.${draw.amount}.${draw.betweenSeconds}`;
    const length = known.get(key);
    if (length !== undefined) return length;
    const score = new Score(adventure, setting, pace, book);
    addDraw(score, beat, draw, { n: 1, of: 1 });
    known.set(key, score.totalSeconds);
    return score.totalSeconds;
  };
}

/**
 * Chance resolved on the whole adventure. Without a `seed` each beat draws from its own; with one
 * the live beats draw anew, and those drawn beforehand stay as they were. `typed` outcomes come in
 * place of chance.
 */
export function resolveDraws(
  adventure: Adventure,
  setting: Setting,
  pace: Pace,
  seed: number | null = null,
  typed: TypedDraws = new Map(),
): Draws {
  const draws = new Map<string, readonly ResolvedDraw[]>();
  const book = moveBookOf(adventure);
  for (const { beats } of adventure.chapters) {
    for (const beat of beats) {
      if (beat.kind !== 'draw') continue;
      const anew = seed !== null && beat.drawn === 'live';
      const random = seededRandom(anew ? seedFor(seed, beat.id) : beat.seed);
      const byTime = beat.rules.stop.after === 'seconds';
      const length = byTime ? drawLength(adventure, setting, pace, book, beat) : () => 0;
      draws.set(beat.id, resolveBeat(beat, random, length, typed.get(beat.id)));
    }
  }
  return draws;
}
