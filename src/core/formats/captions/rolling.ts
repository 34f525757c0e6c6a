import type { CaptionLine } from '../../log/reviewed';

/** Captions of which so many begin with the end of the one before them roll. Our own judgement. */
const ROLLING_SHARE = 0.3;
/** Fewer than this say nothing about how a file is made. */
const FEWEST_LINES = 4;
/** What rolls on is still on the screen, or was a moment ago. */
const TOUCH_SECONDS = 0.6;
/** Words of what was said before that a caption may repeat. */
const MOST_REPEATED = 40;

const wordsOf = (text: string) => text.split(/\s+/u).filter(Boolean);
const same = (a: string, b: string) => a.toLowerCase() === b.toLowerCase();

/** How many words at the start of `now` are the last ones of `before`. */
function overlap(before: readonly string[], now: readonly string[]): number {
  for (let n = Math.min(before.length, now.length); n > 0; n -= 1) {
    const from = before.length - n;
    if (now.slice(0, n).every((word, k) => same(word, before[from + k]!))) return n;
  }
  return 0;
}

function cut(line: CaptionLine, words: readonly string[], n: number): CaptionLine {
  const wordSeconds = line.wordSeconds && line.wordSeconds.slice(n);
  return {
    startSeconds: wordSeconds?.[0] ?? line.startSeconds,
    endSeconds: line.endSeconds,
    text: words.slice(n).join(' '),
    wordSeconds,
  };
}

/**
 * Captions of a machine often roll: each repeats the line before it, or all of it with a word more. Where
 * a file does that throughout, what is repeated goes and every word is there once. Elsewhere nothing is
 * touched: who says "jump, jump" twice means it.
 */
export function withoutRepeats(lines: readonly CaptionLine[]): readonly CaptionLine[] {
  if (lines.length < FEWEST_LINES) return lines;
  const overlaps = lines.map(({ text, startSeconds }, index) => {
    const before = lines[index - 1];
    if (!before || startSeconds > before.endSeconds + TOUCH_SECONDS) return 0;
    return overlap(wordsOf(before.text), wordsOf(text));
  });
  const repeating = overlaps.filter((n) => n > 0).length;
  if (repeating < ROLLING_SHARE * (lines.length - 1)) return lines;
  let said: string[] = [];
  let shownUntil = -Infinity;
  return lines.flatMap((line) => {
    const words = wordsOf(line.text);
    const n = line.startSeconds > shownUntil + TOUCH_SECONDS ? 0 : overlap(said, words);
    shownUntil = Math.max(shownUntil, line.endSeconds);
    said = [...said, ...words.slice(n)].slice(-MOST_REPEATED);
    return n === words.length ? [] : [cut(line, words, n)];
  });
}
