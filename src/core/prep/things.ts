/** Facts about a thing that moves are done with. */
export type Thing = Readonly<{
  /** How many children share one. */
  sharedBy: number | 'group';
  /** What stands in for it where there is none. */
  household: string;
}>;

/** Things of the catalogue, and what the devices of chance are made of. Common practice. */
export const THINGS: Readonly<Record<string, Thing>> = {
  mat: { sharedBy: 1, household: 'a folded blanket, or a carpet' },
  ball: { sharedBy: 1, household: 'a pair of rolled-up socks' },
  'bean bag': { sharedBy: 1, household: 'a sock with rice in it, tied shut' },
  hoop: { sharedBy: 1, household: 'a ring laid of rope, or drawn with chalk' },
  bucket: { sharedBy: 2, household: 'a washing-up bowl, or a box' },
  bat: { sharedBy: 1, household: 'a book, or a wooden spoon' },
  scarf: { sharedBy: 1, household: 'a tea towel' },
  rope: { sharedBy: 3, household: 'a dressing-gown cord, or a line of tape' },
  cone: { sharedBy: 'group', household: 'a cup turned upside down' },
  chair: { sharedBy: 1, household: 'a sofa, or a low step' },
  step: { sharedBy: 2, household: 'the lowest stair, or a line on the floor to step over' },
  bench: { sharedBy: 'group', household: 'a line of tape on the floor' },
  balloon: { sharedBy: 1, household: 'a light scarf, or a paper bag blown up' },
  parachute: { sharedBy: 'group', household: 'a bed sheet' },
  'soft toy': { sharedBy: 1, household: 'a rolled-up scarf, or a hand on the tummy' },
  die: { sharedBy: 'group', household: 'numbers called out, or slips of paper drawn from a hat' },
  coin: { sharedBy: 'group', household: 'a lid with a face drawn on one side' },
  'number die': { sharedBy: 'group', household: 'fingers held up behind your back' },
  'pack of cards': { sharedBy: 'group', household: 'slips of paper drawn from a hat' },
  spinner: { sharedBy: 'group', household: 'a pencil spun on a plate' },
};

/** For what is not in the table: one for all, and nothing known to stand in for it. */
export const ANY_THING: Thing = { sharedBy: 'group', household: '' };
