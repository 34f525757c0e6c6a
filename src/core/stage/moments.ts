/** Kinds of moment, each with a shape of its own on the Stage. */
export const MOMENTS = [
  'say',
  'ask',
  'goodbye',
  'show',
  'count-in',
  'reps',
  'time',
  'hold',
  'calm',
  'swap',
  'rest',
  'drink',
  'setup',
  'change',
  'draw',
  'sum',
] as const;
export type Moment = (typeof MOMENTS)[number];
