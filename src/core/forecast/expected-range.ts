import { seededRandom } from '../chance/random';
import type { Pace } from '../cues/pace';
import type { Adventure } from '../document/adventure';
import { moveBookOf } from '../moves/move-book';
import { toTenth } from '../words/middle';
import { forecast } from './forecast';

/** Between which lengths eight sessions of ten are, in seconds. */
export type ExpectedRange = Readonly<{ lowSeconds: number; highSeconds: number }>;

/** So many sessions place the tenths well enough to be told afterwards. */
const SESSIONS = 400;
const SEED = 1;

/** What was to be expected of a session before it was led, by the forecast. */
export function expectedRange(adventure: Adventure, pace: Pace): ExpectedRange {
  const { setting } = adventure;
  const context = { adventure, setting, pace, book: moveBookOf(adventure) };
  const { seconds } = forecast(context, seededRandom(SEED), SESSIONS);
  return { lowSeconds: toTenth(seconds.p10), highSeconds: toTenth(seconds.p90) };
}
