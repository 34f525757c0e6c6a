import type { AdaptationKind } from '$core';

/** A change as its button says it, its key, and what is said when it was made. */
export type ChangeWords = Readonly<{ label: string; key: string; done: string }>;

export const CHANGE_WORDS: Readonly<Record<AdaptationKind, ChangeWords>> = {
  easier: { label: 'Easier', key: 'e', done: 'An easier form, from here on' },
  harder: { label: 'Harder', key: 'h', done: 'A harder form, from here on' },
  fewer: { label: 'Fewer', key: '-', done: 'A third fewer' },
  gentler: { label: 'Gentler', key: 'g', done: 'A third less, to the end of this chapter' },
  more: { label: 'More', key: '+', done: 'A third more' },
  'ten more': { label: '10 s more', key: 't', done: 'Ten more seconds' },
  again: { label: 'Once more', key: 'a', done: 'Once more after this' },
  drink: { label: 'Drink now', key: 'd', done: 'A drink comes next' },
  rest: { label: 'Longer rest', key: 'r', done: 'A longer rest' },
  'sit out': { label: 'Sits out', key: 'o', done: 'Noted: somebody sits out, and that’s fine' },
  shorten: { label: 'Shorten the rest', key: 'f', done: 'The rest is shortened to fit the slot' },
};

/** The rest of the beat is left out: not a change of the way, but a way past it. */
export const SKIP_WORDS: ChangeWords = { label: 'Skip this', key: 's', done: 'Skipped' };

const KINDS = Object.keys(CHANGE_WORDS) as AdaptationKind[];

/** The change that a key asks for, if any; "=" is the plus without its shift key. */
export function changeOfKey(key: string): AdaptationKind | null {
  const wanted = key === '=' ? '+' : key.toLowerCase();
  return KINDS.find((kind) => CHANGE_WORDS[kind].key === wanted) ?? null;
}
