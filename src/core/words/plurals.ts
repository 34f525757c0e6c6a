import pluralize from 'pluralize';

/** What is many is the last word, or the one before "of": "number dice", "packs of cards". */
const COUNTED = /^(.*? )??([^ ]+)( of .+)?$/u;

function changed(things: string, change: (word: string) => string): string {
  const [, before = '', word = things, of = ''] = COUNTED.exec(things) ?? [];
  return `${before}${change(word)}${of}`;
}

/** "bean bag", "bean bags", "torches", "dice", "packs of cards". */
export function pluralOf(thing: string, count = 2): string {
  return count === 1 ? thing : changed(thing, (word) => pluralize.plural(word));
}

/** One of them, in small letters: "Bean bags" is a "bean bag", "torches" a "torch". */
export function singularOf(things: string): string {
  return changed(things.trim().toLowerCase(), (word) => pluralize.singular(word));
}
