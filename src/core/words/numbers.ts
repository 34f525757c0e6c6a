const UNITS =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  );
const TENS = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');

const VALUES: ReadonlyMap<string, number> = new Map([
  ...UNITS.map((word, value) => [word, value] as const),
  ...TENS.map((word, index) => [word, (index + 2) * 10] as const),
]);

/** A number as a word, 0 to 19: "two". Throws a RangeError beyond. */
export function numberWord(n: number): string {
  const word = UNITS[n];
  if (word === undefined) throw new RangeError(`numberWord: ${n}`);
  return word;
}

/** A count as people write it: a word up to `most`, at most 19, and digits beyond. */
export function countWord(n: number, most: number): string {
  return n <= most ? numberWord(n) : String(n);
}

/** The nearest number within a range. */
export function within(
  value: number,
  { least, most }: Readonly<{ least: number; most: number }>,
): number {
  return Math.min(most, Math.max(least, value));
}

/** More than any line means; a number above it is read as this. */
const MOST_READ = 9999;
/** More entries than any list of a line has. */
const MOST_LISTED = 99;

/**
 * A number as a line has it, whole or not, 9999 at most. What a beat may hold is checked when the beat
 * is made, so that a number that is too large is told and not quietly another one.
 */
export function numberRead(value: number): number {
  return Math.min(MOST_READ, value);
}

/** How many entries a list is made of: as `numberRead`, and no more than can be listed. */
export function countRead(value: number): number {
  return within(value, { least: 1, most: MOST_LISTED });
}

/** So many of a thing: "1 draw", "10 draws". */
export function counted(n: number, one: string, many: string): string {
  return `${n} ${n === 1 ? one : many}`;
}

/** Number words among lower-case words as digits, up to ninety-nine: "twenty five" gives "25". */
export function wordsToDigits(words: readonly string[]): string[] {
  const digits: string[] = [];
  for (let index = 0; index < words.length; index += 1) {
    const value = VALUES.get(words[index]!);
    const next = VALUES.get(words[index + 1] ?? '');
    if (value !== undefined && value >= 20 && next !== undefined && next > 0 && next < 10) {
      digits.push(String(value + next));
      index += 1;
    } else digits.push(value === undefined ? words[index]! : String(value));
  }
  return digits;
}

/** A text in lower-case words with digits for number words, apostrophes and marks left out: "thirty seconds’ rest" gives "30 seconds rest". */
export function textInDigits(text: string): string {
  const words = text.toLowerCase().replaceAll(/[’']/gu, '');
  return wordsToDigits(words.split(/[^\p{L}\d]+/u)).join(' ');
}
