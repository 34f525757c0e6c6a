/** One line of text with everything that Markdown would take for a mark made plain. */
export function plainMarkdown(text: string): string {
  return text
    .replace(/\s+/gu, ' ')
    .trim()
    .replace(/[\\`*_{}[\]<>|~]/gu, '\\$&')
    .replace(/^(#+|[-+]|\d+[.)])(?=\s)/u, '\\$1');
}
