import { mayOverrun } from '../../forecast/may-overrun';
import type { FindingContext } from '../context';
import type { Fix, Seen } from '../finding';
import { changeDraw } from '../mending';
import { tenthsOf } from '../tenths';

/** One session in four that runs over is worth a word. Our own judgement. */
const OFTEN_OVER = 0.25;

/** As drawn here it fits the slot, but often enough it will not. */
export function checkOverrun({ adventure, setting, schedule, book }: FindingContext): Seen[] {
  if (schedule.totalSeconds > setting.slotSeconds) return [];
  const overrun = mayOverrun(adventure, setting, schedule, book);
  if (!overrun || overrun.chance < OFTEN_OVER) return [];
  const { beat, chance, drawSeconds, tooLongSeconds } = overrun;
  const { stop } = beat.rules;
  const fewer = Math.ceil(tooLongSeconds / drawSeconds);
  const draws = stop.after === 'draws' ? stop.draws - fewer : 0;
  const fix: Fix | null =
    draws >= 2
      ? changeDraw(beat.id, (one) => ({
          ...one,
          rules: { ...one.rules, stop: { after: 'draws', draws } },
        }))
      : null;
  const params = { tenths: tenthsOf(chance), draws };
  return [{ place: { beatId: beat.id, part: null }, severity: 'think', params, fix }];
}
