import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Adventure } from '../document/adventure';
import { timed } from '../forecast/told-length';
import { parseArrupJson } from '../formats/arrup-json/arrup-json';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { packSourceOf } from '../testing/pack-source';
import { printFonts } from '../testing/print-fonts';
import { textsOnSheet } from '../testing/texts-on-sheet';
import { devicePrints } from './device-prints';
import { floorSheets } from './floor-sheet';
import { PAPERS, type Paper } from './paper';
import { runSheetRows } from './run-sheet-rows';
import { Sheet } from './sheet';

const type = printFonts();
const PICTURE = { width: 36, height: 24, strokes: [['path', { d: 'M0 0L36 24' }]] } as const;

function sheetsOf(adventure: Adventure, paper: Paper = 'a4') {
  const source = {
    ...packSourceOf(adventure, { paper, pictureOf: () => PICTURE }),
    prints: devicePrints(adventure),
    parts: [],
  };
  return floorSheets(source, () => new Sheet(paper, 'colour', type));
}
const demo = (name: string): Adventure => {
  const parsed = parseArrupJson(readFileSync(`src/lib/demo/${name}.arrup.json`, 'utf8'));
  if (!parsed.ok) throw new Error(name);
  return parsed.value;
};

describe('the floor sheet', () => {
  it.each([
    ['marsh-morning', 'a4'],
    ['ferry-die', 'letter'],
  ] as const)(
    'of %s is read from a metre and a half: nothing below 24 point, on %s',
    (name, paper) => {
      for (const sheet of sheetsOf(demo(name), paper))
        for (const { size, x, y, text } of textsOnSheet(sheet)) {
          // 24 points of 1/72 inch.
          expect(size, text).toBeGreaterThanOrEqual((24 * 25.4) / 72 - 0.001);
          expect(x).toBeGreaterThanOrEqual(9);
          expect(x + type.ems('text', text) * size * 0.8).toBeLessThan(PAPERS[paper].widthMm);
          expect(y).toBeLessThan(PAPERS[paper].heightMm - 9);
        }
    },
  );

  it('has every name of the run sheet, each with its clock where it begins', () => {
    const adventure = demo('marsh-morning');
    const words = sheetsOf(adventure)
      .flatMap(textsOnSheet)
      .map(({ text }) => text)
      .join('')
      .replace(/\s/gu, '')
      .toLowerCase();
    for (const { name } of runSheetRows(adventure, timed(adventure)))
      for (const word of name.toLowerCase().split(' ')) expect(words).toContain(word);
    expect(words).toContain('0:00');
  });

  it('is one page where that has room, else a chapter a page', () => {
    const short = withBeats(moveBeat([doseOf('squat', 8)]), moveBeat([doseOf('hop', 6)]));
    expect(sheetsOf(short)).toHaveLength(1);
    const adventure = demo('late-letter');
    const heads = sheetsOf(adventure).map((sheet) => textsOnSheet(sheet)[0]!.text);
    for (const { title } of adventure.chapters)
      expect(heads.some((head) => head.startsWith(title.slice(0, 6)))).toBe(true);
  });

  it('numbers the pages of a chapter that has more than one, and of no other', () => {
    const heads = sheetsOf(demo('late-letter')).map((sheet) => textsOnSheet(sheet)[0]!.text);
    const long = heads.filter((head) => / \(\d of \d\)$/u.test(head));
    expect(long.map((head) => head.slice(-8))).toEqual(['(1 of 3)', '(2 of 3)', '(3 of 3)']);
    expect(heads.length).toBeGreaterThan(long.length);
  });

  it('has pictures as large as the page bears', () => {
    const scaleOf = (sheet: Sheet) =>
      [...sheet.toSvg().matchAll(/<g transform="[^"]*scale\(([\d.]+)\)/gu)].map(([, n]) =>
        Number(n),
      );
    const few = scaleOf(sheetsOf(withBeats(moveBeat([doseOf('squat', 8)])))[0]!);
    const many = scaleOf(
      sheetsOf(withBeats(...Array.from({ length: 8 }, () => moveBeat([doseOf('squat', 8)]))))[0]!,
    );
    expect(few).toHaveLength(1);
    expect(many).toHaveLength(8);
    expect(few[0]!).toBeGreaterThan(many[0]!);
  });
});
