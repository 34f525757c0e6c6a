import type { Cue } from '../cues/cue';
import { piecesAt } from '../cues/pieces';

/** What is said at a moment of a cue: all of it, or a piece at a time where they move meanwhile. */
export const sayingAt = (
  { kind, text, meanwhile }: Pick<Cue, 'kind' | 'text' | 'meanwhile'>,
  intoSeconds: number,
): string =>
  kind === 'say' || kind === 'ask' || kind === 'show' ? text : piecesAt(meanwhile, intoSeconds).now;
