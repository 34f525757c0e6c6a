import { oddsOf } from '../chance/odds';
import type { LengthOf, Odds } from '../chance/odds-shape';
import { amountOdds } from '../chance/amount';
import { seededRandom } from '../chance/random';
import type { Adventure, Defaults } from '../model/adventure';
import type { Draw } from '../model/beat';
import type { Move } from '../model/move';
import { newAdventure } from '../model/new-adventure';
import type { Result } from '../model/problem';
import type { Setting } from '../model/setting';
import { moveBookOf } from '../moves/move-book';
import { DEFAULT_PACE, type Pace } from './pace';
import { drawLength } from './resolve-draws';

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
 * The odds of a draw beat in its setting: as `oddsOf`, with the real length of each draw for beats
 * that stop after a time, amounts taken at their mean.
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
  const lengthOf = drawLength(
    adventure,
    setting,
    pace ?? DEFAULT_PACE,
    moveBookOf(adventure),
    beat,
  );
  const { between } = beat.rules;
  const betweenSeconds = between ? (between.leastSeconds + between.mostSeconds) / 2 : 0;
  const length: LengthOf = (entry, value, standIn) => {
    const { amount } = beat;
    const mean =
      amount.from === 'dose'
        ? null
        : [...amountOdds(amount, value)].reduce((sum, [one, chance]) => sum + one * chance, 0);
    const draw = { outcome: 0, entry, value, standIn, number: mean, betweenSeconds };
    return lengthOf({ ...draw, amount: mean === null ? null : Math.round(mean) });
  };
  return oddsOf(beat, seededRandom(PLAYED_FROM_SEED), length, runs);
}
