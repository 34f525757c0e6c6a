/** How something is or goes, and how a move feels: what a story and a body have in common. */
export const QUALITIES = [
  'high',
  'low',
  'wide',
  'narrow',
  'small',
  'heavy',
  'light',
  'strong',
  'quick',
  'slow',
  'wobbly',
  'still',
  'round',
  'sharp',
  'quiet',
  'loud',
  'up',
  'down',
  'over',
  'under',
  'through',
  'turning',
  'along',
  'together',
] as const;
export type Quality = (typeof QUALITIES)[number];

export const isQuality = (word: string): word is Quality =>
  (QUALITIES as readonly string[]).includes(word);
