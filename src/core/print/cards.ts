import type { Picture } from '../figure/drawing/picture';
import { CUT_INK, INK, SOFT_INK, tintOf } from './inks';
import { boxesOn, type Box } from './paper';
import type { Sheet } from './sheet';
import { frameSize, IN_FRAME, tenFrame } from './ten-frame';
import { faceOfCount } from './type-case';

/** Playing cards of poker size: 2.5 by 3.5 inches. */
export const CARD_MM = { width: 63.5, height: 88.9 } as const;

/** The panel that a card's picture stands on, in millimetres, and the shape of what fits in it. */
export const CARD_PICTURE = { wide: CARD_MM.width - 12, high: 50, aspect: 47.5 / 44 } as const;

/** The picture under a letter, in millimetres. */
export const LETTER_PICTURE = { wide: 48, high: 36 } as const;

/** A card: what a child sees first is the picture or the number. */
export type Card = Readonly<{
  picture: Picture | null;
  /** What the story calls it, as a small picture in the corner. */
  story: Picture | null;
  /** A number, a letter: as large as it gets. */
  sign: string;
  /** What its suit is drawn as, where it has one. */
  suit: Picture | null;
  /** As many dots as the number says, to be counted; 0 for none. */
  dots: number;
  name: string;
  small: string;
  /** Cards of one kind share a tint and its number. */
  kind: number;
}>;

const MOST_DOTS = 20;
/** Between two frames of ten dots. */
const FRAME_GAP = 2;

function drawDots(sheet: Sheet, count: number, box: Box): void {
  const frames = Math.ceil(count / IN_FRAME);
  const gaps = (frames - 1) * FRAME_GAP;
  const one = frameSize(1);
  const step = Math.min(8, box.width / one.width, (box.height - gaps) / (frames * one.height));
  const { width, height } = frameSize(step);
  const top = box.y + (box.height - frames * height - gaps) / 2;
  const places = Array.from({ length: frames }, (_, n) =>
    tenFrame(box.x + (box.width - width) / 2, top + n * (height + FRAME_GAP), step),
  ).flat();
  places.forEach((place, n) => {
    sheet.box(place, { stroke: INK, width: 0.25 });
    if (n >= count) return;
    const look = { fill: sheet.tint(INK), stroke: INK, width: 0.3 };
    sheet.circle(place.x + step / 2, place.y + step / 2, step * 0.32, look);
  });
}

const LARGE = { face: 'heading', mostLines: 1 } as const;

/** A number or a letter beside its picture, its suit under it, with its dots below. */
function paintSigned(sheet: Sheet, card: Card, picture: Picture, box: Box, dots: number): void {
  const { x, y, width } = box;
  const middle = x + width / 2;
  if (dots > 0 || card.suit) {
    sheet.text(card.sign, x + 16, y + 18, { ...LARGE, widthMm: 21, sizeMm: 24, leastMm: 8 });
    if (card.suit) sheet.picture(card.suit, x + 16, y + 35, 9);
    sheet.picture(picture, middle + 12, y + 24, 30, 32);
  } else {
    sheet.text(card.sign, x + 15, y + 15, { ...LARGE, widthMm: 18, sizeMm: 17, leastMm: 5 });
    sheet.picture(picture, middle, y + 43, LETTER_PICTURE.wide, LETTER_PICTURE.high);
  }
  if (card.story) sheet.picture(card.story, x + width - 15, y + 15, 13);
  if (dots > 0) drawDots(sheet, dots, { x: x + 5, y: y + 42, width: width - 10, height: 22 });
}

function paintPicture(sheet: Sheet, picture: Picture, { x, y, width }: Box): void {
  const { wide, high } = CARD_PICTURE;
  const middle = x + width / 2;
  const panel = { x: middle - wide / 2, y: y + 8, width: wide, height: high };
  sheet.box(panel, { fill: sheet.ink === 'saving' ? 'none' : '#ffffff' }, 6);
  sheet.picture(picture, middle, y + 33, wide - 4, high - 6);
}

