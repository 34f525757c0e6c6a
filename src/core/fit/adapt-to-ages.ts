import type { Adventure } from '../model/adventure';
import { ageBandOf, type AgeBand, type Ages } from '../model/ages';
import type { Beat } from '../model/beat';
import { moveBookOf, moveIn, type MoveBook } from '../moves/move-book';
import { doseForAges, formForAge, inForm } from './forms';

/** Least and most seconds at a circuit's station. Common practice: timed work 20-45 s. */
const WORK_SECONDS: Readonly<Record<AgeBand, readonly [number, number]>> = {
  '3-4': [20, 30],
  '5': [20, 40],
  '6-7': [30, 45],
};

function adaptBeat(beat: Beat, before: Ages, after: Ages, book: MoveBook): Beat {
  if (beat.fit === 'stays') return beat;
  const form = (id: string) => formForAge(moveIn(book, id), after.from, book);
  if (beat.kind === 'move') {
    const actions = beat.actions.map((action) =>
      inForm(doseForAges(action, before, after, book), form(action.move), after, book),
    );
    return { ...beat, actions };
  }
  if (beat.kind === 'circuit') {
    const [least, most] = WORK_SECONDS[ageBandOf(after)];
    const workSeconds = Math.min(most, Math.max(least, beat.workSeconds));
    const stations = beat.stations.map((one) => ({ ...one, move: form(one.move).id }));
    return { ...beat, stations, workSeconds };
  }
  return beat;
}

/**
 * The adventure for other ages: each dose at the same place in its usual range, each move in a form
 * that the youngest can usually do. Beats that stay are left alone.
 */
export function adaptToAges(adventure: Adventure, ages: Ages): Adventure {
  const book = moveBookOf(adventure);
  const before = adventure.setting.ages;
  return {
    ...adventure,
    setting: { ...adventure.setting, ages },
    chapters: adventure.chapters.map((chapter) => ({
      ...chapter,
      beats: chapter.beats.map((beat) => adaptBeat(beat, before, ages, book)),
    })),
  };
}
