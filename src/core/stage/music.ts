import type { Cue } from '../cues/cue';
import type { Sounding } from './mixing';

/** A note of the little loop: when it begins and how high it is, in seconds and hertz. */
export type Note = Readonly<{ atSeconds: number; hertz: number; seconds: number; level: number }>;

/** A brisk walk. Our own judgement. */
export const BEATS_PER_MINUTE = 108;
const BEAT_SECONDS = 60 / BEATS_PER_MINUTE;

/** Steps of a five-note scale over a low D, by half beats; null is a rest. A tune of our own. */
const TUNE: readonly (number | null)[] = [
  0,
  2,
  4,
  2,
  5,
  null,
  4,
  2,
  0,
  2,
  4,
  5,
  7,
  null,
  5,
  4,
  7,
  5,
  4,
  2,
  4,
  null,
  2,
  0,
  2,
  4,
  2,
  0,
  -3,
  null,
  0,
  null,
];
const SCALE = [0, 2, 4, 7, 9] as const;
const LOW_D = 293.66;
const NOTE_SECONDS = 0.28;

/** The pitch of a step of the scale, counted from its lowest D; down is below it. */
function hertzOf(step: number): number {
  const octave = Math.floor(step / SCALE.length);
  const semitones = 12 * octave + SCALE[step - octave * SCALE.length]!;
  return LOW_D * 2 ** (semitones / 12);
}

/**
 * Notes of the loop that begin in [from, to), in seconds since the music began: a tune by half beats,
 * a low note on each first of four. The n-th at n half beats, never summed up.
 */
export function notesBetween(from: number, to: number): readonly Note[] {
  const half = BEAT_SECONDS / 2;
  const notes: Note[] = [];
  for (let n = Math.max(0, Math.ceil(from / half - 1e-9)); n * half < to - 1e-9; n += 1) {
    const step = TUNE[n % TUNE.length];
    const atSeconds = n * half;
    if (step !== null && step !== undefined) {
      notes.push({ atSeconds, hertz: hertzOf(step), seconds: NOTE_SECONDS, level: 0.22 });
    }
    if (n % 8 === 0) notes.push({ atSeconds, hertz: LOW_D / 2, seconds: 0.5, level: 0.3 });
  }
  return notes;
}

/**
 * Whether there is music at a cue: while children work or travel by the clock. It stops for what is
 * said, shown, counted and drawn: where they travel to it, its stopping is the freeze.
 */
export function hasMusic({ kind, doing }: Cue): boolean {
  return kind === 'work' && doing !== null && doing.secondsPerCount === 0;
}

/** No note begins so shortly before the music's end, in seconds: its stopping is what they listen for. */
export const MUSIC_ENDS_SECONDS = 0.25;

/** The music of a whole plan: the loop from its first note at every cue that has it. */
export function musicOf(cues: readonly Cue[]): readonly Sounding[] {
  return cues.filter(hasMusic).flatMap(({ startSeconds, lengthSeconds }) =>
    notesBetween(0, lengthSeconds - MUSIC_ENDS_SECONDS).map(({ atSeconds, ...voice }) => ({
      atSeconds: startSeconds + atSeconds,
      voice,
    })),
  );
}
