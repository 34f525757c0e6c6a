import Papa from 'papaparse';
import type { Adventure } from '../../document/adventure';
import type { Schedule } from '../../schedule/unroll';
import { clockOrBlank, runSheetRows } from '../../print/run-sheet-rows';

export const RUN_SHEET_COLUMNS = [
  'Start',
  'Length',
  'Chapter',
  'Say',
  'Do',
  'Move',
  'Dose',
  'Watch for',
  'Other forms',
] as const;

/**
 * The run sheet as RFC 4180 CSV with a header row. Cells that a spreadsheet would take for a
 * formula are quoted away with an apostrophe.
 */
export function serializeRunSheetCsv(adventure: Adventure, schedule: Schedule): string {
  const rows = runSheetRows(adventure, schedule).map((row) => [
    clockOrBlank(row.startSeconds),
    clockOrBlank(row.lengthSeconds),
    row.chapter,
    row.say,
    row.name,
    row.move,
    row.dose,
    row.formCues,
    row.forms,
  ]);
  const text = Papa.unparse(
    { fields: [...RUN_SHEET_COLUMNS], data: rows },
    { newline: '\r\n', escapeFormulae: true },
  );
  // With no rows the package ends the header's line itself, with rows it does not.
  return `${text.replace(/\r\n$/u, '')}\r\n`;
}
