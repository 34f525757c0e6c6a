import { oddsOf } from '../chance/odds';
import type { Odds } from '../chance/odds-shape';
import { seededRandom } from '../chance/random';
import type { Adventure } from '../document/adventure';
import type { Defaults } from '../model/led';
import type { Draw } from '../beats/draw-schema';
import type { Move } from '../model/move';
import { newAdventure } from '../document/new-adventure';
import type { Result } from '../model/problem';
import type { Setting } from '../model/setting';
import { moveBookOf } from '../moves/move-book';
import { DEFAULT_PACE, type Pace } from '../cues/pace';
import { measureDraws } from './draw-cues';

/** What the odds of a beat are asked with. `moves`: the presenter's own that it uses. */
export type OddsQuestion = Readonly<{
  beat: Draw;
  setting: Setting;
  defaults: Defaults;
  moves: readonly Move[];
  pace?: Pace;
  /** Runs, where it has to be played. */
  runs?: number;
}>;

/** The same answer for the same beat, wherever it is asked. */
const PLAYED_FROM_SEED = 1;

/**
 * The odds of a draw beat in its setting: as `oddsOf`, with the length and the landings of each draw
 * as the schedule has them.
 */
export function oddsOfBeat({
  beat,
  setting,
  defaults,
  moves,
  pace,
  runs,
}: OddsQuestion): Result<Odds> {
  const adventure: Adventure = {
    ...newAdventure((prefix) => `${prefix}_odds`, setting),
    defaults,
    moves,
  };
  const measure = measureDraws(
    { adventure, setting, pace: pace ?? DEFAULT_PACE, book: moveBookOf(adventure) },
    beat,
  );
  return oddsOf(beat, seededRandom(PLAYED_FROM_SEED), measure, runs);
}