/** The sign as large as it gets. */
function paintSign(sheet: Sheet, { sign }: Card, { x, y, width }: Box, dots: number): void {
  const look = { ...LARGE, widthMm: width - 10, sizeMm: 38, leastMm: 8 };
  sheet.text(sign, x + width / 2, dots > 0 ? y + 29 : y + 33, look);
  if (dots > 0) drawDots(sheet, dots, { x: x + 5, y: y + 52, width: width - 10, height: 24 });
}

function paintNames(sheet: Sheet, { name, small, dots, picture }: Card, box: Box): void {
  const { x, y, width, height } = box;
  const [middle, bottom] = [x + width / 2, y + height];
  const words = { widthMm: width - 10, mostLines: 2 };
  const nameAt = dots > 0 && !picture ? bottom - 9 : bottom - 22;
  if (name) {
    sheet.text(name, middle, nameAt, { ...words, face: 'heading', sizeMm: 7, leastMm: 3 });
  }
  if (small) {
    const fill = sheet.ink === 'saving' ? SOFT_INK : INK;
    const face = faceOfCount(small);
    sheet.text(small, middle, bottom - 9.5, { ...words, face, sizeMm: 4, leastMm: 2.6, fill });
  }
}

function paintCard(sheet: Sheet, card: Card, box: Box): void {
  const { x, y, width, height } = box;
  sheet.box(box, { stroke: CUT_INK, width: 0.2 });
  sheet.box(
    { x: x + 3, y: y + 3, width: width - 6, height: height - 6 },
    { fill: sheet.tint(tintOf(card.kind)), stroke: INK, width: 0.4 },
    4,
  );
  const dots = card.dots > 0 && card.dots <= MOST_DOTS ? card.dots : 0;
  if (card.picture && card.sign) paintSigned(sheet, card, card.picture, box, dots);
  else if (card.picture) paintPicture(sheet, card.picture, box);
  else paintSign(sheet, card, box, dots);
  paintNames(sheet, card, box);
}

/** Nothing on it yet. */
export const NO_CARD: Card = {
  picture: null,
  story: null,
  sign: '',
  suit: null,
  dots: 0,
  name: '',
  small: '',
  kind: 0,
};

/** The back of a card: the same on all of them, and the same either way up. */
function paintBack(sheet: Sheet, { x, y, width, height }: Box): void {
  sheet.box(
    { x: x + 3, y: y + 3, width: width - 6, height: height - 6 },
    { stroke: INK, width: 0.6 },
    4,
  );
  const [middle, centre] = [x + width / 2, y + height / 2];
  // Dots in a lattice with a sun in the middle: the same when it is turned round.
  for (let row = -3; row <= 3; row += 1) {
    for (let column = -2; column <= 2; column += 1) {
      const isSun = row === 0 && column === 0;
      const [cx, cy] = [middle + column * 10, centre + row * 11];
      const fill = sheet.tint(tintOf(isSun ? 0 : 1));
      sheet.circle(cx, cy, isSun ? 5 : 2.2, { fill, stroke: INK, width: 0.4 });
    }
  }
}

/** The backs of the cards in these boxes, which lie behind them when the sheet is turned over its long side. */
function backsOf(boxes: readonly Box[], sheet: Sheet): Sheet {
  const { widthMm } = sheet.size;
  for (const box of boxes) paintBack(sheet, { ...box, x: widthMm - box.x - box.width });
  return sheet;
}

/** The cards on as many sheets as they need, edge to edge, so that one cut does for two; with their backs, if wished. */
export function paintCards(
  cards: readonly Card[],
  newSheet: () => Sheet,
  withBacks = false,
): readonly Sheet[] {
  const sheets: Sheet[] = [];
  let boxes: readonly Box[] = [];
  cards.forEach((card, n) => {
    const at = boxes.length === 0 ? 0 : n % boxes.length;
    if (at === 0) {
      const sheet = newSheet();
      boxes = boxesOn(sheet.paper, CARD_MM.width, CARD_MM.height);
      sheets.push(sheet);
    }
    paintCard(sheets.at(-1)!, card, boxes[at]!);
  });
  if (!withBacks) return sheets;
  return sheets.flatMap((sheet, n) => {
    const onSheet = cards.slice(n * boxes.length, (n + 1) * boxes.length);
    return [sheet, backsOf(boxes.slice(0, onSheet.length), newSheet())];
  });
}
