import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Adventure } from '../../document/adventure';
import { parseArrupJson } from '../../formats/arrup-json/arrup-json';
import { CATALOGUE } from '../../moves/catalogue';
import { doseOf, drawBeat, moveBeat, withBeats } from '../../testing/make';
import { packSourceOf, pictureOfWord } from '../../testing/pack-source';
import { printFonts } from '../../testing/print-fonts';
import { textsOnSheet } from '../../testing/texts-on-sheet';
import { BIG_FACE_MM } from '../cube';
import { homeNote } from '../home-note';
import { makePack } from '../pack';
import { CARD_PARTS, PACK_PARTS, USUAL_PARTS, type PackPartId } from '../pack-parts';
import { PAPERS, PRINTER_EDGE_MM, type Paper } from '../paper';
import type { Sheet } from '../sheet';
import { lettersWithMoves } from './alphabet';
import { deedOf } from './deed';
import { scenesOf, spreadOver } from './scenes';

const type = printFonts();
const packOf = (adventure: Adventure, paper: Paper = 'a4', backs = false) =>
  makePack(packSourceOf(adventure, { paper, backs }), PACK_PARTS);
function sheetsOf(id: PackPartId, adventure: Adventure, paper?: Paper, backs?: boolean) {
  const part = packOf(adventure, paper, backs).find((one) => one.id === id);
  if (!part || !('sheets' in part)) throw new Error(`no ${id}`);
  return part.sheets;
}
const wordsOn = (sheet: Sheet) =>
  textsOnSheet(sheet)
    .map(({ text }) => text)
    .join(' ');
const picturesOn = (sheet: Sheet) =>
  [...sheet.toSvg().matchAll(/data-of="([^"]+)"/gu)].map(([, of]) => of!);

const demo = (name: string): Adventure => {
  const parsed = parseArrupJson(readFileSync(`src/lib/demo/${name}.arrup.json`, 'utf8'));
  if (!parsed.ok) throw new Error(name);
  return parsed.value;
};
const letter = demo('late-letter');

describe('what is printed', () => {
  it.each([
    ['late-letter', 'a4'],
    ['ferry-die', 'letter'],
    ['six-lamps', 'letter'],
    ['marsh-morning', 'a4'],
  ] as const)('leaves the edge free that printers leave blank: %s on %s', (name, paper) => {
    const { widthMm, heightMm } = PAPERS[paper];
    for (const part of packOf(demo(name), paper, true)) {
      if (!('sheets' in part)) continue;
      for (const sheet of part.sheets) {
        for (const { x, y, size, text } of textsOnSheet(sheet)) {
          const end =
            x +
            Math.min(
              ...(['text', 'strong', 'heading'] as const).map((face) => type.ems(face, text)),
            ) *
              size;
          expect(x, `${part.id}: ${text}`).toBeGreaterThanOrEqual(PRINTER_EDGE_MM);
          expect(end, `${part.id}: ${text}`).toBeLessThanOrEqual(widthMm - PRINTER_EDGE_MM + 0.5);
          expect(y - size, `${part.id}: ${text}`).toBeGreaterThanOrEqual(0);
          expect(y, `${part.id}: ${text}`).toBeLessThanOrEqual(heightMm - PRINTER_EDGE_MM);
        }
      }
    }
  });

  it('has what somebody has to ask for left out where nobody chose', () => {
    expect(USUAL_PARTS).toContain('note-home');
    for (const part of ['posters', 'big-dice', 'certificate'] as const) {
      expect(USUAL_PARTS).not.toContain(part);
    }
  });
});

describe('what a child did', () => {
  const wanting = (want: string) =>
    deedOf({ ...letter, world: { ...letter.world, want }, title: 'Fog' });

  it.each([
    [
      'The letter is wet. Let us carry it to the tower, and keep it dry.',
      'I helped to carry it to the tower!',
    ],
    ['We must wake the ferry. Quick!', 'I helped to wake the ferry!'],
    ['Let’s light six lamps!', 'I helped to light six lamps!'],
    ['Can you help Pip find the lamp?', 'I helped Pip find the lamp!'],
    ['The fog is coming.', 'I helped in “Fog”!'],
    [`Let us ${'go on and '.repeat(12)}home.`, 'I helped in “Fog”!'],
    ['', 'I helped in “Fog”!'],
  ])('is taken from what the story wants: %s', (want, deed) => {
    expect(wanting(want)).toBe(deed);
  });

  it('stands on the certificate and on each sticker', () => {
    expect(wordsOn(sheetsOf('certificate', letter)[0]!)).toContain('I helped to carry it');
    const stickers = wordsOn(sheetsOf('stickers', letter)[0]!);
    expect(stickers.match(/I helped to carry/gu)!.length).toBeGreaterThan(15);
  });
});

