import { joinThens } from '../language/dose-asides';
import { typedAction, typedAmongOthers } from '../language/dosed';
import { doseInWords } from '../language/dose-words';
import { namesIn, readPart, type LineTools, type Unread } from '../language/part-reader';
import type { ReadAction } from '../language/read-action';
import { headEnd, saidInWords } from '../language/said';
import { AS_LED } from '../model/led';
import { isUnknown } from '../moves/unknown-move';
import { actionsOf } from './actions-of';
import type { LineFile } from './beat-file';
import type { MoveBeat } from './move';
import { roundsInWords } from './sheet-row';

export type MoveReading = Readonly<{
  kind: 'move';
  actions: readonly ReadAction[];
  rounds: number;
}>;

/** Splits at "then" and "+", but not inside a spoken line: there "then" is only a word. */
function splitParts(line: string, isAction: (text: string) => boolean): readonly string[] {
  const [first, ...others] = line.split(/(\s+then\s+|\s+\+\s+)/iu);
  const parts = [first!];
  for (let index = 0; index + 1 < others.length; index += 2) {
    const [joint, piece] = [others[index]!, others[index + 1]!];
    const inLine = /:\s|(?:^|\s)(?:…|\.{3})/u.test(parts.at(-1)!) && !isAction(piece);
    if (inLine) parts.push(parts.pop()! + joint + piece);
    else parts.push(piece);
  }
  return parts;
}

/** "10 squats, 5 star jumps": moves in a row, each with an amount of its own. */
function readRow(line: string, tools: LineTools): MoveReading | null {
  const end = headEnd(line);
  const pieces = namesIn(line.slice(0, end), /,|\band\s+(?=\d)/u);
  if (pieces.length < 2 || end < line.length) return null;
  const read = pieces.map((piece) => readPart(piece, tools));
  const actions = read.flatMap((one) => (one && 'action' in one ? [one.action] : []));
  const isRow = actions.length === pieces.length && actions.every((one) => !one.usualAmount);
  return isRow ? { kind: 'move', actions, rounds: 1 } : null;
}

function read(line: string, tools: LineTools): MoveReading | Unread | null {
  const whole = readThens(line, tools);
  return whole && 'kind' in whole ? whole : (readRow(line, tools) ?? whole);
}

function readThens(line: string, tools: LineTools): MoveReading | Unread | null {
  const isAction = (text: string) => {
    const part = readPart(text, tools);
    return part !== null && 'action' in part;
  };
  const actions: ReadAction[] = [];
  let rounds = 1;
  for (const part of splitParts(joinThens(line), isAction).map((text) => readPart(text, tools))) {
    if (!part || 'unread' in part) return part;
    actions.push(part.action);
    rounds = part.rounds ?? rounds;
  }
  return { kind: 'move', actions, rounds };
}

/** Moves as they are typed. */
export const moveLine: LineFile<MoveBeat, MoveReading> = {
  read,
  make: ({ actions, rounds }, { newId }) => ({
    kind: 'move',
    id: newId('bt'),
    say: '',
    actions: actionsOf(actions, newId),
    rounds,
    restBetweenRoundsSeconds: 0,
    ...AS_LED,
  }),
  readBack: ({ actions, rounds }) => {
    const parts = actions.map(({ move, dose, guise, usualAmount, between, home }) => {
      const { name } = move;
      const called = guise.name && guise.name !== name ? `${guise.name} (${name})` : name;
      const known = isUnknown(move) ? ', a move of your own: nobody knows it yet' : '';
      const asked = `${doseInWords(dose)}${usualAmount ? ' as usual' : ''}${known}`;
      const story = between.map((line) => `; between the sets “${line}”`).join('');
      const later = home ? `; at home ${doseInWords(home)}` : '';
      const note = guise.note && `; ${guise.note}`;
      return `${called}, ${asked}${note}${later}${story}${saidInWords(guise)}`;
    });
    return parts.join('; then ') + roundsInWords(rounds);
  },
  line: ({ actions, rounds }, book) => {
    const [only] = actions;
    if (!only) return null;
    const typed =
      actions.length === 1
        ? typedAction(book, only)
        : actions.map((one) => typedAmongOthers(book, one)).join(' then ');
    return `${rounds > 1 ? `${rounds} rounds ` : ''}${typed}`;
  },
};
