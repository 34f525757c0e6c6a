/** Words of a text in one form: lower case, no hyphens, no plural s. */
export function plainWords(text: string): string[] {
  return text
    .toLowerCase()
    .replace(/[’']/gu, '')
    .replace(/-/gu, ' ')
    .split(/\s+/u)
    .filter(Boolean)
    .map((word) => (word.length > 3 && /[^s]s$/u.test(word) ? word.slice(0, -1) : word));
}
