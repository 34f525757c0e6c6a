import type { Picture } from '../figure/drawing/picture';
import type { Adventure } from '../document/adventure';
import type { Done } from '../model/action';
import type { Move } from '../model/move';
import { moveIn, type MoveBook } from '../moves/move-book';
import type { TimedSchedule } from '../forecast/told-length';
import type { DevicePrints } from './device-prints';
import type { Ink } from './ink-choices';
import type { PackPartId } from './pack-parts';
import type { Paper } from './paper';
import type { TypeCase } from './type-case';

/** How a picture is wanted: of so many poses, in colour or in lines. */
export type PictureAsk = Readonly<{
  poses: number;
  ink: Ink;
  /** Of the box that it is for: its width over its height. As wide as it is, where nothing is said. */
  aspect?: number;
  /** Moves at the same time: drawn beside it. */
  also?: readonly Move[];
}>;

/** What a move looks like: the one seam for pictures, on screen and in print. */
export type PictureOf = (move: Move, ask: PictureAsk) => Picture;

/** What a picture word of the story looks like, where there is a picture of it. */
export type StoryPictureOf = (word: string) => Picture | null;

/** What the pack is printed with. */
export type PackSource = Readonly<{
  adventure: Adventure;
  schedule: TimedSchedule;
  paper: Paper;
  ink: Ink;
  type: TypeCase;
  pictureOf: PictureOf;
  storyPictureOf: StoryPictureOf;
  /** What certificate and stickers say that a child did. */
  deed: string;
  /** Cards come with their backs, for a printer that prints both sides. */
  backs: boolean;
  /** A length in the presenter's own unit. */
  lengthOf: (metres: number) => string;
}>;

/** What is asked of an adventure to know whether a part has something to print. */
export type Needs = Readonly<{ adventure: Adventure; prints: DevicePrints }>;

/** What a part is made from: what devices need on paper, worked out once for the pack, and the parts that it has. */
export type PartSource = PackSource & Needs & Readonly<{ parts: readonly PackPartId[] }>;

/** What a move looks like on this pack's paper. */
export const pictureIn = (
  source: PackSource,
  book: MoveBook,
  { move, also }: Done,
  poses = 1,
  aspect?: number,
): Picture =>
  source.pictureOf(moveIn(book, move), {
    poses,
    ink: source.ink,
    aspect,
    also: also.map((id) => moveIn(book, id)),
  });
