import {
  beatLabel,
  headInWords,
  moveBookOf,
  titleOf,
  type About,
  type Adventure,
  type Difference,
} from '$core';
import { beatInWords } from '$lib/words/beat-in-words';

/** A difference as it's shown: what it is, and how it is here and there; empty where it isn't there. */
export type ShownDifference = Readonly<{ what: string; own: string; theirs: string }>;

const ABOUT_WORDS: Readonly<Record<About, string>> = {
  title: 'Title',
  learning: 'What is learned',
  world: 'The story',
  setting: 'Who and where',
  defaults: 'How it’s led',
  props: 'What things stand for',
  moves: 'Moves of one’s own',
  limits: 'Own limits for the notes',
  setAside: 'Notes left as they are',
};

/** Lines of the head of a script that tell of it. */
const HEAD_LINES: Partial<Record<About, readonly string[]>> = {
  learning: ['Learning'],
  world: ['World', 'Scene', 'Want', 'Cast', 'Words'],
  setting: ['Ages', 'Group', 'Slot', 'Room', 'Kit', 'Sides'],
  defaults: ['Led'],
};

const LISTED: Partial<Record<About, (adventure: Adventure) => string>> = {
  title: titleOf,
  props: ({ props }) => props.map((one) => `${one.thing}: ${one.standsFor}`).join(', '),
  moves: ({ moves }) => moves.map(({ name }) => name).join(', '),
  setAside: ({ setAside }) => `${setAside.length} of them`,
};

/** What of it differs, each line with its name; where nothing can be told, that it differs at all. */
function aboutInWords(id: About, own: Adventure, theirs: Adventure): ShownDifference {
  const what = ABOUT_WORDS[id];
  const listed = LISTED[id];
  if (listed) return { what, own: listed(own), theirs: listed(theirs) };
  const names = HEAD_LINES[id] ?? [];
  const [mine, others] = [own, theirs].map((one) => new Map(headInWords(one)));
  const differing = names.filter((name) => mine!.get(name) !== others!.get(name));
  const told = (lines: ReadonlyMap<string, string>) =>
    differing.map((name) => `${name}: ${lines.get(name) ?? 'nothing'}`).join('. ');
  if (differing.length > 0) return { what, own: told(mine!), theirs: told(others!) };
  return { what, own: 'as it’s here', theirs: 'set otherwise' };
}

const BEAT_WORDS = { added: 'New', gone: 'Not there any more', changed: 'Changed', moved: 'Moved' };
const CHAPTER_WORDS = {
  'chapter added': 'New chapter',
  'chapter gone': 'Chapter not there any more',
  'chapter changed': 'Chapter',
  'chapter moved': 'Chapter moved',
};

/** Where a beat stands: its chapter, and what is before it. */
function placeInWords(adventure: Adventure, id: string): string {
  for (const { title, beats } of adventure.chapters) {
    const at = beats.findIndex((beat) => beat.id === id);
    if (at < 0) continue;
    const before = beats[at - 1];
    return `in ${title}, ${before ? `after “${beatLabel(before, moveBookOf(adventure))}”` : 'at its beginning'}`;
  }
  return '';
}

const beatOf = ({ chapters }: Adventure, id: string) =>
  chapters.flatMap(({ beats }) => beats).find((beat) => beat.id === id);

function chapterInWords({ chapters }: Adventure, id: string): string {
  const chapter = chapters.find((one) => one.id === id);
  if (!chapter) return '';
  const { title, kind, led } = chapter;
  return [title || kind, title && kind, led].filter(Boolean).join(', ');
}

/** A difference in words, with its two sides. */
export function differenceInWords(
  difference: Difference,
  own: Adventure,
  theirs: Adventure,
): ShownDifference {
  const { is, id } = difference;
  if (is === 'about') return aboutInWords(id, own, theirs);
  if (is in CHAPTER_WORDS) {
    const what = CHAPTER_WORDS[is as keyof typeof CHAPTER_WORDS];
    return { what, own: chapterInWords(own, id), theirs: chapterInWords(theirs, id) };
  }
  const what = BEAT_WORDS[is as keyof typeof BEAT_WORDS];
  const [mine, others] = [own, theirs].map((one) => {
    const beat = beatOf(one, id);
    if (!beat) return '';
    const words = beatInWords(beat, moveBookOf(one));
    return is === 'moved' ? `${words} (${placeInWords(one, id)})` : words;
  });
  return { what, own: mine!, theirs: others! };
}
