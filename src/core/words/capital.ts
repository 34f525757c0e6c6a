/** The text with its first letter as a capital. */
export function capital(text: string): string {
  return text.charAt(0).toLocaleUpperCase('en') + text.slice(1);
}

/** The text with its first letter small, to stand within a sentence. */
export function uncapital(text: string): string {
  return text.charAt(0).toLocaleLowerCase('en') + text.slice(1);
}
