import { NO_GUISE, type Guise } from '../model/action';
import fc from 'fast-check';
import { parse as parseCsv } from 'csv-parse/sync';
import { lexer, type Tokens } from 'marked';
import { describe, expect, it } from 'vitest';
import { timed } from '../forecast/told-length';
import { arbitraryAdventure } from '../testing/arbitrary';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { runSheetRows } from './run-sheet-rows';
import { RUN_SHEET_COLUMNS, serializeRunSheetCsv } from '../formats/run-sheet/run-sheet-csv';
import { serializeRunSheetMarkdown } from '../formats/run-sheet/run-sheet-markdown';

const frog = doseOf('frog-jump', 6, { amounts: [6, 6], restSeconds: 10 });
const adventure = {
  ...withBeats(
    { kind: 'tell', id: 'bt_1', text: 'Who is *brave*, who is "dry"?', waitSeconds: 3 },
    moveBeat([{ ...frog, guise: { ...NO_GUISE, name: 'Ditch leaps', line: '=Over, and over!' } }]),
    { kind: 'drink', id: 'bt_2', text: '', seconds: 30 },
  ),
  title: 'The letter',
};
const schedule = timed(adventure);

describe('the run sheet', () => {
  it('has the clock, the words, the guise, the move and the dose of every beat', () => {
    expect(runSheetRows(adventure, schedule)).toMatchObject([
      { startSeconds: 0, kind: 'tell', dose: 'wait 3 s', say: 'Who is *brave*, who is "dry"?' },
      { name: 'Ditch leaps', move: 'frog jump', dose: '2 × 6 reps, rest 10 s' },
      { name: 'Drink', dose: '30 s', lengthSeconds: 30 },
    ]);
  });

  it('marks what is said meanwhile with three dots: of a move, a drink, and of all that they follow', () => {
    const said = (name: string, guise: Partial<Guise>) => ({
      ...doseOf('march', 20),
      guise: { ...NO_GUISE, name, ...guise },
    });
    const script = withBeats(
      moveBeat([said('Post round', { line: 'Off we go.', meanwhile: 'Knees up.' })]),
      moveBeat([said('Fog round', { line: 'Off we go.', meanwhile: 'Knees up.' })], {
        led: 'follow me',
      }),
      { kind: 'drink', id: 'bt_d', text: 'Small sips.', seconds: 30 },
    );
    const rows = runSheetRows(script, timed(script));
    expect(rows.map(({ say }) => say)).toEqual([
      'Off we go. … Knees up.',
      '… Off we go. Knees up.',
      '… Small sips.',
    ]);
  });

  it('is CSV that another parser reads as the same cells (csv-parse)', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (any) => {
        const plan = timed(any);
        const rows = runSheetRows(any, plan);
        const data: string[][] = parseCsv(serializeRunSheetCsv(any, plan), { bom: true });
        expect(data[0]).toEqual([...RUN_SHEET_COLUMNS]);
        expect(data).toHaveLength(rows.length + 1);
        rows.forEach((row, index) => {
          const cells = data[index + 1]!;
          expect(cells).toHaveLength(RUN_SHEET_COLUMNS.length);
          // A cell that looked like a formula has an apostrophe before it.
          expect([row.say, `'${row.say}`]).toContain(cells[3]);
          expect([row.name, `'${row.name}`]).toContain(cells[4]);
        });
      }),
    );
  });

  it('keeps a spreadsheet from taking a line for a formula', () => {
    expect(serializeRunSheetCsv(adventure, schedule)).toContain(`"'=Over, and over!"`);
  });

  it('is Markdown with the chapters as headings and marks made plain', () => {
    const text = serializeRunSheetMarkdown(adventure, schedule);
    expect(text).toContain('# The letter\n');
    expect(text).toContain('\n## The way\n');
    expect(text).toContain('- 0:00 wait 3 s · “Who is \\*brave\\*, who is "dry"?”');
    expect(text).toContain('**Ditch leaps** (frog jump) · 2 × 6 reps, rest 10 s');
  });

  it('is Markdown that another parser reads with one heading a chapter (marked)', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (any) => {
        const tokens = lexer(serializeRunSheetMarkdown(any, timed(any)));
        const headings = tokens.filter(
          (token): token is Tokens.Heading => token.type === 'heading',
        );
        expect(headings.filter(({ depth }) => depth === 1)).toHaveLength(1);
        const named = any.chapters.filter(({ title }) => title.trim() !== '');
        expect(headings.filter(({ depth }) => depth === 2).length).toBeGreaterThanOrEqual(
          named.length > 0 ? 1 : 0,
        );
        for (const { type } of tokens) {
          expect(['heading', 'paragraph', 'list', 'space', 'text']).toContain(type);
        }
      }),
    );
  });
});
