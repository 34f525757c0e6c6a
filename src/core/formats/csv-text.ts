import Papa from 'papaparse';

/**
 * A table as RFC 4180 CSV with a header row. Cells that a spreadsheet would take for a formula are quoted
 * away with an apostrophe.
 */
export function csvText(
  columns: readonly string[],
  rows: readonly (readonly (string | number)[])[],
): string {
  const text = Papa.unparse(
    { fields: [...columns], data: rows.map((row) => [...row]) },
    { newline: '\r\n', escapeFormulae: true },
  );
  // With no rows the package ends the header's line itself, with rows it does not.
  return `${text.replace(/\r\n$/u, '')}\r\n`;
}
