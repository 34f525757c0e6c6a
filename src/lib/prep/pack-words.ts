import type { PackGroup, PackPartId } from '$core';

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
  'big-dice': 'A big die, to tape to a box',
  'number-cards': 'Number cards',
  'suit-cards': 'Pack of cards',
  wheel: 'Wheel and its board',
  coin: 'Coin',
  'letter-cards': 'Letter cards',
  spots: 'Signs for the floor',
  footprints: 'Footprints and arrows',
  tally: 'Tally sheet',
  timetable: 'Picture timetable',
  'story-strip': 'The story in pictures',
  posters: 'Move posters',
  alphabet: 'Alphabet of moves',
  colouring: 'Colouring page',
  certificate: 'Certificate',
  stickers: 'Stickers',
  'note-home': 'Note home',
  fridge: 'A page for the fridge',
};

export const GROUP_WORDS: Readonly<Record<PackGroup, string>> = {
  lead: 'To lead it',
  play: 'To play with',
  children: 'For the children',
  home: 'For home',
};
