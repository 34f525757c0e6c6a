import type { ChapterKind } from '$core';

/** What an empty chapter's line suggests, so that nobody faces a blank page. */
const FIRST: Readonly<Record<ChapterKind, string>> = {
  welcome: 'Hello, everyone! Shoes off, arms out: can you turn without touching a friend?',
  'warm-up': 'march 30 s as post round: March with Pip!',
  show: 'squats 2: Watch me once, then with me.',
  adventure: '6 frog jumps as ditch leaps: Over the ditch, keep your letters dry!',
  game: 'circuit 2 rounds 30 s rest 15: squats, march, bear walk',
  drink: 'drink 30 s',
  'cool-down': 'hold tall reach 8 s as lamp hook: Hang the lamp up high.',
  calm: '3 slow breaths as candle: Blow, so the flame only bows.',
  goodbye: 'At home, carry something light across a room on tiptoe.',
};

/** The hint in a chapter's open line: an example while it is empty, a reminder afterwards. */
export function hintFor(kind: ChapterKind, isEmpty: boolean): string {
  return isEmpty
    ? `Try: ${FIRST[kind]}`
    : 'What comes next? A line, 10 squats, drink, # a new chapter';
}
