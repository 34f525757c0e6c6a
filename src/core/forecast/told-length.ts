import { seededRandom } from '../chance/random';
import { DEFAULT_PACE, type Pace } from '../cues/pace';
import type { Adventure } from '../document/adventure';
import { drawsOf } from '../document/beats-of';
import type { Draw } from '../beats/draw-schema';
import type { Setting } from '../model/setting';
import { moveBookOf } from '../moves/move-book';
import type { Schedule } from '../schedule/unroll';
import { unroll } from '../schedule/unroll';
import { clockOf, lengthInWords } from '../words/clock';
import { lengthsByChance } from './player';
import { isSettled } from './session-plan';

/**
 * How long an adventure is, as it is told everywhere: seconds of the whole, and, where chance has a say in
 * it, between which lengths eight sessions of ten are. It hangs on nothing but the script, the setting and
 * the pace, so that it is the same on every screen, on paper and after a reload.
 */
export type ToldLength = Readonly<{
  seconds: number;
  /** Null where nothing is left to chance. */
  spread: Readonly<{ low: number; high: number }> | null;
  /** What decides: "as the dice fall"; empty without chance. */
  as: string;
}>;

/** So many sessions place the middle and the tenths well enough for a plan: within a few seconds. */
const SESSIONS = 500;
const SEED = 1;
/** Less than this between the ends, and chance has no say worth telling. */
const NO_SPREAD_SECONDS = 4;

const AS: Partial<Record<Draw['device']['kind'], string>> = {
  die: 'as the dice fall',
  coin: 'as the coin falls',
  deck: 'as the cards come',
  spinner: 'as the wheel stops',
};

const told = new WeakMap<Adventure, Map<string, ToldLength>>();

/** See `ToldLength`. `schedule` is that of the script with its own seeds, where it is there already. */
export function toldLength(
  adventure: Adventure,
  setting: Setting,
  pace: Pace,
  schedule: Pick<Schedule, 'totalSeconds'> = unroll(adventure, setting, pace),
): ToldLength {
  const key = JSON.stringify([setting === adventure.setting ? null : setting, pace]);
  const known = told.get(adventure) ?? new Map<string, ToldLength>();
  told.set(adventure, known);
  const before = known.get(key);
  if (before) return before;
  const answer = workOut(adventure, setting, pace, schedule);
  known.set(key, answer);
  return answer;
}

function workOut(
  adventure: Adventure,
  setting: Setting,
  pace: Pace,
  { totalSeconds }: Pick<Schedule, 'totalSeconds'>,
): ToldLength {
  const plain: ToldLength = { seconds: totalSeconds, spread: null, as: '' };
  const chancy = drawsOf(adventure).filter((beat) => beat.drawn === 'live' && !isSettled(beat));
  if (chancy.length === 0) return plain;
  const context = { adventure, setting, pace, book: moveBookOf(adventure) };
  const seconds = lengthsByChance(context, seededRandom(SEED), SESSIONS);
  if (seconds.p90 - seconds.p10 < NO_SPREAD_SECONDS) return plain;
  const ways = new Set(chancy.map(({ device }) => AS[device.kind] ?? 'as it’s drawn'));
  const [as] = ways;
  return {
    seconds: seconds.p50,
    spread: { low: seconds.p10, high: seconds.p90 },
    as: ways.size === 1 ? as! : 'as it’s drawn',
  };
}

/** A schedule with the length that it is told by. */
export type TimedSchedule = Schedule & Readonly<{ told: ToldLength }>;

/** The schedule of a script with its own seeds, and its told length. */
export function timed(
  adventure: Adventure,
  setting: Setting = adventure.setting,
  pace: Pace = DEFAULT_PACE,
): TimedSchedule {
  const schedule = unroll(adventure, setting, pace);
  return { ...schedule, told: toldLength(adventure, setting, pace, schedule) };
}

/**
 * A length that chance moves, as roughly as it can be told: in whole minutes, or in half ones where the
 * minute lies outside the spread; to the second where both do.
 */
function roughly({ seconds, spread }: ToldLength): string {
  for (const step of [60, 30]) {
    const near = Math.max(step, Math.round(seconds / step) * step);
    if (spread && near >= spread.low && near <= spread.high) return lengthInWords(near);
  }
  return clockOf(seconds);
}

/** "12:04", or "about 12 min": the length in the fewest words. */
export function lengthInShort(length: ToldLength): string {
  return length.spread ? `about ${roughly(length)}` : clockOf(length.seconds);
}

/** "12:04", or "about 12 min, as the dice fall (11:10 to 12:50)". */
export function lengthTold(length: ToldLength): string {
  const { spread, as } = length;
  if (!spread) return lengthInShort(length);
  return `${lengthInShort(length)}, ${as} (${clockOf(spread.low)} to ${clockOf(spread.high)})`;
}

/** From here on what is left of a slot is told in whole minutes. */
const ROUGH_SECONDS = 120;

/** "about 6 min", "40 s": what is left of a slot, or too much for it. */
export function leftInWords(seconds: number): string {
  if (seconds < ROUGH_SECONDS) return lengthInWords(seconds);
  return `about ${lengthInWords(Math.round(seconds / 60) * 60)}`;
}

/** The length beside a slot: "about 3 min to spare", "40 s too long"; and whether chance alone may make it too long. */
export function besideSlot({ seconds, spread }: ToldLength, slotSeconds: number): string {
  const over = seconds - slotSeconds;
  if (over > 0.5) return `${leftInWords(over)} too long`;
  const spare = `${leftInWords(-over)} to spare`;
  return spread && spread.high > slotSeconds + 0.5 ? `${spare}, but it may run over` : spare;
}
