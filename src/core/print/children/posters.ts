import { moveBookOf } from '../../moves/move-book';
import { INK, SOFT_INK, tintOf } from '../inks';
import { pictureIn, type PartSource } from '../pack-source';
import type { Sheet } from '../sheet';
import { scenesOf } from './scenes';

/** A page for each move, to hang where it is done: how it goes, large enough to be seen across the room. */
export function posters(source: PartSource, newSheet: () => Sheet): readonly Sheet[] {
  const book = moveBookOf(source.adventure);
  return scenesOf(source.adventure).map(({ done, move, name }, n) => {
    const sheet = newSheet();
    const { widthMm, heightMm } = sheet.size;
    const middle = widthMm / 2;
    const panel = { x: 12, y: 14, width: widthMm - 24, height: heightMm * 0.56 };
    sheet.box(panel, { fill: sheet.tint(tintOf(n)), stroke: INK, width: 0.8 }, 8);
    const [wide, high] = [panel.width - 16, panel.height - 16];
    sheet.picture(
      pictureIn(source, book, done, 2, wide / high),
      middle,
      panel.y + panel.height / 2,
      wide,
      high,
    );
    const below = panel.y + panel.height;
    sheet.text(name, middle, below + 24, {
      face: 'heading',
      widthMm: widthMm - 30,
      sizeMm: 24,
      leastMm: 11,
      mostLines: 2,
    });
    if (name.toLowerCase() !== move.name.toLowerCase()) {
      sheet.text(move.name, middle, below + 44, {
        widthMm: widthMm - 30,
        sizeMm: 8,
        leastMm: 5,
        mostLines: 1,
        fill: SOFT_INK,
      });
    }
    move.formCues.slice(0, 3).forEach((cue, line) => {
      sheet.text(cue, middle, below + 60 + line * 14, {
        face: 'strong',
        widthMm: widthMm - 30,
        sizeMm: 9,
        leastMm: 6,
        mostLines: 1,
      });
    });
    return sheet;
  });
}
