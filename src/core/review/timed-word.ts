/** A word that was said in a recording, in small letters and digits, with its time in seconds. */
export type TimedWord = Readonly<{ text: string; startSeconds: number; endSeconds: number }>;
