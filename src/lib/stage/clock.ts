/** Seconds that only go forward. */
export type Clock = Readonly<{ now: () => number }>;

/** The part of an AudioContext that a clock needs. */
export type AudioTime = Readonly<{ currentTime: number; state: string }>;

/**
 * The stage's clock. The audio clock is the master as soon as it runs; before that, and should it
 * ever stop, the browser's own takes over without a jump. `speed` runs a rehearsal faster.
 */
export class StageClock implements Clock {
  #audio: AudioTime | null = null;
  #onAudio = false;
  #offset = 0;
  #latest = 0;

  constructor(
    private readonly fallback: () => number,
    readonly speed = 1,
  ) {}

  attach(audio: AudioTime): void {
    this.#audio = audio;
  }

  get #source(): () => number {
    const audio = this.#audio;
    return audio && this.#onAudio ? () => audio.currentTime : this.fallback;
  }

  now(): number {
    const runs = this.#audio?.state === 'running';
    if (runs !== this.#onAudio) {
      // Change of source: the new one goes on from where the old one stood.
      const stood = Math.max(this.#latest, this.#source() + this.#offset);
      this.#onAudio = runs;
      this.#offset = stood - this.#source();
    }
    this.#latest = Math.max(this.#latest, this.#source() + this.#offset);
    return this.#latest * this.speed;
  }

  /** The audio clock's own time for a moment of this clock; null while audio does not run. */
  audioTimeOf(atClock: number): number | null {
    this.now();
    return this.#onAudio ? atClock / this.speed - this.#offset : null;
  }
}
