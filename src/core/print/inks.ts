import { entryOf } from '../words/entry-of';

export const INK = '#16222b';
export const SOFT_INK = '#5a666d';
export const CUT_INK = '#8d979c';

/** Hues for sectors, suits and spots, light enough for black type. Colour is never the only sign. */
export const TINTS = [
  '#f3c04b',
  '#8fc3d9',
  '#b7cf84',
  '#e8a07c',
  '#c9b3e0',
  '#f2b6c1',
  '#9fd0bd',
  '#d9c9a3',
] as const;

export const tintOf = (n: number) => TINTS[n % TINTS.length]!;

/** Colours that are called by their names; for everything else there is a tint by its number. */
const NAMED: Readonly<Record<string, string>> = {
  red: '#d8433b',
  blue: '#3f7fc4',
  green: '#4f9d52',
  yellow: '#f4d03a',
  gold: '#e0b02c',
  orange: '#ec8a2f',
  purple: '#8a5bb0',
  pink: '#ee8fb0',
  brown: '#94683f',
  black: '#2b2f33',
  grey: '#9aa3a8',
  gray: '#9aa3a8',
  white: '#ffffff',
};

/** The colour that a name says, if any: "the red mat" is red. */
export function namedColour(name: string): string | null {
  const words = name.toLowerCase().split(/\P{L}+/u);
  return words.map((word) => entryOf(NAMED, word)).find(Boolean) ?? null;
}
