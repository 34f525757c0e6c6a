import {
  clockOf,
  startsBy,
  type Adventure,
  type Beat,
  type Defaults,
  type Finding,
  type Led,
  type MoveBook,
  type Schedule,
  type Setting,
} from '$core';
import { SvelteMap } from 'svelte/reactivity';
import { whenIdle } from '$lib/workers/when-idle';

/** What the line of a beat shows besides the beat itself. */
export type ScriptRow = Readonly<{
  beat: Beat;
  /** How its chapter is led. */
  led: Led;
  /** The n-th of the script. */
  number: number;
  seconds: number;
  reps: number;
  notes: readonly Finding[];
}>;

type Frame = Readonly<{ setting: Setting; defaults: Defaults; book: MoveBook }>;

/** So many lines below one that changes are on the screen with it, and are drawn with it. */
const NEAR = 20;

const NO_NOTES: readonly Finding[] = [];

const saysTheSame = (one: readonly Finding[], other: readonly Finding[]) =>
  one === other || (one.length === other.length && JSON.stringify(one) === JSON.stringify(other));

const isSame = (one: ScriptRow, other: ScriptRow) =>
  one.beat === other.beat &&
  one.led === other.led &&
  one.number === other.number &&
  one.seconds === other.seconds &&
  one.reps === other.reps &&
  saysTheSame(one.notes, other.notes);

/**
 * What the lines of the script are drawn from, a signal for each line. With everything derived
 * from the one document, a key stroke in a script of 300 beats woke some thousand effects, most of
 * them to find nothing new (15 ms); laid out like this, only lines that changed are touched.
 */
export class ScriptRows {
  readonly all = new SvelteMap<string, ScriptRow>();
  /**
   * The clock at the start of each beat that takes time. A longer line moves them all: those that
   * follow it at once, those farther down a moment later, when the browser has time.
   */
  readonly clocks = new SvelteMap<string, string>();
  #cancelLater = () => {};
  #frame: Frame;

  constructor(frame: Frame) {
    this.#frame = $state.raw(frame);
  }

  get setting(): Setting {
    return this.#frame.setting;
  }

  get defaults(): Defaults {
    return this.#frame.defaults;
  }

  get book(): MoveBook {
    return this.#frame.book;
  }

  /** Lays the script out anew; what is as it was stays untouched. */
  lay(
    { chapters, setting, defaults }: Adventure,
    { cues, totals }: Schedule,
    notes: ReadonlyMap<string, readonly Finding[]>,
    book: MoveBook,
  ): void {
    const frame = this.#frame;
    if (frame.setting !== setting || frame.defaults !== defaults || frame.book !== book) {
      this.#frame = { setting, defaults, book };
    }
    const starts = startsBy(cues, 'beatId');
    this.#cancelLater();
    const later: (readonly [string, string])[] = [];
    let sinceChange = -1;
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- gone with this call
    const gone = new Set(this.all.keys());
    let number = 0;
    for (const { beats, led } of chapters) {
      for (const beat of beats) {
        const { id } = beat;
        number += 1;
        gone.delete(id);
        const sum = totals.byBeat.get(id);
        const row: ScriptRow = {
          beat,
          led: led ?? defaults.led,
          number,
          seconds: sum?.seconds ?? 0,
          reps: sum?.reps ?? 0,
          notes: notes.get(id) ?? NO_NOTES,
        };
        const start = starts.get(id);
        const before = this.all.get(id);
        if (!before || !isSame(before, row)) {
          this.all.set(id, row);
          sinceChange = 0;
        } else if (sinceChange >= 0) sinceChange += 1;
        const clock = start === undefined ? '' : clockOf(start);
        if (this.clocks.get(id) === clock) continue;
        if (sinceChange <= NEAR) this.clocks.set(id, clock);
        else later.push([id, clock]);
      }
    }
    if (later.length > 0) {
      this.#cancelLater = whenIdle(() => {
        for (const [id, clock] of later) if (this.all.has(id)) this.clocks.set(id, clock);
      });
    }
    for (const id of gone) {
      this.all.delete(id);
      this.clocks.delete(id);
    }
  }
}
