import type { Adventure, Chapter } from '../document/adventure';
import { titleOf } from '../document/title';
import { moveBookOf } from '../moves/move-book';
import { capital } from '../words/capital';
import { clockOf } from '../words/clock';
import { SOFT_INK } from './inks';
import { pictureIn, type PartSource } from './pack-source';
import { clockOrBlank, runSheetRows, type RunSheetRow } from './run-sheet-rows';
import { LEADING, Sheet } from './sheet';

const MM_A_POINT = 25.4 / 72;
/** Read from a metre and a half: nothing is smaller than 24 point. Names are larger. */
const LEAST_MM = 24 * MM_A_POINT;
const NAME_MM = 34 * MM_A_POINT;
const DOSE_MM = 28 * MM_A_POINT;
const TITLE_MM = 30 * MM_A_POINT;

const MARGIN = 10;
const CLOCK_WIDE = 27;
/** As low as a picture may be, and as high as it may grow where a page has room. */
const PICTURE = { least: 24, most: 62, aspect: 1.5 } as const;
const GAP = 3;
/** Lines of what is said: what is longer is in the script. */
const MOST_SAID = 3;

type Row = RunSheetRow & Readonly<{ startSeconds: number | null }>;
/** `cut`: so many of its texts end in an ellipsis. */
type Laid = Readonly<{ row: Row; height: number; pictureHigh: number; cut: number }>;

const linesHigh = (lines: number, sizeMm: number) => lines * sizeMm * LEADING;

/** Where words stand, beside a picture or without one. */
const wordsAt = (row: Row, widthMm: number, pictureHigh: number) => {
  const left = MARGIN + CLOCK_WIDE + (row.moveId ? pictureHigh * PICTURE.aspect + GAP : 0);
  return { left, width: widthMm - MARGIN - left };
};

/** What stands in a row, from the top down. */
function textsOf(row: Row) {
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

function layRow(sheet: Sheet, row: Row, pictureHigh: number): Laid {
  const { width } = wordsAt(row, sheet.size.widthMm, pictureHigh);
  const fitted = textsOf(row).map(({ text, face, sizeMm, mostLines }) => {
    const box = { widthMm: width, sizeMm, leastMm: LEAST_MM, mostLines };
    return { text, ...sheet.type.fit(face, text, box) };
  });
  const words = fitted.reduce((sum, { lines, sizeMm }) => sum + linesHigh(lines.length, sizeMm), 0);
  const cut = fitted.filter(
    ({ text, lines }) => !text.endsWith('…') && lines.at(-1)?.endsWith('…'),
  ).length;
  const high = row.moveId ? pictureHigh : 0;
  return {
    row,
    cut,
    pictureHigh: high,
    height: Math.max(words, high, linesHigh(1, LEAST_MM)) + GAP,
  };
}

const HEAD = TITLE_MM * LEADING + 6;
const roomOf = ({ size }: Sheet) => size.heightMm - 2 * MARGIN - HEAD;
const highOf = (laid: readonly Laid[]) => laid.reduce((sum, { height }) => sum + height, 0);

/** Rows in pages, and on each page the pictures as large as it has room for. */
function pagesOf(sheet: Sheet, rows: readonly Row[]): readonly (readonly Laid[])[] {
  const pages: Row[][] = [[]];
  let free = roomOf(sheet);
  for (const row of rows) {
    const { height } = layRow(sheet, row, PICTURE.least);
    if (height > free && pages.at(-1)!.length > 0) {
      pages.push([]);
      free = roomOf(sheet);
    }
    pages.at(-1)!.push(row);
    free -= height;
  }
  return pages.map((page) => {
    let best = page.map((row) => layRow(sheet, row, PICTURE.least));
    for (let high = PICTURE.least + 2; high <= PICTURE.most; high += 2) {
      const larger = page.map((row) => layRow(sheet, row, high));
      const isCut = larger.some(({ cut }, n) => cut > best[n]!.cut);
      if (highOf(larger) > roomOf(sheet) || isCut) break;
      best = larger;
    }
    return best;
  });
}

function paintRow(sheet: Sheet, laid: Laid, top: number, source: PartSource): void {
  const { row, height, pictureHigh } = laid;
  const { adventure } = source;
  const middle = top + (height - GAP) / 2;
  const clock = clockOrBlank(row.startSeconds);
  const line = { sizeMm: LEAST_MM, leastMm: LEAST_MM, mostLines: 1, align: 'left' } as const;
  if (clock)
    sheet.text(clock, MARGIN, middle, {
      ...line,
      face: 'strong',
      widthMm: CLOCK_WIDE,
      fill: SOFT_INK,
    });
  if (row.moveId) {
    const wide = pictureHigh * PICTURE.aspect;
    const book = moveBookOf(adventure);
    const picture = pictureIn(
      source,
      book,
      { move: row.moveId, also: row.also },
      2,
      PICTURE.aspect,
    );
    sheet.picture(picture, MARGIN + CLOCK_WIDE + wide / 2, middle, wide, pictureHigh);
  }
  const { left, width } = wordsAt(row, sheet.size.widthMm, pictureHigh);
  const texts = textsOf(row).map((one) => {
    const box = { widthMm: width, sizeMm: one.sizeMm, leastMm: LEAST_MM, mostLines: one.mostLines };
    const { lines, sizeMm } = sheet.type.fit(one.face, one.text, box);
    return { ...one, box, high: linesHigh(lines.length, sizeMm) };
  });
  let at = middle - texts.reduce((sum, { high }) => sum + high, 0) / 2;
  for (const { text, face, fill, box, high } of texts) {
    sheet.text(text, left, at + high / 2, { ...box, face, fill, align: 'left' });
    at += high;
  }
}

/** A chapter a page; all of it on one where that has room. */
function groupsOf(
  sheet: Sheet,
  source: PartSource,
): readonly (readonly [string, readonly Row[]])[] {
  const { adventure, schedule } = source;
  const rows = runSheetRows(adventure, schedule);
  const title = titleOf(adventure);
  if (pagesOf(sheet, rows).length === 1) return [[title, rows]];
  const lengthOf = ({ id }: Chapter) => clockOf(schedule.totals.byChapter.get(id)?.seconds ?? 0);
  return adventure.chapters.flatMap((chapter) => {
    const ids = new Set(chapter.beats.map(({ id }) => id));
    const own = rows.filter(({ beatId }) => ids.has(beatId));
    return own.length === 0
      ? []
      : [[`${headOf(chapter, adventure)}, ${lengthOf(chapter)}`, own] as const];
  });
}
const headOf = ({ title }: Chapter, adventure: Adventure) => title || titleOf(adventure);

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
      for (const laid of page) {
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
