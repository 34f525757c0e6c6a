import { hasMusic, schedulePosition, type Leading } from '$core';
import { LOOK_AHEAD_SECONDS, type StageSound } from './sound';

/** What is needed of a player of the presenter's own file. */
export type Player = { paused: boolean; play: () => Promise<void>; pause: () => void };

/**
 * Music while a cue has it: the little loop, planned from its first note at every cue, or the
 * presenter's own file, which goes on where it stopped.
 */
export class StageMusic {
  own: Player | null = null;
  /** The cue that the loop plays at, when it began, and how far it is planned, by the stage's clock. */
  #at: Readonly<{ cueId: string; begun: number; next: number }> | null = null;

  update(leading: Leading, now: number, sound: Pick<StageSound, 'music'> | null): void {
    const cue = leading.cues[leading.index];
    const plays = leading.status === 'running' && cue !== undefined && hasMusic(cue);
    if (this.own) {
      // A file that the browser cannot play stays silent; the session goes on.
      if (plays && this.own.paused) this.own.play().catch(() => {});
      else if (!plays && !this.own.paused) this.own.pause();
      return;
    }
    if (!sound || !plays) {
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
