import type { Move } from '../model/move';
import { doseInWords } from '../language/dose-words';
import type { Action, Guise, Station } from '../model/action';
import type { Points } from '../model/points';
import { moveIn, moveOf, type MoveBook } from '../moves/move-book';

/** What a row of the run sheet says. */
export type RowContent = Readonly<{
  /** What is said first; after three dots what is said meanwhile. */
  say: string;
  /** The guise's name, or the move's own. */
  name: string;
  /** The move's id; empty for a row without one. */
  moveId: string;
  /** Moves at the same time, by id. */
  also: readonly string[];
  /** The move's own name, where a guise hides it. */
  move: string;
  dose: string;
  formCues: string;
  /** "easier: squat; seated: arm jump"; empty where there is none. */
  forms: string;
}>;

export const EMPTY_ROW: RowContent = {
  say: '',
  name: '',
  moveId: '',
  also: [],
  move: '',
  dose: '',
  formCues: '',
  forms: '',
};

function formsInWords(book: MoveBook, move: Move): string {
  return (['easier', 'harder', 'seated'] as const)
    .flatMap((form) => (move[form] ? [`${form}: ${moveIn(book, move[form]).name}`] : []))
    .join('; ');
}

/** What is said first, and after the mark of three dots what is said meanwhile. */
export function saidInRow({ line, meanwhile }: Pick<Guise, 'line' | 'meanwhile'>): string {
  return [line.trim(), meanwhile.trim() && `… ${meanwhile.trim()}`].filter(Boolean).join(' ');
}

/** The row of a move in its guise. */
export function partRow(
  book: MoveBook,
  part: Pick<Station, 'move' | 'also' | 'guise'>,
  dose: string,
): RowContent {
  const move = moveOf(book, part);
  const { name, note } = part.guise;
  return {
    say: saidInRow(part.guise),
    name: name || move.name,
    moveId: move.id,
    also: part.also,
    move: name && name !== move.name ? move.name : '',
    dose: [dose, note].filter(Boolean).join('; '),
    formCues: move.formCues.join('; '),
    forms: formsInWords(book, move),
  };
}

/** The row of an action: its dose, the one for home, and the story between its sets. */
export function actionRow(book: MoveBook, action: Action, more = ''): RowContent {
  const { dose, home, between, guise } = action;
  const later = home ? `; at home ${doseInWords(home)}` : '';
  const row = partRow(book, action, doseInWords(dose) + more + later);
  const story = between.map((line) => `(between sets) ${line}`);
  return { ...row, say: [saidInRow(guise), ...story].filter(Boolean).join(' ') };
}

/** The beat's own line first, where it has one; then its moves. */
export function rowsAfter(say: string, rows: readonly RowContent[]): readonly RowContent[] {
  return say ? [{ ...EMPTY_ROW, say }, ...rows] : rows;
}

const SCORED_WORDS: Readonly<Record<Points['who'], string>> = {
  together: 'for all together',
  teams: 'in two teams',
  yourself: 'each against their own best',
};

/** What points are given for; no row where none are. */
export function pointsRow(points: Points | undefined): readonly RowContent[] {
  if (!points) return [];
  const worth = points.worth.map((one) => `${one.points} for ${one.what}`).join(', ');
  return [{ ...EMPTY_ROW, name: 'Points', dose: `${worth}; ${SCORED_WORDS[points.who]}` }];
}

/** ", 3 rounds"; nothing for one. */
export function roundsInWords(rounds: number): string {
  return rounds === 1 ? '' : `, ${rounds} rounds`;
}
