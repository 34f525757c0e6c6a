import { seededRandom, seedFor } from '../chance/random';
import { resolveBeat, type TypedOutcome } from '../chance/resolve';
import { type ResolvedDraw } from '../model/resolved-draw';
import type { Adventure } from '../document/adventure';
import { drawsOf } from '../document/beats-of';
import type { Setting } from '../model/setting';
import { moveBookOf } from '../moves/move-book';
import { measureDraws } from './draw-cues';
import type { Pace } from '../cues/pace';

/** The draws of each draw beat, by its id. */
export type DrawsByBeat = ReadonlyMap<string, readonly ResolvedDraw[]>;

/** Outcomes typed from real devices, by beat. */
export type TypedDraws = ReadonlyMap<string, readonly (TypedOutcome | null)[]>;

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
): DrawsByBeat {
  const draws = new Map<string, readonly ResolvedDraw[]>();
  const book = moveBookOf(adventure);
  for (const beat of drawsOf(adventure)) {
    const anew = seed !== null && beat.drawn === 'live';
    const random = seededRandom(anew ? seedFor(seed, beat.id) : beat.seed);
    const measure = measureDraws({ adventure, setting, pace, book }, beat);
    const byTime = beat.rules.stop.after === 'seconds';
    const length = byTime ? (draw: ResolvedDraw) => measure(draw).seconds : () => 0;
    draws.set(beat.id, resolveBeat(beat, random, length, typed.get(beat.id)));
  }
  return draws;
}
