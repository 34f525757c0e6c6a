/** The parts of the print pack, in the order in which they are printed. */
export const PACK_PARTS = [
  'run-sheet',
  'floor-sheet',
  'script',
  'kit',
  'cautions',
  'room',
  'move-cards',
  'die-nets',
  'number-cards',
  'suit-cards',
  'wheel',
  'coin',
  'letter-cards',
  'spots',
  'note-home',
  'stickers',
] as const;
export type PackPartId = (typeof PACK_PARTS)[number];
