import { beatLabel } from '../beats';
import type { Pace } from '../cues/pace';
import type { Adventure } from '../document/adventure';
import { beatsOf } from '../document/beats-of';
import { chaptersOf, plannedCues, type Run } from '../log/run';
import { expectedRange } from '../forecast/expected-range';
import type { CaptionLine, Pin, Reviewed } from '../log/reviewed';
import { moveBookOf } from '../moves/move-book';
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
  const book = moveBookOf(adventure);
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
  return {
    version: 3,
    id: source.id,
    adventureId: adventure.id,
    title: adventure.title,
    startedAt: source.startedAt,
    savedAt: source.savedAt,
    slotSeconds: adventure.setting.slotSeconds,
    speed: 1,
    plan: plannedCues(cues),
    labels: Object.fromEntries(beatsOf(adventure).map((beat) => [beat.id, beatLabel(beat, book)])),
    chapters: chaptersOf(adventure),
    leading: {
      lines: 'run on',
      done: true,
      index: Math.max(0, cues.length - 1),
      scheduleSeconds: totalSeconds,
      elapsedSeconds: endSeconds,
      enteredSeconds: 0,
      visits: visits.map((visit) => ({ ...visit, cutShort: false })),
    },
    note: '',
    ...(source.seed === null ? {} : { seed: source.seed }),
    ...(source.typed ? { typed: source.typed } : {}),
    ages: adventure.setting.ages,
    expected: expectedRange(adventure, source.plannedPace),
    review: reviewed,
  };
}
