import type { CountAloud } from './counting-aloud';
import { pairOf, termOf } from './terms';
import type { TimedWord } from './timed-word';

/** A stretch of a recording that is not divided any further: a few words, or a while without any. */
export type Chunk = Readonly<{
  startSeconds: number;
  /** What was said in it, as it is compared: words and pairs of them. */
  terms: readonly string[];
  words: number;
  /** How well something new begins here, in nats: after a pause, with "next", not within a count. */
  opens: number;
}>;

/** Longest stretch with words, and without, in seconds. */
const LONGEST = 2.2;
const LONGEST_SILENT = 3;
/** A pause that parts what is said, in seconds; one after which something new may well begin. */
const PAUSE = 0.6;
const LONG_PAUSE = 1.8;

/** Words that something new begins with. */
const OPENERS = new Set(
  'next now okay ok alright right so then well lets let ready finally last first come great good lovely hello hi welcome time'.split(
    ' ',
  ),
);

/**
 * What was said, divided where a pause or an opening word is and after 2.2 s at the latest, with silence
 * divided too, from 0 to `endSeconds`. `cuts` are further times at which something may begin.
 */
export function chunksOf(
  words: readonly TimedWord[],
  counts: readonly CountAloud[],
  endSeconds: number,
  cuts: readonly number[] = [],
): readonly Chunk[] {
  const chunks: { startSeconds: number; terms: string[]; words: number; opens: number }[] = [];
  const counting = (seconds: number) =>
    counts.some((count) => seconds > count.startSeconds + 0.01 && seconds <= count.endSeconds);
  const open = (startSeconds: number, opens: number) => {
    const chunk = { startSeconds, terms: [], words: 0, opens };
    chunks.push(chunk);
    return chunk;
  };
  const silence = (from: number, to: number) => {
    for (let at = from; to - at > LONGEST_SILENT * 1.5; at += LONGEST_SILENT) open(at, 0);
  };
  const sortedCuts = [...cuts].sort((a, b) => a - b);
  let cut = 0;
  let current = open(0, 0);
  let lastTerm: string | null = null;
  let lastEnd = 0;
  for (const [index, word] of words.entries()) {
    const gap = word.startSeconds - lastEnd;
    if (gap > LONGEST_SILENT * 1.5) silence(lastEnd + 0.3, word.startSeconds);
    while (cut < sortedCuts.length && sortedCuts[cut]! <= word.startSeconds) {
      const at = sortedCuts[cut]!;
      if (at > chunks.at(-1)!.startSeconds) current = open(at, 0);
      cut += 1;
    }
    const opener = OPENERS.has(word.text) && !OPENERS.has(words[index - 1]?.text ?? '');
    const long = word.startSeconds - current.startSeconds > LONGEST;
    if (gap > PAUSE || long || opener || current !== chunks.at(-1)) {
      const opens =
        (opener ? 0.5 : 0) +
        (gap > LONG_PAUSE ? 0.6 : gap > PAUSE ? 0.35 : 0) -
        (counting(word.startSeconds) ? 2 : 0);
      // Words that begin where a stretch does belong to it.
      if (word.startSeconds > chunks.at(-1)!.startSeconds + 0.01 || current !== chunks.at(-1)) {
        if (word.startSeconds <= chunks.at(-1)!.startSeconds + 0.01) current = chunks.at(-1)!;
        else current = open(word.startSeconds, opens);
      }
    }
    current.words += 1;
    const term = termOf(word.text);
    if (term !== null) {
      current.terms.push(term);
      if (lastTerm !== null && gap < LONG_PAUSE) current.terms.push(pairOf(lastTerm, term));
      lastTerm = term;
    }
    lastEnd = word.endSeconds;
  }
  if (endSeconds - lastEnd > LONGEST_SILENT * 1.5) silence(lastEnd + 0.3, endSeconds);
  for (; cut < sortedCuts.length; cut += 1) open(sortedCuts[cut]!, 0);
  chunks.sort((a, b) => a.startSeconds - b.startSeconds);
  return chunks;
}
