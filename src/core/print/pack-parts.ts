/** The parts of the print pack by whom they are for, in the order in which they are printed. */
export const PACK_GROUPS = {
  lead: ['run-sheet', 'floor-sheet', 'script', 'kit', 'cautions', 'room'],
  play: [
    'move-cards',
    'die-nets',
    'big-dice',
    'number-cards',
    'suit-cards',
    'wheel',
    'coin',
    'letter-cards',
    'spots',
    'footprints',
    'tally',
  ],
  children: [
    'timetable',
    'story-strip',
    'posters',
    'alphabet',
    'colouring',
    'certificate',
    'stickers',
  ],
  home: ['note-home', 'fridge'],
} as const;
export type PackGroup = keyof typeof PACK_GROUPS;
export type PackPartId = (typeof PACK_GROUPS)[PackGroup][number];

export const PACK_PARTS = Object.values(PACK_GROUPS).flat() as [PackPartId, ...PackPartId[]];

/** Parts that are cards: they may have backs. */
export const CARD_PARTS: readonly PackPartId[] = [
  'move-cards',
  'number-cards',
  'suit-cards',
  'letter-cards',
  'timetable',
];

/** What is printed where nobody has chosen: what a session can't be led or played without, and the note. */
export const USUAL_PARTS: readonly PackPartId[] = [
  'run-sheet',
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
];
/** Printed when they are asked for: to colour in, to stick on, to hang on the wall, to tape to a box. */
export const ASKED_FOR: readonly PackPartId[] = PACK_PARTS.filter(
  (part) => !USUAL_PARTS.includes(part),
);
