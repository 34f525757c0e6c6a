import { spache } from 'spache';
import { syllable } from 'syllable';
import { phonemesOf, rhymes, type SoundBook } from '../words/phonemes';

/** A syllable of a chant; `onBeat` where a beat falls on it. */
export type ChantSyllable = Readonly<{ stress: 'strong' | 'weak' | 'none'; onBeat: boolean }>;
export type ChantWord = Readonly<{ text: string; syllables: readonly ChantSyllable[] }>;

/**
 * How a line lies on the beat: `rests` beats at its end are silent. It scans where beats fall on
 * stressed syllables, with one or two between; else `trouble` says the worst of it, with the word.
 */
export type ChantLine = Readonly<{
  words: readonly ChantWord[];
  rests: number;
  scans: boolean;
  trouble: Readonly<{
    code: 'too-long' | 'too-short' | 'weak-beat' | 'lost-stress';
    word: string;
  }> | null;
}>;

/** Words that are passed over between beats, and little words that may have one: our own choice of them. */
const PASSED_OVER: ReadonlySet<string> = new Set(
  'a an the and or of to is are am was were be it its'.split(' '),
);
const LITTLE: ReadonlySet<string> = new Set(
  (
    'but in on at by for from with as he she we they you i me him her us them my your his our their this ' +
    'that there so if then than will can do does'
  ).split(' '),
);

type Stress = ChantSyllable['stress'];
const BY_MARK: Readonly<Record<string, Stress>> = { '0': 'none', '1': 'strong', '2': 'weak' };

/** Stresses of a word as the dictionary has them; of one that it lacks, the first syllable's. */
function stressesOf(word: string, sounds: SoundBook): readonly Stress[] {
  const plain = word.toLowerCase().replace(/’/gu, "'");
  const marks = phonemesOf(plain, sounds)?.flatMap((one) => /\d/u.exec(one) ?? []);
  if (!marks || marks.length === 0) {
    const count = Math.max(1, syllable(plain));
    return Array.from({ length: count }, (_, n) => (n === 0 ? 'strong' : 'none'));
  }
  if (marks.length === 1) {
    return [PASSED_OVER.has(plain) ? 'none' : LITTLE.has(plain) ? 'weak' : 'strong'];
  }
  return marks.map((mark) => BY_MARK[mark]!);
}

/** What it costs to have a beat on a syllable, and to have none on it. Our own judgement. */
const ON: Readonly<Record<Stress, number>> = { strong: 0, weak: 0.4, none: 2 };
const OFF: Readonly<Record<Stress, number>> = { strong: 1.2, weak: 0.3, none: 0 };
/** What so many syllables between two beats cost: one or two swing, none is a stop, more is a rush. */
const BETWEEN = [0.5, 0, 0.25, 1.2, 3];
const between = (many: number) =>
  BETWEEN[many] ?? BETWEEN.at(-1)! + (many - BETWEEN.length + 1) * 2;
/** Syllables before the first beat: one is a run-up. */
const before = (many: number) => [0, 0.1, 0.5][many] ?? 2 + many;
/** A beat at the end that nothing is said on. */
const REST = 0.45;
/** Up to this much a line scans. Our own judgement, held against verses that do. */
const SCANS = 2;

type Laid = Readonly<{ cost: number; at: readonly number[] }>;

