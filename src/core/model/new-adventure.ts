import { USUAL_LIMITS, type Adventure, type Chapter, type ChapterKind } from './adventure';
import type { Beat } from './beat';
import { changeParts, partsOfBeat } from './beat-parts';
import { DEFAULT_SETTING, type Setting } from './setting';
import { COUNT_IN_SECONDS } from '../schedule/timing';
import { CURRENT_VERSION } from './versions';

/** Gives a fresh id that begins with `prefix_`. */
export type NewId = (prefix: string) => string;

/** The order in which nearly every session goes. */
const USUAL_CHAPTERS: readonly (readonly [ChapterKind, string])[] = [
  ['welcome', 'Welcome'],
  ['warm-up', 'Warm-up'],
  ['adventure', 'The adventure'],
  ['cool-down', 'Cool-down'],
  ['goodbye', 'Goodbye'],
];

/** An empty adventure with the usual chapters, waiting for its first line. */
export function newAdventure(newId: NewId, setting: Setting = DEFAULT_SETTING): Adventure {
  return {
    format: 'arrup',
    version: CURRENT_VERSION,
    id: newId('adv'),
    title: '',
    learning: '',
    world: { name: '', place: '', want: '', cast: [], words: [], colours: [] },
    setting,
    defaults: { show: 'each', countInSeconds: COUNT_IN_SECONDS },
    props: [],
    moves: [],
    limits: USUAL_LIMITS,
    setAside: [],
    chapters: USUAL_CHAPTERS.map(([kind, title]) => ({ id: newId('ch'), kind, title, beats: [] })),
  };
}

/** The same beat under fresh ids, its parts too. */
export function copyBeat(beat: Beat, newId: NewId): Beat {
  const prefixOf = { move: 'ac', draw: 'ac', chain: 'ac', circuit: 'st', echo: 'st' } as const;
  const prefix = prefixOf[beat.kind as keyof typeof prefixOf];
  const copy = changeParts(beat, (part) => ({ ...part, id: newId(prefix) }));
  if (copy.kind !== 'draw') return { ...copy, id: newId('bt') };
  const entries = copy.entries.map((entry) => ({ ...entry, id: newId('en') }));
  return { ...copy, id: newId('bt'), entries };
}

const copyChapter = (chapter: Chapter, newId: NewId): Chapter => ({
  ...chapter,
  id: newId('ch'),
  beats: chapter.beats.map((beat) => copyBeat(beat, newId)),
});

/** Every id of the script in order: chapters, their beats, the beats' parts. */
function idsOf({ chapters }: Pick<Adventure, 'chapters'>): string[] {
  return chapters.flatMap((chapter) => [
    chapter.id,
    ...chapter.beats.flatMap((beat) => {
      return [beat.id, ...partsOfBeat(beat).map(({ id }) => id)];
    }),
  ]);
}

/** A second adventure with fresh ids throughout and its own title; what is set aside stays so. */
export function copyAdventure(adventure: Adventure, title: string, newId: NewId): Adventure {
  const chapters = adventure.chapters.map((chapter) => copyChapter(chapter, newId));
  const fresh = idsOf({ chapters });
  const became = new Map(idsOf(adventure).map((id, index) => [id, fresh[index]!]));
  const setAside = adventure.setAside.map((one) => ({
    ...one,
    place: became.get(one.place) ?? one.place,
  }));
  return { ...adventure, id: newId('adv'), title, chapters, setAside };
}
