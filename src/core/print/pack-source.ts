import type { Adventure } from '../model/adventure';
import { drawsOf } from '../model/beats-of';
import type { Action, Draw } from '../model/beat';
import { moveIn, type MoveBook } from '../moves/move-book';
import type { Schedule } from '../schedule/unroll';
import type { Ink } from './inks';
import type { Paper } from './paper';
import type { PictureOf } from './pictures';
import type { TypeCase } from './type-case';

/** What the pack is printed with. */
export type PackSource = Readonly<{
  adventure: Adventure;
  schedule: Schedule;
  paper: Paper;
  ink: Ink;
  type: TypeCase;
  pictureOf: PictureOf;
  /** A length in the presenter's own unit. */
  lengthOf: (metres: number) => string;
}>;

/** What is asked of an adventure to know whether a part has something to print. */
export type Needs = Pick<PackSource, 'adventure'>;

export const drawsFrom = ({ adventure }: Needs, kind: Draw['device']['kind']) =>
  drawsOf(adventure).filter(({ device }) => device.kind === kind);

/** Draws with a number die: the most that it shows. */
export const numbersOf = ({
  adventure,
}: Needs): readonly Readonly<{ sides: number; dice: number }>[] =>
  drawsOf(adventure).flatMap(({ amount }) => (amount.from === 'number die' ? [amount] : []));

export const pictureIn = (
  source: PackSource,
  book: MoveBook,
  { move, guise }: Pick<Action, 'move' | 'guise'>,
) => source.pictureOf(guise.picture, moveIn(book, move));
