import type { PackPartId } from './pack-parts';
import type { Picture } from '../figure/drawing/picture';

/** Words in a line of print. */
export type Run = Readonly<{
  text: string;
  strong?: boolean;
  soft?: boolean;
  /** Followed by the number of the page on which this part of the pack begins. */
  pageOf?: PackPartId;
}>;

/** A row of the run sheet on paper: the clock, what is done and said, how much. */
export type ClockRow = Readonly<{
  clock: string;
  runs: readonly Run[];
  said: string;
  notes: string;
  dose: string;
  /** How its move goes; null for a row without one. */
  picture: Picture | null;
}>;

/**
 * A piece of a printed text. Every text that is printed or written for a word processor is made of
 * these, so that each writer (PDF, DOCX) is written once.
 */
export type Block =
  | Readonly<{ kind: 'heading'; text: string; aside: string }>
  | Readonly<{ kind: 'said'; text: string }>
  | Readonly<{ kind: 'line'; runs: readonly Run[] }>
  | Readonly<{ kind: 'item'; runs: readonly Run[] }>
  /** With a box before it, to be ticked off. */
  | Readonly<{ kind: 'tick'; runs: readonly Run[]; picture: Picture | null }>
  | Readonly<{ kind: 'clock rows'; rows: readonly ClockRow[] }>;

/** A text to print: its title, the lines under it, its pieces in order. */
export type PrintText = Readonly<{
  title: string;
  under: readonly string[];
  blocks: readonly Block[];
}>;

export const heading = (text: string, aside = ''): Block => ({ kind: 'heading', text, aside });
export const line = (...runs: Run[]): Block => ({ kind: 'line', runs });
export const item = (...runs: Run[]): Block => ({ kind: 'item', runs });
export const tick = (...runs: Run[]): Block => ({ kind: 'tick', runs, picture: null });
export const plain = (text: string): Run => ({ text });
export const strong = (text: string): Run => ({ text, strong: true });
export const soft = (text: string): Run => ({ text, soft: true });
