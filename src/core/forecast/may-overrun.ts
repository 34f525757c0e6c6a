import { seededRandom } from '../chance/random';
import { resolveBeat } from '../chance/resolve';
import type { Adventure } from '../document/adventure';
import { drawsOf } from '../document/beats-of';
import type { Draw } from '../beats/draw-schema';
import type { Setting } from '../model/setting';
import type { MoveBook } from '../moves/move-book';
import { measureDraws } from '../schedule/draw-cues';
import { DEFAULT_PACE } from '../cues/pace';
import type { Schedule } from '../schedule/unroll';
import { normalBelow } from './normal';
import { lengthVariance, spansOf } from './spans';
import { variationFor } from './variation';

/** Mean and variance of the seconds that a beat's draws take, and how many there are on average. */
type Moments = Readonly<{ mean: number; variance: number; draws: number }>;

const RUNS = 200;

type Known = Readonly<{ setting: Setting; moves: Adventure['moves']; moments: Moments }>;
const known = new WeakMap<Draw, Known>();

/** By playing the beat; worked out again only when the beat or its setting has changed. */
function momentsOf(beat: Draw, adventure: Adventure, setting: Setting, book: MoveBook): Moments {
  const before = known.get(beat);
  if (before && before.setting === setting && before.moves === adventure.moves) {
    return before.moments;
  }
  const measure = measureDraws({ adventure, setting, pace: DEFAULT_PACE, book }, beat);
  const random = seededRandom(1);
  const lengths: number[] = [];
  let draws = 0;
  for (let run = 0; run < RUNS; run += 1) {
    const list = resolveBeat(beat, random, (draw) => measure(draw).seconds);
    draws += list.length;
    lengths.push(list.reduce((sum, draw) => sum + measure(draw).seconds, 0));
  }
  const mean = lengths.reduce((sum, one) => sum + one, 0) / RUNS;
  const variance = lengths.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (RUNS - 1);
  const moments = { mean, variance, draws: draws / RUNS };
  known.set(beat, { setting, moves: adventure.moves, moments });
  return moments;
}

export type Overrun = Readonly<{
  /** Chance to run over the slot, 0 to 1. */
  chance: number;
  /** Seconds that would have to go for one session in ten to run over. */
  tooLongSeconds: number;
  /** The beat that draws longest, and the mean seconds of one of its draws. */
  beat: Draw;
  drawSeconds: number;
}>;

/** The normal deviate that is passed in one case of ten. */
const ONE_IN_TEN = 1.2816;

/**
 * How likely the session is to run over its slot, from means and variances alone: quickly, for what
 * is told at every key stroke; the forecast plays it out. Null where nothing is drawn as it is led.
 * Differences between draws are taken at the usual pace.
 */
export function mayOverrun(
  adventure: Adventure,
  setting: Setting,
  schedule: Schedule,
  book: MoveBook,
): Overrun | null {
  const live = drawsOf(adventure).filter(({ drawn }) => drawn === 'live');
  const drawn = live.map((beat) => ({ beat, ...momentsOf(beat, adventure, setting, book) }));
  const longest = drawn.reduce<(typeof drawn)[number] | null>(
    (most, one) => (one.mean > (most?.mean ?? 0) ? one : most),
    null,
  );
  if (!longest || longest.draws === 0) return null;
  const spread = lengthVariance(spansOf(schedule.cues), variationFor(DEFAULT_PACE));
  const deviation = Math.sqrt(drawn.reduce((sum, { variance }) => sum + variance, spread));
  // The schedule has one drawing of each beat in it: its mean takes that one's place.
  const scheduled = schedule.cues.reduce(
    (sum, cue) =>
      cue.doing && live.some(({ id }) => id === cue.beatId) ? sum + cue.lengthSeconds : sum,
    0,
  );
  const mean = schedule.totalSeconds - scheduled + drawn.reduce((sum, one) => sum + one.mean, 0);
  const room = setting.slotSeconds - mean;
  return {
    chance: deviation === 0 ? (room < 0 ? 1 : 0) : 1 - normalBelow(room / deviation),
    tooLongSeconds: Math.max(0, ONE_IN_TEN * deviation - room),
    beat: longest.beat,
    drawSeconds: longest.mean / longest.draws,
  };
}
