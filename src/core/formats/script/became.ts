import type { Beat } from '../../beats';
import { beatsFromReading } from '../../beats/quick-line';
import type { LineRead, Reading } from '../../beats/readings';
import type { Adventure } from '../../document/adventure';
import { beatsOf } from '../../document/beats-of';
import { withMissingMoves } from '../../document/missing-moves';
import type { NewId } from '../../model/new-id';

/** A line that was kept as something to say, though it seems to mean more. */
export type UnreadLine = Readonly<{ line: number; text: string; words: readonly string[] }>;

/** What became of a line: how it was read, and the beats that it is now. */
export type BecameLine = Readonly<{
  line: number;
  text: string;
  read: LineRead;
  beats: readonly string[];
}>;

/** An adventure read from a script, what was not understood in it, and what became of each line. */
export type ReadScript = Readonly<{
  adventure: Adventure;
  unread: readonly UnreadLine[];
  lines: readonly BecameLine[];
  /** A file of Arrup's own that somebody, or a slip, has changed since it was written. */
  changed?: boolean;
}>;

/** How sure it is that a paragraph of a script is said, though it could ask for something. */
const SURE_SAID = 0.5;

/** A line that is said by the way that it is written; what it could ask for is another reading. */
export function asSaid(read: LineRead): LineRead {
  if (read.reading.kind === 'tell') return read;
  const { others, ...done } = read;
  const said = others.find(({ reading }) => reading.kind === 'tell');
  return said ? { ...said, score: SURE_SAID, others: [done] } : read;
}

/**
 * The adventure with some lines taken in another way: their beats give place to those of the reading
 * that was chosen, by the line's place in `lines`.
 */
export function withReadings(
  { adventure, lines }: ReadScript,
  chosen: ReadonlyMap<number, Reading>,
  making: Readonly<{ newId: NewId; newSeed: () => number }>,
): Adventure {
  const instead = new Map<string, readonly Beat[]>();
  for (const [at, { reading }] of chosen) {
    const { newId, newSeed } = making;
    const made = beatsFromReading(reading, { newId, seed: newSeed() });
    lines[at]?.beats.forEach((id, n) => instead.set(id, n === 0 ? made : []));
  }
  const changed = {
    ...adventure,
    chapters: adventure.chapters.map((chapter) => ({
      ...chapter,
      beats: chapter.beats.flatMap((beat) => instead.get(beat.id) ?? [beat]),
    })),
  };
  return withMissingMoves(changed, beatsOf(changed));
}
