import type { Region } from '../model/move';
import { moveOf, type MoveBook } from '../moves/move-book';
import { isOwnWork, type Cue, type Side } from './cue';

/** Sums over a set of cues. `effortSeconds[0]` is the time at level 1, and so on to level 5. */
export type Sum = Readonly<{
  seconds: number;
  workSeconds: number;
  reps: number;
  landings: number;
  effortSeconds: readonly [number, number, number, number, number];
}>;

export type Totals = Readonly<{
  all: Sum;
  byChapter: ReadonlyMap<string, Sum>;
  byBeat: ReadonlyMap<string, Sum>;
  byMove: ReadonlyMap<string, Sum>;
  bySide: ReadonlyMap<Side, Sum>;
  /** A move's work counts in full for each region that it uses. */
  byRegion: ReadonlyMap<Region, Sum>;
}>;

type Mutable = { -readonly [K in keyof Sum]: K extends 'effortSeconds' ? number[] : Sum[K] };

export const NO_SUM: Sum = {
  seconds: 0,
  workSeconds: 0,
  reps: 0,
  landings: 0,
  effortSeconds: [0, 0, 0, 0, 0],
};

function addCue(sum: Mutable, cue: Cue): void {
  sum.seconds += cue.lengthSeconds;
  if (isOwnWork(cue)) sum.workSeconds += cue.lengthSeconds;
  sum.reps += cue.reps;
  sum.landings += cue.landings;
  sum.effortSeconds[cue.effort - 1]! += cue.lengthSeconds;
}

const emptySum = (): Mutable => ({ ...NO_SUM, effortSeconds: [0, 0, 0, 0, 0] });

class SumsBy<Key> {
  readonly sums = new Map<Key, Mutable>();

  add(key: Key, cue: Cue): void {
    let sum = this.sums.get(key);
    if (!sum) this.sums.set(key, (sum = emptySum()));
    addCue(sum, cue);
  }

  get done(): ReadonlyMap<Key, Sum> {
    return this.sums as ReadonlyMap<Key, unknown> as ReadonlyMap<Key, Sum>;
  }
}

/** Everything that the cues add up to, in one pass. */
export function totalUp(cues: readonly Cue[], book: MoveBook): Totals {
  const all = emptySum();
  const byChapter = new SumsBy<string>();
  const byBeat = new SumsBy<string>();
  const byMove = new SumsBy<string>();
  const bySide = new SumsBy<Side>();
  const byRegion = new SumsBy<Region>();
  for (const cue of cues) {
    addCue(all, cue);
    byChapter.add(cue.chapterId, cue);
    byBeat.add(cue.beatId, cue);
    if (!cue.doing || !isOwnWork(cue)) continue;
    byMove.add(cue.doing.move, cue);
    bySide.add(cue.doing.side, cue);
    for (const region of moveOf(book, cue.doing).regions) byRegion.add(region, cue);
  }
  return {
    all: all as unknown as Sum,
    byChapter: byChapter.done,
    byBeat: byBeat.done,
    byMove: byMove.done,
    bySide: bySide.done,
    byRegion: byRegion.done,
  };
}
