/** A pause within speech is no longer than this, and speech no shorter, in seconds. Common practice. */
const SHORTEST_PAUSE = 0.35;
const SHORTEST_VOICE = 0.15;

/** From and to, in seconds. */
export type SpeechSpan = readonly [from: number, to: number];

/**
 * When somebody speaks, from what a detector said of each frame (1 for a voice): short gaps are closed,
 * clicks and coughs left out.
 */
export function voicesIn(spoken: ArrayLike<number>, frameSeconds: number): readonly SpeechSpan[] {
  const found: [number, number][] = [];
  for (let n = 0; n < spoken.length; n += 1) {
    if (spoken[n] !== 1) continue;
    const from = n * frameSeconds;
    const last = found.at(-1);
    if (last && from - last[1] < SHORTEST_PAUSE) last[1] = from + frameSeconds;
    else found.push([from, from + frameSeconds]);
  }
  return found
    .filter(([from, to]) => to - from >= SHORTEST_VOICE)
    .map(([from, to]) => [Math.round(from * 100) / 100, Math.round(to * 100) / 100] as const);
}

/** How far a mark may be from where somebody begins to speak, in seconds, to mean that. */
const SNAP_BACK = 2;
const SNAP_ON = 0.8;

/**
 * A mark set by hand, moved to where somebody began to speak: whoever listens presses a little late.
 * Where nobody does nearby it stays.
 */
export function snapped(seconds: number, voices: readonly SpeechSpan[] | null): number {
  let best = seconds;
  let least = Infinity;
  for (const [from] of voices ?? []) {
    const off = seconds - from;
    if (off > SNAP_BACK || off < -SNAP_ON || Math.abs(off) >= least) continue;
    least = Math.abs(off);
    best = from;
  }
  return best;
}

/**
 * How long somebody read, from the first word to the last, pauses included: by the clock on the wall, less
 * the quiet before and after. A busy device loses pieces of sound, so the sound alone would be too short.
 * @param soundSeconds how long the sound is; @param clockSeconds how long it was listened.
 * @returns seconds, or null where nobody was heard.
 */
export function readingSeconds(
  voices: readonly SpeechSpan[],
  soundSeconds: number,
  clockSeconds: number,
): number | null {
  if (voices.length === 0) return null;
  const quiet = voices[0]![0] + Math.max(0, soundSeconds - voices.at(-1)![1]);
  return Math.max(0, Math.max(clockSeconds, soundSeconds) - quiet);
}
