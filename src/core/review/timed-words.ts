import { textInDigits } from '../words/numbers';
import type { CaptionLine } from '../log/reviewed';
import type { TimedWord } from './timed-word';

/** However long a caption stands, its words were said in so many seconds each at most. Our own judgement. */
const MOST_SECONDS_A_WORD = 0.9;
/** A word without letters to count is as long as this many. */
const LEAST_LETTERS = 2;

/** Where in a caption its words begin: by the file, or by their length. */
function starts(line: CaptionLine, words: readonly string[]): readonly number[] {
  if (line.wordSeconds?.length === words.length) return line.wordSeconds;
  const letters = words.map((word) => Math.max(LEAST_LETTERS, word.length));
  const all = letters.reduce((sum, n) => sum + n, 0);
  const span = Math.min(line.endSeconds - line.startSeconds, words.length * MOST_SECONDS_A_WORD);
  let before = 0;
  return letters.map((n) => {
    const at = line.startSeconds + (span * before) / all;
    before += n;
    return at;
  });
}

/**
 * Every word that was said, in order, in small letters, numbers as digits ("twenty one" is "21"), each
 * with its time in seconds. A word lasts until the next one begins, and no longer than 0.9 s.
 */
export function timedWords(lines: readonly CaptionLine[]): readonly TimedWord[] {
  const found: { text: string; startSeconds: number; endSeconds: number }[] = [];
  for (const line of lines) {
    const words = line.text.split(/\s+/u).filter(Boolean);
    const at = starts(line, words);
    words.forEach((word, n) => {
      // "twenty-one", "10,9,8" and "left/right" are several words.
      const parts = textInDigits(word).split(' ').filter(Boolean);
      const startSeconds = Math.max(at[n]!, found.at(-1)?.startSeconds ?? 0);
      const until = Math.min(at[n + 1] ?? line.endSeconds, startSeconds + MOST_SECONDS_A_WORD);
      const each = Math.max(0, until - startSeconds) / Math.max(1, parts.length);
      parts.forEach((text, k) => {
        const from = startSeconds + k * each;
        found.push({ text, startSeconds: from, endSeconds: Math.max(from, until) });
      });
    });
  }
  return joined(found);
}

/** "twenty", "one" as captions have them, in two words: 21. */
function joined(words: readonly TimedWord[]): readonly TimedWord[] {
  const all: TimedWord[] = [];
  for (const word of words) {
    const last = all.at(-1);
    const isUnit = /^[1-9]$/u.test(word.text);
    // Counting in tens and then in ones leaves a gap; "twenty one" does not.
    if (
      last &&
      isUnit &&
      /^[2-9]0$/u.test(last.text) &&
      word.startSeconds - last.endSeconds < 0.15
    ) {
      const counts = all.at(-2)?.text === String(Number(last.text) + Number(word.text) - 1);
      const isFirst = all.at(-2)?.text === String(Number(last.text) - 1) && word.text === '1';
      if (counts || isFirst || !/^\d+$/u.test(all.at(-2)?.text ?? '')) {
        all[all.length - 1] = {
          text: String(Number(last.text) + Number(word.text)),
          startSeconds: last.startSeconds,
          endSeconds: word.endSeconds,
        };
        continue;
      }
    }
    all.push(word);
  }
  return all;
}
