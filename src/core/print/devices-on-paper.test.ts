import { describe, expect, it } from 'vitest';
import { byNumberDice, drawBeat, withBeats } from '../testing/make';
import { pictureOfWord } from '../testing/pack-source';
import { printFonts } from '../testing/print-fonts';
import { textsOnSheet } from '../testing/texts-on-sheet';
import { paintCoin } from './coin';
import { devicePrints } from './device-prints';
import { Sheet } from './sheet';
import { paintSpotSigns } from './spot-signs';
import { paintWheel, paintWheelBase } from './wheel';

const MOVES = ['march', 'jog', 'hop', 'squat', 'star-shape', 'plank'];
const newSheet = () => new Sheet('a4', 'colour', printFonts());
const words = (sheet: Sheet) =>
  textsOnSheet(sheet)
    .map(({ text }) => text)
    .join(' ');

describe('what the draws of an adventure need on paper', () => {
  const die = { kind: 'die', sides: 6, dice: 1 } as const;
  it('is asked for in the order of the script', () => {
    const prints = devicePrints(
      withBeats(
        drawBeat(MOVES, { device: die }),
        drawBeat(MOVES.slice(0, 2), { device: { kind: 'coin' } }),
      ),
    );
    expect(prints.cubes.map(({ title }) => title)).toEqual(['Move die']);
    expect(prints.coins).toHaveLength(1);
    expect(prints.wheels).toEqual([]);
  });
  it('a number die beside it is printed once, for the most that are thrown', () => {
    const titles = (...counts: readonly number[]) =>
      devicePrints(
        withBeats(
          ...counts.map((dice) =>
            drawBeat(MOVES, { device: { kind: 'list' }, amount: byNumberDice(dice) }),
          ),
        ),
      ).cubes.map(({ title }) => title);
    expect(titles(1)).toEqual(['Number die']);
    expect(titles(1, 2)).toEqual(['Number die: print 2']);
    expect(titles()).toEqual([]);
  });
});

describe('painted', () => {
  it('a coin has both sides with what each means', () => {
    const sheet = newSheet();
    paintCoin(sheet, [
      { side: 'heads', name: 'march', picture: pictureOfWord('march') },
      { side: 'tails', name: 'hop', picture: null },
    ]);
    const told = words(sheet);
    for (const word of ['The coin', 'heads', 'march', 'tails', 'hop']) expect(told).toContain(word);
    expect(sheet.toSvg()).toContain('data-of="march"');
    expect(sheet.toSvg().match(/<circle/gu)).toHaveLength(4);
  });
  it('spots are two to a page, with a line to cut between them', () => {
    const sheets = paintSpotSigns(['Red', 'Blue', 'Reed'], newSheet);
    expect(sheets.map(words)).toEqual(['Red Blue', 'Reed']);
    expect(sheets.map((sheet) => sheet.toSvg().includes('stroke-dasharray'))).toEqual([
      true,
      false,
    ]);
  });
  it('a wheel has every sector with its name, and its board the mark and how it is made', () => {
    const sheet = newSheet();
    const sectors = MOVES.map((name, n) => ({
      name,
      picture: pictureOfWord(name),
      strip: pictureOfWord(`${name} strip`),
      weight: n === 0 ? 12 : 1,
    }));
    paintWheel(sheet, sectors, 'The lighthouse wheel');
    for (const name of [...MOVES, 'The lighthouse wheel']) expect(words(sheet)).toContain(name);
    // Only the wide one has room for several poses.
    expect(sheet.toSvg()).toContain('data-of="march strip"');
    expect(sheet.toSvg()).not.toContain('data-of="jog strip"');
    const board = newSheet();
    paintWheelBase(board);
    expect(words(board)).toMatch(/paper fastener/u);
    expect(board.toSvg()).toMatch(/<(?:polygon|path)/u);
  });
});
