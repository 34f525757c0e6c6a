import { spokenLines, type Beat } from '../beats';
import { textInDigits } from '../words/numbers';
import { remember } from '../words/remember';
import type { Adventure } from './adventure';

const PROMISE = /\b(\d{2,4})\s+(?:moves|reps|goes|jumps and hops|movements|exercises)\b/iu;

/** "one hundred" and "ten times ten" as digits. */
function inDigits(text: string): string {
  return textInDigits(text)
    .replaceAll(/\b(?:(\d|a) )?hundred\b/gu, (_, n: string | undefined) =>
      String(100 * (Number(n) || 1)),
    )
    .replaceAll(/\b(\d+) times (\d+)\b/gu, (_, a: string, b: string) =>
      String(Number(a) * Number(b)),
    );
}

/** "100 moves" as 100; null where nothing is promised. */
function promiseIn(text: string): number | null {
  const found = PROMISE.exec(inDigits(text));
  return found ? Number(found[1]) : null;
}

const promiseOfBeat = remember((beat: Beat) => promiseIn(spokenLines(beat).join('\n')));

/** A total that is promised, and the beat whose words promise it; no beat for title and wish. */
export type Promised = Readonly<{ total: number; beatId: string | null }>;

/** Every total that the title, the wish or a line promises, in that order. */
export function promisesOf({ title, world, chapters }: Adventure): readonly Promised[] {
  const beats = chapters.flatMap((chapter) => chapter.beats);
  return [
    { total: promiseIn(title), beatId: null },
    { total: promiseIn(world.want), beatId: null },
    ...beats.map((beat) => ({ total: promiseOfBeat(beat), beatId: beat.id })),
  ].flatMap(({ total, beatId }) => (total === null ? [] : [{ total, beatId }]));
}
