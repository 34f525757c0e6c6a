/**
 * The entry of a table for a word that somebody has typed, or undefined. Every object knows
 * "constructor"; no table of ours does.
 */
export const entryOf = <T>(table: Readonly<Record<string, T>>, word: string): T | undefined =>
  Object.hasOwn(table, word) ? table[word] : undefined;
