import {
  lengthInWords,
  moveIn,
  partsOfBeat,
  type Beat,
  type FitResult,
  type FitTarget,
  type MoveBook,
} from '$core';

/** What a presenter may wish of a script, in the order in which it is offered. */
export const WISHES = [
  ['minutes', 'to a length'],
  ['moves', 'to a number of counted moves'],
  ['gentler', 'gentler'],
  ['livelier', 'livelier'],
  ['threes', 'for threes and fours'],
  ['fives', 'for fives'],
  ['sevens', 'for sixes and sevens'],
] as const;
export type Wish = (typeof WISHES)[number][0];

const AGES = {
  threes: { from: 3, to: 4 },
  fives: { from: 5, to: 5 },
  sevens: { from: 6, to: 7 },
} as const;

export function targetOf(wish: Wish, amount: number): FitTarget {
  switch (wish) {
    case 'minutes':
      return { seconds: Math.round(amount * 60) };
    case 'moves':
      return { reps: Math.round(amount) };
    case 'gentler':
    case 'livelier':
      return { mood: wish };
    default:
      return { ages: AGES[wish] };
  }
}

const says = ({ measure }: FitResult, value: number) =>
  measure === 'seconds' ? lengthInWords(value) : `${Math.round(value)} counted moves`;

const KEPT = (kept: number) =>
  kept === 0
    ? ''
    : ` ${kept === 1 ? 'One line is' : `${kept} lines are`} meant to stay as they are.`;

/** What would come of it, in a sentence or two. */
export function outcomeInWords(result: FitResult): string {
  const { measure, met, before, after, target, least, most, changes, kept } = result;
  const [was, is] = result.lengthSeconds.map(lengthInWords);
  if (measure === 'strain') {
    const share = before === 0 ? 0 : Math.round(Math.abs(after / before - 1) * 100);
    const length = was === is ? `, still ${is} long` : `, ${is} long instead of ${was}`;
    if (changes.length === 0) return `Nothing here can change that way.${KEPT(kept)}`;
    const way = after < before ? 'less' : 'more';
    const short = met ? '' : ` That’s as far as easier and harder forms go.${KEPT(kept)}`;
    return `About ${share} % ${way} strain over the session${length}.${short}`;
  }
  if (changes.length === 0) {
    return met
      ? 'It’s there already.'
      : `Nothing here can bring it closer to ${says(result, target)}: it’s ${says(result, before)} now.${KEPT(kept)}`;
  }
  const ends = `With usual amounts it can be ${says(result, least)} to ${says(result, most)}; for more or less, add a line or take one out.`;
  const from = `From ${says(result, before)} to ${says(result, after)}`;
  return met
    ? `${from}.`
    : `${from}: that’s as close to ${says(result, target)} as it gets. ${ends}${KEPT(kept)}`;
}

/** "lunge instead of squat": the moves that become others, and words that go into the work. */
export function swapsBetween(before: Beat, after: Beat, book: MoveBook): readonly string[] {
  const now = partsOfBeat(after);
  const were = partsOfBeat(before);
  const swaps = were.flatMap(({ move }, index) => {
    const other = now[index]?.move;
    if (other === undefined || other === move) return [];
    return [`${moveIn(book, other).name} instead of ${moveIn(book, move).name}`];
  });
  const moved = were.some(({ guise }, n) => guise.line !== '' && now[n]?.guise.line === '');
  return moved ? [...swaps, 'your words said meanwhile'] : swaps;
}
