import { csvText } from '../csv-text';
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
  return csvText(RUN_SHEET_COLUMNS, rows);
}
