/** One stroke of a picture: an SVG element and its attributes. */
export type Stroke = Readonly<
  [element: string, attributes: Readonly<Record<string, string | number>>]
>;

/** A picture in a box of this size, in units of its own: drawn in lines where a stroke says no more. */
export type Picture = Readonly<{ width: number; height: number; strokes: readonly Stroke[] }>;
