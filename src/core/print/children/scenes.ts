import { partsOfBeat, spokenLines } from '../../beats';
import type { Adventure, Chapter } from '../../document/adventure';
import type { Done } from '../../model/action';
import { calledIn, moveBookOf, moveOf } from '../../moves/move-book';
import type { Move } from '../../model/move';
import { capital } from '../../words/capital';

/** Something that is done in the story: what it is called there, and the words that lead to it. */
export type Scene = Readonly<{
  chapter: Chapter;
  done: Done;
  move: Move;
  name: string;
  /** What was said just before; empty where nothing was. */
  words: string;
}>;

/** What is done in a session, in order; each move in each of its guises once. */
export function scenesOf(adventure: Adventure): readonly Scene[] {
  const book = moveBookOf(adventure);
  const scenes = new Map<string, Scene>();
  for (const chapter of adventure.chapters) {
    let words = '';
    for (const beat of chapter.beats) {
      const parts = partsOfBeat(beat);
      if (parts.length === 0) words = spokenLines(beat).at(-1) ?? words;
      for (const part of parts) {
        const move = moveOf(book, part);
        const name = capital(calledIn(book, part));
        const key = `${[part.move, ...part.also].join('+')}|${name}`;
        const own = part.guise.line || ('say' in beat ? beat.say : '') || words;
        if (!scenes.has(key)) scenes.set(key, { chapter, done: part, move, name, words: own });
        words = '';
      }
    }
  }
  return [...scenes.values()];
}

/** So many of a list, spread over all of it, the first and the last among them. */
export function spreadOver<Thing>(things: readonly Thing[], most: number): readonly Thing[] {
  if (things.length <= most) return things;
  if (most <= 1) return things.slice(0, most);
  return Array.from(
    { length: most },
    (_, n) => things[Math.round((n * (things.length - 1)) / (most - 1))]!,
  );
}
