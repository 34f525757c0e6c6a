/** Texts that are said one after another, the empty ones left out. */
export function saidTogether(...texts: readonly string[]): string {
  return texts.filter((one) => one.trim() !== '').join(' ');
}
