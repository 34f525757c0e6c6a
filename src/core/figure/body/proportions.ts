/**
 * The child that is drawn, in heights of its own: about a five-year-old, whose head is a fifth to a
 * sixth of the height (drawing books; from memory). Limbs are a little thicker than in life, so that
 * they can be told apart from afar.
 */
export const SIZES = {
  /** Ankle above the sole. */
  ankle: 0.038,
  shin: 0.205,
  thigh: 0.215,
  /** From heel to toe. */
  foot: 0.115,
  /** How far the heel lies behind the ankle. */
  heel: 0.03,
  halfHips: 0.052,
  belly: 0.135,
  chest: 0.16,
  halfShoulders: 0.1,
  upperArm: 0.15,
  /** Elbow to the middle of the hand. */
  forearm: 0.165,
  neck: 0.03,
  /** Crown to chin is two of these. */
  headRadius: 0.099,
} as const;

/** How tall a five-year-old is, about, in metres; from memory. Lengths here are in heights. */
export const HEIGHT_METRES = 1.1;

/** Half of how thick each part is, in heights: what touches the ground and what is drawn. */
export const THICK = {
  hips: 0.062,
  knee: 0.042,
  sole: 0.021,
  hand: 0.033,
  elbow: 0.033,
  chest: 0.06,
} as const;

/** Straight limbs, hip to ankle and shoulder to hand. */
export const LEG = SIZES.thigh + SIZES.shin;
export const ARM = SIZES.upperArm + SIZES.forearm;
