import type { Adventure, Chapter } from '../model/adventure';
import { ageBandOf } from '../model/ages';
import type { Action, Beat, Circuit, MoveBeat } from '../model/beat';
import { doseTotal, type Dose } from '../model/dose';
import type { Setting } from '../model/setting';
import { moveBookOf, moveIn, type MoveBook } from '../moves/move-book';
import type { Pace } from '../schedule/pace';
import { unroll } from '../schedule/unroll';
import { inForm } from './forms';
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
/** A set more or less weighs as much as this share of the dose. */
const SET_COST = 0.25;
/** Another form of the move, for a gentler or livelier session. */
const FORM_COST = 0.35;
/** Leaving out a beat that may go. */
const GONE_COST = 0.6;
const SETS = { least: 1, most: 5 } as const;
/** Circuits. Common practice: timed work 20-45 s, rests 10-15 s; sets (here rounds) 1-4. */
const WORK_SECONDS = [20, 25, 30, 35, 40, 45];
const REST_SECONDS = [10, 15];
const ROUNDS = { least: 1, most: 4 } as const;
const NOTHING: Measures = { seconds: 0, reps: 0, strain: 0 };

type Way = readonly [beat: Beat, cost: number];

/** What an adventure adds up to. */
export function measure(adventure: Adventure, setting: Setting, pace: Pace): Measures {
  const { totalSeconds, totals } = unroll(adventure, setting, pace);
  const { effortSeconds, reps } = totals.all;
  const strain = effortSeconds.reduce((sum, seconds, level) => sum + seconds * level, 0);
  return { seconds: totalSeconds, reps, strain };
}

/** Whole numbers from least to most, at most `count` of them, evenly spread, both ends in. */
function spread(least: number, most: number, count: number): number[] {
  const size = Math.min(count, most - least + 1);
  if (size <= 1) return [least];
  return Array.from({ length: size }, (_, n) =>
    Math.round(least + ((most - least) * n) / (size - 1)),
  );
}

/** Doses within the usual range of the age, with one set fewer or more. A ladder keeps its steps. */
function dosesFor(action: Action, setting: Setting, book: MoveBook): readonly Dose[] {
  const { dose } = action;
  const { usual } = moveIn(book, action.move);
  const first = dose.amounts[0]!;
  const ladder = dose.amounts.some((amount) => amount !== first);
  const sets = dose.amounts.length;
  if (ladder) {
    return Array.from({ length: sets - 1 }, (_, n) => ({
      ...dose,
      amounts: dose.amounts.slice(0, n + 1),
    }));
  }
  const fitting = dose.unit === usual.unit;
  const [least, most] = fitting
    ? usual.range[ageBandOf(setting.ages)]
    : [Math.max(1, Math.ceil(first * 0.6)), Math.ceil(first * 1.4)];
  const counts = [sets - 1, sets, sets + 1].filter((n) => n >= SETS.least && n <= SETS.most);
  return counts.flatMap((count) =>
    spread(least, most, 7).map((amount) => ({
      ...dose,
      amounts: Array.from({ length: count }, () => amount),
    })),
  );
}

function nearest(action: Action, share: number, setting: Setting, book: MoveBook): Dose {
  const wanted = doseTotal(action.dose) * share;
  const apart = (dose: Dose) => Math.abs(doseTotal(dose) - wanted);
  return dosesFor(action, setting, book).reduce(
    (best, dose) => (apart(dose) < apart(best) ? dose : best),
    action.dose,
  );
}

function moveWays(beat: MoveBeat, setting: Setting, book: MoveBook): Way[] {
  // All actions of a beat move together: each by its own nearest dose to the same share.
  const [lead, ...others] = beat.actions;
  if (!lead) return [];
  return dosesFor(lead, setting, book).map((dose) => {
    const share = doseTotal(dose) / doseTotal(lead.dose);
    const setsApart = Math.abs(dose.amounts.length - lead.dose.amounts.length);
    const actions = [
      { ...lead, dose },
      ...others.map((action) => ({ ...action, dose: nearest(action, share, setting, book) })),
    ];
    return [{ ...beat, actions }, Math.abs(share - 1) + setsApart * SET_COST] as const;
  });
}

function circuitWays(beat: Circuit): Way[] {
  const rounds = [beat.rounds - 1, beat.rounds, beat.rounds + 1].filter(
    (n) => n >= ROUNDS.least && n <= ROUNDS.most,
  );
  return rounds.flatMap((count) =>
    WORK_SECONDS.flatMap((workSeconds) =>
      REST_SECONDS.map((restSeconds) => {
        const cost =
          Math.abs(workSeconds / beat.workSeconds - 1) +
          Math.abs(restSeconds - beat.restSeconds) / 30 +
          Math.abs(count - beat.rounds) * SET_COST;
        return [{ ...beat, rounds: count, workSeconds, restSeconds }, cost] as const;
      }),
    ),
  );
}

/** The beat with its moves in their easier or harder form, those that have one for these ages. */
function inMood(beat: MoveBeat | Circuit, mood: Mood, setting: Setting, book: MoveBook): Beat {
  const other = (id: string) => {
    const move = moveIn(book, id);
    const form = book.get((mood === 'gentler' ? move.easier : move.harder) ?? '');
    return form && form.fromAge <= setting.ages.from ? form : move;
  };
  if (beat.kind === 'circuit') {
    return { ...beat, stations: beat.stations.map((s) => ({ ...s, move: other(s.move).id })) };
  }
  const actions = beat.actions.map((a) => inForm(a, other(a.move), setting.ages, book));
  return { ...beat, actions };
}

function waysOf(beat: Beat, mood: Mood | null, setting: Setting, book: MoveBook): Way[] {
  if (beat.kind !== 'move' && beat.kind !== 'circuit') return [];
  const ways = (one: Beat): Way[] =>
    one.kind === 'move' ? moveWays(one, setting, book) : circuitWays(one as Circuit);
  const same = ways(beat);
  if (!mood) return same;
  const form = inMood(beat, mood, setting, book);
  const nearby = ways(form).sort((a, b) => a[1] - b[1]);
  const formed = [[form, 0] as const, ...nearby.slice(0, MOST_OPTIONS / 2)];
  return [...formed.map(([one, cost]): Way => [one, cost + FORM_COST]), ...same];
}

/**
 * Every beat that can be made shorter or longer, or left out, with the ways in which it can; for a
 * mood also with the moves' other forms. Beats that stay are no choice. A beat's length does not
 * depend on the doses of others, so lengths add up: the plan is a sum of choices. `onProgress` hears
 * the share of beats that are weighed.
 */
export function fitChoices(
  adventure: Adventure,
  setting: Setting,
  pace: Pace,
  mood: Mood | null = null,
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
      const options = waysOf(beat, mood, setting, book)
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
