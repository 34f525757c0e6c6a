import type { Entry } from '../model/chance';

/** A card that stands for an outcome: its sign, so many dots, and the move of an entry, if any. */
export type OutcomeCard = Readonly<{
  entry: Entry | null;
  sign: string;
  dots: number;
  /** In small letters under the name. */
  small: string;
  /** Which of the colours it has. */
  kind: number;
  /** Its name, where no move gives it one. */
  name?: string;
}>;

/** What a device asks for on paper; `print/pack.ts` makes it. Entries give pictures and names. */
export type PrintDesk = Readonly<{
  /** A cube to fold, with an entry for each of its six faces; null for plain pips. */
  cube: (faces: readonly (Entry | null)[] | null, title: string) => void;
  /** A wheel with sectors as wide as their weights, and the board under it. */
  wheel: (sectors: readonly Readonly<{ entry: Entry; weight: number }>[], title: string) => void;
  /** Cards of playing-card size. */
  cards: (cards: readonly OutcomeCard[]) => void;
  /** A card for each letter, with its picture word. */
  letters: (entries: readonly Entry[]) => void;
  /** Both faces of a coin, to be glued to a lid. */
  coin: (faces: readonly Readonly<{ name: string; entry: Entry | null }>[]) => void;
}>;
