import { hasMusic, schedulePosition, type Leading } from '$core';
import { LOOK_AHEAD_SECONDS, type StageSound } from './sound';

/** Keeps the little loop planned while a cue has music, from its first note at every cue. */
export class StageMusic {
  /** The cue that it plays at, when it began, and how far it is planned, by the stage's clock. */
  #at: Readonly<{ cueId: string; begun: number; next: number }> | null = null;

  update(leading: Leading, now: number, sound: Pick<StageSound, 'music'> | null): void {
    const cue = leading.cues[leading.index];
    if (!sound || leading.status !== 'running' || !cue || !hasMusic(cue)) {
      this.#at = null;
      return;
    }
    if (this.#at?.cueId !== cue.id) this.#at = { cueId: cue.id, begun: now, next: now };
    // Notes are planned ahead: none past the end of the cue, for its stopping is what they listen for.
    const left = cue.startSeconds + cue.lengthSeconds - schedulePosition(leading, now);
    if (left < LOOK_AHEAD_SECONDS) return;
    const { begun, next } = this.#at;
    this.#at = { ...this.#at, next: sound.music(begun, next, now) };
  }
}
