import type { Random } from '../chance/random';
import { capital, uncapital } from '../words/capital';
import type { DraftWish } from './wish';

/** A list in another order, by chance. */
export function shuffled<T>(list: readonly T[], random: Random): T[] {
  const left = [...list];
  for (let n = left.length - 1; n > 0; n -= 1) {
    const other = random.whole(0, n);
    [left[n], left[other]] = [left[other]!, left[n]!];
  }
  return left;
}

/** Words of the wish as they stand in sentences. */
export type Words = Readonly<{ want: string; place: string; hero: string; who: string }>;

export function wordsOf(wish: DraftWish): Words {
  const trim = (text: string) => text.trim().replace(/[.!?]+$/u, '');
  const want = trim(wish.want);
  const hero = trim(wish.hero);
  return {
    want: want ? uncapital(want) : 'find the way',
    place: trim(wish.place),
    hero,
    who: hero ? capital(hero) : 'Somebody',
  };
}

/** One of several ways to say it. */
const oneOf = (random: Random, ...ways: readonly [string, ...string[]]) =>
  ways[random.whole(0, ways.length - 1)]!;

/** A line to say, and how long to wait for answers, in seconds. */
export type Spoken = Readonly<{ text: string; wait?: number }>;

/** How it begins: shoes, room, what it is about, how to stop, and that everybody may rest. */
export function welcomeLines(
  { want, place, who }: Words,
  filmed: boolean,
  random: Random,
): readonly Spoken[] {
  const where = place ? `We’re off to ${place}. ` : '';
  const hello = oneOf(
    random,
    'Hello, everybody! Good shoes on, or bare feet. No slippery socks today.',
    'Good morning, movers! Bare feet or good shoes, and no slippery socks.',
    'Welcome, all of you! Shoes on, or bare feet. Socks may rest today.',
  );
  const about = oneOf(
    random,
    `${where}${who} needs our help: we ${want}.`,
    `${where}Today we ${want}, all of us together.`,
  );
  const rest = oneOf(
    random,
    'If you’re tired, sit down and do it with your arms. That counts too.',
    'You may always do it sitting down, or have a rest and watch.',
  );
  return [
    { text: hello },
    ...(filmed ? [{ text: 'Is a grown-up with you? Wave to them.', wait: 3 }] : []),
    { text: 'Arms out, and turn once. Can you touch nobody?', wait: 3 },
    { text: about },
    { text: 'When I call “Statues!”, everybody freezes. Let’s try it: walk, walk, statues!' },
    { text: rest },
  ];
}

/** How it ends: thanks, and something for home. */
export function goodbyeLines({ want, hero, who }: Words, random: Random): readonly Spoken[] {
  const thanks = hero ? `${who} says thank you.` : 'Well done, all of you.';
  return [
    { text: `${thanks} Pat your own shoulder: well done, me.` },
    {
      text: oneOf(
        random,
        'At home, show somebody the move that you liked best.',
        `At home, tell somebody how we ${want}.`,
      ),
    },
  ];
}

/** Words that are no word of the story. */
const LITTLE = /^(?:the|and|old|our|for|from|with|into)$/iu;

/** Letters that are learned, as they are written: "SAT", "S A T P I N", "letters S, A, T". */
const LETTERS_LEARNED = /\b[A-Z](?:[ ,]*[A-Z]){1,7}\b/u;
const MOST_LETTERS = 6;

/**
 * What is spelled: the letters that ride along, else a word of the wish that is short enough and more
 * than a little word.
 */
export function letterWord({ hero, place, want, learning }: DraftWish): string {
  const learned = LETTERS_LEARNED.exec(learning)?.[0].replace(/[^A-Z]/gu, '');
  if (learned) return learned.slice(0, MOST_LETTERS).toLowerCase();
  const words = `${hero} ${place} ${want}`.match(/\b[a-z]{3,7}\b/giu) ?? [];
  return (words.find((word) => !LITTLE.test(word)) ?? 'story').toLowerCase();
}
