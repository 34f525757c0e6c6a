import { USUAL_LIMITS, type Adventure, type Chapter } from './adventure';
import { type ChapterKind } from '../model/chapter-kinds';
import { copyBeat, partsOfBeat } from '../beats';
import { DEFAULT_SETTING, type Setting } from '../model/setting';
import { USUAL_DEFAULTS } from '../model/led';
import type { NewId } from '../model/new-id';
import { CURRENT_VERSION } from './versions';

/** The order in which nearly every session goes. */
const USUAL_CHAPTERS: readonly (readonly [ChapterKind, string])[] = [
  ['welcome', 'Welcome'],
  ['warm-up', 'Warm-up'],
  ['adventure', 'The adventure'],
  ['cool-down', 'Cool-down'],
  ['goodbye', 'Goodbye'],
];

/** A chapter with nothing in it, led as its adventure is. */
export function newChapter(newId: NewId, kind: ChapterKind, title: string): Chapter {
  return { id: newId('ch'), kind, title, led: null, beats: [] };
}

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
    defaults: USUAL_DEFAULTS,
    props: [],
    moves: [],
    limits: USUAL_LIMITS,
    setAside: [],
    chapters: USUAL_CHAPTERS.map(([kind, title]) => newChapter(newId, kind, title)),
  };
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
