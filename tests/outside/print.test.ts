import { readFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';
import { describe, expect, it } from 'vitest';
import {
  LINE_PAINTS,
  deedOf,
  moveBookOf,
  PACK_PARTS,
  packPartsFor,
  parseArrupJson,
  parseScript,
  timed,
  type Adventure,
  type Ink,
  type PackPartId,
  type Paper,
} from '../../src/core';
import { writePdf } from '../../src/core/formats/pdf/pdf';
import { makePack } from '../../src/core/print/pack';
import { countingIds } from '../../src/core/testing/make';
import { printFonts } from '../../src/core/testing/print-fonts';
import { printedPictures, storyPicture } from '../../src/lib/pictures/move-pictures';
import { fontsOf, GreyPage, pageSizes, pdfFile, textOf } from './poppler';

const PICTURES = { pictureOf: printedPictures('mixed'), storyPictureOf: storyPicture };

type Wish = { paper?: Paper; ink?: Ink; parts?: readonly PackPartId[]; backs?: boolean };

function packOf(
  adventure: Adventure,
  { paper = 'a4', ink = 'colour', parts = PACK_PARTS, backs = false }: Wish = {},
) {
  const type = printFonts();
  type.missing.clear();
  const lengthOf = (metres: number) => `${metres} m`;
  const schedule = timed(adventure);
  const wish = { deed: deedOf(adventure), backs };
  const source = { adventure, schedule, paper, ink, type, lengthOf, ...PICTURES, ...wish };
  return { pack: makePack(source, parts), type, paper };
}

async function print(adventure: Adventure, wish: Wish): Promise<string> {
  const { pack, type, paper } = packOf(adventure, wish);
  return pdfFile(await writePdf(pack, { paper, type, title: adventure.title }));
}

/** The file of what is printed; the same again is printed once. */
const files = new Map<string, Promise<string>>();
function printed(adventure: Adventure, wish: Wish = {}): Promise<string> {
  const key = JSON.stringify([adventure, wish]);
  const file = files.get(key) ?? print(adventure, wish);
  files.set(key, file);
  return file;
}

const demo = (name: string) => {
  const parsed = parseArrupJson(readFileSync(`src/lib/demo/${name}.arrup.json`, 'utf8'));
  if (!parsed.ok) throw new Error(name);
  return parsed.value;
};

function script(...lines: string[]): Adventure {
  const source = { newId: countingIds(), newSeed: () => 9, book: dictionary };
  const parsed = parseScript(
    `# Fair day in Lanternfen\n\n## Game\n\n${lines.join('\n')}\n`,
    source,
  );
  if (!parsed.ok || parsed.value.unread.length > 0) throw new Error(JSON.stringify(parsed));
  return parsed.value.adventure;
}

const fair = script(
  '- cards 11 cards, 1 joker, courts count 10, ranks 1 to 12: squats, hops, marches, joker star jumps',
  '- letters LAMP',
  '- calls 6 calls: red star = hops, blue = squats, the green mat = marches',
  '- spinner 5 spins: squats, hops, marches',
  '- two dice 6 throws, numbers of 12: squats, hops, marches',
  '- coin 4 tosses: heads = squats, tails = marches',
);

const points = (mm: number) => (mm * 72) / 25.4;

describe('paper', () => {
  // ISO 216: A4 is 210 x 297 mm. Letter is 8.5 x 11 in.
  it.each([
    ['a4', points(210), points(297)],
    ['letter', 612, 792],
  ] as const)('every page is %s', async (paper, width, height) => {
    const sizes = pageSizes(await printed(fair, { paper }));
    expect(sizes.length).toBeGreaterThan(12);
    for (const [w, h] of sizes) {
      expect(w).toBeCloseTo(width, 1);
      expect(h).toBeCloseTo(height, 1);
    }
  });
});

describe('true to scale, rendered and measured', () => {
  const step = (marks: readonly number[]) => marks.slice(1).map((one, n) => one - marks[n]!);
  const near = (mm: number, wanted: number) => expect(Math.abs(mm - wanted)).toBeLessThan(0.2);

  it.each(['a4', 'letter'] as const)('the faces of a net on %s are 50.0 mm', async (paper) => {
    const numbers = script('- die of 6, 9 throws: squats');
    const page = new GreyPage(
      await printed(numbers, { paper, ink: 'saving', parts: ['die-nets'] }),
      1,
    );
    const [wide, high] = paper === 'a4' ? [210, 297] : [215.9, 279.4];
    // Beside the pips of the middle: through the row of three faces, and down the strip of four.
    const top = (high - 200) / 2 + 5.5 + 4;
    const row = page.crossings('across', top + 50 + 25 + 6);
    expect(row).toHaveLength(4);
    for (const mm of step(row)) near(mm, 50);
    const strip = page
      .crossings('down', wide / 2 + 6)
      .filter((mm) => mm > top - 1 && mm < top + 201);
    expect(strip).toHaveLength(5);
    for (const mm of step(strip)) near(mm, 50);
  });

  it.each(['a4', 'letter'] as const)('both sides of a coin on %s are 84.0 mm', async (paper) => {
    const path = await printed(fair, { paper, ink: 'saving', parts: ['coin'] });
    const page = new GreyPage(path, 1);
    const [wide, high] = paper === 'a4' ? [210, 297] : [215.9, 279.4];
    const room = (high - 34) / 2;
    for (const middle of [34 + room * 0.5, 34 + room * 1.5]) {
      const across = page.crossings('across', middle + 33);
      // The cut line's chord, so far below the middle: 2 * sqrt(42^2 - 33^2).
      near(across.at(-1)! - across[0]!, 2 * Math.sqrt(42 ** 2 - 33 ** 2));
      near((across.at(-1)! + across[0]!) / 2, wide / 2);
    }
    const text = textOf(path);
    for (const word of ['heads', 'tails', 'Squat', 'March']) expect(text).toContain(word);
  });

  it.each(['a4', 'letter'] as const)('cards on %s are 63.5 x 88.9 mm', async (paper) => {
    const page = new GreyPage(
      await printed(fair, { paper, ink: 'saving', parts: ['suit-cards'] }),
      1,
    );
    const [wide, high] = paper === 'a4' ? [210, 297] : [215.9, 279.4];
    const [left, top] = [(wide - 3 * 63.5) / 2, (high - 3 * 88.9) / 2];
    // In the margin of a card there is nothing but where it is cut.
    const across = page.crossings('across', top + 1.5);
    expect(across).toHaveLength(4);
    for (const mm of step(across)) near(mm, 63.5);
    const down = page.crossings('down', left + 1.5);
    expect(down).toHaveLength(4);
    for (const mm of step(down)) near(mm, 88.9);
  });

  it('the room is drawn at the scale that it says, with a bar to check it by', async () => {
    const adventure = demo('late-letter');
    const path = await printed(adventure, { ink: 'saving', parts: ['room'] });
    const scale = Number(/1 : (\d+)/u.exec(textOf(path))![1]);
    const marks = new GreyPage(path, 1).crossings('across', 100);
    const walls = [Math.min(...marks), Math.max(...marks)];
    near(walls[1]! - walls[0]!, (adventure.setting.room.lengthMetres * 1000) / scale);
  });
});

describe('what is in it', () => {
  it('text that can be selected, in our fonts, all of them in the file', async () => {
    const path = await printed(demo('late-letter'));
    const fonts = fontsOf(path);
    expect(fonts.length).toBeGreaterThan(1);
    for (const { name, embedded, unicode } of fonts) {
      expect(name).toMatch(/Atkinson|Bricolage|DejaVu/u);
      expect([embedded, unicode]).toEqual([true, true]);
    }
    const text = textOf(path);
    expect(text).toContain('This letter is for Old Marrow, who winds the tower clock.');
    expect(text).toContain('Ditch leaps');
    expect(text).toContain('Follow your setting’s own risk assessment');
  });

  it.each(['late-letter', 'six-lamps', 'marsh-morning'])(
    'the run sheet of %s is one page',
    async (name) => {
      const path = await printed(demo(name), { parts: ['run-sheet'] });
      expect(pageSizes(path)).toHaveLength(1);
    },
  );

  it('a die with moves has each on its face', async () => {
    const text = textOf(await printed(demo('ferry-die'), { parts: ['die-nets'] }));
    for (const name of ['Oar dips', 'Fog march', 'Bank jumps', 'Goat walk'])
      expect(text).toContain(name);
  });

  it('every device has what it is drawn with: cards, numbers, letters, a wheel, signs', async () => {
    const parts = packPartsFor(fair);
    expect(parts).toEqual(
      expect.arrayContaining([
        'suit-cards',
        'number-cards',
        'letter-cards',
        'wheel',
        'coin',
        'spots',
        'die-nets',
      ]),
    );
    const { pack } = packOf(fair);
    const pages = (id: PackPartId) => {
      const part = pack.find((one) => one.id === id);
      return part && 'sheets' in part ? part.sheets.length : 0;
    };
    // 3 suits of 12 and a joker: 37 cards, nine to a sheet; numbers to 12; two signs to a sheet.
    expect(pages('suit-cards')).toBe(5);
    expect(pages('number-cards')).toBe(2);
    expect(pages('spots')).toBe(2);
    const text = textOf(await printed(fair, { parts: ['spots', 'wheel', 'letter-cards'] }));
    for (const word of ['red star', 'the green mat', 'The spinner', 'L'])
      expect(text).toContain(word);
  });

  it('what is drawn has no foot, and what the pack has on paper is told with its page', async () => {
    const file = await printed(fair, { parts: ['kit', 'suit-cards', 'wheel', 'spots'] });
    const pages = pageSizes(file).map((_, n) => textOf(file, n + 1));
    const feet = pages.map((text) => /\d+ of \d+\s*$/u.test(text));
    expect(feet).toEqual([true, ...Array.from({ length: pages.length - 1 }, () => false)]);
    const [kit] = pages;
    const pageSaid = (thing: string) =>
      Number(new RegExp(`${thing}[^]*?print it: page\\s+(\\d+)`, 'u').exec(kit!)?.[1]);
    expect(pages[pageSaid('spinner') - 1]).toContain('The spinner');
    expect(pages[pageSaid('cone') - 1]).toContain('red star');
  });

  it('saving ink, there are no filled areas', () => {
    const { pack } = packOf(fair, { ink: 'saving' });
    const fills = pack.flatMap((part) =>
      'sheets' in part
        ? part.sheets.flatMap((sheet) =>
            [...sheet.toSvg().matchAll(/<(?:rect|circle|path)[^>]* fill="(#\w+)"/gu)].map(
              ([, fill]) => fill,
            ),
          )
        : [],
    );
    // The marks of the leader and of the wheel are small and black; white covers what lies under a
    // number, and all but the outline of a figure.
    const figures = LINE_PAINTS.outline;
    expect(fills.filter((fill) => fill !== '#ffffff' && fill !== figures)).toEqual([
      '#16222b',
      '#16222b',
    ]);
  });

  it('saving ink, cards with figures are nearly white', async () => {
    const darkOf = async (ink: Ink) =>
      new GreyPage(await printed(fair, { ink, parts: ['move-cards'] }), 1).darkShare;
    const [saving, colour] = [await darkOf('saving'), await darkOf('colour')];
    expect(saving).toBeGreaterThan(0.01);
    expect(saving).toBeLessThan(0.06);
    expect(colour).toBeGreaterThan(saving * 3);
  });

  it('a move that has an icon is printed with it, and a letter with its word’s', () => {
    const kite = {
      ...moveBookOf(fair).get('squat')!,
      figure: { kind: 'icon', word: 'kite' } as const,
    };
    const icon = PICTURES.pictureOf(kite, { poses: 2, ink: 'saving' });
    expect(icon).toEqual(storyPicture('Kite'));
    expect(storyPicture('no such word')).toBeNull();
  });
});

describe('odd input', () => {
  it('without a beat there is nothing to print, and it says so', async () => {
    const nothing = { ...fair, chapters: fair.chapters.map((one) => ({ ...one, beats: [] })) };
    expect(packPartsFor(nothing)).toEqual([]);
    await expect(printed(nothing)).rejects.toThrow(RangeError);
  });

  it('a room of zero is a page that says so; sixty children stand as far as they fit', async () => {
    const { room } = fair.setting;
    const none = {
      ...fair,
      setting: { ...fair.setting, room: { ...room, lengthMetres: 0, widthMetres: 0 } },
    };
    expect(textOf(await printed(none, { parts: ['room'] }))).toContain('The room has no size yet');
    const many = { ...fair, setting: { ...fair.setting, group: 60 } };
    expect(textOf(await printed(many, { parts: ['kit', 'cautions', 'room'] }))).toContain(
      '60 children',
    );
  });

  it('names in any script print as they are, or as a box that is told of', async () => {
    const odd = {
      ...fair,
      title: 'Żółta Łódź, Ладья, Βάρκα 😀 船',
      chapters: [
        {
          ...fair.chapters[0]!,
          title: '\u{1f9d1}\u200d\u{1f3eb} <b>&amp;',
          beats: [{ kind: 'tell' as const, id: 'bt_x', text: 'Pneumono'.repeat(60) }],
        },
      ],
    };
    const { pack, type, paper } = packOf(odd, {
      parts: ['run-sheet', 'script', 'stickers', 'note-home'],
    });
    const path = pdfFile(await writePdf(pack, { paper, type, title: odd.title }));
    expect(textOf(path)).toContain('Żółta Łódź, Ладья, Βάρκα 😀 □');
    expect(textOf(path)).toContain('<b>&amp;');
    expect([...type.missing]).toContain('船');
  });

  it('five hundred cards are sixty pages of cards', () => {
    const [beat] = fair.chapters[0]!.beats;
    if (beat?.kind !== 'draw') throw new Error('no draw');
    const suits = Array.from({ length: 50 }, (_, n) => ({
      ...beat.entries[0]!,
      id: `en_${n}`,
      label: `suit ${n}`,
    }));
    const device = {
      kind: 'deck',
      lowest: 1,
      highest: 10,
      copies: 3,
      courts: 10,
      jokers: 0,
    } as const;
    const many = {
      ...fair,
      chapters: [{ ...fair.chapters[0]!, beats: [{ ...beat, device, entries: suits }] }],
    };
    const [part] = packOf(many, { parts: ['suit-cards'] }).pack;
    expect(part && 'sheets' in part ? part.sheets : []).toHaveLength(Math.ceil(500 / 9));
  });
});
