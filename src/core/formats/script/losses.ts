import { beatLabel, type Beat } from '../../beats';
import type { Adventure } from '../../document/adventure';
import { idsInOrder } from '../../model/new-id';
import { moveBookOf } from '../../moves/move-book';
import { entryOf } from '../../words/entry-of';
import type { SoundBook } from '../../words/phonemes';
import { parseScript } from './script';
import { serializeScript } from './write-script';

/** What a script has no words for: of which beat, '' for the adventure itself, and what it is. */
export type Loss = Readonly<{ of: string; what: readonly string[] }>;

/** What a field is in words, where a script leaves it behind. */
const WORDS: Readonly<Record<string, string>> = {
  picture: 'picture words',
  sound: 'sounds',
  seed: 'what was drawn beforehand',
  weight: 'how wide sectors are',
  fit: 'what fitting may do with it',
  points: 'points',
  thirdInARow: 'what the third in a row is',
  dice: 'how many number dice',
  rehearseAfter: 'when it is rehearsed',
  restBetweenRoundsSeconds: 'rests between rounds',
  waitSeconds: 'how long is waited',
  colours: 'colours of the world',
  props: 'what things stand for',
  limits: 'limits of your own',
  setAside: 'notes that you left',
  noGoMetres: 'where nobody goes',
  grownUps: 'how many grown-ups',
};
const wordFor = (field: string) => entryOf(WORDS, field) ?? 'some details';

type Fields = Readonly<Record<string, unknown>>;
const isFields = (value: unknown): value is Fields => typeof value === 'object' && value !== null;

/** The names of fields in which two values differ, ids apart; a seed counts only for what is kept drawn. */
function differing(one: unknown, other: unknown, field = ''): ReadonlySet<string> {
  const found = new Set<string>();
  if (!isFields(one) || !isFields(other)) {
    if (one !== other) found.add(field);
    return found;
  }
  for (const key of new Set([...Object.keys(one), ...Object.keys(other)])) {
    if (key === 'id' || (key === 'seed' && one.drawn === 'live')) continue;
    const name = /^\d+$/u.test(key) ? field : key;
    // What a list or a group is called says more than its parts.
    const inner = differing(one[key], other[key], name);
    for (const deep of inner) found.add(Object.hasOwn(WORDS, name) ? name : deep);
  }
  return found;
}

const beatsIn = ({ chapters }: Adventure): readonly Beat[] =>
  chapters.flatMap(({ beats }) => beats);

/**
 * What of an adventure a script leaves behind: it is written and read back, and what differs is named, beat
 * by beat. Empty where the script is the whole adventure.
 */
export function lossesOf(adventure: Adventure, book: SoundBook | null = null): readonly Loss[] {
  const source = { newId: idsInOrder('s'), newSeed: () => 0, moves: adventure.moves, book };
  const read = parseScript(serializeScript(adventure), source);
  const again = read.ok ? read.value.adventure : null;
  const [before, after] = [beatsIn(adventure), again ? beatsIn(again) : []];
  const moves = moveBookOf(adventure);
  const whole = (value: Adventure | null) => value && { ...value, chapters: [], moves: [] };
  const ofAll = differing(whole(adventure), whole(again));
  const all: Loss[] = [
    { of: '', what: [...ofAll].map(wordFor) },
    ...before.map((beat, n): Loss => {
      const label = beatLabel(beat, moves);
      // Where beats were joined or split, those after them are not where they were.
      if (before.length !== after.length) return { of: label, what: n === 0 ? ['its place'] : [] };
      return { of: label, what: [...differing(beat, after[n])].map(wordFor) };
    }),
  ];
  return all
    .map(({ of, what }) => ({ of, what: [...new Set(what)] }))
    .filter(({ what }) => what.length > 0);
}
