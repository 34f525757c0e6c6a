import { isCountedWork, type Cue } from '../cues/cue';
import type { ChapterKind } from '../model/chapter-kinds';
import type { Moment } from './moments';

/** What kind of moment a cue is, by itself, by its chapter, and by whether it belongs to a draw. */
export function momentOf(cue: Cue, chapter: ChapterKind | null, isOfDraw: boolean): Moment {
  const { kind } = cue;
  switch (kind) {
    case 'say':
      return chapter === 'goodbye' ? 'goodbye' : 'say';
    case 'ask':
      return isOfDraw && cue.doing ? 'sum' : 'ask';
    case 'work':
      if (isCountedWork(cue)) return 'reps';
      return chapter === 'calm' ? 'calm' : 'time';
    case 'hold':
      return chapter === 'calm' ? 'calm' : 'hold';
    default:
      return kind;
  }
}
