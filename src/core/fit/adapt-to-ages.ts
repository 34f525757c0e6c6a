import type { Adventure } from '../document/adventure';
import { ageBandOf, type AgeBand, type Ages } from '../model/ages';
import { beatForAges } from '../beats';
import type { ForAges } from '../beats/beat-file';
import type { Setting } from '../model/setting';
import { moveBookOf, moveIn, type MoveBook } from '../moves/move-book';
import { doseForAges, formed, formForAge } from '../moves/forms';

/** Least and most seconds at a circuit's station. Common practice: timed work 20-45 s. */
const WORK_SECONDS: Readonly<Record<AgeBand, readonly [number, number]>> = {
  '3-4': [20, 30],
  '5': [20, 40],
  '6-7': [30, 45],
};

/** What changes in a beat between ages: doses keep their place in the range, moves their form. */
function between({ ages: before, kit, room }: Setting, after: Ages, book: MoveBook): ForAges {
  return {
    part: (part) => {
      const form = formForAge(moveIn(book, part.move), after.from, book, { kit, room });
      const dosed = 'dose' in part ? { ...part, ...doseForAges(part, before, after, book) } : part;
      return formed(dosed, form, after, book);
    },
    workSeconds: WORK_SECONDS[ageBandOf(after)],
  };
}

/**
 * The adventure for other ages: each dose at the same place in its usual range, each move in a form
 * that the youngest can usually do. Beats that stay are left alone.
 */
export function adaptToAges(adventure: Adventure, ages: Ages): Adventure {
  const change = between(adventure.setting, ages, moveBookOf(adventure));
  return {
    ...adventure,
    setting: { ...adventure.setting, ages },
    chapters: adventure.chapters.map((chapter) => ({
      ...chapter,
      beats: chapter.beats.map((beat) => (beat.fit === 'stays' ? beat : beatForAges(beat, change))),
    })),
  };
}
