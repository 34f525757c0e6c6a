import type { SoundBook } from '../words/phonemes';
import type { Adventure, Chapter } from '../document/adventure';
import { ageBandOf, type AgeBand } from '../model/ages';
import type { Action, Station } from '../model/action';
import { type Beat, hasOwnDoses, partsOfBeat } from '../beats';
import { howLed, type HowLed } from '../model/led';
import type { Move } from '../model/move';
import type { Setting } from '../model/setting';
import { moveBookOf, moveOf, type MoveBook } from '../moves/move-book';
import { isOwnWork, type Cue } from '../cues/cue';
import type { Schedule } from '../schedule/unroll';
import { turnsOf, type Turn } from './in-a-row';

/** A move as it stands in the script. `action` is null for what has no dose of its own to judge. */
export type UsedPart = Readonly<{
  chapter: Chapter;
  beat: Beat;
  part: Action | Station;
  action: Action | null;
  move: Move;
  how: HowLed;
}>;

/** What every rule reads; made once for a check. */
export type FindingContext = Readonly<{
  adventure: Adventure;
  setting: Setting;
  schedule: Schedule;
  book: MoveBook;
  band: AgeBand;
  parts: readonly UsedPart[];
  /** Work and holds only, in order, as one child has them. */
  work: readonly Cue[];
  /** The same, each with its move and what lies between it and the one before. */
  turns: readonly Turn[];
  beats: ReadonlyMap<string, Beat>;
  chapters: ReadonlyMap<string, Chapter>;
  /** How words sound; null while the dictionary is not there. */
  sounds: SoundBook | null;
}>;

/** An amount that is drawn is judged by what may be drawn: such parts come without an action. */
function partsOf(adventure: Adventure, book: MoveBook): UsedPart[] {
  return adventure.chapters.flatMap((chapter) =>
    chapter.beats.flatMap((beat) => {
      const how = howLed(adventure.defaults, chapter, beat);
      return partsOfBeat(beat).map((part): UsedPart => {
        const action = hasOwnDoses(beat) && 'dose' in part ? part : null;
        return { chapter, beat, part, action, move: moveOf(book, part), how };
      });
    }),
  );
}

export function makeContext(
  adventure: Adventure,
  setting: Setting,
  schedule: Schedule,
  sounds: SoundBook | null,
): FindingContext {
  const book = moveBookOf(adventure);
  const work = schedule.cues.filter(isOwnWork);
  return {
    adventure,
    setting,
    schedule,
    book,
    band: ageBandOf(setting.ages),
    parts: partsOf(adventure, book),
    work,
    turns: turnsOf(work, book),
    beats: new Map(adventure.chapters.flatMap(({ beats }) => beats.map((beat) => [beat.id, beat]))),
    chapters: new Map(adventure.chapters.map((chapter) => [chapter.id, chapter])),
    sounds,
  };
}