/** The cheapest way to lay `beats` beats, the last of them silent where it must be, on these stresses. */
function lay(stresses: readonly Stress[], beats: number): Laid {
  const skipped = (from: number, to: number) =>
    stresses.slice(from, to).reduce((sum, stress) => sum + OFF[stress], 0);
  let ways: (Laid | null)[] = stresses.map((stress, n) => ({
    cost: before(n) + skipped(0, n) + ON[stress],
    at: [n],
  }));
  const end = (way: Laid, used: number): Laid => {
    const last = way.at.at(-1)!;
    const after = stresses.length - 1 - last;
    return {
      ...way,
      cost:
        way.cost +
        skipped(last + 1, stresses.length) +
        (after > 1 ? between(after) : 0) +
        (beats - used) * REST * (beats - used),
    };
  };
  let best: Laid | null = null;
  for (let used = 1; used <= beats; used += 1) {
    for (const way of ways) {
      const whole = way && end(way, used);
      if (whole && (!best || whole.cost < best.cost - 1e-9)) best = whole;
    }
    ways = stresses.map((stress, n) => {
      const from = ways.slice(0, n).map(
        (way, m): Laid | null =>
          way && {
            cost: way.cost + between(n - m - 1) + skipped(m + 1, n) + ON[stress],
            at: [...way.at, n],
          },
      );
      return from.reduce(
        (one, other) => (other && (!one || other.cost < one.cost) ? other : one),
        null,
      );
    });
  }
  return best ?? { cost: Infinity, at: [] };
}

const WORDS = /\p{L}[\p{L}’'-]*/gu;

/**
 * A line of a chant laid on `beats` beats (1 and more): which syllables the beats fall on, so that the
 * stressed ones have them as far as can be, by trying every way. Stresses are those of the CMU
 * Pronouncing Dictionary. A line without a word scans: it is a rhythm.
 */
export function layOnBeats(line: string, beats: number, sounds: SoundBook): ChantLine {
  const texts = line.match(WORDS) ?? [];
  const spoken = texts.map((text) => ({ text, stresses: stressesOf(text, sounds) }));
  const stresses = spoken.flatMap((one) => one.stresses);
  if (stresses.length === 0) return { words: [], rests: 0, scans: true, trouble: null };
  const { cost, at } = lay(stresses, beats);
  const onBeat = new Set(at);
  let n = -1;
  const words = spoken.map(({ text, stresses: own }) => ({
    text,
    syllables: own.map((stress) => {
      n += 1;
      return { stress, onBeat: onBeat.has(n) };
    }),
  }));
  const rests = beats - at.length;
  return {
    words,
    rests,
    scans: cost <= SCANS,
    trouble: cost <= SCANS ? null : troubleOf(words, rests),
  };
}

/** The worst of a line that does not scan. */
function troubleOf(words: readonly ChantWord[], rests: number): ChantLine['trouble'] {
  const find = (is: (one: ChantSyllable) => boolean) =>
    words.find(({ syllables }) => syllables.some(is))?.text;
  const last = words.at(-1)!.text;
  const lost = find(({ stress, onBeat }) => stress === 'strong' && !onBeat);
  const weak = find(({ stress, onBeat }) => stress === 'none' && onBeat);
  if (rests > 1) return { code: 'too-short', word: last };
  if (lost) return { code: 'too-long', word: lost };
  return weak ? { code: 'weak-beat', word: weak } : { code: 'lost-stress', word: last };
}

const lastWord = (line: string) => line.match(WORDS)?.at(-1) ?? '';

/** Whether two lines rhyme by sound at their ends; null where a word is not known. */
export function linesRhyme(one: string, other: string, sounds: SoundBook): boolean | null {
  const [a, b] = [lastWord(one), lastWord(other)];
  if (!phonemesOf(a, sounds) || !phonemesOf(b, sounds)) return null;
  return rhymes(a, b, sounds);
}

/** Words that no verse ends in. */
const WEAK_ENDS = /^(?:a|an|the|of|as|was|were|im|id)$/u;

/**
 * Words that rhyme with the end of a line, by sound: the story's own first, then words that children
 * read early (Spache's revised list), the shorter first; at most `most`.
 */
export function rhymesFor(
  line: string,
  own: readonly string[],
  sounds: SoundBook,
  most: number,
): readonly string[] {
  const end = lastWord(line);
  if (!end) return [];
  const rhyming = (words: readonly string[]) => words.filter((word) => rhymes(end, word, sounds));
  const early = rhyming(spache)
    .filter((word) => word.length > 1 && !WEAK_ENDS.test(word))
    .sort((a, b) => a.length - b.length || (a < b ? -1 : 1));
  return [...new Set([...rhyming(own.map((word) => word.toLowerCase())), ...early])].slice(0, most);
}
