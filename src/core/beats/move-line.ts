import { joinThens } from '../language/dose-asides';
import { typedAction, typedAmongOthers } from '../language/dosed';
import { doseInWords } from '../language/dose-words';
import { readPart, type LineTools, type Unread } from '../language/part-reader';
import { namesIn } from '../language/rows';
import { inGuise, type ReadAction } from '../language/read-action';
import { sameAs } from '../language/loosen';
import { headEnd, saidInWords } from '../language/said';
import { AS_LED } from '../model/led';
import { isUnknown } from '../moves/unknown-move';
import { actionsOf } from './actions-of';
import type { LineFile } from './beat-file';
import { numberRead } from '../words/numbers';
import { ROUNDS, type MoveBeat } from './move';
import { roundsInWords } from './sheet-row';

export type MoveReading = Readonly<{
  kind: 'move';
  actions: readonly ReadAction[];
  rounds: number;
}>;

/** Times at the end of a line. */
const OF_ALL = /\b(?:times|x\s*\d+)\s*[.!]?$/iu;

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
  const pieces = namesIn(line.slice(0, end), /[,;&]|\s\/\s|\band\s+(?=\d)/u);
  if (pieces.length < 2 || end < line.length) return null;
  const actions: ReadAction[] = [];
  for (const piece of pieces) {
    const alone = readPart(sameAs(piece), tools);
    const part = isRead(alone) ? alone : readAgain(actions.at(-1), piece, tools);
    if (!part) return null;
    actions.push(part.action);
  }
  return actions.some((one) => one.usualAmount) ? null : { kind: 'move', actions, rounds: 1 };
}

/** "star jumps 30 s, rest 10 s". */
const REST_AFTER = /^[^,:]+,\s*(?:then |and )?rest\b[^,:]*$/iu;
/** "2 rounds: 10 squats then 10 hops": so many times all of it. */
const SO_MANY = /^(\d+) rounds?(?: of\b|\s*:)\s*|^(\d+)\s*[x×]\s*(?=\(.+\)$)/iu;

function read(line: string, tools: LineTools): MoveReading | Unread | null {
  const [front = '', of, bracketed] = SO_MANY.exec(line) ?? [];
  const times = of ?? bracketed;
  const rest = line.slice(front.length);
  const all = readOnce(bracketed ? rest.slice(1, -1) : rest, tools);
  return times && all && 'kind' in all ? { ...all, rounds: numberRead(Number(times)) } : all;
}

function readOnce(line: string, tools: LineTools): MoveReading | Unread | null {
  const whole = readThens(line, tools);
  if (!whole || !('kind' in whole)) return readRow(line, tools) ?? whole;
  // "star jumps 30 s, rest 10 s": after one set there is nothing to rest between.
  const [only] = whole.actions;
  const rests = REST_AFTER.test(line) && only?.dose.amounts.length === 1;
  return (rests && readRow(line, tools)) || whole;
}

function readThens(line: string, tools: LineTools): MoveReading | Unread | null {
  const isAction = (text: string) => isRead(readPart(text, tools));
  const actions: ReadAction[] = [];
  let rounds = 1;
  for (const text of splitParts(joinThens(line), isAction)) {
    const alone = readPart(text, tools);
    const part = isRead(alone) ? alone : (readAgain(actions.at(-1), text, tools) ?? alone);
    if (!isRead(part)) return part;
    actions.push(part.action);
    rounds = part.rounds ?? rounds;
  }
  return asPair({ kind: 'move', actions, rounds }, line);
}

/** "shake your arms, then your legs", "4 lunges then hold 3 s": what is done is said once. */
function readAgain(
  before: ReadAction | undefined,
  text: string,
  tools: LineTools,
): ReadPart | null {
  const again = before ? readPart(`${before.move.name} ${text}`, tools) : null;
  if (!before || !isRead(again)) return null;
  const name = again.action.guise.name || before.guise.name;
  return { ...again, action: inGuise(again.action, { name }) };
}

/** "reach up, then touch your toes 5 times": the number at the end is of all of it. */
function asPair(read: MoveReading, line: string): MoveReading {
  const [last, ...others] = [...read.actions].reverse();
  const [times] = last!.dose.amounts;
  const isOfAll =
    others.length > 0 &&
    read.rounds === 1 &&
    OF_ALL.test(line) &&
    last!.dose.unit === 'reps' &&
    last!.dose.amounts.length === 1 &&
    others.every(({ usualAmount }) => usualAmount);
  if (!isOfAll || times! > ROUNDS.most) return read;
  const once = (one: ReadAction): ReadAction => ({
    ...one,
    dose: { ...one.dose, unit: 'reps', amounts: [1] },
    usualAmount: false,
  });
  return { ...read, actions: read.actions.map(once), rounds: times! };
}

type Part = ReturnType<typeof readPart>;
type ReadPart = Exclude<Part, Unread | null>;
const isRead = (part: Part): part is ReadPart => part !== null && 'action' in part;

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
