import type { PackPartId } from '$core';

/** The parts of the print pack, as a presenter would ask for them. */
export const PART_WORDS: Readonly<Record<PackPartId, string>> = {
  'run-sheet': 'Run sheet',
  'floor-sheet': 'Floor sheet, to read from afar',
  script: 'Story script',
  kit: 'Kit list',
  cautions: 'Cautions',
  room: 'Room plan',
  'move-cards': 'Move cards',
  'die-nets': 'Dice to fold',
  'number-cards': 'Number cards',
  'suit-cards': 'Pack of cards',
  wheel: 'Wheel and its board',
  coin: 'Coin',
  'letter-cards': 'Letter cards',
  spots: 'Signs for the floor',
  'note-home': 'Note home',
  stickers: 'Stickers',
};
