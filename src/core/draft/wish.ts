import type { Adventure } from '../document/adventure';
import type { Setting } from '../model/setting';

/** Shapes that a first draft can have, as presenters know them. */
export const DRAFT_SHAPES = [
  'journey',
  'circuit',
  'die for how many',
  'die for which',
  'two dice',
  'cards',
  'coin',
  'freeze and spin',
  'letters',
  'calls',
  'call and go',
  'sorting sprint',
  'skill levels',
  'growing chain',
  'ladder',
  'big total',
  'echo',
  'rhyme',
  'follow me',
] as const;
export type DraftShape = (typeof DRAFT_SHAPES)[number];

/** Which try at a draft, and times as many places as were thought to be enough. */
export type DraftTry = Readonly<{ attempt: number; stretch: number }>;

/** What a first draft is made from. Words may be empty: then it is about a way somewhere. */
export type DraftWish = Readonly<{
  /** What somebody wants: "carry the lamp to the tower". */
  want: string;
  place: string;
  /** Who wants it or needs it. */
  hero: string;
  learning: string;
  shape: DraftShape;
  setting: Setting;
  /** The same wish with the same seed is the same draft. */
  seed: number;
  /** Chapters that were drawn again by themselves, by how often. */
  again?: Readonly<Partial<Record<DraftPart, number>>>;
  /** With which try and how many places the draft was made of which a part is drawn again. */
  from?: DraftTry;
  /** The part that is drawn once more now, and the draft that it's of: all the rest of that one stays. */
  redraw?: Readonly<{ part: DraftPart; kept: Adventure }>;
}>;

/** Parts of a draft that can be drawn again by themselves. */
export const DRAFT_PARTS = [
  'welcome',
  'warm-up',
  'adventure',
  'cool-down',
  'calm',
  'goodbye',
] as const;
export type DraftPart = (typeof DRAFT_PARTS)[number];

/** The part that a chapter belongs to: drinks and games go with the way. */
export const partOfChapter = ({ kind }: Readonly<{ kind: string }>): DraftPart =>
  DRAFT_PARTS.find((part) => part === kind) ?? 'adventure';
