import { z } from 'zod';
import type { Entry } from '../model/chance';
import type { DeepReadonly } from '../model/deep-readonly';
import { problem, type Problem } from '../model/problem';
import { counted, numberWord } from '../words/numbers';
import { PLAIN, readLabelled, type DeviceFile, type DrawnFrom, type Outcome } from './device-file';
import type { OutcomeCard } from './print-desk';

/**
 * A deck, whose suits are the entries and whose ranks run from `lowest` to `highest` in so many
 * `copies`. Court cards (11 to 13) count `courts`, or their rank where that is null; each deck has
 * `jokers`.
 */
const schema = z.strictObject({
  kind: z.literal('deck'),
  lowest: z.int().min(1).max(13),
  highest: z.int().min(1).max(13),
  copies: z.int().min(1).max(4),
  courts: z.int().min(1).max(20).nullable(),
  jokers: z.int().min(0).max(4),
});
export type Deck = DeepReadonly<z.infer<typeof schema>>;

const FIRST_COURT = 11;
const SUITS = ['suns', 'moons', 'bells', 'leaves', 'drops', 'stars'];

const ranksOf = ({ lowest, highest }: Deck) =>
  Array.from({ length: Math.max(0, highest - lowest + 1) }, (_, n) => lowest + n);

/** Every card, those that mean the same counted together. */
function outcomes({ device, entries }: DrawnFrom<Deck>) {
  const { lowest, highest, copies, courts, jokers } = device;
  const problems: Problem[] = [];
  if (lowest > highest) problems.push(problem('backwards-range', ['device']));
  const place = (cards: Entry['cards']) => entries.findIndex((one) => one.cards === cards);
  const [courtEntry, joker] = [place('courts'), place('jokers')];
  const known = new Map<string, { -readonly [K in keyof Outcome]: Outcome[K] }>();
  const add = (entry: number, value: number | null, more: number) => {
    const outcome = known.get(`${entry}.${value}`);
    if (outcome) outcome.copies += more;
    else known.set(`${entry}.${value}`, { entry, value, weight: 1, copies: more });
  };
  entries.forEach(({ cards }, entry) => {
    if (cards !== 'suit') return;
    for (const rank of ranksOf(device)) {
      if (rank < FIRST_COURT) add(entry, rank, copies);
      else if (courtEntry >= 0) add(courtEntry, null, copies);
      else add(entry, courts ?? rank, copies);
    }
  });
  if (jokers > 0 && joker >= 0) add(joker, null, jokers * copies);
  if (jokers > 0 && joker < 0) {
    problems.push(problem('unmapped-outcome', ['entries'], { outcome: 'joker' }));
  }
  return { outcomes: [...known.values()], problems };
}

const RANKS: Readonly<Record<number, string>> = { 11: 'J', 12: 'Q', 13: 'K' };

/** One card for each rank of each suit, and the jokers: one deck, to be printed as often as needed. */
function cardsOf({ device, entries }: DrawnFrom<Deck>): readonly OutcomeCard[] {
  const suits = entries.filter(({ cards }) => cards === 'suit');
  const courts = entries.find(({ cards }) => cards === 'courts');
  const jokers = entries.filter(({ cards }) => cards === 'jokers');
  const ofRank = (suit: Entry, kind: number, rank: number): OutcomeCard => {
    const sign = RANKS[rank] ?? String(rank);
    const small = suit.label;
    if (rank < FIRST_COURT) return { entry: suit, sign, dots: rank, small, kind };
    if (courts) return { entry: courts, sign, dots: 0, small, kind };
    return { entry: suit, sign, dots: device.courts ?? rank, small, kind };
  };
  return [
    ...suits.flatMap((suit, kind) => ranksOf(device).map((rank) => ofRank(suit, kind, rank))),
    ...Array.from({ length: device.jokers }, (_, n): OutcomeCard => {
      const entry = jokers[n % Math.max(1, jokers.length)] ?? null;
      return entry
        ? { entry, sign: '\u2605', dots: 0, small: 'joker', kind: suits.length }
        : { entry, sign: '\u2605', dots: 0, small: '', kind: 0, name: 'joker' };
    }),
  ];
}

export const deck: DeviceFile<Deck> = {
  ...PLAIN,
  schema,
  choice: 'a deck of cards',
  readBack: () => 'Cards',
  begin: () => ({ kind: 'deck', lowest: 1, highest: 10, copies: 1, courts: 10, jokers: 0 }),
  typed: ['cards', 'deck'],
  read: (_, __, rules) => {
    const [lowest, highest] = rules.ranks ?? [1, 10];
    const { copies = 1, courts = 10, jokers = 0 } = rules;
    return { kind: 'deck', lowest, highest, copies, courts, jokers };
  },
  amountFrom: () => 'outcome',
  readEntry: (text) => {
    const special = /^(jokers?|courts?(?: cards?)?)(?:\s*=)?\s+(.+)$/iu.exec(text);
    if (!special) return readLabelled(text);
    const joker = special[1]!.toLowerCase().startsWith('j');
    return {
      label: joker ? 'joker' : 'court',
      cards: joker ? 'jokers' : 'courts',
      faces: null,
      words: special[2]!,
    };
  },
  usualLabel: (n) => SUITS[n] ?? `suit ${n + 1}`,
  line: ({ device: { lowest, highest, copies, courts, jokers } }) =>
    [
      `cards ranks ${lowest} to ${highest}`,
      courts === null ? '' : `courts count ${courts}`,
      jokers > 0 ? `${jokers} joker${jokers === 1 ? '' : 's'}` : '',
      copies > 1 ? `${copies} decks` : '',
    ]
      .filter(Boolean)
      .join(', '),
  entryLine: (entry, words) =>
    entry.cards === 'suit'
      ? PLAIN.entryLine(entry, words)
      : `${entry.cards === 'jokers' ? 'joker' : 'courts'} ${words}`,
  readBackMark: ({ label, cards }) => (cards === 'suit' ? '' : `${label} `),
  words: ({ device, entries }) => {
    const { lowest, highest, copies, courts, jokers } = device;
    const suits = entries.filter(({ cards }) => cards === 'suit').length;
    const own = entries.some(({ cards }) => cards === 'courts');
    return [
      `Cards, ${counted(suits, 'suit', 'suits')}, ${lowest} to ${highest}`,
      ...(copies > 1 ? [`${numberWord(copies)} of each`] : []),
      ...(highest > 10 && !own && courts !== null ? [`court cards count ${courts}`] : []),
      ...(jokers > 0 ? [counted(jokers * copies, 'joker', 'jokers')] : []),
    ].join(', ');
  },
  outcomes,
  thing: ({ entries }, { entry, value }) => {
    const { label, cards } = entries[entry]!;
    const plain = cards === 'courts' ? 'K' : '\u2605';
    return { kind: 'card', suit: label, entry, sign: value === null ? plain : String(value) };
  },
  hasNumber: true,
  usualRules: { returns: 'out' },
  kit: 'pack of cards',
  print: (drawn, desk) => desk.cards(cardsOf(drawn)),
};
