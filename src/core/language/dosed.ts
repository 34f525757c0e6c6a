import { type Action, type Guise, type Station } from '../model/action';
import { isCounted, type Dose } from '../model/dose';
import type { Move } from '../model/move';
import { moveIn, type MoveBook } from '../moves/move-book';
import { typedSaid } from './said';

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
function guised(text: string, guise: Guise, isAlone: boolean): string {
  const { name } = guise;
  return `${text}${name.trim() ? ` as ${name}` : ''}${typedSaid(guise, isAlone)}`;
}

/** An action as it is typed by itself, with what is said to it. */
export function typedAction(book: MoveBook, { move, dose, guise }: Omit<Action, 'id'>): string {
  return guised(dosed(moveIn(book, move), dose), guise, true);
}

/** An action as it is typed among others: what is said to it in quotation marks. */
export function typedAmongOthers(
  book: MoveBook,
  { move, dose, guise }: Omit<Action, 'id'>,
): string {
  return guised(dosed(moveIn(book, move), dose), guise, false);
}

/** A move in its guise as it is typed, with no dose. */
export function typedStation(
  book: MoveBook,
  { move, guise }: Pick<Station, 'move' | 'guise'>,
): string {
  return guised(moveIn(book, move).name, guise, false);
}
