/** Below this a reading of a line is not sure. Our own judgement. Apart, for a reader is large. */
export const SURE = 0.7;
