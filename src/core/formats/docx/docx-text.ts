const ENTITIES: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  nbsp: ' ',
  '#39': "'",
};

/** Marks of plain text in front of what stood in such a paragraph. */
function markOf(tag: string): string {
  const [, level] = /^h([1-6])$/u.exec(tag) ?? [];
  if (level) return `${'#'.repeat(Number(level))} `;
  return tag === 'li' ? '- ' : '';
}

/**
 * The text of a word processor's document, given as the HTML that a reader makes of it: a line a
 * paragraph, "#" before headings, "-" before list items; the cells of a row stand in one line.
 */
export function textOfHtml(html: string): string {
  const rows = html.replace(/<tr[^>]*>(.*?)<\/tr>/gsu, (_, row: string) => {
    const cells = [...row.matchAll(/<t[dh][^>]*>(.*?)<\/t[dh]>/gsu)].map(([, cell]) =>
      cell!.replace(/<\/p>\s*<p[^>]*>/gu, ' ').replace(/<[^>]+>/gu, ''),
    );
    return `<p>${cells.filter((cell) => cell.trim()).join(' ')}</p>`;
  });
  return rows
    .replace(/<br\s*\/?>/gu, '\n')
    .replace(/<(h[1-6]|li|p)[^>]*>/gu, (_, tag: string) => `\n${markOf(tag)}`)
    .replace(/<[^>]+>/gu, '')
    .replace(/&(#?\w+);/gu, (whole, name: string) => ENTITIES[name] ?? whole)
    .replace(/^- \n/gmu, '- ')
    .replace(/[ \t]+$/gmu, '')
    .replace(/\n{2,}/gu, '\n')
    .trim();
}
