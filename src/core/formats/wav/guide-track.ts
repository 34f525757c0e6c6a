import { ticksOf, type Tick } from '../../stage/counting';
import { mixerOf, type Sounding } from '../../stage/mixing';
import { VOICES } from '../../stage/voices';
import type { Schedule } from '../../schedule/unroll';

/** Enough for tones of up to 1.2 kHz with their overtones, and half the size of a CD's. */
export const SAMPLE_RATE = 22_050;
const HEADER_BYTES = 44;

/** Longest track that is written: 240 MB. A session for three to seven is far shorter. */
export const MOST_TRACK_SECONDS = 90 * 60;

/** The session is longer than a guide track may be. */
export class TrackTooLong extends RangeError {
  constructor(seconds: number) {
    const minutes = (all: number) => Math.ceil(all / 60);
    super(
      `A guide track holds ${minutes(MOST_TRACK_SECONDS)} minutes, and this session comes to ${minutes(seconds)}.`,
    );
  }
}

/** Every sound of a schedule with its moment, in seconds from the start. */
export function soundsOf({ cues }: Pick<Schedule, 'cues'>): readonly Readonly<{
  atSeconds: number;
  sound: Tick['sound'];
}>[] {
  return cues.flatMap((cue) =>
    ticksOf(cue).map(({ intoSeconds, sound }) => ({
      atSeconds: cue.startSeconds + intoSeconds,
      sound,
    })),
  );
}

/** The same as tones with their moments. */
export const guideOf = (schedule: Pick<Schedule, 'cues'>): readonly Sounding[] =>
  soundsOf(schedule).map(({ atSeconds, sound }) => ({ atSeconds, voice: VOICES[sound] }));

function header(samples: number): DataView {
  const view = new DataView(new ArrayBuffer(HEADER_BYTES));
  const word = (at: number, text: string) =>
    [...text].forEach((sign, n) => view.setUint8(at + n, sign.charCodeAt(0)));
  const bytes = samples * 2;
  word(0, 'RIFF');
  view.setUint32(4, 36 + bytes, true);
  word(8, 'WAVE');
  word(12, 'fmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true); // PCM
  view.setUint16(22, 1, true); // one channel
  view.setUint32(24, SAMPLE_RATE, true);
  view.setUint32(28, SAMPLE_RATE * 2, true);
  view.setUint16(32, 2, true);
  view.setUint16(34, 16, true);
  word(36, 'data');
  view.setUint32(40, bytes, true);
  return view;
}

/**
 * The guide track of a schedule as RIFF/WAVE PCM, 16 bits, one channel: count-ins, ticks at tempo, the
 * last seconds of timed work, changes and rests, each from the sample that is nearest to its time.
 * Throws `TrackTooLong` for one above MOST_TRACK_SECONDS.
 */
export function renderGuideTrack(schedule: Pick<Schedule, 'cues' | 'totalSeconds'>): Uint8Array {
  if (schedule.totalSeconds > MOST_TRACK_SECONDS) throw new TrackTooLong(schedule.totalSeconds);
  const samples = Math.ceil(schedule.totalSeconds * SAMPLE_RATE);
  const file = new Uint8Array(HEADER_BYTES + samples * 2);
  file.set(new Uint8Array(header(samples).buffer));
  // WAVE is little-endian, as every machine that runs this is.
  const track = new Int16Array(file.buffer, HEADER_BYTES, samples);
  const mix = mixerOf(guideOf(schedule), SAMPLE_RATE);
  for (let from = 0; from < samples; from += SAMPLE_RATE) {
    const block = new Float32Array(Math.min(SAMPLE_RATE, samples - from));
    mix(from, block);
    block.forEach((one, n) => (track[from + n] = one * 0x7fff));
  }
  return file;
}
