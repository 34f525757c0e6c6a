import type { Adventure } from './adventure';
import { changeParts, partsOfBeat } from '../beats';
import { doseForMove } from '../moves/usual-dose';
import type { Move } from '../model/move';

/**
 * The adventure with one move in place of another, wherever it is done: its name in the story stays,
 * its dose too where the new move is counted the same way, else it is the usual one.
 */
export function swapMove(adventure: Adventure, from: string, to: Move): Adventure {
  const { ages } = adventure.setting;
  return {
    ...adventure,
    chapters: adventure.chapters.map((chapter) => ({
      ...chapter,
      beats: chapter.beats.map((beat) => {
        if (!partsOfBeat(beat).some(({ move, also }) => [move, ...also].includes(from)))
          return beat;
        return changeParts(beat, (part) => {
          const also = part.also.map((id) => (id === from ? to.id : id));
          if (part.move !== from) return part.also.includes(from) ? { ...part, also } : part;
          const swapped = { ...part, also, move: to.id };
          return 'dose' in part ? { ...swapped, dose: doseForMove(part.dose, to, ages) } : swapped;
        });
      }),
    })),
  };
}
