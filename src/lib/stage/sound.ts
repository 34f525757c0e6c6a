import {
  ATTACK_SECONDS,
  notesBetween,
  QUIET_LEVEL,
  VOICES,
  type Tick,
  type UpcomingTick,
  type Voice,
} from '$core';
import type { StageClock } from './clock';

/** Sounds are handed to the audio clock this long before they are due, in seconds. */
export const LOOK_AHEAD_SECONDS = 0.25;
/** The same in a hidden tab, whose turn may come late. */
const HIDDEN_AHEAD_SECONDS = 2;

export const lookAheadSeconds = () =>
  typeof document !== 'undefined' && document.hidden ? HIDDEN_AHEAD_SECONDS : LOOK_AHEAD_SECONDS;

/** Plays the stage's ticks at their exact times on the audio clock. */
export class StageSound {
  readonly #context: AudioContext;
  readonly #master: GainNode;
  readonly #music: GainNode;
  readonly #planned = new Map<string, OscillatorNode>();
  readonly #clock: StageClock;

  constructor(context: AudioContext, clock: StageClock) {
    this.#context = context;
    this.#clock = clock;
    this.#master = context.createGain();
    this.#master.connect(context.destination);
    this.#music = context.createGain();
    this.#music.connect(this.#master);
    clock.attach(context);
  }

  /** From 0 to 1; 0 is silence. */
  setVolume(volume: number): void {
    this.#master.gain.setTargetAtTime(volume, this.#context.currentTime, 0.02);
  }

  /** Of the music alone, from 0 to 1, under the volume of everything. */
  setMusicVolume(volume: number): void {
    this.#music.gain.setTargetAtTime(volume, this.#context.currentTime, 0.02);
  }

  wake(): void {
    if (this.#context.state === 'suspended') void this.#context.resume();
  }

  /** Plans each of these once, however often it is asked for. */
  plan(ticks: readonly UpcomingTick[]): void {
    for (const { key, atClock, sound } of ticks) {
      const at = this.#clock.audioTimeOf(atClock);
      if (at === null || this.#planned.has(key)) continue;
      this.#planned.set(key, this.#play(sound, Math.max(at, this.#context.currentTime), key));
    }
  }

  /**
   * Music from clock time `begun` on, as far as it is planned ahead; `next` is where it was left off.
   * Returns where it is left off now.
   */
  music(begun: number, next: number, now: number): number {
    const until = now + LOOK_AHEAD_SECONDS;
    for (const note of notesBetween(Math.max(next, now) - begun, until - begun)) {
      const at = this.#clock.audioTimeOf(begun + note.atSeconds);
      if (at === null) continue;
      const key = `music ${begun} ${note.atSeconds} ${note.hertz}`;
      if (this.#planned.has(key)) continue;
      this.#planned.set(
        key,
        this.#tone(note, Math.max(at, this.#context.currentTime), key, this.#music),
      );
    }
    return until;
  }

  /** Takes back what is planned and not yet heard: the session was paused or went elsewhere. */
  hush(): void {
    for (const tone of this.#planned.values()) tone.stop();
    this.#planned.clear();
  }

  close(): void {
    this.hush();
    void this.#context.close();
  }

  #play(sound: Tick['sound'], at: number, key: string): OscillatorNode {
    return this.#tone(VOICES[sound], at, key);
  }

  #tone({ hertz, seconds, level }: Voice, at: number, key: string, to = this.#master) {
    const tone = this.#context.createOscillator();
    const envelope = this.#context.createGain();
    tone.type = 'triangle';
    tone.frequency.value = hertz;
    envelope.gain.setValueAtTime(0, at);
    envelope.gain.linearRampToValueAtTime(level, at + ATTACK_SECONDS);
    envelope.gain.exponentialRampToValueAtTime(QUIET_LEVEL, at + seconds);
    tone.connect(envelope).connect(to);
    tone.onended = () => {
      this.#planned.delete(key);
      envelope.disconnect();
    };
    tone.start(at);
    tone.stop(at + seconds);
    return tone;
  }
}
