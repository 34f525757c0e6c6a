import type { Adventure } from '../document/adventure';
import type { ChapterKind } from '../model/chapter-kinds';
import { partsOfBeat, type Beat } from '../beats';
import { changeBeat, removeBeat } from '../document/edit';
import { promisesOf } from '../document/promised-total';
import { isCounted } from '../model/dose';
import type { Setting } from '../model/setting';
import type { Pace } from '../cues/pace';
import { unroll } from '../schedule/unroll';
import { adaptToAges } from './adapt-to-ages';
import { fitChoices, measure, type FitChoice, type FitOption, type Measures } from './choices';
import { pick, type Row } from './programme';
import type { FitTarget } from './target';

/** A beat as it was written, and as it would stand; null where it is left out. */
export type FitChange = Readonly<{ beatId: string; before: Beat; after: Beat | null }>;

export type FitResult = Readonly<{
  /** What `target`, `before`, `after`, `least` and `most` are counted in. */
  measure: keyof Measures;
  /** The target was met: to the count, to the length or up to FIT_SECONDS less, or as much gentler or livelier. */
  met: boolean;
  target: number;
  before: number;
  after: number;
  /** The least and the most that doses within the usual ranges can come to. */
  least: number;
  most: number;
  /** Length before and after, whatever was asked for. */
  lengthSeconds: readonly [before: number, after: number];
  /** Beats with moves that stay because they are to. */
  kept: number;
  changes: readonly FitChange[];
  adventure: Adventure;
}>;

/** A length up to this much below the target is met, none above it: a slot is over when it is over. */
export const FIT_SECONDS = 10;
/** Gentler is this share of the strain; livelier as much the other way. Our own judgement. */
export const MOOD_SHARE = 0.2;
/** Being off the target weighs more than any change, a second or a count. */
const OFF_PRICE = 10;
/** Being off the warm-up's and cool-down's share, or off the length in a mood, a second. */
const SHARE_PRICE = 0.05;
/** Warm-up and cool-down: 2-3 min or a sixth of the time. Common practice. */
const SHARE = 1 / 6;
const MOST_SHARE_SECONDS = 180;
/** A plan's sums are those of beats apart; so often it is mended by what the whole comes to. */
const MOST_MENDS = 3;

type FitRow = Row<FitOption, FitChoice>;
type Wish = Readonly<{ measure: keyof Measures; least: number; most: number; target: number }>;

/** What is asked of the whole. Less than wished for is as good, where it is to be gentler. */
function wishOf(target: FitTarget, before: Measures): Wish {
  if ('mood' in target) {
    const gentler = target.mood === 'gentler';
    const strain = before.strain * (1 + (gentler ? -MOOD_SHARE : MOOD_SHARE));
    const [least, most] = gentler ? [-Infinity, strain] : [strain, Infinity];
    return { measure: 'strain', least, most, target: strain };
  }
  if ('reps' in target) {
    return { measure: 'reps', least: target.reps, most: target.reps, target: target.reps };
  }
  const seconds = 'seconds' in target ? target.seconds : before.seconds;
  return {
    measure: 'seconds',
    least: seconds - FIT_SECONDS,
    most: seconds,
    target: seconds,
  };
}

const TENS = 10;
const isInTens = (beat: Beat | null) =>
  beat === null ||
  partsOfBeat(beat).every(
    (part) =>
      !('dose' in part) ||
      !isCounted(part.dose.unit) ||
      part.dose.amounts.every((amount) => amount % TENS === 0),
  );

/** A beat that counts in tens goes on counting in tens. */
function inTens(choice: FitChoice): FitChoice {
  const [own, ...others] = choice.options;
  if (!isInTens(own!.beat)) return choice;
  return { ...choice, options: [own!, ...others.filter(({ beat }) => isInTens(beat))] };
}

const written = (choices: readonly FitChoice[], of: (option: FitOption, c: FitChoice) => number) =>
  choices.reduce((sum, choice) => sum + of(choice.options[0]!, choice), 0);

/**
 * The warm-up and the cool-down keep their share of the new length, as far as they had it: neither
 * is cut to make room for the adventure.
 */
function shareRows(
  adventure: Adventure,
  setting: Setting,
  pace: Pace,
  choices: readonly FitChoice[],
  seconds: number,
): FitRow[] {
  const { totals } = unroll(adventure, setting, pace);
  const kinds: readonly (readonly ChapterKind[])[] = [['warm-up'], ['cool-down', 'calm']];
  return kinds.flatMap((these): FitRow[] => {
    const now = adventure.chapters
      .filter(({ kind }) => these.includes(kind))
      .reduce((sum, { id }) => sum + (totals.byChapter.get(id)?.seconds ?? 0), 0);
    const amount = (option: FitOption, { chapter }: FitChoice) =>
      these.includes(chapter.kind) ? option.seconds : 0;
    const wanted = Math.min(now, seconds * SHARE, MOST_SHARE_SECONDS);
    const least = wanted - (now - written(choices, amount));
    return now === 0 ? [] : [{ least, most: Infinity, price: SHARE_PRICE, amount }];
  });
}

