import { titleOf } from '../document/title';
import { moveBookOf } from '../moves/move-book';
import { capital } from '../words/capital';
import { SOFT_INK } from './inks';
import { millimetres } from './paper';
import { pictureIn, type PartSource } from './pack-source';
import { clockOrBlank, rowsByChapter, type RunSheetRow } from './run-sheet-rows';
import { LEADING, type Sheet } from './sheet';
import type { FitBox } from './type-case';

/** Read from a metre and a half: nothing is smaller than 24 point. Names are larger. */
const LEAST_MM = millimetres(24);
const NAME_MM = millimetres(34);
const DOSE_MM = millimetres(28);
const TITLE_MM = millimetres(30);

const MARGIN = 10;
const CLOCK_WIDE = 27;
/** As low as a picture may be, and as high as it may grow where a page has room. */
const PICTURE = { least: 24, most: 62, aspect: 1.5 } as const;
const GAP = 3;
/** Lines of what is said: what is longer is in the script. */
const MOST_SAID = 3;

type Text = ReturnType<typeof textsOf>[number];
/** A row with room for its words and its picture. `cut`: so many of its texts end in an ellipsis. */
type Laid = Readonly<{
  row: RunSheetRow;
  height: number;
  pictureHigh: number;
  left: number;
  texts: readonly (Text & Readonly<{ high: number; box: FitBox }>)[];
  cut: number;
}>;

const linesHigh = (lines: number, sizeMm: number) => lines * sizeMm * LEADING;

/** Where words stand, beside a picture or without one. */
const wordsAt = (row: RunSheetRow, widthMm: number, pictureHigh: number) => {
  const left = MARGIN + CLOCK_WIDE + (row.moveId ? pictureHigh * PICTURE.aspect + GAP : 0);
  return { left, width: widthMm - MARGIN - left };
};

/** What stands in a row, from the top down. */
function textsOf(row: RunSheetRow) {
  const said = row.say.trim();
  return [
    ...(row.name
      ? [{ text: capital(row.name), face: 'heading', sizeMm: NAME_MM, mostLines: 2 } as const]
      : []),
    ...(row.dose
      ? [{ text: row.dose, face: 'strong', sizeMm: DOSE_MM, mostLines: 3 } as const]
      : []),
    ...(said
      ? [
          {
            text: row.name ? said : `\u201c${said}\u201d`,
            face: 'text',
            sizeMm: LEAST_MM,
            mostLines: MOST_SAID,
            fill: row.name ? SOFT_INK : undefined,
          } as const,
        ]
      : []),
  ];
}

function layRow(sheet: Sheet, row: RunSheetRow, pictureHigh: number): Laid {
  const { left, width } = wordsAt(row, sheet.size.widthMm, pictureHigh);
  let cut = 0;
  const texts = textsOf(row).map((one) => {
    const { text, face, sizeMm, mostLines } = one;
    const box = { widthMm: width, sizeMm, leastMm: LEAST_MM, mostLines };
    const fitted = sheet.type.fit(face, text, box);
    if (!text.endsWith('…') && fitted.lines.at(-1)?.endsWith('…')) cut += 1;
    return { ...one, box, high: linesHigh(fitted.lines.length, fitted.sizeMm) };
  });
  const words = texts.reduce((sum, { high }) => sum + high, 0);
  const high = row.moveId ? pictureHigh : 0;
  const height = Math.max(words, high, linesHigh(1, LEAST_MM)) + GAP;
  return { row, left, texts, cut, pictureHigh: high, height };
}

const HEAD = TITLE_MM * LEADING + 6;
const roomOf = ({ size }: Sheet) => size.heightMm - 2 * MARGIN - HEAD;
const highOf = (laid: readonly Laid[]) => laid.reduce((sum, { height }) => sum + height, 0);

