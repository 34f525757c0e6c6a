/** Sound that is made when it is needed: said by Debian's espeak-ng, with pauses that are known. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import wavefile from 'wavefile';

const { WaveFile } = wavefile;
export const SPOKEN_RATE = 16_000;

/** What was said, and where in the sound: from and to, in seconds. */
export type Spoken = Readonly<{
  samples: Int16Array;
  said: readonly Readonly<{ text: string; from: number; to: number }>[];
}>;

/** A sentence as samples, without the silence around it. */
function say(text: string): Int16Array {
  const file = join(mkdtempSync(join(tmpdir(), 'arrup-said-')), 'said.wav');
  execFileSync('espeak-ng', ['-v', 'en', '-s', '150', '-w', file, text]);
  const wave = new WaveFile(readFileSync(file));
  wave.toSampleRate(SPOKEN_RATE);
  const samples = Int16Array.from(wave.getSamples(false, Float64Array) as unknown as Float64Array);
  const loud = (n: number) => Math.abs(samples[n]!) > 200;
  let from = 0;
  let to = samples.length;
  while (from < to && !loud(from)) from += 1;
  while (to > from && !loud(to - 1)) to -= 1;
  return samples.slice(from, to);
}

/** Sentences one after another, each after so many seconds of silence. */
export function spoken(
  sentences: readonly (readonly [pauseSeconds: number, text: string])[],
): Spoken {
  const parts: Int16Array[] = [];
  const said: { text: string; from: number; to: number }[] = [];
  let now = 0;
  for (const [pauseSeconds, text] of sentences) {
    const silence = new Int16Array(Math.round(pauseSeconds * SPOKEN_RATE));
    const words = say(text);
    parts.push(silence, words);
    now += silence.length / SPOKEN_RATE;
    said.push({ text, from: now, to: now + words.length / SPOKEN_RATE });
    now += words.length / SPOKEN_RATE;
  }
  parts.push(new Int16Array(SPOKEN_RATE));
  const samples = new Int16Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    samples.set(part, at);
    at += part.length;
  }
  return { samples, said };
}

/** The same as a WAV file; gives its path. */
export function spokenFile(sound: Spoken): string {
  const wave = new WaveFile();
  wave.fromScratch(1, SPOKEN_RATE, '16', sound.samples);
  const file = join(mkdtempSync(join(tmpdir(), 'arrup-spoken-')), 'session.wav');
  writeFileSync(file, wave.toBuffer());
  return file;
}
