/** How spoken lines end: the clock runs on, or it waits until the leader goes on. */
export const LINES_MODES = ['run on', 'wait for me'] as const;
export type LinesMode = (typeof LINES_MODES)[number];

/** How a hold begins: when its clock has it, or when the leader sees that everybody is in it. */
export type HoldsMode = LinesMode;

/** How reps are counted: at the tempo of the age, or one for each tap of the leader's. */
export const COUNTS_MODES = ['tempo', 'taps'] as const;
export type CountsMode = (typeof COUNTS_MODES)[number];

/** How a draw on the screen falls: with a little theatre, or at once. */
export const THROWS_MODES = ['shown', 'quick'] as const;
export type ThrowsMode = (typeof THROWS_MODES)[number];
