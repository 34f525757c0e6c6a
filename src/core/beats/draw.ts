import type { Cue } from '../cues/cue';
import { deviceFile, deviceInWords, usualRules, type Device } from '../devices';
import { doseInWords, unitWord } from '../language/dose-words';
import { amountInWords, rulesInWords, stopInWords } from '../language/draw-words';
import type { Action } from '../model/action';
import type { Entry } from '../model/chance';
import { AS_LED } from '../model/led';
import type { NewId } from '../model/new-id';
import { calledIn, type MoveBook } from '../moves/move-book';
import {
  PLAIN,
  saidTo,
  shortened,
  type At,
  type BeatFile,
  type KitNeed,
  type Part,
} from './beat-file';
import { leadDraws } from './draw-led';
import { drawSchema, type Draw } from './draw-schema';
import { EMPTY_ROW, partRow, saidInRow, type RowContent } from './sheet-row';

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
    {
      ...EMPTY_ROW,
      say: saidInRow({ line: beat.say, meanwhile: beat.meanwhile }),
      name: deviceInWords(beat),
      dose: draw.inWords(beat),
    },
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
    meanwhile: '',
    device,
    entries: deviceFile(device).deal({ device, entries }),
    amount: { from: 'dose' },
    rules: usualRules(device, entries.length),
    drawn: 'live',
    seed,
    ...AS_LED,
  };
}

export const draw: BeatFile<Draw> = {
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

  spoken: (beat) => [beat.say, ...parts(beat).flatMap(({ part }) => saidTo(part)), beat.meanwhile],
  label: (beat) => shortened(deviceInWords(beat)),
  inWords: (beat) =>
    [stopInWords(beat), amountInWords(beat.amount), ...rulesInWords(beat)]
      .filter(Boolean)
      .join('; '),

  roundWord: 'Draw',
  cues: leadDraws,
  rows,
  kit,
};
