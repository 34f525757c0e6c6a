import { z } from 'zod';
import type { Cue } from '../cues/cue';
import type { Score } from '../cues/score';
import type { Ages } from '../model/ages';
import { type LedAsSaid } from '../model/led';
import { prefixOf, type NewId } from '../model/new-id';
import type { Points } from '../model/points';
import { MAX_LINE } from '../model/text';
import type { MoveBook } from '../moves/move-book';
import { saidTogether } from '../words/said-together';
import { splitLine } from '../words/split-line';
import type { At, BeatFile, ForAges, KitNeed, Making, Part, PartChange, Way } from './beat-file';
import { chain } from './chain';
import { circuit } from './circuit';
import { draw } from './draw';
import { drink } from './drink';
import { echo } from './echo';
import { move } from './move';
import { relay } from './relay';
import { setup } from './setup';
import { pointsRow, type RowContent } from './sheet-row';
import { tell } from './tell';

/**
 * Every kind of beat, one line each, in the order in which a typed line is tried as each: those that
 * begin with a word of their own, then moves, and what is none of these is said.
 */
export const BEATS = { drink, setup, circuit, draw, chain, echo, relay, move, tell } as const;
export type BeatKind = keyof typeof BEATS;

type InFile<File> = File extends BeatFile<infer B> ? Readonly<{ beat: B }> : never;
/** A beat of one kind. */
export type BeatOf<Kind extends BeatKind> = InFile<(typeof BEATS)[Kind]>['beat'];
/** One step of the story inside a chapter. */
export type Beat = { [Kind in BeatKind]: BeatOf<Kind> }[BeatKind];
export const BEAT_KINDS = Object.keys(BEATS) as readonly BeatKind[];

/** What there is to know of a beat of this kind. */
function fileOf<B extends Beat>(beat: B): BeatFile<B> {
  // The record pairs each kind with its own file: the compiler can't follow that through an index.
  return BEATS[beat.kind] as unknown as BeatFile<B>;
}

const schemas = BEAT_KINDS.map((kind) => BEATS[kind].schema);
export const beatSchema = z.discriminatedUnion(
  'kind',
  schemas as unknown as Parameters<typeof z.discriminatedUnion>[1],
) as unknown as z.ZodType<Beat>;

/** Everything in a beat that is a move, in order, with where it stands. */
export function partsAt(beat: Beat): readonly At<Readonly<{ part: Part }>>[] {
  return fileOf(beat).parts(beat);
}

/** Everything in a beat that is a move, in order. */
export function partsOfBeat(beat: Beat): readonly Part[] {
  return partsAt(beat).map(({ part }) => part);
}

/** Moves that a beat asks for without a part of their own: how they travel between draws. */
export function otherMovesOf(beat: Beat): readonly At<Readonly<{ move: string }>>[] {
  return fileOf(beat).otherMoves(beat);
}

/** Ids of every move that the beat may ask for, in order. */
export function movesOfBeat(beat: Beat): readonly string[] {
  return [
    ...partsOfBeat(beat).flatMap(({ move, also }) => [move, ...also]),
    ...otherMovesOf(beat).map(({ move }) => move),
  ];
}

/** Ids of what is in a beat but for its parts. */
export function innerIdsOf(beat: Beat): readonly At<Readonly<{ id: string }>>[] {
  return fileOf(beat).innerIds(beat);
}

/** The beat with each of its parts changed by `change`, which keeps the part's kind. */
export function changeParts(beat: Beat, change: PartChange): Beat {
  return fileOf(beat).changeParts(beat, change);
}

/** The same beat under fresh ids, its parts too. */
export function copyBeat(beat: Beat, newId: NewId): Beat {
  const fresh = changeParts(beat, (part) => ({ ...part, id: newId(prefixOf(part.id)) }));
  return { ...fileOf(fresh).withInnerIds(fresh, newId), id: newId('bt') };
}

/** Its parts' amounts are the presenter's own, not drawn and not a clock's. */
export function hasOwnDoses(beat: Beat): boolean {
  return fileOf(beat).hasOwnDoses(beat);
}

/** Every line that a beat has the leader say, in order, the empty ones left out. */
export function spokenLines(beat: Beat): readonly string[] {
  return fileOf(beat)
    .spoken(beat)
    .filter((line) => line.trim() !== '');
}

/** It is said to somebody else than the children. */
export function isForOthers(beat: Beat): boolean {
  return beat.kind === 'tell' && beat.to !== undefined;
}

