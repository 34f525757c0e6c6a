import { changeParts, waysOfBeat, type Beat } from '../beats';
import type { Way } from '../beats/beat-file';
import type { Pace } from '../cues/pace';
import type { Adventure, Chapter } from '../document/adventure';
import type { Setting } from '../model/setting';
import { MAX_LINE } from '../model/text';
import { formed, nextForm } from '../moves/forms';
import { moveBookOf, moveIn, type MoveBook } from '../moves/move-book';
import { unroll } from '../schedule/unroll';
import { saidTogether } from '../words/said-together';
import type { Mood } from './target';

/** What a stretch of script adds up to, as far as fitting looks at it. */
export type Measures = Readonly<{
  seconds: number;
  reps: number;
  /** Effort above lying still, over time: the sum of (level - 1) x seconds. */
  strain: number;
}>;

/** One way in which a beat could stand, or that it goes (null). */
export type FitOption = Measures &
  Readonly<{
    beat: Beat | null;
    /** How far it is from what was written, 0 for nothing changed. */
    cost: number;
  }>;

/** A beat that can be fitted; the first option is the beat as it was written. */
export type FitChoice = Readonly<{ chapter: Chapter; options: readonly FitOption[] }>;

/** More ways than this for one beat are not looked at: the solver's time grows with them. */
const MOST_OPTIONS = 24;
/** Any change costs this, so that few beats are touched. */
const CHANGE_COST = 0.15;
/** Another form of the move, for a gentler or livelier session. */
const FORM_COST = 0.35;
/** What was said first, said while they do it: no dose is touched. */
const WORDS_COST = 0.05;
/** In hard work nothing long is said. */
const HARD = 4;
/** Leaving out a beat that may go. */
const GONE_COST = 0.6;
const NOTHING: Measures = { seconds: 0, reps: 0, strain: 0 };

/** What an adventure adds up to. */
export function measure(adventure: Adventure, setting: Setting, pace: Pace): Measures {
  const { totalSeconds, totals } = unroll(adventure, setting, pace);
  const { effortSeconds, reps } = totals.all;
  const strain = effortSeconds.reduce((sum, seconds, level) => sum + seconds * level, 0);
  return { seconds: totalSeconds, reps, strain };
}

/** The beat with its moves in their easier or harder form, those that have one for these ages. */
function inMood(beat: Beat, mood: Mood, setting: Setting, book: MoveBook): Beat {
  const { ages } = setting;
  const way = mood === 'gentler' ? 'easier' : 'harder';
  const other = (id: string) => {
    const move = moveIn(book, id);
    const form = nextForm(move, way, book, setting);
    return form && form.fromAge <= ages.from ? form : move;
  };
  return changeParts(beat, (part) => formed(part, other(part.move), ages, book));
}

/** The beat with the lines of its gentler moves said while they are done; itself where none is. */
function wordsIntoWork(beat: Beat, book: MoveBook): Beat {
  // Where they follow, it is so already; a rhyme has its words on the beat.
  if (beat.kind === 'echo' || ('led' in beat && beat.led === 'follow me')) return beat;
  return changeParts(beat, (part) => {
    const { line, meanwhile } = part.guise;
    if (!line.trim() || moveIn(book, part.move).effort >= HARD) return part;
    const all = saidTogether(line, meanwhile);
    // No beat holds more: then it stays as it was.
    if (all.length > MAX_LINE) return part;
    return { ...part, guise: { ...part.guise, line: '', meanwhile: all } };
  });
}

/** The ways, and the same with words said in the work, where that is shorter. */
function withWords(beat: Beat, ways: readonly Way<Beat>[], book: MoveBook): readonly Way<Beat>[] {
  const moved = wordsIntoWork(beat, book);
  if (JSON.stringify(moved) === JSON.stringify(beat)) return ways;
  const nearest = [...ways].sort((a, b) => a[1] - b[1]).slice(0, MOST_OPTIONS / 2);
  return [
    [moved, WORDS_COST],
    ...nearest.map(([one, cost]): Way<Beat> => [wordsIntoWork(one, book), cost + WORDS_COST]),
    ...ways,
  ];
}

function waysOf(
  beat: Beat,
  mood: Mood | null,
  setting: Setting,
  book: MoveBook,
): readonly Way<Beat>[] {
  const { ages } = setting;
  const same = waysOfBeat(beat, ages, book);
  if (!mood || same.length === 0) return same;
  const form = inMood(beat, mood, setting, book);
  const nearby = [...waysOfBeat(form, ages, book)].sort((a, b) => a[1] - b[1]);
  const ways = [[form, 0] as const, ...nearby.slice(0, MOST_OPTIONS / 2)];
  return [...ways.map(([one, cost]): Way<Beat> => [one, cost + FORM_COST]), ...same];
}

/**
 * Every beat that can be made shorter or longer, or left out, with the ways in which it can; for a
 * mood also with the moves' other forms; with `mayMoveWords` also with its words said in the work.
 * Beats that stay are no choice. A beat's length hardly depends on others (words and rests before it are
 * time to get to it), so lengths nearly add up: the plan is a sum of choices, and whoever makes one looks
 * at the whole again. `onProgress` hears the share of beats that are weighed.
 */
export function fitChoices(
  adventure: Adventure,
  setting: Setting,
  pace: Pace,
  mood: Mood | null = null,
  mayMoveWords = true,
  onProgress: (share: number) => void = () => {},
): readonly FitChoice[] {
  const book = moveBookOf(adventure);
  const weigh = (chapter: Chapter, beat: Beat, cost: number): FitOption => {
    const alone = { ...adventure, chapters: [{ ...chapter, beats: [beat] }] };
    return { beat, cost, ...measure(alone, setting, pace) };
  };
  return adventure.chapters.flatMap((chapter, index) => {
    onProgress(index / adventure.chapters.length);
    return chapter.beats.flatMap((beat): FitChoice[] => {
      if (beat.fit === 'stays') return [];
      const written = JSON.stringify(beat);
      const ways = waysOf(beat, mood, setting, book);
      const options = (mayMoveWords ? withWords(beat, ways, book) : [...ways])
        .filter(([other]) => JSON.stringify(other) !== written)
        .sort((a, b) => a[1] - b[1])
        .slice(0, MOST_OPTIONS)
        .map(([other, cost]) => weigh(chapter, other, cost + CHANGE_COST));
      if (beat.fit === 'may go') options.push({ beat: null, cost: GONE_COST, ...NOTHING });
      return options.length === 0
        ? []
        : [{ chapter, options: [weigh(chapter, beat, 0), ...options] }];
    });
  });
}
