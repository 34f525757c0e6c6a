import type { Draw } from '../model/beat';
import type { AmountRule, Device } from '../model/chance';
import { lengthInWords } from './clock';
import { capital } from './capital';

const NUMBERS = ['no', 'one', 'two', 'three', 'four'];
const times = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

function cardsInWords(device: Extract<Device, { kind: 'deck' }>, entries: Draw['entries']): string {
  const { lowest, highest, copies, courts, jokers } = device;
  const suits = entries.filter(({ cards }) => cards === 'suit').length;
  const own = entries.some(({ cards }) => cards === 'courts');
  return [
    `Cards, ${times(suits, 'suit', 'suits')}, ${lowest} to ${highest}`,
    ...(copies > 1 ? [`${NUMBERS[copies]!} of each`] : []),
    ...(highest > 10 && !own && courts !== null ? [`court cards count ${courts}`] : []),
    ...(jokers > 0 ? [times(jokers * copies, 'joker', 'jokers')] : []),
  ].join(', ');
}

/** What is drawn from, in a few words: "Two dice", "Spinner of 5", "Letters L A M P". */
export function deviceInWords({ device, entries }: Draw): string {
  const n = entries.length;
  switch (device.kind) {
    case 'die': {
      const sides = device.sides === 6 ? '' : ` of ${device.sides}`;
      return device.dice === 1 ? `Die${sides}` : `${capital(NUMBERS[device.dice]!)} dice${sides}`;
    }
    case 'spinner':
      return `Spinner of ${n}`;
    case 'deck':
      return cardsInWords(device, entries);
    case 'letters':
      return `Letters ${entries.map(({ label }) => label).join(' ')}`;
    case 'calls':
      return `Calls: ${entries.map(({ label }) => label).join(', ')}`;
    case 'leader':
      return `Leader’s choice of ${n}`;
    case 'list':
      return `List of ${n}`;
  }
}

/** When drawing stops. */
export function stopInWords({ rules }: Draw): string {
  const { stop } = rules;
  if (stop.after === 'draws') return times(stop.draws, 'draw', 'draws');
  if (stop.after === 'seconds') return `for ${lengthInWords(stop.seconds)}`;
  return `until all were seen, ${stop.most} draws at most`;
}

/** The rules that matter, each in a few words. */
export function rulesInWords({ rules }: Draw): readonly string[] {
  const { returns, onRepeat, mostOfOne, mostAhead, noPattern } = rules;
  const words: string[] = [];
  if (returns === 'out') words.push('what was drawn stays out');
  if (returns === 'bag') words.push('each once before any twice');
  if (onRepeat === 'again') words.push('the same again: draw again');
  if (onRepeat === 'stand-in') words.push('the same twice running: the stand-in');
  if (mostOfOne !== null) words.push(`none more than ${times(mostOfOne, 'time', 'times')}`);
  if (mostAhead !== null) words.push('a fair share for each');
  if (noPattern) words.push('no pattern to guess');
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
