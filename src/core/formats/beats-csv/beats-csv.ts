import Papa from 'papaparse';
import type { ReadScript } from '../script/became';
import { problem, type Result } from '../../model/problem';
import { MAX_SCRIPT_CHARACTERS, ScriptReader, type ScriptSource } from '../script/script';

/** What a column is for, by the names that it may have. */
const COLUMNS = {
  chapter: ['chapter', 'part', 'phase'],
  say: ['say', 'says', 'words', 'line'],
  do: ['do', 'action', 'what'],
  move: ['move'],
  dose: ['dose', 'how much', 'amount'],
  as: ['as', 'guise', 'name in the story'],
} as const;
type Column = keyof typeof COLUMNS;

/** A table of beats has no more rows than this. */
export const MAX_BEAT_ROWS = 5000;

type Row = Readonly<Record<Column, string>>;

function columnsOf(header: readonly string[]): ReadonlyMap<Column, number> {
  const names = header.map((one) => one.trim().toLowerCase());
  return new Map(
    (Object.keys(COLUMNS) as Column[]).flatMap((column): [Column, number][] => {
      const at = names.findIndex((name) => (COLUMNS[column] as readonly string[]).includes(name));
      return at < 0 ? [] : [[column, at]];
    }),
  );
}

/** Apostrophes before what looked like a formula, put there when it was written, are taken off. */
const cellText = (text: string) => text.replace(/^'(?=[=+\-@\t\r])/u, '').trim();

function addRow(reader: ScriptReader, row: Row, line: number): void {
  // The run sheet has the name in the story under "Do" where the move's own stands beside it.
  const [move, as] = row.move ? [row.move, row.as || row.do] : [row.do, row.as];
  const what = move ? [move, row.dose].filter(Boolean).join(' ') : '';
  if (!what) {
    if (row.say) reader.tell(row.say);
    return;
  }
  // What is said to a move is its own line: "6 squats as kettle dips: Down for the bag".
  const named = as ? `${what} as ${as}` : what;
  reader.line(row.say ? `${named}: ${row.say}` : named, line);
}

/**
 * An adventure from a table with a header row: `Chapter`, `Say`, `Do` (a line as on the Desk, "3 x 10
 * frog jumps"), and, if wanted, `Move`, `Dose` and `As` (its name in the story): a run sheet that was
 * written as CSV is read too. Each row is a beat; a new
 * chapter begins where its cell changes. What is not understood is kept as something to say, and told
 * with its row. Refused where no row has anything, or the header names neither what to say nor do.
 */
export function parseBeatsCsv(text: string, source: ScriptSource, title = ''): Result<ReadScript> {
  if (text.length > MAX_SCRIPT_CHARACTERS) {
    return { ok: false, problems: [problem('too-large', [], { most: MAX_SCRIPT_CHARACTERS })] };
  }
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/u, ''), { skipEmptyLines: false });
  const columns = columnsOf(data[0] ?? []);
  if (!columns.has('say') && !columns.has('do')) {
    return { ok: false, problems: [problem('no-columns', ['row 1'])] };
  }
  if (data.length - 1 > MAX_BEAT_ROWS) {
    return { ok: false, problems: [problem('too-large', [], { most: MAX_BEAT_ROWS })] };
  }
  const reader = new ScriptReader(source);
  reader.name(title);
  let chapter = '';
  data.slice(1).forEach((cells, n) => {
    const cell = (column: Column) => cellText(cells[columns.get(column) ?? -1] ?? '');
    const row: Row = {
      chapter: cell('chapter'),
      say: cell('say'),
      do: cell('do'),
      move: cell('move'),
      dose: cell('dose'),
      as: cell('as'),
    };
    if (row.chapter && row.chapter !== chapter) {
      chapter = row.chapter;
      reader.open(chapter);
    }
    addRow(reader, row, n + 2);
  });
  return reader.finish();
}
