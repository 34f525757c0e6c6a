/** The text with its first letter as a capital. */
export function capital(text: string): string {
  return text.charAt(0).toLocaleUpperCase('en') + text.slice(1);
}
