import { type Action, type Guise, type Station } from '../model/action';
import { type Asked, type Dose, type Tempo } from '../model/dose';
import type { Move } from '../model/move';
import { moveOf, type MoveBook } from '../moves/move-book';
import { AGE_NAMES, turnsInWords } from './dose-words';
import { quoted, typedSaid } from './said';

const UNITS: Readonly<Record<Dose['unit'], string>> = {
  reps: '',
  steps: ' steps',
  seconds: ' s',
  hold: ' s',
  metres: ' m',
};

const tempoAsTyped = (tempo: Tempo) => {
  if (typeof tempo === 'number') return `at ${tempo} bpm`;
  return tempo === 'faster' ? 'getting faster' : tempo;
};

/** The least of "15 to 20", where that says all of it: one amount, and the least is less. */
function leastOf({ amounts, asked }: Pick<Dose, 'amounts' | 'asked'>): number | null {
  const [first = 0] = amounts;
  const isPlain = asked?.as === 'range' && asked.least < first && amounts.every((n) => n === first);
  return isPlain ? asked.least : null;
}

/** How the amounts stand in a line: "3 x 10", "15 to 20", "10, 15, 20". */
function amountsAsTyped({ amounts, asked }: Dose): string {
  const [first] = amounts;
  const isSame = amounts.every((amount) => amount === first);
  const least = leastOf({ amounts, asked });
  const range = least === null ? `${first}` : `${least} to ${first}`;
  if (amounts.length === 1) return range;
  return isSame ? `${amounts.length} x ${range}` : amounts.join(', ');
}

/** "fours 20 s, fives 40 s, 2 sets"; "asked “as long as you can”". */
function askedAsTyped({ amounts, asked }: Pick<Dose, 'amounts' | 'asked'>): string {
  if (asked?.as === 'open') return `asked ${quoted(asked.words)}`;
  const isRange = asked?.as === 'range' && leastOf({ amounts, asked }) === null;
  return isRange ? `asked from ${asked.least}` : '';
}

function byAge({ unit, amounts }: Dose, asked: Extract<Asked, { as: 'by age' }>): string {
  const each = asked.ages.map(({ age, amount }) => `${AGE_NAMES[age]} ${amount}${UNITS[unit]}`);
  return `${each.join(', ')}${amounts.length > 1 ? `, ${amounts.length} sets` : ''}`;
}

/** What of a dose stands after the amounts. */
function restAsTyped({
  tempo,
  sides,
  ways,
  directions,
  count,
  restSeconds,
  asked,
  amounts,
  atOnce,
}: Dose): string[] {
  return [
    tempo.slice(0, amounts.length).map(tempoAsTyped).join(', '),
    askedAsTyped({ amounts, asked }),
    sides === 'any' ? '' : `${sides} side`,
    ways === 2 ? 'there and back' : '',
    directions.length > 0 ? `going ${directions.map(quoted).join(' / ')}` : '',
    count === 'back' ? 'counting back' : '',
    turnsInWords(atOnce),
    restSeconds > 0 ? `rest ${restSeconds} s` : '',
  ];
}

const joined = (words: readonly string[]) => words.filter(Boolean).join(' ');

/** A dose around a move's name, as it is typed: "3 x 10 frog jumps each leg". */
function dosed({ name, plural }: Pick<Move, 'name' | 'plural'>, dose: Dose): string {
  const { unit, amounts, asked } = dose;
  const hold = unit === 'hold' ? 'hold' : '';
  if (asked?.as === 'by age') {
    return joined([hold, name, byAge(dose, asked), ...restAsTyped(dose)]);
  }
  const times = amountsAsTyped(dose);
  const inFront = unit === 'reps' && (amounts.length === 1 || times.includes('x'));
  return joined([
    hold,
    inFront ? times : '',
    unit === 'reps' && !/(?:^|x )1$/u.test(times) ? plural : name,
    inFront ? '' : `${times}${UNITS[unit]}`,
    ...restAsTyped(dose),
  ]);
}

/** A dose by itself, as it is typed: "3 x 10 reps each side". */
function doseAsTyped(dose: Dose): string {
  const { unit, asked } = dose;
  const hold = unit === 'hold' ? 'hold' : '';
  if (asked?.as === 'by age') return joined([hold, byAge(dose, asked), ...restAsTyped(dose)]);
  const named = unit === 'reps' ? ' reps' : UNITS[unit];
  return joined([hold, `${amountsAsTyped(dose)}${named}`, ...restAsTyped(dose)]);
}

/** A note in brackets; in quotation marks where it has marks of its own. */
function noteAsTyped(note: string): string {
  if (!note.trim()) return '';
  const isPlain = /^[\p{L}\p{N} ’'-]+$/u.test(note) && !/^[\s\d]*\D{0,8}$|\bthen\b/iu.test(note);
  return ` (${isPlain ? note : quoted(note)})`;
}

/** What it is called in the story, and what is said to it. */
function guised(text: string, guise: Guise, isAlone: boolean): string {
  const name = guise.name.trim() ? ` as ${guise.name}` : '';
  return `${text}${name}${typedSaid(guise, isAlone)}`;
}

type Bare = Omit<Action, 'id'>;

function actionAsTyped(book: MoveBook, action: Bare): string {
  const { dose, guise, between, home } = action;
  const story = between.length > 0 ? ` between ${between.map(quoted).join(' / ')}` : '';
  const later = home ? `, at home ${doseAsTyped(home)}` : '';
  return dosed(moveOf(book, action), dose) + noteAsTyped(guise.note) + story + later;
}

/** An action as it is typed by itself, with what is said to it. */
export function typedAction(book: MoveBook, action: Bare): string {
  return guised(actionAsTyped(book, action), action.guise, true);
}

/** An action as it is typed among others: what is said to it in quotation marks. */
export function typedAmongOthers(book: MoveBook, action: Bare): string {
  return guised(actionAsTyped(book, action), action.guise, false);
}

/** A move in its guise as it is typed, with no dose. */
export function typedStation(
  book: MoveBook,
  station: Pick<Station, 'move' | 'also' | 'guise'>,
): string {
  const { guise } = station;
  return guised(moveOf(book, station).name + noteAsTyped(guise.note), guise, false);
}
