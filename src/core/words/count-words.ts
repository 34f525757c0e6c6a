/** How many words are spoken: runs of characters with a letter or a digit, in any script. */
export function countWords(text: string): number {
  return text.match(/[\p{L}\p{N}]\S*/gu)?.length ?? 0;
}
