import type { Adventure } from '../document/adventure';
import { timed } from '../forecast/told-length';
import { deedOf } from '../print/children/deed';
import type { PackSource } from '../print/pack-source';
import { printFonts } from './print-fonts';

/** A picture that says of what it is. */
export const pictureOfWord = (word: string) => ({
  width: 24,
  height: 24,
  strokes: [['path', { d: 'M0 0L24 24', 'data-of': word }]] as const,
});

/** What a pack is printed with, with pictures that only say of what they are. */
export const packSourceOf = (
  adventure: Adventure,
  given: Partial<PackSource> = {},
): PackSource => ({
  adventure,
  schedule: timed(adventure),
  paper: 'a4',
  ink: 'colour',
  type: printFonts(),
  pictureOf: ({ id }) => pictureOfWord(id),
  storyPictureOf: pictureOfWord,
  lengthOf: (metres) => `${metres} m`,
  deed: deedOf(adventure),
  backs: false,
  ...given,
});
