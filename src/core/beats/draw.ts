import { z } from 'zod';
import { doseWith } from '../chance/amount';
import { potOf } from '../chance/pot';
import { drawSetupShape, type DrawSetup } from '../chance/setup';
import type { Cue, Doing, Nth } from '../cues/cue';
import type { Score } from '../cues/score';
import { addSets, firstDoing } from '../cues/sets';
import { DRAW_SECONDS, QUESTION_WAIT_SECONDS, READ_OUT_SECONDS } from '../cues/timing';
import { addTurn, doingOf } from '../cues/work';
import { deviceFile, deviceInWords, usualRules, type Device } from '../devices';
import { doseInWords, unitWord } from '../language/dose-words';
import { amountInWords, rulesInWords, stopInWords } from '../language/draw-words';
import type { Action } from '../model/action';
import { isSum, type Entry } from '../model/chance';
import type { DeepReadonly } from '../model/deep-readonly';
import { SHOWINGS, type Showing } from '../model/defaults';
import { plainDose } from '../model/dose';
import type { NewId } from '../model/new-id';
import type { ResolvedDraw } from '../model/resolved-draw';
import type { Setting } from '../model/setting';
import { lineSchema } from '../model/text';
import { calledIn, moveIn, type MoveBook } from '../moves/move-book';
import { metresToPlaces } from '../room/spots';
import { bareAction } from './actions-of';
import { beatBase } from './beat-base';
import {
  PLAIN,
  shortened,
  type At,
  type BeatFile,
  type KitNeed,
  type Making,
  type Part,
} from './beat-file';
import { drawInLine, readBackDraw, readDraw, rulesFrom, type DrawReading } from './draw-line';
import { EMPTY_ROW, partRow, type RowContent } from './sheet-row';

/**
 * Chance or a list names moves and amounts. `seed` makes the same draws again, on the server, in
 * the browser and in print.
 */
export const drawSchema = z.strictObject({
  ...beatBase('draw'),
  say: lineSchema,
  ...drawSetupShape,
  show: z.enum(SHOWINGS),
});
export type Draw = DeepReadonly<z.infer<typeof drawSchema>>;

/**
 * The action that a draw comes to: the entry's or the stand-in's, with the amount drawn. Where the
 * room says how far, `actionInRoom` puts the metres in.
 */
export function actionOf(beat: DrawSetup, draw: ResolvedDraw): Action {
  const entry = beat.entries[draw.entry]!.action;
  const action = draw.standIn ? (beat.rules.standIn ?? entry) : entry;
  return draw.amount === null ? action : { ...action, dose: doseWith(action.dose, draw.amount) };
}

/** The same, with the metres from the middle of the room to the spot of the entry. */
function actionInRoom(beat: Draw, draw: ResolvedDraw, room: Setting['room']): Action {
  const action = actionOf(beat, draw);
  if (beat.amount.from !== 'room' || draw.standIn) return action;
  const metres = metresToPlaces(
    room,
    beat.entries.map(({ label }) => label),
  )[draw.entry]!;
  const { ways } = action.dose;
  return { ...action, dose: { ...plainDose('metres', metres), ways } };
}

/** What is on the face, the card, the sector: "5", "heron 7", "B". */
export function outcomeLabel({ device, entries }: DrawSetup, draw: ResolvedDraw): string {
  return deviceFile(device).outcomeLabel(entries[draw.entry]!, draw.value);
}

/** "7 times 2": the children's sum, where there is one to ask; empty where there is none. */
function sumToAsk({ amount }: Draw, { number }: ResolvedDraw): string {
  if (!isSum(amount) || !amount.ask || number === null) return '';
  const times = amount.times === 1 ? '' : ` times ${amount.times}`;
  const plus =
    amount.plus === 0 ? '' : ` ${amount.plus > 0 ? 'and' : 'less'} ${Math.abs(amount.plus)}`;
  return times || plus ? `How many is ${number}${times}${plus}?` : '';
}

/** A list read in order or a call takes no throw: it is only read out. */
const drawSeconds = ({ device, rules }: Draw) =>
  rules.returns === 'in order' || deviceFile(device).isReadOut ? READ_OUT_SECONDS : DRAW_SECONDS;

