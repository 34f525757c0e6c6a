import { voicesIn, type SpeechSpan } from '$core';
import type { Fvad } from '@echogarden/fvad-wasm';

/** Rate at which voices are listened for, in samples a second. */
export const VOICE_RATE = 16_000;
/** How readily something is taken for a voice, 0 to 3: 3 leaves out most noise. */
const MODE = 2;
/** The detector hears 30 ms at a time. */
const FRAME_SECONDS = 0.03;
const FRAME = VOICE_RATE * FRAME_SECONDS;

/** When somebody speaks in a sound of one channel at 16 kHz, by the detector of WebRTC. */
export function hearVoices(
  detector: Fvad,
  sound: Int16Array,
  onProgress: (share: number) => void = () => {},
): readonly SpeechSpan[] {
  const ear = detector._fvad_new();
  detector._fvad_set_mode(ear, MODE);
  detector._fvad_set_sample_rate(ear, VOICE_RATE);
  const memory = detector._malloc(FRAME * 2);
  const frames = Math.floor(sound.length / FRAME);
  const spoken = new Uint8Array(frames);
  for (let n = 0; n < frames; n += 1) {
    detector.HEAP16.set(sound.subarray(n * FRAME, (n + 1) * FRAME), memory / 2);
    spoken[n] = detector._fvad_process(ear, memory, FRAME) === 1 ? 1 : 0;
    if (n % 2000 === 0) onProgress(n / frames);
  }
  detector._free(memory);
  detector._fvad_free(ear);
  return voicesIn(spoken, FRAME_SECONDS);
}
