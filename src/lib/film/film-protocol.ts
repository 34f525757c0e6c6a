import type { Adventure, LookChoice, Pace } from '$core';
import type { FilmPaints } from './brush';
import type { FilmChoices } from './film-choices';

/** A film as the page asks for it. */
export type FilmRequest = Readonly<{
  /** A film, or its pictures one by one where a browser can't make films. */
  kind: 'film' | 'pictures';
  /** What its files are called while it's made: the same for the same film. */
  key: string;
  adventure: Adventure;
  pace: Pace;
  look: LookChoice;
  paints: FilmPaints;
  choices: FilmChoices;
}>;

/** The name of the file, in the folder of films. */
export type FilmAnswer = Readonly<{ file: string }>;
