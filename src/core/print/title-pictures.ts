import { base64 } from '@scure/base';
import { terrainOf } from '../cues/terrain';
import { titleOf } from '../document/title';
import type { ChapterKind } from '../model/chapter-kinds';
import { moveBookOf } from '../moves/move-book';
import { scenesOf, spreadOver, type Scene } from './children/scenes';
import { INK, SOFT_INK } from './inks';
import { pictureIn, type PackSource } from './pack-source';
import { Sheet } from './sheet';
import type { TypeCase } from './type-case';

/** A picture for a film or a message, as SVG with its type in it; `name` is for its file. */
export type TitlePicture = Readonly<{ name: string; svg: string }>;

/** As wide as a screen (16 to 9), in millimetres of a sheet. */
const SIZE = { widthMm: 320, heightMm: 180 } as const;
const [WIDE, HIGH] = [SIZE.widthMm, SIZE.heightMm];
const PAPER = '#faf5ec';
const WATER = '#2f7e99';
/** The colours of chapters, as the page has them by day, light enough for dark type. */
const CHAPTER_PAINTS: Readonly<Record<ChapterKind, string>> = {
  welcome: '#f0c56b',
  'warm-up': '#e3987a',
  show: '#cfc8b8',
  adventure: '#8fc3d9',
  game: '#e3a5c6',
  drink: '#a9d0e6',
  'cool-down': '#aecb8d',
  calm: '#c6bfe4',
  goodbye: '#efb878',
};
const MOST_ON_COVER = 3;
const MOST_IN_CHAPTER = 4;
const MOST_IN_STRIP = 8;
const SAMPLES = 96;

/** The source of pictures; nothing of it depends on paper. */
type Source = PackSource;

const blank = (type: TypeCase, fill: string): Sheet => {
  const sheet = new Sheet('a4', 'colour', type, SIZE);
  sheet.box({ x: 0, y: 0, width: WIDE, height: HIGH }, { fill });
  return sheet;
};

/** Where the ground begins that figures of the cover stand on. */
const GROUND_MM = 156;
const GROUND = '#e2d8c3';

/** The land of the session, as high as it is hard, and the ground before it. */
function paintLand(sheet: Sheet, { schedule }: Source, high: number): void {
  const points = terrainOf(schedule.cues, SAMPLES);
  const length = points.at(-1)?.atSeconds ?? 0;
  if (length === 0) return;
  const most = Math.max(...points.map(({ height }) => height), 0.001);
  const ridge = points.map(
    ({ atSeconds, height }) =>
      [(atSeconds / length) * WIDE, GROUND_MM - (height / most) * high] as const,
  );
  sheet.polygon([[0, HIGH], ...ridge, [WIDE, HIGH]], { fill: WATER, stroke: INK, width: 0.8 });
  const ground = { x: 0, y: GROUND_MM, width: WIDE, height: HIGH - GROUND_MM };
  sheet.box(ground, { fill: GROUND, stroke: INK, width: 0.8 });
}

/** Figures side by side on a line, each with its name where there is room for it. */
function paintFigures(
  sheet: Sheet,
  source: Source,
  scenes: readonly Scene[],
  { left, right, floor, high }: Readonly<Record<'left' | 'right' | 'floor' | 'high', number>>,
  named: boolean,
): void {
  const book = moveBookOf(source.adventure);
  const wide = (right - left) / Math.max(1, scenes.length);
  scenes.forEach(({ done, name }, n) => {
    const x = left + wide * (n + 0.5);
    const picture = pictureIn(source, book, done, 1);
    // All stand on the line, however low they are.
    const tall = Math.min(high, (wide * 0.9 * picture.height) / picture.width);
    sheet.picture(picture, x, floor - tall / 2, wide * 0.9, tall);
    if (!named) return;
    sheet.text(name, x, floor + 9, {
      face: 'heading',
      widthMm: wide * 0.92,
      sizeMm: 8,
      leastMm: 4,
      mostLines: 2,
    });
  });
}

