import { LEARN_SETS, LETTER_SETS, TABLES, type LearnItem, type LearnSet } from './sets';

/** What a set can be laid out on. */
export type LearnDevice = 'die' | 'cards' | 'wheel' | 'calls' | 'strip';

/** A line as a presenter types it, for one set on one device. */
export type LearnLine = Readonly<{ name: string; device: LearnDevice; line: string }>;

const FACES = 6;
const SUITS = 4;
/** So much of each, where the set doesn't say how much. */
const SECONDS = 10;

type Items = readonly LearnItem[];
/** Things that are learned as parts of a line: each for some seconds, each by its move, each as it is called. */
export const timedParts = (items: Items) =>
  items.map(({ label, move }) => `${move} ${SECONDS} s as ${label}`).join(', ');
export const namedParts = (items: Items) =>
  items.map(({ label, move }) => `${move} as ${label}`).join(', ');
export const calledParts = (items: Items) =>
  items.map(({ label, move }) => `${label} = ${move} 6 s`).join(', ');

/** Lines for a set, for every device that has room for it; a device that is too large for it is left out. */
export function linesOfSet(set: LearnSet): readonly LearnLine[] {
  const { name, items } = set;
  const whole: LearnLine[] = [
    {
      name,
      device: 'wheel',
      line: `wheel ${items.length} spins: ${timedParts(items)}`,
    },
    {
      name,
      device: 'calls',
      line: `calls ${items.length} calls, travel march 4 to 8 s: ${calledParts(items)}`,
    },
    { name, device: 'strip', line: `list: ${timedParts(items)}` },
  ];
  const faces: LearnLine = {
    name,
    device: 'die',
    line: `die 10 throws: ${timedParts(items.slice(0, FACES))}`,
  };
  const suits = namedParts(items.slice(0, SUITS));
  const cards: LearnLine = { name, device: 'cards', line: `cards 8 cards, 3 to 6: ${suits}` };
  return [
    ...(items.length >= FACES ? [faces] : []),
    ...(items.length >= SUITS ? [cards] : []),
    ...whole,
  ];
}

/** Letters and sounds, a set a line. */
const letterLines = (): readonly LearnLine[] =>
  LETTER_SETS.map(({ name, letters }) => ({
    name,
    device: 'strip',
    line: `letters ${letters} 11 s each`,
  }));

/** Times tables on two dice: one says what, the other how many times, and the children say the product. */
const tableLines = (): readonly LearnLine[] =>
  TABLES.map((times) => ({
    name: `table of ${times}`,
    device: 'die',
    line: `die 10 throws, numbers x ${times}, ask first: claps, knee pats, stamps, arm circles`,
  }));

/** Everything that is ready to ride along, by its name. */
export function allLearnLines(): readonly Readonly<{
  name: string;
  lines: readonly LearnLine[];
}>[] {
  return [
    { name: 'Letters and sounds', lines: letterLines() },
    { name: 'Times tables', lines: tableLines() },
    ...LEARN_SETS.map((set) => ({ name: set.name, lines: linesOfSet(set) })),
  ];
}
