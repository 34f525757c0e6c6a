import type { Beat } from '../beats';
import type { Adventure, Chapter } from './adventure';
import { carryMoves } from './carry-moves';
import { changeBeat, changeChapter, removeBeat, removeChapter } from './edit';

/** What an adventure is besides its chapters, each taken over as a whole. */
export const ABOUT = [
  'title',
  'learning',
  'world',
  'setting',
  'defaults',
  'props',
  'moves',
  'limits',
  'setAside',
] as const;
export type About = (typeof ABOUT)[number];

/** One thing in which another's adventure differs from one's own, with the id of what it is about. */
export type Difference = Readonly<
  | { is: 'about'; id: About }
  | { is: 'chapter added' | 'chapter gone' | 'chapter changed' | 'chapter moved'; id: string }
  | { is: 'added' | 'gone' | 'changed' | 'moved'; id: string }
>;

const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);
const ids = (list: readonly Readonly<{ id: string }>[]) => list.map(({ id }) => id);

/**
 * What has to move so that `from` is in the order of `to` (the same ids): all but a longest run that is
 * in order already (longest increasing subsequence, by patience sorting as in Knuth 5.1.4).
 */
function movedIn(from: readonly string[], to: readonly string[]): ReadonlySet<string> {
  const at = new Map(to.map((id, n) => [id, n]));
  const places = from.map((id) => at.get(id)!);
  /** The last of the best run of each length, and the one before each. */
  const ends: number[] = [];
  const before: (number | undefined)[] = [];
  places.forEach((place, n) => {
    let length = 0;
    while (length < ends.length && places[ends[length]!]! < place) length += 1;
    before[n] = ends[length - 1];
    ends[length] = n;
  });
  const stays = new Set<string>();
  for (let n = ends.at(-1); n !== undefined; n = before[n]) stays.add(from[n]!);
  return new Set(from.filter((id) => !stays.has(id)));
}

type Placed = Readonly<{ beat: Beat; chapterId: string }>;
const placedIn = ({ chapters }: Adventure): ReadonlyMap<string, Placed> =>
  new Map(
    chapters.flatMap(({ id: chapterId, beats }) =>
      beats.map((beat) => [beat.id, { beat, chapterId }] as const),
    ),
  );

function chapterDifferences(own: Adventure, theirs: Adventure): Difference[] {
  const mine = new Map(own.chapters.map((chapter) => [chapter.id, chapter]));
  const others = new Set(ids(theirs.chapters));
  const both = (chapters: readonly Chapter[]) =>
    ids(chapters).filter((id) => mine.has(id) && others.has(id));
  const moved = movedIn(both(own.chapters), both(theirs.chapters));
  const head = ({ kind, title, led }: Chapter) => ({ kind, title, led });
  return [
    ...theirs.chapters.flatMap((chapter): Difference[] => {
      const { id } = chapter;
      const here = mine.get(id);
      if (!here) return [{ is: 'chapter added', id }];
      return [
        ...(moved.has(id) ? [{ is: 'chapter moved', id } as const] : []),
        ...(same(head(here), head(chapter)) ? [] : [{ is: 'chapter changed', id } as const]),
      ];
    }),
    ...ids(own.chapters).flatMap((id): Difference[] =>
      others.has(id) ? [] : [{ is: 'chapter gone', id }],
    ),
  ];
}

function beatDifferences(own: Adventure, theirs: Adventure): Difference[] {
  const [mine, others] = [placedIn(own), placedIn(theirs)];
  const moved = new Set(
    theirs.chapters.flatMap(({ id: chapterId, beats }) => {
      const here = own.chapters.find(({ id }) => id === chapterId)?.beats ?? [];
      const stayed = new Set(ids(beats).filter((id) => mine.get(id)?.chapterId === chapterId));
      const elsewhere = ids(beats).filter((id) => mine.has(id) && !stayed.has(id));
      const both = (list: readonly Beat[]) => ids(list).filter((id) => stayed.has(id));
      return [...elsewhere, ...movedIn(both(here), both(beats))];
    }),
  );
  return [
    ...[...others].flatMap(([id, { beat }]): Difference[] => {
      const here = mine.get(id);
      if (!here) return [{ is: 'added', id }];
      return [
        ...(moved.has(id) ? [{ is: 'moved', id } as const] : []),
        ...(same(here.beat, beat) ? [] : [{ is: 'changed', id } as const]),
      ];
    }),
    ...[...mine.keys()].flatMap((id): Difference[] => (others.has(id) ? [] : [{ is: 'gone', id }])),
  ];
}

