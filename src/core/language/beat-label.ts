import { lengthInWords } from './clock';
import { amountInWords, deviceInWords, rulesInWords, stopInWords } from './draw-words';
import { doseInWords } from './dose-words';
import type { Beat } from '../model/beat';
import { calledIn, type MoveBook } from '../moves/move-book';

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
    case 'chain':
      return `Chain of ${beat.links.length}`;
    case 'echo': {
      const first = beat.lines[0]?.text.trim() || beat.say;
      return shorten(
        first ? `${beat.echo ? 'Echo' : 'Rhyme'}: ${first}` : beat.echo ? 'Echo' : 'Rhyme',
      );
    }
    case 'draw':
      return shorten(deviceInWords(beat));
    case 'circuit':
      return `Circuit of ${beat.stations.length}`;
    case 'move': {
      const names = beat.actions.map((action) => calledIn(book, action));
      return shorten(names.join(', ')) || 'No moves yet';
    }
  }
}

/** How much a beat asks for, in a line: "2 × 4 reps", "2 rounds of 30 s work, 15 s rest". */
export function beatInWords(beat: Beat): string {
  switch (beat.kind) {
    case 'move': {
      const rounds = beat.rounds > 1 ? `, ${beat.rounds} rounds` : '';
      return beat.actions.map(({ dose }) => doseInWords(dose)).join('; ') + rounds;
    }
    case 'circuit': {
      const rounds = beat.rounds === 1 ? '1 round' : `${beat.rounds} rounds`;
      return `${rounds} of ${beat.workSeconds} s work, ${beat.restSeconds} s rest`;
    }
    case 'chain': {
      const n = beat.links.length;
      return `${n} verses, ${(n * (n + 1)) / 2} links in all${beat.perform ? ', then performed' : ''}`;
    }
    case 'echo': {
      const beats = beat.lines.reduce((sum, line) => sum + line.beats, 0);
      const times = beat.times === 1 ? '' : `, ${beat.times} times`;
      return `${beats} beats at ${beat.beatsPerMinute} a minute${times}`;
    }
    case 'draw':
      return [stopInWords(beat), amountInWords(beat.amount), ...rulesInWords(beat)]
        .filter(Boolean)
        .join('; ');
    case 'drink':
      return lengthInWords(beat.seconds);
    case 'tell':
      return beat.waitSeconds === undefined ? '' : `wait ${beat.waitSeconds} s`;
  }
}
