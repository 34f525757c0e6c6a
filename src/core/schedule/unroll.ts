import type { Adventure } from '../model/adventure';
import type { Beat } from '../model/beat';
import type { Setting } from '../model/setting';
import { moveBookOf } from '../moves/move-book';
import { unrollChain } from './beats/chain';
import { unrollCircuit } from './beats/circuit';
import { unrollDraw } from './beats/draw';
import { unrollDrink } from './beats/drink';
import { unrollMove } from './beats/move';
import { unrollTell } from './beats/tell';
import type { Cue } from './cue';
import { DEFAULT_PACE, type Pace } from './pace';
import { resolveDraws, type Draws } from './resolve-draws';
import { unrollEcho } from './beats/echo';
import { Score } from './score';
import { totalUp, type Totals } from './totals';

/** The cues in order, end to end from 0, and what they add up to. */
export type Schedule = Readonly<{
  cues: readonly Cue[];
  totalSeconds: number;
  totals: Totals;
}>;

type Unrollers = {
  [Kind in Beat['kind']]: (beat: Extract<Beat, { kind: Kind }>, score: Score) => void;
};

/** One line a beat kind. */
const UNROLLERS: Unrollers = {
  tell: unrollTell,
  move: unrollMove,
  circuit: unrollCircuit,
  draw: unrollDraw,
  chain: unrollChain,
  echo: unrollEcho,
  drink: unrollDrink,
};

/** Adds the cues of one beat. */
export function unrollBeat<Kind extends Beat['kind']>(
  beat: Extract<Beat, { kind: Kind }>,
  score: Score,
) {
  (UNROLLERS[beat.kind as Kind] as Unrollers[Kind])(beat, score);
}

/**
 * The timed cues of an adventure, led in `setting` (its own by default) at `pace`, with these
 * draws (those of the beats' own seeds by default). Deterministic.
 * Throws a RangeError for a move that neither the catalogue nor the adventure has.
 */
export function unroll(
  adventure: Adventure,
  setting: Setting = adventure.setting,
  pace: Pace = DEFAULT_PACE,
  draws: Draws = resolveDraws(adventure, setting, pace),
): Schedule {
  const book = moveBookOf(adventure);
  const score = new Score(adventure, setting, pace, book, ({ id }) => draws.get(id) ?? []);
  for (const chapter of adventure.chapters) {
    for (const beat of chapter.beats) {
      score.enter(chapter, beat.id);
      unrollBeat(beat, score);
    }
  }
  const { cues, totalSeconds } = score;
  return { cues, totalSeconds, totals: totalUp(cues, book) };
}