/**
 * All in which `theirs` differs from `own`, as a list of things that can each be taken over by itself:
 * what they are about first, then chapters, then beats in their order, those that are gone last. A beat
 * or chapter is the same one where it has the same id. None where both are alike, apart from their id.
 */
export function differencesOf(own: Adventure, theirs: Adventure): readonly Difference[] {
  const about = ABOUT.filter((id) => !same(own[id], theirs[id]));
  return [
    ...about.map((id) => ({ is: 'about', id }) as const),
    ...chapterDifferences(own, theirs),
    ...beatDifferences(own, theirs),
  ];
}

/** `list` with `one` where it stands in `model`: after the nearest of those before it there, else first. */
function placed<T extends Readonly<{ id: string }>>(
  list: readonly T[],
  one: T,
  model: readonly Readonly<{ id: string }>[],
): readonly T[] {
  const others = list.filter(({ id }) => id !== one.id);
  const before = ids(model).slice(0, ids(model).indexOf(one.id));
  const nearest = before.findLast((id) => others.some((other) => other.id === id));
  const at = nearest === undefined ? 0 : ids(others).indexOf(nearest) + 1;
  return others.toSpliced(at, 0, one);
}

/** Their chapter without its beats put in; the same where it is there. */
function withChapterOf(own: Adventure, theirs: Adventure, id: string): Adventure {
  if (own.chapters.some((chapter) => chapter.id === id)) return own;
  const chapter = { ...theirs.chapters.find((one) => one.id === id)!, beats: [] };
  return { ...own, chapters: placed(own.chapters, chapter, theirs.chapters) };
}

/** With the moves of theirs that its beats need and that aren't here. */
const withMovesOf = (own: Adventure, { moves }: Adventure) => carryMoves(own, moves);

/** Their own moves, and those besides that beats here still need. */
function withTheirMoves(own: Adventure, { moves }: Adventure): Adventure {
  const known = new Set(ids(moves));
  const needed = carryMoves({ ...own, moves: [] }, own.moves).moves;
  return { ...own, moves: [...moves, ...needed.filter(({ id }) => !known.has(id))] };
}

/** A beat put where it stands in theirs. */
function withBeatAt(own: Adventure, theirs: Adventure, beat: Beat): Adventure {
  const { id: chapterId, beats: model } = theirs.chapters.find(({ beats }) =>
    beats.some(({ id }) => id === beat.id),
  )!;
  const there = withChapterOf(removeBeat(own, beat.id), theirs, chapterId);
  const put = changeChapter(there, chapterId, (chapter) => ({
    ...chapter,
    beats: placed(chapter.beats, beat, model),
  }));
  return withMovesOf(put, theirs);
}

type Take = (own: Adventure, theirs: Adventure, id: string) => Adventure;
const TAKES: Readonly<Record<Exclude<Difference['is'], 'about'>, Take>> = {
  'chapter added': withChapterOf,
  'chapter gone': (own, _theirs, id) => removeChapter(own, id),
  'chapter changed': (own, theirs, id) => {
    const { kind, title, led } = theirs.chapters.find((chapter) => chapter.id === id)!;
    return changeChapter(own, id, (chapter) => ({ ...chapter, kind, title, led }));
  },
  'chapter moved': (own, theirs, id) => ({
    ...own,
    chapters: placed(
      own.chapters,
      own.chapters.find((one) => one.id === id)!,
      theirs.chapters,
    ),
  }),
  added: (own, theirs, id) => withBeatAt(own, theirs, placedIn(theirs).get(id)!.beat),
  gone: (own, _theirs, id) => removeBeat(own, id),
  changed: (own, theirs, id) =>
    withMovesOf(
      changeBeat(own, id, () => placedIn(theirs).get(id)!.beat),
      theirs,
    ),
  moved: (own, theirs, id) => withBeatAt(own, theirs, placedIn(own).get(id)!.beat),
};

/**
 * One's own adventure with one difference taken over. A chapter that is gone takes its beats along; a
 * beat brings its chapter and the moves that it needs. Own moves that beats here need stay.
 */
export function takeDifference(
  own: Adventure,
  theirs: Adventure,
  difference: Difference,
): Adventure {
  if (difference.is === 'about' && difference.id === 'moves') return withTheirMoves(own, theirs);
  if (difference.is === 'about') return { ...own, [difference.id]: theirs[difference.id] };
  return TAKES[difference.is](own, theirs, difference.id);
}

/** Theirs as a whole, as one's own. */
export const takeAll = (own: Adventure, theirs: Adventure): Adventure => ({
  ...theirs,
  id: own.id,
});