/** Rows in pages, with pictures as low as they may be. */
function pagesOf(sheet: Sheet, rows: readonly RunSheetRow[]): readonly (readonly Laid[])[] {
  const pages: Laid[][] = [[]];
  let free = roomOf(sheet);
  for (const row of rows) {
    const laid = layRow(sheet, row, PICTURE.least);
    if (laid.height > free && pages.at(-1)!.length > 0) {
      pages.push([]);
      free = roomOf(sheet);
    }
    pages.at(-1)!.push(laid);
    free -= laid.height;
  }
  return pages;
}

/** A page with its pictures as large as it has room for. */
function enlarged(sheet: Sheet, page: readonly Laid[]): readonly Laid[] {
  let best = page;
  for (let high = PICTURE.least + 2; high <= PICTURE.most; high += 2) {
    const larger = page.map(({ row }) => layRow(sheet, row, high));
    const isCut = larger.some(({ cut }, n) => cut > best[n]!.cut);
    if (highOf(larger) > roomOf(sheet) || isCut) break;
    best = larger;
  }
  return best;
}

function paintRow(sheet: Sheet, laid: Laid, top: number, source: PartSource): void {
  const { row, height, pictureHigh, left, texts } = laid;
  const middle = top + (height - GAP) / 2;
  const clock = clockOrBlank(row.startSeconds);
  if (clock)
    sheet.text(clock, MARGIN, middle, {
      face: 'strong',
      fill: SOFT_INK,
      widthMm: CLOCK_WIDE,
      sizeMm: LEAST_MM,
      leastMm: LEAST_MM,
      mostLines: 1,
      align: 'left',
    });
  if (row.moveId) {
    const wide = pictureHigh * PICTURE.aspect;
    const done = { move: row.moveId, also: row.also };
    const picture = pictureIn(source, moveBookOf(source.adventure), done, 2, PICTURE.aspect);
    sheet.picture(picture, MARGIN + CLOCK_WIDE + wide / 2, middle, wide, pictureHigh);
  }
  let at = middle - texts.reduce((sum, { high }) => sum + high, 0) / 2;
  for (const { text, face, fill, box, high } of texts) {
    sheet.text(text, left, at + high / 2, { ...box, face, fill, align: 'left' });
    at += high;
  }
}

/** A chapter a page; all of it on one where that has room. */
function groupsOf(
  sheet: Sheet,
  { adventure, schedule }: PartSource,
): readonly (readonly [title: string, rows: readonly RunSheetRow[]])[] {
  const title = titleOf(adventure);
  const chapters = rowsByChapter(adventure, schedule);
  const all = chapters.flatMap(({ rows }) => rows);
  if (pagesOf(sheet, all).length === 1) return [[title, all]];
  return chapters.map(({ chapter, length, rows }) => [
    `${chapter.title || title}, ${length}`,
    rows,
  ]);
}

/**
 * The running order to hang on the wall or lay on the floor: read from a metre and a half, a chapter a page
 * with the clock, pictures as large as they can be, and what is said apart from what is done.
 */
export function floorSheets(source: PartSource, newSheet: () => Sheet): readonly Sheet[] {
  return groupsOf(newSheet(), source).flatMap(([title, rows]) =>
    pagesOf(newSheet(), rows).map((page, n, { length }) => {
      const sheet = newSheet();
      const { widthMm } = sheet.size;
      sheet.text(
        length > 1 ? `${title} (${n + 1} of ${length})` : title,
        MARGIN,
        MARGIN + HEAD / 2 - 3,
        {
          face: 'heading',
          widthMm: widthMm - 2 * MARGIN,
          sizeMm: TITLE_MM,
          leastMm: LEAST_MM,
          mostLines: 1,
          align: 'left',
        },
      );
      let top = MARGIN + HEAD;
      for (const laid of enlarged(sheet, page)) {
        sheet.line(MARGIN, top - GAP / 2, widthMm - MARGIN, top - GAP / 2, {
          stroke: SOFT_INK,
          width: 0.25,
        });
        paintRow(sheet, laid, top, source);
        top += laid.height;
      }
      return sheet;
    }),
  );
}
