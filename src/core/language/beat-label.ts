import type { Beat } from '../model/beat';
import { moveIn, type MoveBook } from '../moves/move-book';

const MOST_CHARACTERS = 60;

function shorten(text: string): string {
  return text.length <= MOST_CHARACTERS ? text : `${text.slice(0, MOST_CHARACTERS - 1).trimEnd()}…`;
}

/** A beat in a few words, 60 characters at most, for lists and charts. */
export function beatLabel(beat: Beat, book: MoveBook): string {
  switch (beat.kind) {
    case 'tell':
      return shorten(beat.text) || 'An empty line';
    case 'drink':
      return 'Drink';
    case 'circuit':
      return `Circuit of ${beat.stations.length}`;
    case 'move': {
      const names = beat.actions.map(({ guise, move }) => guise.name || moveIn(book, move).name);
      return shorten(names.join(', ')) || 'No moves yet';
    }
  }
}