function addTravel(score: Score, beat: Draw, draw: ResolvedDraw, doing: Doing): void {
  const { between } = beat.rules;
  if (!between || draw.betweenSeconds === 0) return;
  const move = moveIn(score.book, between.move);
  const part = { ...beat.entries[draw.entry]!.action, id: doing.part, move: move.id };
  const guise = { ...part.guise, name: '', picture: '' };
  const travel = doingOf(
    score,
    { ...part, guise },
    { unit: 'seconds', amount: draw.betweenSeconds, round: doing.round },
  );
  score.change(move, travel, true);
  addTurn(score, move, travel);
}

/** A move that was drawn: getting there, showing it or saying its line, and its sets. */
function addAction(score: Score, beat: Draw, action: Action, nth: Nth): void {
  const doing = firstDoing(score, action, nth);
  score.change(score.move(action), doing, false);
  if (beat.show === 'each') score.show(action, doing);
  else score.say(action.guise.line, doing);
  addSets(score, { flowing: false }, action, doing);
}

/** One draw from the throw to the end of its work. */
export function addDraw(score: Score, beat: Draw, draw: ResolvedDraw, nth: Nth): void {
  const action = actionInRoom(beat, draw, score.setting.room);
  const doing = firstDoing(score, action, nth);
  addTravel(score, beat, draw, doing);
  score.add('draw', drawSeconds(beat), outcomeLabel(beat, draw), { doing });
  const sum = sumToAsk(beat, draw);
  if (sum) score.add('ask', QUESTION_WAIT_SECONDS, sum, { doing });
  const following = draw.standIn ? [] : beat.entries[draw.entry]!.then;
  for (const one of [action, ...following]) addAction(score, beat, one, nth);
}

/** What is said and shown before the first draw. */
export function openDraws(beat: Draw, score: Score): void {
  score.say(beat.say);
  if (!potOf(beat).ok || beat.show !== 'first') return;
  for (const { action, then } of beat.entries) {
    for (const one of [action, ...then]) {
      score.show(one, firstDoing(score, one, { n: 1, of: 1 }));
    }
  }
}

/** Draws as they were resolved; a beat that cannot be drawn from only says its line. */
function cues(beat: Draw, score: Score): void {
  openDraws(beat, score);
  if (!potOf(beat).ok) return;
  const draws = score.drawsOf(beat);
  draws.forEach((draw, index) => addDraw(score, beat, draw, { n: index + 1, of: draws.length }));
}

function parts({ entries, rules }: Draw): At<Readonly<{ part: Part }>>[] {
  const table = entries.flatMap(({ action, then }, entry) => [
    { part: action, path: ['entries', entry, 'action'] },
    ...then.map((part, n) => ({ part, path: ['entries', entry, 'then', n] })),
  ]);
  return rules.standIn ? [...table, { part: rules.standIn, path: ['rules', 'standIn'] }] : table;
}

function kit({ device, entries, amount, drawn }: Draw): KitNeed[] {
  if (drawn === 'beforehand') return [];
  const { kit: thing, isPlaces } = deviceFile(device);
  const numbers = amount.from === 'number die' ? [{ thing: 'number die' }] : [];
  return [...(thing ? [{ thing, count: isPlaces ? entries.length : 1 }] : []), ...numbers];
}

/** A line of the table: what is on the face, and what it means. */
function entryRow(beat: Draw, entry: Entry, book: MoveBook): RowContent {
  const amount = amountInWords(beat.amount);
  const dose = amount
    ? `${amount} ${unitWord(entry.action.dose.unit, 2)}`
    : doseInWords(entry.action.dose);
  const mark = deviceFile(beat.device).markOf(entry);
  const row = partRow(book, entry.action, dose);
  const then = entry.then.map((one) => `, then ${calledIn(book, one)} (${doseInWords(one.dose)})`);
  const name = row.name + then.join('');
  return { ...row, name: mark ? `${mark}: ${name}` : name };
}

