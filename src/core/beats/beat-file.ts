import type { z } from 'zod';
import type { Cue } from '../cues/cue';
import type { Score } from '../cues/score';
import type { LineTools, Unread } from '../language/part-reader';
import type { Ages } from '../model/ages';
import type { Action, Station } from '../model/action';
import { AS_LED, type LedAsSaid } from '../model/led';
import type { NewId } from '../model/new-id';
import type { Path } from '../model/problem';
import type { MoveBook } from '../moves/move-book';
import type { RowContent } from './sheet-row';

/** A move as it stands in a beat, in a guise; an action has a dose besides. */
export type Part = Action | Station;
/** Changes a part and keeps its kind. */
export type PartChange = <P extends Part>(part: P) => P;

/** Something in a beat and where it stands there. */
export type At<Thing> = Thing & Readonly<{ path: Path }>;

/** A thing to gather for a beat, and how many where that is known. */
export type KitNeed = Readonly<{ thing: string; count?: number }>;

/** The beat in another size, and how far that is from what was written: 0 for not at all. */
export type Way<B> = readonly [beat: B, cost: number];

/** What a reading is made into a beat with. */
export type Making = Readonly<{ newId: NewId; seed: number }>;

/** What changes with the age of a group. */
export type ForAges = Readonly<{
  part: PartChange;
  /** Least and most seconds at a station. */
  workSeconds: readonly [number, number];
}>;

/**
 * Everything that there is to know of a kind of beat, in one file; `beats/index.ts` lists them. `B` is
 * the beat. Its line as it is typed is a file of its own, that only those who type need; the editor is the
 * interface's own: `lib/beats`.
 */
export type BeatFile<B> = Readonly<{
  schema: z.ZodType<B>;

  /** Every move in it, in order, read and changed. */
  parts: (beat: B) => readonly At<Readonly<{ part: Part }>>[];
  changeParts: (beat: B, change: PartChange) => B;
  /** Moves that it asks for without a part of their own. */
  otherMoves: (beat: B) => readonly At<Readonly<{ move: string }>>[];
  /** Ids of what is in it but for its parts, and the beat with each of them made anew. */
  innerIds: (beat: B) => readonly At<Readonly<{ id: string }>>[];
  withInnerIds: (beat: B, newId: NewId) => B;
  /** Its parts' amounts are the presenter's own, and can be judged by what is usual for the age. */
  hasOwnDoses: (beat: B) => boolean;

  /** Every line that the leader says for it, in order; some may be empty. */
  spoken: (beat: B) => readonly string[];
  /** In a few words, for lists and charts. */
  label: (beat: B, book: MoveBook) => string;
  /** How much it asks for, in a line; empty where there is nothing to say. */
  inWords: (beat: B) => string;

  /** Whether it can be led in several ways, and how it is where nothing is said of it. */
  isLed: boolean;
  usualHow: LedAsSaid;

  /** What one go of it is called. */
  roundWord: string;

  /** Adds its cues. */
  cues: (beat: B, score: Score) => void;
  /** Its rows on a run sheet; `cues` are those of the beat. */
  rows: (beat: B, book: MoveBook, cues: readonly Cue[]) => readonly RowContent[];
  /** What to gather for it beside what its moves are done with. */
  kit: (beat: B) => readonly KitNeed[];

  /** Other sizes in which it could stand, for fitting into a length. */
  ways: (beat: B, ages: Ages, book: MoveBook) => readonly Way<B>[];
  /** The beat for a group of another age. */
  forAges: (beat: B, change: ForAges) => B;
}>;

/** A kind of beat as it is typed: `R` is what a line of that kind says; `beats/lines.ts` lists them. */
export type LineFile<B, R> = Readonly<{
  /** What a typed line says, the words that it does not understand, or null for another kind. */
  read: (line: string, tools: LineTools) => R | Unread | null;
  make: (reading: R, making: Making) => B;
  /** What was understood, for reading back before Enter is pressed. */
  readBack: (reading: R) => string;
  /** The beat as it is typed; null for what is no line but something to say. */
  line: (beat: B, book: MoveBook) => string | null;
}>;

const asItIs = <B>(beat: B): B => beat;

/** What most kinds have alike. */
export const PLAIN = {
  isLed: true,
  usualHow: AS_LED,
  otherMoves: () => [],
  innerIds: () => [],
  withInnerIds: asItIs,
  hasOwnDoses: () => false,
  roundWord: 'Round',
  kit: () => [],
  ways: () => [],
  forAges: asItIs,
} as const satisfies Partial<BeatFile<never>>;

/** For a beat without moves. */
export const NO_PARTS = {
  parts: () => [],
  changeParts: asItIs,
} as const satisfies Partial<BeatFile<never>>;

/** For a beat whose moves stand in one list, under `key`. */
export function partsIn<Key extends string>(key: Key) {
  type Listed = Readonly<Record<Key, readonly Part[]>>;
  return {
    parts: (beat: Listed) => beat[key].map((part, index) => ({ part, path: [key, index] })),
    changeParts: <B extends Listed>(beat: B, change: PartChange): B => ({
      ...beat,
      [key]: beat[key].map((one) => change(one)),
    }),
  };
}

/** What is said to a part: before it, while it is done, and between its sets. */
export const saidTo = (part: Part): readonly string[] => [
  part.guise.line,
  part.guise.meanwhile,
  ...('between' in part ? part.between : []),
];

const MOST_CHARACTERS = 60;

/** The text in 60 characters at most. */
export function shortened(text: string): string {
  return text.length <= MOST_CHARACTERS ? text : `${text.slice(0, MOST_CHARACTERS - 1).trimEnd()}…`;
}
