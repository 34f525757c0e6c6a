/** In colour, or with as little ink as will do: outlines, no filled areas. */
export const INKS = ['colour', 'saving'] as const;
export type Ink = (typeof INKS)[number];
