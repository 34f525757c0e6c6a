import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { parseAdventure } from '../../document/parse-adventure';
import { unroll } from '../../schedule/unroll';
import type { Adventure } from '../../document/adventure';
import { parseArrupJson } from '../arrup-json/arrup-json';
import { serializeRunSheetCsv } from '../run-sheet/run-sheet-csv';
import { countingIds } from '../../testing/make';
import { parseBeatsCsv } from './beats-csv';

const source = () => ({ newId: countingIds(), newSeed: () => 3, book: null });

const TABLE = `Chapter,Say,Do,Dose,As\r
Welcome,"Hello, ringers!",,,\r
Welcome,Who rings it?,,,\r
Warm-up,Down to the rope.,squats,6,rope dips\r
Warm-up,,march 20 s,,\r
Warm-up,,drink,,\r
Game,,8 frog jumps who are loud,,\r
`;

describe('a table of beats', () => {
  it('is an adventure: a row a beat, a chapter where its cell changes', () => {
    const parsed = parseBeatsCsv(TABLE, source(), 'The fog bell');
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
    const { adventure, unread } = parsed.value;
    expect(adventure.title).toBe('The fog bell');
    expect(
      adventure.chapters.map(({ kind, beats }) => [kind, beats.map((one) => one.kind)]),
    ).toEqual([
      ['welcome', ['tell', 'tell']],
      ['warm-up', ['move', 'move', 'drink']],
      ['game', ['tell']],
    ]);
    expect(adventure.chapters[1]!.beats[0]).toMatchObject({
      actions: [{ move: 'squat', guise: { name: 'rope dips', line: 'Down to the rope.' } }],
    });
    expect(unread).toEqual([
      { line: 7, text: '8 frog jumps who are loud', words: ['who', 'are', 'loud'] },
    ]);
  });

  it('is also a run sheet that was written as CSV: its moves, their doses and names', () => {
    const demo = parseArrupJson(readFileSync('src/lib/demo/late-letter.arrup.json', 'utf8'));
    if (!demo.ok) throw new Error('no demo');
    const parsed = parseBeatsCsv(serializeRunSheetCsv(demo.value, unroll(demo.value)), source());
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
    const { adventure, unread } = parsed.value;
    expect(unread).toEqual([]);
    const doses = ({ chapters }: Adventure) =>
      chapters.flatMap(({ beats }) =>
        beats.flatMap((beat) =>
          beat.kind === 'move' ? beat.actions.map(({ move, dose }) => ({ move, dose })) : [],
        ),
      );
    expect(doses(adventure)).toEqual(doses(demo.value));
  });

  it('is refused without a column to say or do, and when it is empty', () => {
    const codes = (text: string) => {
      const parsed = parseBeatsCsv(text, source());
      return parsed.ok ? [] : parsed.problems.map(({ code }) => code);
    };
    expect(codes('')).toEqual(['no-columns']);
    expect(codes('Fruit,Colour\napple,red\n')).toEqual(['no-columns']);
    expect(codes('Chapter,Say,Do\n')).toEqual(['no-script']);
    expect(codes(`Say\n${'x\n'.repeat(5001)}`)).toEqual(['too-large']);
  });

  it('whatever is in its cells, it is a valid adventure or a reason', () => {
    const cell = fc.oneof(
      fc.constantFrom('', 'Welcome', '6 squats', '=1+1', 'die: hops', '# x', '"'),
      fc.string({ unit: 'grapheme', maxLength: 40 }),
    );
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell, cell, cell), { maxLength: 15 }), (rows) => {
        const parsed = parseBeatsCsv(
          Papa.unparse([['Chapter', 'Say', 'Do', 'As'], ...rows]),
          source(),
        );
        if (!parsed.ok) return;
        const whole = parseAdventure(JSON.parse(JSON.stringify(parsed.value.adventure)));
        expect(whole.ok ? [] : whole.problems).toEqual([]);
      }),
    );
  });
});
