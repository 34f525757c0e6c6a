import type { AmountRule, DrawRules } from '../model/chance';
import { lengthInWords } from '../words/clock';
import { counted } from '../words/numbers';

type Ruled = Readonly<{ rules: DrawRules }>;

/** When drawing stops. */
export function stopInWords({ rules }: Ruled): string {
  const { stop } = rules;
  if (stop.after === 'draws') return counted(stop.draws, 'draw', 'draws');
  if (stop.after === 'seconds') return `for ${lengthInWords(stop.seconds)}`;
  return `until all have come, ${stop.most} draws at most`;
}

/** The rules that matter, each in a few words. */
export function rulesInWords({ rules }: Ruled): readonly string[] {
  const { returns, onRepeat, mostOfOne, mostAhead, noPattern, eachSeconds } = rules;
  const words: string[] = [];
  if (returns === 'out') words.push('what has come stays out');
  if (returns === 'bag') words.push('every one comes once before any comes twice');
  if (onRepeat === 'again') words.push('if the same comes twice in a row, draw again');
  if (onRepeat === 'stand-in') words.push('if the same comes twice in a row, do the stand-in');
  if (mostOfOne !== null) words.push(`none comes more than ${counted(mostOfOne, 'time', 'times')}`);
  if (mostAhead !== null) words.push('all come about equally often');
  if (noPattern) words.push('no pattern they could guess');
  if (eachSeconds !== null) words.push(`${eachSeconds} s each, one straight after the other`);
  return words;
}

/** How the amount is made: "number x 2, 4 to 20"; empty where each move has its own dose. */
export function amountInWords(amount: AmountRule): string {
  if (amount.from === 'room') return 'as far as the room goes';
  if (amount.from === 'dose') return '';
  const number = amount.from === 'outcome' ? 'its number' : 'a number die';
  const times = amount.times === 1 ? '' : ` × ${amount.times}`;
  const plus = amount.plus === 0 ? '' : ` ${amount.plus > 0 ? '+' : '−'} ${Math.abs(amount.plus)}`;
  return `${number}${times}${plus}, ${amount.least} to ${amount.most}`;
}
