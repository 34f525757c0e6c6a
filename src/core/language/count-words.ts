/** How many words are spoken: runs of characters with a letter or a digit, in any script. */
export function countWords(text: string): number {
  return text.split(/\s+/u).filter((run) => /[\p{L}\p{N}]/u.test(run)).length;
}
