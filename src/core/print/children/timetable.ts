import { CARD_MM, NO_CARD, paintCards, CARD_PICTURE, type Card } from '../cards';
import { CUT_INK, INK, SOFT_INK } from '../inks';
import { pictureIn, type PartSource } from '../pack-source';
import { moveBookOf } from '../../moves/move-book';
import type { Sheet } from '../sheet';
import { BELOW_TITLE, paintTitle } from './page-title';
import { scenesOf } from './scenes';

/** What a child can show instead of saying it. */
const NEEDS = [
  ['Rest', 'rest'],
  ['Help', 'help'],
  ['Toilet', 'toilet'],
  ['Drink', 'cup'],
  ['Stop', 'stop'],
] as const;

/** Where the cards of a session go. */
const PLACES = ['Now', 'Next', 'Finished'] as const;

const LATER = 3;
const SUN = '#f3c04b';

/** Now, next and finished are told without words too: a full, a half and a ticked sun. */
function paintSun(sheet: Sheet, x: number, y: number, n: number): void {
  const look = { fill: sheet.tint(SUN), stroke: INK, width: 0.8 };
  sheet.circle(x, y, 6, n === 0 ? look : { stroke: INK, width: 0.8 });
  if (n === 1) sheet.path(`M${x} ${y - 6}A6 6 0 0 0 ${x} ${y + 6}Z`, look);
  if (n === 2) sheet.path(`M${x - 3} ${y}l2.4 2.6l4.4 -5.2`, { stroke: INK, width: 1.2 });
}

function paintPlace(sheet: Sheet, x: number, y: number, isMain: boolean): void {
  const { width, height } = CARD_MM;
  if (isMain) sheet.box({ x, y, width, height }, { stroke: INK, width: 1 }, 4);
  const inner = { x: x + 3, y: y + 3, width: width - 6, height: height - 6 };
  sheet.box(inner, { stroke: CUT_INK, width: 0.3, dash: '2 2' }, 3);
}

/** The board: a place for what is now, what is next and what is finished, and for what comes later. */
function paintBoard(sheet: Sheet): void {
  paintTitle(sheet, 'Now, next, finished', 'Lay the cards on it, and move each on when it’s done.');
  const { widthMm } = sheet.size;
  const gap = (widthMm - PLACES.length * CARD_MM.width) / (PLACES.length + 1);
  const left = (n: number) => gap + n * (CARD_MM.width + gap);
  const look = { face: 'heading', sizeMm: 10, leastMm: 6, mostLines: 1 } as const;
  const top = BELOW_TITLE + 12;
  PLACES.forEach((word, n) => {
    const middle = left(n) + CARD_MM.width / 2;
    paintSun(sheet, left(n) + 8, BELOW_TITLE + 3, n);
    sheet.text(word, middle + 6, BELOW_TITLE + 3, { ...look, widthMm: CARD_MM.width - 16 });
    paintPlace(sheet, left(n), top, true);
  });
  const later = top + CARD_MM.height + 12;
  sheet.text('Later', widthMm / 2, later, { ...look, widthMm: 60, fill: SOFT_INK });
  for (let n = 0; n < LATER; n += 1) paintPlace(sheet, left(n), later + 8, false);
}

/** A card for each chapter, with the first thing that is done in it. */
function chapterCards(source: PartSource): Card[] {
  const book = moveBookOf(source.adventure);
  const scenes = scenesOf(source.adventure);
  return source.adventure.chapters.flatMap((chapter, n): Card[] => {
    const first = scenes.find((scene) => scene.chapter === chapter);
    if (chapter.beats.length === 0) return [];
    const picture = first
      ? pictureIn(source, book, first.done, 2, CARD_PICTURE.aspect)
      : source.storyPictureOf('talk');
    return [{ ...NO_CARD, picture, name: chapter.title, kind: n }];
  });
}

/** The session in pictures: a board for what is now, next and finished, its cards, and cards to ask with. */
export function timetable(source: PartSource, newSheet: () => Sheet): readonly Sheet[] {
  const board = newSheet();
  paintBoard(board);
  const asks = NEEDS.map(([name, word], n): Card => ({
    ...NO_CARD,
    picture: source.storyPictureOf(word),
    name,
    kind: n + 2,
  }));
  return [board, ...paintCards([...chapterCards(source), ...asks], newSheet, source.backs)];
}
