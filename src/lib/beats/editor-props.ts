import type {
  Beat,
  Defaults,
  Dose,
  Draw,
  Entry,
  Guise,
  GuiseProposal,
  Led,
  LedAsSaid,
  LetterIdea,
  Move,
  MoveBook,
  SayingIdea,
  Setting,
} from '$core';

/** Thinks of names for a move in the story and of picture words for a letter of a strip; knows its words. */
export type Ideas = Readonly<{
  names: (move: Move) => Promise<readonly GuiseProposal[]>;
  letter: (strip: Draw, entry: Entry) => Promise<readonly LetterIdea[]>;
  /** Sounds to make meanwhile, and its count in the story's things. */
  sayings: (
    part: Readonly<{ guise: Guise; dose?: Dose }>,
    move: Move,
  ) => Promise<readonly SayingIdea[]>;
  /** The story's own words. */
  words: () => readonly string[];
}>;

/** A beat whose moves are shown, counted in and led in a way that it can say itself. */
export type LedBeat = Extract<Beat, LedAsSaid>;

/** What every beat's editor is given. */
export type EditorProps<Kind extends Beat['kind']> = {
  beat: Extract<Beat, { kind: Kind }>;
  book: MoveBook;
  setting: Setting;
  defaults: Defaults;
  /** How the chapter is led that it stands in. */
  led: Led;
  /** Names for a move in this story, pictures for a letter. */
  ideas: Ideas;
  /** The beat is being worked on: everything that can be changed is in sight. */
  active: boolean;
  /** A new beat in the place of this one; edits with one key in a row are one step to undo. */
  change: (beat: Extract<Beat, { kind: Kind }>, key?: string) => void;
  /** The words are left: the next edit is a step of its own. */
  leave: () => void;
};
