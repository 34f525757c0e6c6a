import type { z } from 'zod';
import type { LineTools } from '../language/part-reader';
import type { RulesRead } from '../language/draw-rules-reader';
import type { ReadAction } from '../language/read-action';
import type { AmountRule, DrawRules, Entry } from '../model/chance';
import type { Problem } from '../model/problem';
import type { Drawn } from '../model/resolved-draw';
import type { PrintDesk } from './print-desk';
import type { Thing } from './thing';

/** One thing that a device can show: which entry it means, its value, how likely, how many. */
export type Outcome = Readonly<{
  entry: number;
  /** Pips or rank; null where the outcome has no number. */
  value: number | null;
  weight: number;
  /** How many there are before something is put back. */
  copies: number;
}>;

/** A line of the table as it was typed, its moves still in words. */
export type TypedEntry = Readonly<{
  /** What stands before "="; null where nothing does. */
  label: string | null;
  cards: Entry['cards'];
  /** Which outcomes mean it, where the line says so. */
  faces: readonly number[] | null;
  /** The words of its moves. */
  words: string;
}>;

/** A line of the table as it was read. */
export type ReadEntry = Readonly<{
  label: string;
  action: ReadAction;
  /** What follows it. */
  then: readonly ReadAction[];
  cards: Entry['cards'];
  faces: readonly number[] | null;
}>;

/** The table of a device out of the words after it, with the moves that were given for some of it. */
export type TableFrom = (
  text: string,
  given: readonly ReadAction[],
  tools: LineTools,
) => readonly ReadEntry[];

/** A draw as its device sees it. */
export type DrawnFrom<D> = Readonly<{ device: D; entries: readonly Entry[] }>;

/**
 * Everything that there is to know of a kind of device, in one file; `devices/index.ts` lists them.
 * What it is drawn with on screen is the interface's own: `lib/chance/board`.
 */
export type DeviceFile<D> = Readonly<{
  schema: z.ZodType<D>;
  /** As it stands in a choice, "a die", and as a typed line is read back: "A die", "Two dice, added up". */
  choice: string;
  readBack: (device: D) => string;
  /** A plain one, for so many moves. */
  begin: (moves: number) => D;

  /** The words that a typed line begins with, as the pieces of a pattern. */
  typed: readonly string[];
  /** The device that a typed line asks for: its word, how many moves are named, its rules. */
  read: (word: string, moves: number, rules: RulesRead) => D;
  /** Where a typed draw takes its amounts from if it does not say. */
  amountFrom: (word: string) => AmountRule['from'];
  /** What a typed line of the table says of the outcome that means it. */
  readEntry: (text: string) => TypedEntry;
  /** What stands on an outcome that was not named: the n-th, from 0, for that move. */
  usualLabel: (n: number, action: ReadAction) => string;
  /** The device as it is typed, and one of its entries around the words of its moves. */
  line: (drawn: DrawnFrom<D>) => string;
  entryLine: (entry: Entry, words: string) => string;
  /** What goes before an entry's name as a typed line is read back. */
  readBackMark: (entry: Pick<Entry, 'label' | 'cards'>) => string;

  /** In a few words: "Two dice", "Spinner of 5". */
  words: (drawn: DrawnFrom<D>) => string;
  /** How an entry is marked in a list: by its faces, by what stands on it, by its number, as a spot. */
  markAs: 'pips' | 'name' | 'sign' | 'number' | 'spot';
  /** What stands for an entry on a list that is printed. */
  markOf: (entry: Entry) => string;
  /** A value as it is read off the thing itself: "5", "heads". */
  valueLabel: (value: number) => string;
  /** What is on the face, the card, the sector: "5", "heron 7", "B". */
  outcomeLabel: (entry: Entry, value: number | null) => string;

  /** Everything that it can show, and why it can't be drawn from where it can't. */
  outcomes: (drawn: DrawnFrom<D>) => Readonly<{
    outcomes: readonly Outcome[];
    problems: readonly Problem[];
  }>;
  /** What a draw looks like on the thing itself; null where there is no thing to look at. */
  thing: (drawn: DrawnFrom<D>, draw: Drawn) => Thing | null;
  /** Its outcomes are numbers that an amount can be made of. */
  hasNumber: boolean;
  /** The rules that it is usually drawn by, where they are not the plain ones. */
  usualRules: Partial<DrawRules>;
  /** The outcomes dealt out anew after the table or the device changed. */
  deal: (drawn: DrawnFrom<D>) => readonly Entry[];
  /** It is only read out or called: nothing is thrown. */
  isReadOut: boolean;
  /** Its entries are places in the room. */
  isPlaces: boolean;

  /** The thing to gather for it; null where nothing is needed. */
  kit: string | null;
  /** What it is made of on paper; nothing where nothing is printed for it. */
  print: (drawn: DrawnFrom<D>, desk: PrintDesk) => void;
}>;

const labelled = /^([^=]+?)\s*=\s*(.+)$/u;

/** "red = 5 squats": what is before "=" is the label. */
export function readLabelled(text: string): TypedEntry {
  const match = labelled.exec(text);
  return {
    label: match?.[1]!.trim() ?? null,
    cards: 'suit',
    faces: null,
    words: match?.[2] ?? text,
  };
}

/** Each entry is one outcome, as likely as any other. */
const oneEach = ({ entries }: DrawnFrom<unknown>) => ({
  outcomes: entries.map((_, entry): Outcome => ({ entry, value: null, weight: 1, copies: 1 })),
  problems: [],
});

/** What most devices have alike: entries that are outcomes, each with its label. */
export const PLAIN = {
  amountFrom: () => 'dose',
  readEntry: readLabelled,
  usualLabel: () => '',
  entryLine: ({ label }, words) => (label ? `${label} = ${words}` : words),
  readBackMark: () => '',
  markAs: 'spot',
  markOf: ({ label }) => label,
  valueLabel: (value) => String(value),
  outcomeLabel: ({ label }, value) => (value === null ? label : `${label} ${value}`.trim()),
  outcomes: oneEach,
  thing: () => null,
  hasNumber: false,
  usualRules: {},
  deal: ({ entries }) => entries,
  isReadOut: false,
  isPlaces: false,
  kit: null,
  print: () => {},
} as const satisfies Partial<DeviceFile<unknown>>;
