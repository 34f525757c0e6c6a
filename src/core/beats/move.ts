import { z } from 'zod';
import { TOLD } from '../cues/score';
import { addAction, addSets, firstDoing } from '../cues/sets';
import { joinThens } from '../language/dose-asides';
import { typedAction, typedAmongOthers } from '../language/dosed';
import { doseInWords } from '../language/dose-words';
import { namesIn, readPart, type LineTools, type Unread } from '../language/part-reader';
import type { ReadAction } from '../language/read-action';
import { saidInWords } from '../language/said';
import { actionSchema } from '../model/action';
import type { DeepReadonly } from '../model/deep-readonly';
import { AS_LED } from '../model/led';
import { doseTotal } from '../model/dose';
import { lineSchema } from '../model/text';
import { calledIn } from '../moves/move-book';
import { isUnknown } from '../moves/unknown-move';
import { dosesFor, nearestDose, SET_COST } from '../moves/other-doses';
import { actionsOf } from './actions-of';
import { ledBase } from './beat-base';
import { PLAIN, partsIn, shortened, saidTo, type BeatFile, type Way } from './beat-file';
import { actionRow, roundsInWords, rowsAfter } from './sheet-row';

/** Actions in order, `rounds` times over. */
const schema = z.strictObject({
  ...ledBase('move'),
  say: lineSchema,
  actions: z.array(actionSchema).max(60),
  rounds: z.int().min(1).max(20),
  restBetweenRoundsSeconds: z.number().min(0).max(600),
});
export type MoveBeat = DeepReadonly<z.infer<typeof schema>>;

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
  const end = /:(?=\s|$)|(?:^|\s)(?:…|\.{3})/u.exec(line)?.index ?? line.length;
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

export const move: BeatFile<MoveBeat, MoveReading> = {
  ...PLAIN,
  ...partsIn('actions'),
  schema,
  hasOwnDoses: () => true,
  spoken: ({ say, actions }) => [say, ...actions.flatMap(saidTo)],
  label: ({ actions }, book) => {
    const names = actions.map((action) => calledIn(book, action));
    return shortened(names.join(', ')) || 'No moves yet';
  },
  inWords: ({ actions, rounds }) =>
    actions.map(({ dose }) => doseInWords(dose)).join('; ') + roundsInWords(rounds),

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

  cues: (beat, score) => {
    score.say(beat.say);
    const first = { n: 1, of: beat.rounds };
    const isShownFirst = score.how.show === 'first';
    if (isShownFirst) {
      for (const action of beat.actions) score.show(action, firstDoing(score, action, first));
    }
    for (const action of beat.actions) {
      const doing = firstDoing(score, action, first);
      addAction(score, action, doing, isShownFirst ? TOLD : undefined);
    }
    for (let n = 2; n <= beat.rounds; n += 1) {
      score.add('rest', beat.restBetweenRoundsSeconds, '');
      for (const action of beat.actions) {
        const doing = firstDoing(score, action, { n, of: beat.rounds });
        score.getTo(score.move(action), doing);
        addSets(score, action, doing);
      }
    }
  },
  rows: ({ say, actions, rounds }, book) =>
    rowsAfter(
      say,
      actions.map((one) => actionRow(book, one, roundsInWords(rounds))),
    ),

  ways: (beat, ages, book) => {
    // All actions of a beat move together: each by its own nearest dose to the same share.
    const [lead, ...others] = beat.actions;
    if (!lead) return [];
    return dosesFor(lead, ages, book).map((dose): Way<MoveBeat> => {
      const share = doseTotal(dose) / doseTotal(lead.dose);
      const setsApart = Math.abs(dose.amounts.length - lead.dose.amounts.length);
      const actions = [
        { ...lead, dose },
        ...others.map((one) => ({ ...one, dose: nearestDose(one, share, ages, book) })),
      ];
      return [{ ...beat, actions }, Math.abs(share - 1) + setsApart * SET_COST];
    });
  },
  forAges: (beat, { part }) => ({ ...beat, actions: beat.actions.map((one) => part(one)) }),
};
