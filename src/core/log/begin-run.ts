import { beatLabel } from '../beats';
import type { Cue } from '../cues/cue';
import type { Pace } from '../cues/pace';
import type { Adventure } from '../document/adventure';
import { beatsOf } from '../document/beats-of';
import { expectedRange } from '../forecast/expected-range';
import { moveBookOf } from '../moves/move-book';
import { chaptersOf, plannedCues, type Run } from './run';

/** What a log says of a session before anything of it has happened, planned at `pace`. */
export function beginRun(
  adventure: Adventure,
  cues: readonly Cue[],
  pace: Pace,
  given: Pick<Run, 'id' | 'startedAt' | 'savedAt' | 'speed'>,
): Omit<Run, 'leading'> {
  const book = moveBookOf(adventure);
  const { ages, slotSeconds } = adventure.setting;
  return {
    version: 4,
    ...given,
    adventureId: adventure.id,
    title: adventure.title,
    slotSeconds,
    plan: plannedCues(cues),
    labels: Object.fromEntries(beatsOf(adventure).map((beat) => [beat.id, beatLabel(beat, book)])),
    chapters: chaptersOf(adventure),
    note: '',
    ages,
    ...(pace.showTimes === 1 ? {} : { showTimes: pace.showTimes }),
    expected: expectedRange(adventure, pace),
  };
}
