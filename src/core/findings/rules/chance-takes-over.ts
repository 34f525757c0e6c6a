import { chancesToTakeOver } from '../../chance/take-over';
import { potOf } from '../../chance/pot';
import type { Draw } from '../../beats/draw-schema';
import { calledIn } from '../../moves/move-book';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { changeDraw } from '../mending';
import { remember } from '../remember';
import { tenthsOf } from '../tenths';

/** A move that is more than half of a draw in one session of ten. Our own judgement. */
const OFTEN = 0.1;
/** With fewer entries or draws than this one has to be half of all. */
const FEWEST = 3;

const likeliest = remember((beat: Draw) => {
  const pot = potOf(beat);
  const { stop } = beat.rules;
  if (!pot.ok || beat.entries.length < FEWEST) return null;
  if (stop.after !== 'draws' || stop.draws < FEWEST) return null;
  const chances = chancesToTakeOver(pot.value);
  if (!chances) return null;
  const chance = Math.max(...chances);
  return chance < OFTEN ? null : { entry: chances.indexOf(chance), chance, draws: stop.draws };
});

/** A move of the table that may be most of the whole draw. */
export function checkTakesOver({ beats, book }: FindingContext): Seen[] {
  return [...beats.values()].flatMap((beat): Seen[] => {
    const found = beat.kind === 'draw' ? likeliest(beat) : null;
    if (beat.kind !== 'draw' || !found) return [];
    const { action } = beat.entries[found.entry]!;
    const cap = Math.max(1, Math.floor(found.draws / 2));
    return [
      {
        place: { beatId: beat.id, part: action.id },
        severity: 'think',
        params: {
          name: calledIn(book, action),
          tenths: tenthsOf(found.chance),
          cap,
        },
        fix: changeDraw(beat.id, (one) => ({ ...one, rules: { ...one.rules, mostOfOne: cap } })),
      },
    ];
  });
}
