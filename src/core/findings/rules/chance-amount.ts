import { amountOdds } from '../../chance/amount';
import { urnOf } from '../../chance/urn';
import type { Draw } from '../../beats/draw-schema';
import { isSum } from '../../model/chance';
import { moveIn } from '../../moves/move-book';
import type { FindingContext } from '../context';
import type { Fix, Seen } from '../finding';
import { changeDraw } from '../mending';

/** So few of a move are over before they have begun. Our own judgement. */
const STARVED = 2;

/** What an entry can come to, and what is usual for its move at this age. */
type Reach = Readonly<{
  name: string;
  part: string;
  lowest: number;
  highest: number;
  least: number;
  most: number;
}>;

function reachesOf(beat: Draw, { band, book }: FindingContext): readonly Reach[] {
  const { amount } = beat;
  const urn = urnOf(beat);
  if (!isSum(amount) || !urn.ok) return [];
  return beat.entries.flatMap(({ action }, entry): Reach[] => {
    const move = moveIn(book, action.move);
    if (action.dose.unit !== move.usual.unit) return [];
    const amounts = urn.value.outcomes
      .filter((one) => one.entry === entry)
      // A joker has no number: it is done as its dose says.
      .filter(({ value }) => value !== null || amount.from === 'number die')
      .flatMap(({ value }) => [...amountOdds(amount, value).keys()]);
    if (amounts.length === 0) return [];
    const [least, most] = move.usual.range[band];
    const [lowest, highest] = [Math.min(...amounts), Math.max(...amounts)];
    const name = action.guise.name || move.name;
    return [{ name, part: action.id, lowest, highest, least, most }];
  });
}

function within(beatId: string, change: { least: number } | { most: number }): Fix {
  return changeDraw(beatId, (beat) => {
    if (!isSum(beat.amount)) return beat;
    const { least, most } = { ...beat.amount, ...change };
    const amount = { ...beat.amount, least: Math.min(least, most), most };
    return { ...beat, amount };
  });
}

/**
 * The highest that can be thrown is a lot for the age, or the lowest starves a move: one rep of
 * something. The mend is a ceiling, or a floor.
 */
export function checkDrawnAmounts(context: FindingContext): Seen[] {
  return [...context.beats.values()].flatMap((beat): Seen[] => {
    if (beat.kind !== 'draw') return [];
    const reaches = reachesOf(beat, context);
    if (reaches.length === 0) return [];
    const seen: Seen[] = [];
    const high = reaches.find(({ highest, most }) => highest > most);
    if (high) {
      const most = Math.min(...reaches.map((one) => one.most));
      const { name, part, highest } = high;
      seen.push({
        place: { beatId: beat.id, part },
        severity: 'mend',
        params: { name, above: 1, amount: highest, usual: high.most, limit: most },
        fix: within(beat.id, { most }),
      });
    }
    const least = Math.min(...reaches.map((one) => one.least));
    const low = reaches.find(({ lowest }) => lowest < least && lowest <= STARVED);
    if (low) {
      const { name, part, lowest } = low;
      seen.push({
        place: { beatId: beat.id, part },
        severity: 'think',
        params: { name, above: 0, amount: lowest, usual: low.least, limit: least },
        fix: within(beat.id, { least }),
      });
    }
    return seen;
  });
}
