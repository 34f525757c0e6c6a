import { chancesToTakeOver } from '../../chance/take-over';
import { urnOf } from '../../chance/urn';
import type { Draw } from '../../beats/draw-schema';
import { calledIn } from '../../moves/move-book';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { changeDraw } from '../mending';
import { remember } from '../../words/remember';
import { tenthsOf } from '../tenths';

/** One move that is more than half of a draw in one session of ten, or any in one of four. Our own judgement. */
const OFTEN = 0.1;
const ANY_OFTEN = 0.25;
/** A move that has so much of the chance is the one to speak of. */
const MOSTLY = 0.5;
/** With fewer entries or draws than this one has to be half of all. */
const FEWEST = 3;

const likeliest = remember((beat: Draw) => {
  const urn = urnOf(beat);
  const { stop } = beat.rules;
  if (!urn.ok || beat.entries.length < FEWEST) return null;
  if (stop.after !== 'draws' || stop.draws < FEWEST) return null;
  const chances = chancesToTakeOver(urn.value);
  if (!chances) return null;
  const most = Math.max(...chances);
  // Two can't both be more than half: chances of each add up to that of any.
  const any = chances.reduce((sum, chance) => sum + chance, 0);
  if (most < OFTEN && any < ANY_OFTEN) return null;
  return { entry: chances.indexOf(most), any, isOne: most > any * MOSTLY, draws: stop.draws };
});

/** None gets two ahead of another. */
const FAIR_SHARE = { mostAhead: 2 } as const;

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
          name: found.isOne ? calledIn(book, action) : '',
          tenths: tenthsOf(found.any),
          cap,
        },
        fix: changeDraw(beat.id, (one) => ({
          ...one,
          rules: { ...one.rules, ...(found.isOne ? { mostOfOne: cap } : FAIR_SHARE) },
        })),
      },
    ];
  });
}