/** A beat in a few words, 60 characters at most, for lists and charts. */
export function beatLabel(beat: Beat, book: MoveBook): string {
  return fileOf(beat).label(beat, book);
}

/** How much a beat asks for, in a line: "2 × 4 reps", "2 rounds of 30 s work, 15 s rest". */
export function beatInWords(beat: Beat): string {
  return fileOf(beat).inWords(beat);
}

/** Whether a beat of this kind can be led in several ways. */
export function isLed<B extends Beat>(beat: B): beat is Extract<B, LedAsSaid> {
  return BEATS[beat.kind].isLed;
}

/** The beat with more words said meanwhile: to its last move, or to all of it; null where nobody moves. */
export function withMeanwhile(beat: Beat, text: string): Beat | null {
  if (beat.kind === 'drink' || beat.kind === 'setup') {
    return { ...beat, text: saidTogether(beat.text, text) };
  }
  if (beat.kind === 'draw') return { ...beat, meanwhile: saidTogether(beat.meanwhile, text) };
  const last = partsOfBeat(beat).at(-1);
  if (!last) return null;
  return changeParts(beat, (part) =>
    part.id === last.id
      ? { ...part, guise: { ...part.guise, meanwhile: saidTogether(part.guise.meanwhile, text) } }
      : part,
  );
}

/** A beat whose words are longer than a beat holds: what is too much is said before, or after. */
export function splitWords(beat: Beat, { newId }: Pick<Making, 'newId'>): readonly Beat[] {
  const before: string[] = [];
  const after: string[] = [];
  const first = (text: string) => {
    const [held = '', ...more] = splitLine(text, MAX_LINE);
    after.push(...more);
    return held;
  };
  const last = (text: string) => {
    const pieces = splitLine(text, MAX_LINE);
    before.push(...pieces.slice(0, -1));
    return pieces.at(-1) ?? '';
  };
  const short = changeParts(beat, (part) => {
    const { line, meanwhile } = part.guise;
    return { ...part, guise: { ...part.guise, line: last(line), meanwhile: first(meanwhile) } };
  });
  const whole: Beat = {
    ...short,
    ...('say' in short ? { say: last(short.say) } : {}),
    ...('text' in short ? { text: first(short.text) } : {}),
    ...('meanwhile' in short ? { meanwhile: first(short.meanwhile) } : {}),
  };
  const toSay = (text: string): Beat => ({ kind: 'tell', id: newId('bt'), text });
  return [...before.map(toSay), whole, ...after.map(toSay)];
}

/** What one go of a beat of this kind is called: a round, a draw, a verse. */
export function roundWordOf({ kind }: Pick<Beat, 'kind'>): string {
  return BEATS[kind].roundWord;
}

/** Adds the cues of one beat. */
export function unrollBeat(beat: Beat, score: Score): void {
  fileOf(beat).cues(beat, score);
}

/** A beat's rows on a run sheet; `cues` are those of the beat. */
export function rowsOfBeat(
  beat: Beat,
  book: MoveBook,
  cues: readonly Cue[],
): readonly RowContent[] {
  const rows = fileOf(beat).rows(beat, book, cues);
  if (!isLed(beat)) return rows;
  const points = pointsRow(beat.points);
  if (beat.show !== 'in full') return [...rows, ...points];
  return [
    ...rows.map((row) => (row.moveId ? { ...row, dose: `${row.dose}; my go, then yours` } : row)),
    ...points,
  ];
}

/** What to gather for a beat beside what its moves are done with. */
export function kitOfBeat(beat: Beat): readonly KitNeed[] {
  return fileOf(beat).kit(beat);
}

/** Other sizes in which a beat could stand. */
export function waysOfBeat(beat: Beat, ages: Ages, book: MoveBook): readonly Way<Beat>[] {
  return fileOf(beat).ways(beat, ages, book);
}

/** The beat for a group of another age. */
export function beatForAges(beat: Beat, change: ForAges): Beat {
  return fileOf(beat).forAges(beat, change);
}

/** What points are given for in a beat; null where nothing is scored. */
export function pointsOf(beat: Beat): Points | null {
  return isLed(beat) ? (beat.points ?? null) : null;
}

/** How a beat of this kind is led, where nothing is said of it. */
export function usualHowOf({ kind }: Pick<Beat, 'kind'>): LedAsSaid {
  return BEATS[kind].usualHow;
}
