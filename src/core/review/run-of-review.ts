import type { Pace } from '../cues/pace';
import type { Adventure } from '../document/adventure';
import { beginRun } from '../log/begin-run';
import type { Run } from '../log/run';
import type { CaptionLine, Pin, Reviewed } from '../log/reviewed';
import type { Schedule } from '../schedule/unroll';
import { checksum } from '../words/checksum';
import type { Review } from './review';

/** What stands in a log beside what came of a review. */
export type ReviewSource = Readonly<{
  id: string;
  /** When it was recorded, and now: ISO 8601 in UTC. */
  startedAt: string;
  savedAt: string;
  recording: string;
  plannedPace: Pace;
  lines: readonly CaptionLine[];
  voices: readonly (readonly [number, number])[] | null;
  pins: Readonly<Record<string, Pin>>;
  seed: number | null;
  typed: Run['typed'];
  drawsKnown: boolean;
}>;

/** What tells one script from another: a review can be laid anew only along the same one. */
export function scriptChecksum({ chapters, defaults, setting }: Adventure): string {
  return checksum(JSON.stringify({ chapters, defaults, setting }));
}

/** A recording that was reviewed, as a run in the log like one that was led on the Stage. */
export function runOfReview(
  adventure: Adventure,
  { cues, totalSeconds }: Pick<Schedule, 'cues' | 'totalSeconds'>,
  { beats, counts, moments, pace, shares, visits, endSeconds }: Review,
  source: ReviewSource,
): Run {
  const reviewed: Reviewed = {
    recording: source.recording.slice(0, 300),
    scriptChecksum: scriptChecksum(adventure),
    plannedPace: source.plannedPace,
    drawsKnown: source.drawsKnown,
    seconds: endSeconds,
    lines: source.lines,
    voices: source.voices,
    pins: source.pins,
    beats,
    counts,
    moments,
    pace,
    shares,
  };
  const { id, startedAt, savedAt, plannedPace, seed, typed } = source;
  return {
    ...beginRun(adventure, cues, plannedPace, { id, startedAt, savedAt, speed: 1 }),
    leading: {
      lines: 'run on',
      done: true,
      index: Math.max(0, cues.length - 1),
      scheduleSeconds: totalSeconds,
      elapsedSeconds: endSeconds,
      enteredSeconds: 0,
      visits: visits.map((visit) => ({ ...visit, cutShort: false })),
    },
    ...(seed === null ? {} : { seed }),
    ...(typed ? { typed } : {}),
    review: reviewed,
  };
}