/** What was drawn beforehand for the film, in order, so that it can be laid out. */
function drawnRows({ drawn }: Draw, led: readonly Cue[]): RowContent[] {
  if (drawn !== 'beforehand') return [];
  const words = led
    .filter((cue) => cue.kind === 'draw')
    .map(({ text, doing }) => (text === doing?.name ? text : `${text}: ${doing?.name}`));
  return words.length === 0
    ? []
    : [{ ...EMPTY_ROW, name: 'Drawn beforehand', dose: words.join(' · ') }];
}

function rows(beat: Draw, book: MoveBook, led: readonly Cue[]): RowContent[] {
  const { standIn, onRepeat } = beat.rules;
  return [
    { ...EMPTY_ROW, say: beat.say, name: deviceInWords(beat), dose: draw.inWords(beat) },
    ...beat.entries.map((entry) => entryRow(beat, entry, book)),
    ...(standIn && onRepeat === 'stand-in'
      ? [partRow(book, standIn, `${doseInWords(standIn.dose)}, the stand-in`)]
      : []),
    ...drawnRows(beat, led),
  ];
}

/** What is named for an entry, and on what it stands. */
type EntryGiven = Readonly<{
  label: string;
  action: Omit<Action, 'id'>;
  /** What follows it, if anything. */
  then?: readonly Omit<Action, 'id'>[];
}>;

/** A draw beat as a presenter would begin it. */
export function newDraw(
  device: Device,
  given: readonly EntryGiven[],
  show: Showing,
  seed: number,
  newId: NewId,
): Draw {
  const entries = given.map(({ label, action, then = [] }): Entry => ({
    id: newId('en'),
    label,
    faces: [],
    weight: 1,
    cards: 'suit',
    action: { ...action, id: newId('ac') },
    then: then.map((one) => ({ ...one, id: newId('ac') })),
  }));
  return {
    kind: 'draw',
    id: newId('bt'),
    say: '',
    device,
    entries: deviceFile(device).deal({ device, entries }),
    amount: { from: 'dose' },
    rules: usualRules(device, entries.length),
    drawn: 'live',
    seed,
    show,
  };
}

/** The beat that a typed draw asks for. */
function make(reading: DrawReading, { newId, seed }: Making): Draw {
  const { device, entries, amount, beforehand, show } = reading;
  const given = entries.map(({ label, action, then }) => ({
    label,
    action: bareAction(action),
    then: then.map(bareAction),
  }));
  const begun = newDraw(device, given, show ?? 'none', seed, newId);
  return {
    ...begun,
    entries: begun.entries.map((entry, n): Entry => {
      const { cards, faces } = entries[n]!;
      return { ...entry, cards, faces: faces ?? entry.faces };
    }),
    amount,
    drawn: beforehand ? 'beforehand' : 'live',
    rules: rulesFrom(reading, newId),
  };
}

export const draw: BeatFile<Draw, DrawReading> = {
  ...PLAIN,
  schema: drawSchema,
  parts,
  changeParts: (beat, change) => ({
    ...beat,
    entries: beat.entries.map((entry) => ({
      ...entry,
      action: change(entry.action),
      then: entry.then.map((one) => change(one)),
    })),
    rules: { ...beat.rules, standIn: beat.rules.standIn && change(beat.rules.standIn) },
  }),
  otherMoves: ({ rules: { between } }) =>
    between ? [{ move: between.move, path: ['rules', 'between', 'move'] }] : [],
  innerIds: ({ entries }) => entries.map(({ id }, n) => ({ id, path: ['entries', n] })),
  withInnerIds: (beat, newId) => ({
    ...beat,
    entries: beat.entries.map((entry) => ({ ...entry, id: newId('en') })),
  }),
  hasOwnDoses: ({ amount }) => amount.from === 'dose',

  spoken: (beat) => [beat.say, ...parts(beat).map(({ part }) => part.guise.line)],
  label: (beat) => shortened(deviceInWords(beat)),
  inWords: (beat) =>
    [stopInWords(beat), amountInWords(beat.amount), ...rulesInWords(beat)]
      .filter(Boolean)
      .join('; '),

  read: readDraw,
  make,
  readBack: readBackDraw,
  line: drawInLine,

  roundWord: 'Draw',
  cues,
  rows,
  kit,
};
