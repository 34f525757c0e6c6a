/** A word that was said in a recording, in small letters and digits, with its time in seconds. */
export type TimedWord = Readonly<{ text: string; startSeconds: number; endSeconds: number }>;

/** A line of captions as it was read: its words may have times of their own. */
export type CaptionLine = Readonly<{
  startSeconds: number;
  endSeconds: number;
  text: string;
  /** When each of its words begins, where the file says so: as many as the text has words. */
  wordSeconds: readonly number[] | null;
}>;
