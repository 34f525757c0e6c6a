import { drawsOf } from '../../document/beats-of';
import type { Move } from '../../model/move';
import { alsoCalled } from '../../moves/names-of';
import { moveBookOf } from '../../moves/move-book';
import { INK, tintOf } from '../inks';
import { pictureIn, type PartSource } from '../pack-source';
import type { Sheet } from '../sheet';
import { paintTitle } from './page-title';

const LETTERS = 'abcdefghijklmnopqrstuvwxyz'.split('');
const [ACROSS, TOP] = [4, 26];

/** A letter with the picture that stands beside it, and the word under it. */
export type LetterPicture = Readonly<{ letter: string; word: string; move: Move | null }>;

/** The best known move of those: needing nothing, for the youngest, with a short name. */
const byEase = (a: Move, b: Move) =>
  a.kit.length - b.kit.length ||
  a.fromAge - b.fromAge ||
  a.name.length - b.name.length ||
  (a.id < b.id ? -1 : 1);

/** Each letter with a move that begins with it: the story's own first, then one of the catalogue. */
export function lettersWithMoves({
  adventure,
}: Pick<PartSource, 'adventure'>): readonly LetterPicture[] {
  const book = moveBookOf(adventure);
  const moves = [...book.values()].sort(byEase);
  const own = new Map<string, LetterPicture>();
  for (const { device, entries } of drawsOf(adventure)) {
    if (device.kind !== 'letters') continue;
    for (const { label, action } of entries) {
      const letter = label.trim().toLowerCase();
      const move = book.get(action.move) ?? null;
      const word = action.guise.picture || action.guise.name || (move?.name ?? '');
      if (!own.has(letter)) own.set(letter, { letter, word, move });
    }
  }
  return LETTERS.map((letter) => {
    const begins = (word: string) => word.toLowerCase().startsWith(letter);
    const named = moves.find(({ name }) => begins(name));
    const other = named ?? moves.find((move) => alsoCalled(move).some(begins)) ?? null;
    const word = named?.name ?? (other && alsoCalled(other).find(begins)) ?? '';
    return own.get(letter) ?? { letter, word, move: other };
  });
}

/** The alphabet on a page, each letter with a picture of something to do. */
export function alphabet(source: PartSource, newSheet: () => Sheet): readonly Sheet[] {
  const sheet = newSheet();
  const { widthMm, heightMm } = sheet.size;
  paintTitle(sheet, 'A move for every letter');
  const book = moveBookOf(source.adventure);
  const letters = lettersWithMoves(source);
  const down = Math.ceil(letters.length / ACROSS);
  const [wide, high] = [(widthMm - 16) / ACROSS, (heightMm - TOP - 10) / down];
  letters.forEach(({ letter, word, move }, n) => {
    const [x, y] = [8 + (n % ACROSS) * wide, TOP + Math.floor(n / ACROSS) * high];
    sheet.box(
      { x: x + 1, y: y + 1, width: wide - 2, height: high - 2 },
      { fill: sheet.tint(tintOf(n)), stroke: INK, width: 0.3 },
      2,
    );
    sheet.text(`${letter.toUpperCase()} ${letter}`, x + 10, y + 8, {
      face: 'heading',
      widthMm: 16,
      sizeMm: 9,
      leastMm: 5,
      mostLines: 1,
    });
    if (move)
      sheet.picture(
        pictureIn(source, book, { move: move.id, also: [] }),
        x + wide * 0.6,
        y + high * 0.48,
        wide * 0.56,
        high - 18,
      );
    if (word)
      sheet.text(word, x + wide / 2, y + high - 6, {
        face: 'strong',
        widthMm: wide - 5,
        sizeMm: 4.4,
        leastMm: 2.8,
        mostLines: 1,
      });
  });
  return [sheet];
}
