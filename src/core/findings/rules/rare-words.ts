import { daleChall } from 'dale-chall';
import { spache } from 'spache';
import { syllable } from 'syllable';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { spokenLines } from '../spoken';

/**
 * Familiar words of young readers, American: the lists of Spache and of Dale and Chall, as the
 * packages of those names have them.
 */
const FAMILIAR: ReadonlySet<string> = new Set([...spache, ...daleChall]);
/** A word outside the lists is rare from this many syllables on. Our own judgement. */
const LONG_SYLLABLES = 3;
const MOST_TOLD = 3;

const wordsOf = (text: string) => text.match(/[\p{L}’']+/gu) ?? [];

/** The word, and what it may be a form of: "jumping" of "jump", "carriers" of "carry". */
function formsOf(word: string): string[] {
  const ends: readonly (readonly [RegExp, string])[] = [
    [/['’]s$/u, ''],
    [/ies$/u, 'y'],
    [/(es|s|ed|d|ing|er|est|ly|r|y)$/u, ''],
    [/(ing|ed|er|est)$/u, 'e'],
    [/(.)\1(ing|ed|er|est|y)$/u, '$1'],
    [/(ily|ier|iest|ied)$/u, 'y'],
    [/s$/u, ''],
  ];
  const once = ends.map(([end, by]) => word.replace(end, by));
  const twice = once.flatMap((form) => ends.map(([end, by]) => form.replace(end, by)));
  return [word, ...once, ...twice];
}

/** What the story itself has taught them: its own words and names, and the moves as they are called. */
function taughtBy({ adventure, parts }: FindingContext): ReadonlySet<string> {
  const { world, title } = adventure;
  const texts = [
    title,
    world.name,
    ...world.words,
    ...world.colours,
    ...world.cast.flatMap(({ name, role }) => [name, role]),
    ...parts.flatMap(({ part, move }) => [
      part.guise.name,
      part.guise.picture,
      move.name,
      ...move.aliases,
    ]),
  ];
  return new Set(texts.flatMap((text) => wordsOf(text.toLowerCase())));
}

/** Long words that small listeners are unlikely to know, and that the story does not teach. */
export function checkRareWords(context: FindingContext): Seen[] {
  const taught = taughtBy(context);
  const known = (word: string) =>
    formsOf(word).some((form) => FAMILIAR.has(form) || taught.has(form));
  return [...context.beats.values()].flatMap((beat) => {
    const words = spokenLines(beat).flatMap((line) => wordsOf(line.toLowerCase()));
    const rare = [...new Set(words)].filter(
      (word) => syllable(word) >= LONG_SYLLABLES && !known(word),
    );
    if (rare.length === 0) return [];
    const place = { beatId: beat.id, part: null };
    const told = rare.slice(0, MOST_TOLD).join(', ');
    return [{ place, severity: 'think' as const, params: { words: told }, fix: null }];
  });
}
