import { partsOfBeat, type Beat } from '../beats';
import type { Adventure } from './adventure';
import { beatsOf } from './beats-of';

/** What was taken out between two states of a script: whole chapters, lines, or moves in them; null for nothing. */
export type Gone = Readonly<{ what: 'chapter' | 'line' | 'move'; count: number }> | null;

type Script = Pick<Adventure, 'chapters'>;

/** Moves in the lines that are not the very same in the other state: an edit touches few of them. */
function movesApart(beats: readonly Beat[], others: readonly Beat[]): number {
  const same = new Set(others);
  return beats.reduce((sum, beat) => sum + (same.has(beat) ? 0 : partsOfBeat(beat).length), 0);
}

/** Reads off two states of a script what went, by counting: the largest thing of which there is less. */
export function goneBetween(before: Script, after: Script): Gone {
  const chapters = before.chapters.length - after.chapters.length;
  if (chapters > 0) return { what: 'chapter', count: chapters };
  const [had, has] = [beatsOf(before), beatsOf(after)];
  if (had.length > has.length) return { what: 'line', count: had.length - has.length };
  // A line that became several, or another one, has not lost its moves by that.
  if (had.length < has.length) return null;
  const moves = movesApart(had, has) - movesApart(has, had);
  return moves > 0 ? { what: 'move', count: moves } : null;
}
