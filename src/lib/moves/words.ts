import type { Effort, Family, Move } from '$core';

/** The five levels, in words a presenter would use. */
export const EFFORT_WORDS: Readonly<Record<Effort, string>> = {
  1: 'still',
  2: 'limbs moving',
  3: 'slow and easy',
  4: 'lively',
  5: 'hard or fast',
};

export const FAMILY_WORDS: Readonly<Record<Family, string>> = {
  travelling: 'travelling',
  balancing: 'balancing and body control',
  handling: 'handling things',
  floor: 'floor work',
  stretch: 'stretches',
  shape: 'shapes',
  rhythm: 'rhythm',
  breath: 'breath',
};

export const SURFACE_WORDS: Readonly<Record<Move['surface'], string>> = {
  any: 'on any floor',
  mat: 'on a mat',
  grip: 'on a floor with grip',
};

export const SPACE_WORDS: Readonly<Record<Move['space'], string>> = {
  spot: 'on the spot',
  lane: 'in a lane',
  room: 'in the whole room',
};

const UNIT_WORDS: Readonly<Record<Move['usual']['unit'], string>> = {
  reps: '',
  steps: ' steps',
  seconds: ' s',
  hold: ' s held',
  metres: ' m',
};

/** "4 to 6", "3 to 5 s held": the usual least and most of one set. */
export function rangeInWords(
  { unit, range }: Move['usual'],
  band: keyof Move['usual']['range'],
): string {
  const [least, most] = range[band];
  return `${least} to ${most}${UNIT_WORDS[unit]}`;
}

/** Where a move's facts come from. The published list: from memory, as its year and edition are. */
export const ORIGIN_WORDS: Readonly<Record<Move['origin'], string>> = {
  published:
    'One of the skills in the Test of Gross Motor Development, third edition (Ulrich, 2019). Its ages, amounts and tempo are our own judgement.',
  'common practice': 'Common practice, with the usual ages, amounts and tempo.',
  'our judgement': 'Ages, amounts and tempo are our own judgement.',
};
