import { NO_GUISE, type Action, type Guise, type Station } from '../model/action';
import { isCounted, type Dose } from '../model/dose';
import type { Move } from '../model/move';
import { moveIn, type MoveBook } from '../moves/move-book';

const UNITS: Readonly<Record<Dose['unit'], string>> = {
  reps: '',
  steps: ' steps',
  seconds: ' s',
  hold: ' s',
  metres: ' m',
};

/** A dose around a move's name, as it is typed: "3 x 10 frog jumps each leg". */
function dosed(move: Move, dose: Dose): string {
  const { unit, amounts, sides, ways, count, restSeconds } = dose;
  const first = amounts[0]!;
  const isSame = amounts.every((amount) => amount === first);
  const times = amounts.length > 1 && isSame ? `${amounts.length} x ${first}` : amounts.join(', ');
  const inFront = unit === 'reps' && (isSame || amounts.length === 1);
  const name = isCounted(unit) && unit === 'reps' ? move.plural : move.name;
  return [
    unit === 'hold' ? 'hold' : '',
    inFront ? times : '',
    name,
    inFront ? '' : `${times}${UNITS[unit]}`,
    sides === 'any' ? '' : `${sides} side`,
    ways === 2 ? 'there and back' : '',
    count === 'back' ? 'counting back' : '',
    restSeconds > 0 ? `rest ${restSeconds} s` : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** What it is called in the story, and what is said to it. */
function guised(text: string, { name, line }: Guise): string {
  return `${text}${name ? ` as ${name}` : ''}${line ? `: ${line}` : ''}`;
}

/** An action as it is typed by itself, with what is said to it. */
export function typedAction(book: MoveBook, { move, dose, guise }: Omit<Action, 'id'>): string {
  return guised(dosed(moveIn(book, move), dose), guise);
}

/** In a list of several the line of each would be read as the next one: it is left out. */
const named = ({ name }: Guise): Guise => ({ ...NO_GUISE, name });

/** An action as it is typed among others. */
export function typedAmongOthers(book: MoveBook, action: Omit<Action, 'id'>): string {
  return typedAction(book, { ...action, guise: named(action.guise) });
}

/** A move in its guise as it is typed, with no dose. */
export function typedStation(
  book: MoveBook,
  { move, guise }: Pick<Station, 'move' | 'guise'>,
): string {
  return guised(moveIn(book, move).name, named(guise));
}