describe('the picture timetable', () => {
  it('has a place for now, next and finished, a card for each chapter, and cards to ask with', () => {
    const [board, ...cards] = sheetsOf('timetable', letter);
    expect(wordsOn(board!)).toMatch(/Now.*Next.*Finished/u);
    const words = cards.map(wordsOn).join(' ');
    for (const { title } of letter.chapters) expect(words.replace(/\s+/gu, ' ')).toContain(title);
    for (const need of ['Rest', 'Help', 'Toilet', 'Drink', 'Stop']) expect(words).toContain(need);
    const pictures = cards.flatMap(picturesOn);
    expect(pictures).toEqual(
      expect.arrayContaining(['rest', 'help', 'toilet', 'cup', 'stop', 'march']),
    );
  });
});

describe('the alphabet', () => {
  it('has a move for every letter, and each begins with it', () => {
    for (const { letter: sign, word, move } of lettersWithMoves({ adventure: letter })) {
      expect(move, sign).not.toBeNull();
      expect(word.toLowerCase().startsWith(sign), `${sign}: ${word}`).toBe(true);
    }
  });

  it('takes the story’s own picture words first', () => {
    const strip = drawBeat(['squat'], { device: { kind: 'letters' } });
    const own = {
      ...strip,
      entries: strip.entries.map((entry) => ({
        ...entry,
        label: 'B',
        action: { ...entry.action, guise: { ...entry.action.guise, picture: 'bell' } },
      })),
    };
    const [, b] = lettersWithMoves({ adventure: withBeats(own) });
    expect(b).toMatchObject({ letter: 'b', word: 'bell', move: { id: 'squat' } });
  });
});

