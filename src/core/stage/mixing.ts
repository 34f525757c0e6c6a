import { ATTACK_SECONDS, QUIET_LEVEL, type Voice } from './voices';

/** A tone and the moment that it begins at, in seconds from the start. */
export type Sounding = Readonly<{ atSeconds: number; voice: Voice }>;

/** One period of a triangle from 0 up, as the Stage's oscillator has it. */
function triangle(turns: number): number {
  const phase = (turns + 0.25) % 1;
  return 1 - 4 * Math.abs(phase - 0.5);
}

/** The samples of a tone from its first moment, from -1 to 1. */
function toneOf({ hertz, seconds, level }: Voice, sampleRate: number): Float32Array {
  const tone = new Float32Array(Math.round(seconds * sampleRate));
  const decay = Math.log(QUIET_LEVEL / level) / (seconds - ATTACK_SECONDS);
  for (let n = 0; n < tone.length; n += 1) {
    const at = n / sampleRate;
    const envelope =
      at < ATTACK_SECONDS
        ? (level * at) / ATTACK_SECONDS
        : level * Math.exp(decay * (at - ATTACK_SECONDS));
    tone[n] = envelope * triangle(hertz * at);
  }
  return tone;
}

/** Puts what sounds from sample `from` on into a block that is silent before. */
export type Mixer = (from: number, block: Float32Array) => void;

/**
 * Sounds mixed a block at a time, so that hours need no more memory than seconds. Each begins at the
 * sample that is nearest to its moment; the sum is held within -1 and 1. Blocks may be asked for in
 * any order.
 */
export function mixerOf(sounds: readonly Sounding[], sampleRate: number): Mixer {
  const tones = new Map<string, Float32Array>();
  const toneFor = (voice: Voice) => {
    const key = `${voice.hertz} ${voice.seconds} ${voice.level}`;
    const tone = tones.get(key) ?? toneOf(voice, sampleRate);
    tones.set(key, tone);
    return tone;
  };
  const all = sounds
    .map(({ atSeconds, voice }) => ({
      start: Math.round(atSeconds * sampleRate),
      tone: toneFor(voice),
    }))
    .sort((one, other) => one.start - other.start);
  const longest = all.reduce((most, { tone }) => Math.max(most, tone.length), 0);
  return (from, block) => {
    const end = from + block.length;
    // The first that may still be heard: found by halves, for there are thousands.
    let [low, high] = [0, all.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (all[middle]!.start + longest <= from) low = middle + 1;
      else high = middle;
    }
    for (let nth = low; nth < all.length && all[nth]!.start < end; nth += 1) {
      const { start, tone } = all[nth]!;
      const last = Math.min(end, start + tone.length);
      for (let n = Math.max(from, start, 0); n < last; n += 1) {
        block[n - from]! += tone[n - start]!;
      }
    }
    for (let n = 0; n < block.length; n += 1) {
      block[n] = Math.max(-1, Math.min(1, block[n]!));
    }
  };
}
