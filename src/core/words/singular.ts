/** "bean bags" is gathered as so many of a "bean bag". */
export function singular(things: string): string {
  return things
    .trim()
    .toLowerCase()
    .replace(/(?<=[^s])s$/u, '');
}
