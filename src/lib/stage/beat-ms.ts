/** How often the Stage is brought to the present while nobody looks at it, in milliseconds. */
export const BEAT_MS = 50;
