/** An arrow at the side that is used, 60 wide and 80 high. */
export const ARROWS = {
  left: 'M30 6L4 40l26 34V54h26V26H30z',
  right: 'M30 6l26 34-26 34V54H4V26h26z',
} as const;

/** What a wheel stops at, in a square of 40. */
export const POINTER = 'M4 2H36L20 38Z';
