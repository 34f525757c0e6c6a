import { alsoCalled } from '../../moves/names-of';
import { daleChall } from 'dale-chall';
import { spache } from 'spache';
import { syllable } from 'syllable';
import type { World } from '../../model/world';
import { type Beat, isForOthers, spokenLines } from '../../beats';
import type { Part } from '../../beats/beat-file';
import type { Move } from '../../model/move';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { remember } from '../../words/remember';

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

/** A word that young readers know, in any of its forms. */
export const isFamiliar = (word: string) => formsOf(word).some((form) => FAMILIAR.has(form));

type Unfamiliar = Readonly<{ word: string; forms: readonly string[] }>;

/** Long words in a beat's lines that are outside the lists, each once. */
const unfamiliarWords = remember((beat: Beat): readonly Unfamiliar[] => {
  const lines = isForOthers(beat) ? [] : spokenLines(beat);
  const words = lines.flatMap((line) => wordsOf(line.toLowerCase()));
  return [...new Set(words)]
    .filter((word) => !isFamiliar(word) && syllable(word) >= LONG_SYLLABLES)
    .map((word) => ({ word, forms: formsOf(word) }));
});

const wordsIn = (texts: readonly string[]) => texts.flatMap((text) => wordsOf(text.toLowerCase()));
const wordsOfWorld = remember((world: World) =>
  wordsIn([
    world.name,
    ...world.words,
    ...world.colours,
    ...world.cast.flatMap(({ name, role }) => [name, role]),
  ]),
);
const wordsOfPart = remember(({ guise }: Part) => wordsIn([guise.name, guise.picture]));
const wordsOfMove = remember((move: Move) => wordsIn([move.name, ...alsoCalled(move)]));

/** What the story itself has taught them: its own words and names, and the moves as they are called. */
function taughtBy({ adventure, parts }: FindingContext): ReadonlySet<string> {
  const taught = new Set([...wordsIn([adventure.title]), ...wordsOfWorld(adventure.world)]);
  for (const { part, move } of parts) {
    for (const word of wordsOfPart(part)) taught.add(word);
    for (const word of wordsOfMove(move)) taught.add(word);
  }
  return taught;
}

/** Long words that small listeners are unlikely to know, and that the story does not teach. */
export function checkRareWords(context: FindingContext): Seen[] {
  const taught = taughtBy(context);
  return [...context.beats.values()].flatMap((beat) => {
    const rare = unfamiliarWords(beat).filter(
      ({ forms }) => !forms.some((form) => taught.has(form)),
    );
    if (rare.length === 0) return [];
    const place = { beatId: beat.id, part: null };
    const told = rare
      .slice(0, MOST_TOLD)
      .map(({ word }) => word)
      .join(', ');
    return [{ place, severity: 'think' as const, params: { words: told }, fix: null }];
  });
}