function cover(source: Source): Sheet {
  const { adventure, type } = source;
  const sheet = blank(type, PAPER);
  paintLand(sheet, source, 44);
  const figures = spreadOver(scenesOf(adventure), MOST_ON_COVER);
  paintFigures(sheet, source, figures, { left: 150, right: 316, floor: 172, high: 112 }, false);
  const high = sheet.text(titleOf(adventure), 16, 52, {
    face: 'heading',
    widthMm: figures.length > 0 ? 180 : 280,
    sizeMm: 30,
    leastMm: 12,
    mostLines: 3,
    align: 'left',
  });
  const { from, to } = adventure.setting.ages;
  const ages = from === to ? `Age ${from}` : `Ages ${from} to ${to}`;
  const { name } = adventure.world;
  sheet.text([name, ages].filter(Boolean).join(' · '), 16, 52 + high / 2 + 10, {
    widthMm: 150,
    sizeMm: 9,
    leastMm: 6,
    mostLines: 1,
    align: 'left',
    fill: SOFT_INK,
  });
  return sheet;
}

function chapterStill(
  source: Source,
  kind: ChapterKind,
  title: string,
  scenes: readonly Scene[],
): Sheet {
  const sheet = blank(source.type, PAPER);
  const paint = CHAPTER_PAINTS[kind];
  const figures = spreadOver(scenes, MOST_IN_CHAPTER);
  const middle = figures.length > 0 ? 36 : HIGH / 2;
  sheet.box({ x: 0, y: 0, width: WIDE, height: figures.length > 0 ? 66 : HIGH }, { fill: paint });
  sheet.text(title || kind, WIDE / 2, middle, {
    face: 'heading',
    widthMm: WIDE - 40,
    sizeMm: 28,
    leastMm: 10,
    mostLines: 2,
  });
  paintFigures(sheet, source, figures, { left: 14, right: WIDE - 14, floor: 152, high: 78 }, true);
  return sheet;
}

/** All that is done, in two rows of figures with their names. */
function strip(source: Source, scenes: readonly Scene[]): Sheet {
  const sheet = blank(source.type, PAPER);
  const all = spreadOver(scenes, MOST_IN_STRIP);
  const half = all.length > MOST_IN_CHAPTER ? Math.ceil(all.length / 2) : all.length;
  const rows = [all.slice(0, half), all.slice(half)].filter((row) => row.length > 0);
  rows.forEach((row, n) => {
    const floor = rows.length === 1 ? 130 : 66 + n * 88;
    const high = rows.length === 1 ? 100 : 58;
    paintFigures(sheet, source, row, { left: 10, right: WIDE - 10, floor, high }, true);
  });
  return sheet;
}

/** The sheet with the type that it is written in: it looks the same wherever it is opened. */
function withType(sheet: Sheet, type: TypeCase): string {
  const svg = sheet.toSvg();
  const faces = type.files
    .filter(({ name }) => svg.includes(`font-family="${name}"`))
    .map(
      ({ name, bytes }) =>
        `@font-face{font-family:"${name}";src:url(data:font/woff;base64,${base64.encode(bytes)})}`,
    );
  return svg.replace(/>/u, () => `><style>${faces.join('')}</style>`);
}

/**
 * Pictures for a film or a message: a cover with the land of the session, a still for each chapter that has
 * anything in it, in order, and a strip of what is done, where anything is.
 */
export function titlePictures(source: Source): readonly TitlePicture[] {
  const { adventure, type } = source;
  const scenes = scenesOf(adventure);
  const chapters = adventure.chapters.filter(({ beats }) => beats.length > 0);
  const sheets = [
    ['cover', cover(source)] as const,
    ...chapters.map(({ id, kind, title }, n) => {
      const own = scenes.filter(({ chapter }) => chapter.id === id);
      return [
        `${String(n + 1).padStart(2, '0')}-${kind}`,
        chapterStill(source, kind, title, own),
      ] as const;
    }),
    ...(scenes.length > 0 ? [['moves', strip(source, scenes)] as const] : []),
  ];
  return sheets.map(([name, sheet]) => ({ name, svg: withType(sheet, type) }));
}