/** What was promised, and holds so far: it holds afterwards too. Null where a count is asked for, or none was. */
function keptTotal(adventure: Adventure, { measure: of }: Wish, { reps }: Measures): number | null {
  if (of === 'reps') return null;
  return promisesOf(adventure).find(({ total }) => total === reps)?.total ?? null;
}

function changesBetween(before: Adventure, after: Adventure): FitChange[] {
  const beats = new Map(
    after.chapters.flatMap((chapter) => chapter.beats.map((beat) => [beat.id, beat])),
  );
  return before.chapters
    .flatMap((chapter) => chapter.beats)
    .map((beat) => ({ beatId: beat.id, before: beat, after: beats.get(beat.id) ?? null }))
    .filter((one) => JSON.stringify(one.before) !== JSON.stringify(one.after));
}

function apply(adventure: Adventure, choices: readonly FitChoice[], plan: readonly number[]) {
  return choices.reduce((now, { options }, index) => {
    const [was, is] = [options[0]!.beat!, options[plan[index]!]!.beat];
    if (was === is) return now;
    return is ? changeBeat(now, was.id, () => is) : removeBeat(now, was.id);
  }, adventure);
}

/**
 * The adventure nearest to what was written that comes to the target, by amounts, sets, rounds,
 * work and rest within the usual ranges of the age, by leaving out what may go, and, for other ages
 * or another mood, by other forms of the moves. Beats that stay are untouched; warm-up and
 * cool-down keep their shares. Where the target cannot be met the nearest is given, with `met` false
 * and the least and most that could be. `onProgress` hears 0 to 1.
 */
export function fit(
  adventure: Adventure,
  setting: Setting,
  pace: Pace,
  target: FitTarget,
  onProgress: (share: number) => void = () => {},
): FitResult {
  const before = measure(adventure, setting, pace);
  const wish = wishOf(target, before);
  const [start, led] =
    'ages' in target
      ? [adaptToAges(adventure, target.ages), { ...setting, ages: target.ages }]
      : [adventure, setting];
  const mood = 'mood' in target ? target.mood : null;
  const from = measure(start, led, pace);
  // Words go into the work to save time, never to fill it.
  const saves = 'seconds' in target && target.seconds < from.seconds;
  const keeps = keptTotal(adventure, wish, from);
  const all = fitChoices(start, led, pace, mood, saves, (share) => onProgress(share * 0.6));
  const choices = keeps !== null && keeps % TENS === 0 ? all.map(inTens) : all;
  const amount = (option: FitOption) => option[wish.measure];
  const fixed = from[wish.measure] - written(choices, amount);
  const rows: FitRow[] = [
    { least: wish.least - fixed, most: wish.most - fixed, price: OFF_PRICE, amount },
  ];
  if (keeps !== null) {
    const reps = (option: FitOption) => option.reps;
    const wanted = keeps - (from.reps - written(choices, reps));
    rows.push({ least: wanted, most: wanted, price: OFF_PRICE, amount: reps });
  }
  if (wish.measure === 'seconds') {
    rows.push(...shareRows(start, led, pace, choices, wish.target));
  } else if (wish.measure === 'strain') {
    const seconds = (option: FitOption) => option.seconds;
    const free = before.seconds - (from.seconds - written(choices, seconds));
    const slack = before.seconds * 0.05;
    const [least, most] = [free - slack, free + slack];
    rows.push({ least, most, price: SHARE_PRICE, amount: seconds });
  }
  const isMet = (value: number) => value >= wish.least - 1e-6 && value <= wish.most + 1e-6;

  let fitted = start;
  let after = from;
  let off = 0;
  for (let mend = 0; mend < MOST_MENDS && !isMet(after[wish.measure]); mend += 1) {
    const [main, ...others] = rows;
    const mended = { ...main!, least: main!.least - off, most: main!.most - off };
    const plan = pick(choices, [mended, ...others], (share) => onProgress(0.6 + share * 0.4));
    fitted = apply(start, choices, plan);
    after = measure(fitted, led, pace);
    const planned = choices.reduce(
      (sum, { options }, n) => sum + amount(options[plan[n]!]!),
      fixed,
    );
    if (Math.abs(after[wish.measure] - planned - off) < 0.5) break;
    off = after[wish.measure] - planned;
  }
  const extreme = (of: typeof Math.min) =>
    fixed + choices.reduce((sum, { options }) => sum + of(...options.map(amount)), 0);
  const withMoves = adventure.chapters
    .flatMap(({ beats }) => beats)
    .filter(({ kind, fit: keeps }) => keeps === 'stays' && kind !== 'tell' && kind !== 'drink');
  return {
    measure: wish.measure,
    met: isMet(after[wish.measure]),
    target: wish.target,
    before: before[wish.measure],
    after: after[wish.measure],
    least: extreme(Math.min),
    most: extreme(Math.max),
    lengthSeconds: [before.seconds, after.seconds],
    kept: withMoves.length,
    changes: changesBetween(adventure, fitted),
    adventure: fitted,
  };
}
