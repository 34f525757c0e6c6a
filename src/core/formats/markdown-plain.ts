/** One line of text with everything that Markdown would take for a mark made plain. */
export function plainMarkdown(text: string): string {
  return (
    text
      .replace(/\s+/gu, ' ')
      .trim()
      .replace(/[\\`*_{}[\]<>|~]/gu, '\\$&')
      .replace(/^(#+|[-+])(?=\s|$)/u, '\\$1')
      .replace(/^(\d+)([.)])(?=\s|$)/u, '$1\\$2')
      // A line of dashes is a rule.
      .replace(/^(-{2,}\s*)$/u, '\\$1')
  );
}