describe('a page for children', () => {
  const { widthMm, heightMm } = PAPERS.a4;

  it('the tally has three tens for each move, in two rows of five, side by side within the page', () => {
    const squares = [
      ...sheetsOf('tally', letter)[0]!
        .toSvg()
        .matchAll(/<rect x="([\d.]+)" y="([\d.]+)" width="7" height="7"/gu),
    ].map(([, x, y]) => [Number(x), Number(y)] as const);
    expect(squares).toHaveLength(8 * 3 * 10);
    expect(new Set(squares.map(([x, y]) => `${x} ${y}`)).size).toBe(squares.length);
    for (const [x, y] of squares) {
      expect(x + 7).toBeLessThan(widthMm - PRINTER_EDGE_MM);
      expect(y + 7).toBeLessThan(heightMm - PRINTER_EDGE_MM);
    }
  });

  it('the colouring page has four of the moves in lines, each in a quarter of its own', () => {
    const asked: string[] = [];
    const source = packSourceOf(letter, {
      pictureOf: ({ id }, { ink, poses }) => {
        asked.push(`${ink} ${poses}`);
        return pictureOfWord(id);
      },
    });
    const [page] = makePack(source, ['colouring']);
    if (!page || !('sheets' in page)) throw new Error('no page');
    expect(asked).toEqual(Array.from({ length: 4 }, () => 'saving 1'));
    const at = [
      ...page.sheets[0]!.toSvg().matchAll(/<g transform="translate\(([\d.]+) ([\d.]+)\)/gu),
    ].map(([, x, y]) => `${Number(x) > widthMm / 2} ${Number(y) > heightMm / 2}`);
    expect(new Set(at).size).toBe(4);
  });
});

describe('large things', () => {
  const die = withBeats(
    drawBeat(['squat', 'march', 'hop', 'lunge', 'jog', 'gallop'], {
      device: { kind: 'die', sides: 6, dice: 1 },
    }),
  );

  it('a big die has six faces, 15 cm wide, each with its own move', () => {
    const faces = sheetsOf('big-dice', die);
    expect(faces).toHaveLength(6);
    expect(faces.flatMap(picturesOn)).toEqual(['squat', 'march', 'hop', 'lunge', 'jog', 'gallop']);
    for (const face of faces) {
      expect(face.toSvg()).toContain(`width="${BIG_FACE_MM}" height="${BIG_FACE_MM}"`);
    }
    expect(BIG_FACE_MM).toBe(150);
  });

  it('posters are one for each move of the story, with how it goes', () => {
    const scenes = scenesOf(letter);
    const pages = sheetsOf('posters', letter);
    expect(pages).toHaveLength(scenes.length);
    scenes.forEach(({ name, move }, n) => {
      expect(wordsOn(pages[n]!)).toContain(name.split(' ')[0]);
      expect(wordsOn(pages[n]!)).toContain(move.formCues[0]!.split(' ')[0]);
      expect(picturesOn(pages[n]!)).toEqual([move.id]);
    });
  });

  it('footprints are a left and a right one in the size of a child’s foot, and arrows', () => {
    const sheets = sheetsOf('footprints', letter);
    expect(wordsOn(sheets[0]!)).toMatch(/left.*right/u);
    expect([...sheets[0]!.toSvg().matchAll(/scale\((\d+)\)/gu)].map(([, mm]) => mm)).toEqual([
      '170',
      '170',
    ]);
    expect(sheets).toHaveLength(3);
  });
});

describe('cards', () => {
  const cards = withBeats(
    moveBeat([doseOf('squat', 5), doseOf('march', 5), doseOf('hop', 5), doseOf('jog', 5)]),
  );
  const boxes = (sheet: Sheet) =>
    [...sheet.toSvg().matchAll(/<rect x="([\d.]+)" y="([\d.]+)" width="57.5"/gu)].map(
      ([, x, y]) => [Number(x), Number(y)] as const,
    );

  it('have backs, where wished, that lie behind them when the sheet is turned over', () => {
    const [fronts, backs, ...more] = sheetsOf('move-cards', cards, 'letter', true);
    expect(more).toEqual([]);
    const { widthMm } = PAPERS.letter;
    const behind = boxes(backs!).map(([x, y]) => [widthMm - x - 57.5, y] as const);
    expect(behind).toHaveLength(4);
    for (const [n, [x, y]] of boxes(fronts!).entries()) {
      expect(behind[n]![0]).toBeCloseTo(x, 2);
      expect(behind[n]![1]).toBeCloseTo(y, 2);
    }
  });

  it('of every part that is said to have backs have them', () => {
    const deck = {
      kind: 'deck',
      lowest: 1,
      highest: 3,
      copies: 1,
      courts: null,
      jokers: 0,
    } as const;
    const script = withBeats(
      moveBeat([doseOf('squat', 5)]),
      drawBeat(['squat', 'hop'], { device: deck }),
    );
    for (const part of ['move-cards', 'suit-cards', 'timetable'] as const) {
      const [plain, both] = [false, true].map(
        (backs) => sheetsOf(part, script, 'a4', backs).length,
      );
      // The board of the timetable is no card.
      const sheets = part === 'timetable' ? plain! - 1 : plain!;
      expect(CARD_PARTS).toContain(part);
      expect(both).toBe(plain! + sheets);
    }
  });

  it('of one suit and number come once, whatever asks for them', () => {
    const deck = () =>
      drawBeat(['squat', 'hop'], {
        device: { kind: 'deck', lowest: 1, highest: 3, copies: 2, courts: null, jokers: 0 },
      });
    const [sheet, ...more] = sheetsOf(
      'suit-cards',
      withBeats(deck(), { ...deck(), id: 'bt_again' }),
    );
    expect(more).toEqual([]);
    const signs = textsOnSheet(sheet!).filter(({ size }) => size > 15);
    expect(signs.map(({ text }) => text)).toEqual(['1', '2', '3', '1', '2', '3']);
  });
});

describe('the note home', () => {
  it('says what the script says of home, and what can be done there', () => {
    const note = homeNote(letter);
    expect(note.said).toEqual([expect.stringContaining('At home, carry something light')]);
    expect(note.doing).toHaveLength(3);
    const [sheet, ...more] = sheetsOf('note-home', letter);
    expect(more).toEqual([]);
    // Two to a page, each with lines to write on.
    for (const word of ['Name', 'Date', 'From']) {
      expect(textsOnSheet(sheet!).filter(({ text }) => text === word)).toHaveLength(2);
    }
  });

  it('is in large print, and not smaller than twelve points where two are on a page', () => {
    const sizes = textsOnSheet(sheetsOf('note-home', letter)[0]!).map(({ size, text }) => ({
      size,
      text,
    }));
    const [points] = sizes
      .filter(({ text }) => text.startsWith('Today we moved'))
      .map(({ size }) => (size * 72) / 25.4);
    expect(points).toBeGreaterThanOrEqual(12);
  });

  it('goes on over more pages where much is left for home, and leaves nothing out', () => {
    const many = CATALOGUE.slice(0, 45).map(({ id }) => ({
      ...doseOf(id, 5),
      home: doseOf(id, 10).dose,
    }));
    const script = withBeats(moveBeat(many));
    const pages = sheetsOf('note-home', script);
    expect(pages.length).toBeGreaterThan(1);
    const moves = homeNote(script).doing.map(({ done }) => done.move);
    expect(pages.flatMap(picturesOn)).toEqual(moves);
    expect(sheetsOf('fridge', script).flatMap(picturesOn)).toEqual(moves);
  });

  it('leaves what was left for home, as much of it as was said', () => {
    const left = withBeats(moveBeat([{ ...doseOf('squat', 5), home: doseOf('squat', 10).dose }]));
    expect(homeNote(left)).toMatchObject({
      heading: 'To do at home, about 1 min',
      doing: [{ name: 'Squat', how: '10 reps' }],
    });
  });
});

describe('what is done in a story', () => {
  it('is told once for each move and name, with the words that lead to it', () => {
    const [first, second] = scenesOf(letter);
    expect(first).toMatchObject({
      name: 'Post round',
      words: expect.stringContaining('Pip Sedge') as string,
    });
    expect(second!.name).toBe('Mill wheel');
    expect(new Set(scenesOf(letter).map(({ name }) => name)).size).toBe(scenesOf(letter).length);
  });

  it.each([
    [3, 5, [1, 2, 3]],
    [9, 4, [1, 4, 6, 9]],
    [5, 1, [1]],
    [0, 3, []],
  ])('of %i, spread over %i', (of, most, taken) => {
    expect(
      spreadOver(
        Array.from({ length: of }, (_, n) => n + 1),
        most,
      ),
    ).toEqual(taken);
  });
});
