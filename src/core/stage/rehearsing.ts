import { rowsOfBeat } from '../beats';
import type { Cue } from '../cues/cue';
import type { Adventure } from '../document/adventure';
import { moveBookOf } from '../moves/move-book';

/** One thing to know by heart: what comes, how much of it, and what is said. */
export type Prompt = Readonly<{
  key: string;
  beatId: string;
  chapter: string;
  /** What came just before; empty at the start. */
  after: string;
  name: string;
  /** The move's own name, where a guise hides it, and its id; empty for what is only said. */
  move: string;
  moveId: string;
  dose: string;
  say: string;
}>;

/** Everything of a script to know by heart, in its order: each line, each move, each rule. */
export function promptsOf(adventure: Adventure, cues: readonly Cue[]): readonly Prompt[] {
  const book = moveBookOf(adventure);
  const prompts: Prompt[] = [];
  for (const { title, kind, beats } of adventure.chapters) {
    for (const beat of beats) {
      const own = cues.filter(({ beatId }) => beatId === beat.id);
      rowsOfBeat(beat, book, own).forEach(({ name, move, moveId, dose, say }, n) => {
        if (!name && !say) return;
        const before = prompts.at(-1);
        prompts.push({
          key: `${beat.id} ${n}`,
          beatId: beat.id,
          chapter: title.trim() || kind,
          after: before ? before.name || before.say : '',
          name,
          move,
          moveId,
          dose,
          say,
        });
      });
    }
  }
  return prompts;
}

/**
 * A rehearsal from memory: prompts are gone through in order; what was forgotten comes again, in order,
 * until nothing is. `again` has what was forgotten in this round, `ever` in any, by key.
 */
export type Rehearsal = Readonly<{
  prompts: readonly Prompt[];
  queue: readonly Prompt[];
  at: number;
  round: number;
  again: readonly Prompt[];
  ever: readonly Prompt[];
}>;

export function startRehearsal(prompts: readonly Prompt[]): Rehearsal {
  return { prompts, queue: prompts, at: 0, round: 1, again: [], ever: [] };
}

/** What is asked now; null when all of it is known. */
export function askedNow({ queue, at }: Rehearsal): Prompt | null {
  return queue[at] ?? null;
}

/** After an answer: whether it was known. At the end of a round the next has what was forgotten. */
export function answered(rehearsal: Rehearsal, knewIt: boolean): Rehearsal {
  const now = askedNow(rehearsal);
  if (!now) return rehearsal;
  const again = knewIt ? rehearsal.again : [...rehearsal.again, now];
  const ever =
    knewIt || rehearsal.ever.some(({ key }) => key === now.key)
      ? rehearsal.ever
      : [...rehearsal.ever, now];
  const at = rehearsal.at + 1;
  if (at < rehearsal.queue.length || again.length === 0) return { ...rehearsal, at, again, ever };
  return { ...rehearsal, queue: again, at: 0, round: rehearsal.round + 1, again: [], ever };
}

/** One answer back, within the round. */
export function takenBack(rehearsal: Rehearsal): Rehearsal {
  if (rehearsal.at === 0) return rehearsal;
  const at = rehearsal.at - 1;
  const { key } = rehearsal.queue[at]!;
  const again = rehearsal.again.filter((one) => one.key !== key);
  // What was forgotten in an earlier round stays forgotten.
  const ever =
    rehearsal.round === 1 ? rehearsal.ever.filter((one) => one.key !== key) : rehearsal.ever;
  return { ...rehearsal, at, again, ever };
}
