import { VOICE_RATE } from './hear-voices';

/** Longer recordings are not listened through: their sound would fill the memory. In seconds. */
export const LONGEST_HEARD = 75 * 60;

/** One channel of a recording as numbers of 16 bits, at 16 kHz. Rejects where there is no sound in it. */
export async function soundOf(file: Blob): Promise<Int16Array<ArrayBuffer>> {
  const context = new OfflineAudioContext(1, 1, VOICE_RATE);
  let heard: AudioBuffer;
  try {
    heard = await context.decodeAudioData(await file.arrayBuffer());
  } catch {
    throw new Error('There’s no sound in it that this browser can read.');
  }
  const samples = heard.getChannelData(0);
  const sound = new Int16Array(samples.length);
  for (let n = 0; n < samples.length; n += 1) {
    sound[n] = Math.max(-1, Math.min(1, samples[n]!)) * 0x7fff;
  }
  return sound;
}
