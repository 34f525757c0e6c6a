import type { Move } from '../model/move';

/** One stroke of a picture: an SVG element and its attributes, in a square of 24 by 24. */
export type Stroke = Readonly<
  [element: string, attributes: Readonly<Record<string, string | number>>]
>;
export type Picture = readonly Stroke[];

/**
 * What a move looks like in its guise: the one seam for pictures. Until there are drawn figures, the
 * best fitting icon.
 */
export type PictureOf = (picture: string, move: Pick<Move, 'family' | 'pictureWords'>) => Picture;
