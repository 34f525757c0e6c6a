import type { Adventure } from './adventure';
import { sizeOf } from './size';

/** What was taken out between two states of a script: whole chapters, lines, or moves in them; null for nothing. */
export type Gone = Readonly<{ what: 'chapter' | 'line' | 'move'; count: number }> | null;

type Script = Pick<Adventure, 'chapters'>;

/** Reads off two states of a script what went, by counting: the largest thing of which there is less. */
export function goneBetween(before: Script, after: Script): Gone {
  const chapters = before.chapters.length - after.chapters.length;
  if (chapters > 0) return { what: 'chapter', count: chapters };
  const [had, has] = [sizeOf(before), sizeOf(after)];
  if (had.beats > has.beats) return { what: 'line', count: had.beats - has.beats };
  // A line that became several, or another one, has not lost its moves by that.
  if (had.beats < has.beats || had.parts <= has.parts) return null;
  return { what: 'move', count: had.parts - has.parts };
}
