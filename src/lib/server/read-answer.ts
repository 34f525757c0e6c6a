import {
  beatsFromReading,
  type Beat,
  type LineRead,
  type NewId,
  type QuickReading,
  type Reading,
} from '$core';

/** The mark of ids that are given here: the same request has the same answer. */
export const MARK = 'r';

/** The seed of every draw that is read here: whoever keeps the beat gives it one of its own. */
const SEED = 1;

type Told = Readonly<{
  kind: QuickReading['kind'];
  says: string;
  beats: readonly Beat[];
  score: number;
  left: readonly string[];
  used: readonly string[];
}>;

const toldOf = ({ reading, says, score, left, used }: Reading, newId: NewId): Told => ({
  kind: reading.kind,
  says,
  beats: beatsFromReading(reading, { newId, seed: SEED }),
  score,
  left,
  used,
});

/** A line's meaning, and its others, as they are told to whoever asked. */
export function readingTold(read: LineRead, newId: NewId): Told & { others: readonly Told[] } {
  return { ...toldOf(read, newId), others: read.others.map((one) => toldOf(one, newId)) };
}
