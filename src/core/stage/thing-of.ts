import { deviceFile } from '../devices';
import { facesOf, type Thing } from '../devices/thing';
import type { Draw } from '../beats/draw-schema';
import { isSum } from '../model/chance';
import type { ResolvedDraw } from '../model/resolved-draw';

/** The things that a draw is read off: its device, and the number die beside it. None for a plain list. */
export function thingsOf(beat: Draw, draw: ResolvedDraw): readonly Thing[] {
  const { device, entries, amount } = beat;
  const own = deviceFile(device).thing({ device, entries }, draw);
  if (amount.from !== 'number die' || draw.number === null) return own ? [own] : [];
  const { sides, dice } = amount;
  const number: Thing = { kind: 'dice', sides, faces: facesOf(draw.number, dice, sides) };
  return own ? [own, number] : [number];
}

/** A sum that the children can do, `number x times + plus`, and the amount that floor and ceiling leave. */
export type DrawnSum = Readonly<{ number: number; times: number; plus: number; amount: number }>;

/** The sum behind the amount of a draw; null where the number itself is the amount. */
export function sumOf({ amount }: Draw, draw: ResolvedDraw): DrawnSum | null {
  if (!isSum(amount) || draw.number === null || draw.amount === null) return null;
  const { times, plus } = amount;
  if (times === 1 && plus === 0) return null;
  return { number: draw.number, times, plus, amount: draw.amount };
}

/**
 * A sum as children write it: "5 × 2 = ?", or solved, with what a floor or a ceiling makes of it:
 * "10 × 2 = 20, at most 12".
 */
export function sumInSigns({ number, times, plus, amount }: DrawnSum, solved: boolean): string {
  const multiplied = times === 1 ? '' : ` × ${times}`;
  const added = plus === 0 ? '' : ` ${plus > 0 ? '+' : '−'} ${Math.abs(plus)}`;
  const asked = `${number}${multiplied}${added} =`;
  if (!solved) return `${asked} ?`;
  const result = number * times + plus;
  if (result === amount) return `${asked} ${result}`;
  return `${asked} ${result}, at ${amount < result ? 'most' : 'least'} ${amount}`;
}
