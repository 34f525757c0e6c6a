import { cueEndSeconds, isWork, NO_WORDS, type Cue } from '../cues/cue';
import { TIMINGS } from '../cues/timing';
import { totalUp } from '../cues/totals';
import type { Move } from '../model/move';
import { moveBookOf } from '../moves/move-book';
import type { Schedule } from '../schedule/unroll';
import { ADAPTATIONS, type Adaptation, type AdaptationKind } from './adaptation';
import { dosed, formOnTheFloor, inOtherForm, withAmount } from './change-work';
import { inserted, replaced, retimed } from './cue-list';
import type { LedWay } from './led-way';
import { shortened } from './shorten';

/** Fewer and more: a third, and at least one. Our own judgement. */
const SHARE = 1 / 3;
const MORE_SECONDS = 10;
const REST_SECONDS = 15;

/** Once more what was just done: its count-in and its turn. */
function again(cues: readonly Cue[], index: number): readonly Cue[] | null {
  const { doing } = cues[index]!;
  if (!doing) return null;
  const last = cues.findLastIndex(
    (cue, n) => n <= index && isWork(cue) && cue.doing?.part === doing.part,
  );
  if (last < 0) return null;
  const countIn = cues.findLast(
    (cue, n) => n < last && cue.kind === 'count-in' && cue.doing?.part === doing.part,
  );
  const turn = cues[last]!;
  const ready = countIn ? [{ ...countIn, doing: turn.doing }] : [];
  // What was said with it is said.
  return inserted(cues, Math.max(index, last), [...ready, { ...turn, meanwhile: NO_WORDS }]);
}

function restCue(
  { id, chapterId, beatId, doing }: Cue,
  kind: 'rest' | 'drink',
  seconds: number,
): Cue {
  return {
    id,
    kind,
    chapterId,
    beatId,
    startSeconds: 0,
    lengthSeconds: seconds,
    text: '',
    meanwhile: NO_WORDS,
    sticksOut: false,
    doing: kind === 'rest' ? doing : null,
    effort: 1,
    reps: 0,
    landings: 0,
  };
}

/** A third less of all that is to come in this chapter, or in the next one that has work. */
function gentler(way: LedWay, index: number): readonly Cue[] | null {
  const { cues } = way;
  const first = cues.findIndex((cue, n) => n > index && isWork(cue));
  if (first < 0) return null;
  const { chapterId } = cues[first]!;
  const changed = cues.map((cue, n) =>
    n >= first && cue.chapterId === chapterId && isWork(cue) && cue.doing
      ? withAmount(way, cue, cue.doing.amount * (1 - SHARE), 0)
      : cue,
  );
  return retimed(changed, index);
}

/** Where a change is made. */
type Place = Readonly<{ way: LedWay; index: number; cue: Cue; intoSeconds: number }>;
type Changed = readonly Cue[] | null;

const tenMore = ({ way, index, cue }: Place): Changed => {
  const { doing } = cue;
  if (!doing || !isWork(cue) || doing.secondsPerCount > 0) return null;
  const amount = (doing.amount * (cue.lengthSeconds + MORE_SECONDS)) / cue.lengthSeconds;
  return replaced(way.cues, index, withAmount(way, cue, amount, 0));
};

const longerRest = ({ way: { cues }, index, cue }: Place): Changed => {
  if (cue.kind !== 'rest' && cue.kind !== 'drink') {
    return inserted(cues, index, [restCue(cue, 'rest', REST_SECONDS)]);
  }
  return replaced(cues, index, { ...cue, lengthSeconds: cue.lengthSeconds + REST_SECONDS });
};

const inForm = ({ way, index }: Place, form: 'easier' | 'harder'): Changed =>
  inOtherForm(way, index, form, moveBookOf(way.context.adventure));

const inAmount = ({ way, index, cue, intoSeconds }: Place, share: number): Changed =>
  cue.doing ? dosed(way, index, intoSeconds, share) : null;

/** The cues after each change; null where it makes no sense. */
const CHANGES: Readonly<
  Record<Exclude<AdaptationKind, 'sit out' | 'shorten'>, (place: Place) => Changed>
> = {
  easier: (place) => inForm(place, 'easier'),
  harder: (place) => inForm(place, 'harder'),
  fewer: (place) => inAmount(place, -SHARE),
  more: (place) => inAmount(place, SHARE),
  gentler: ({ way, index }) => gentler(way, index),
  'ten more': tenMore,
  again: ({ way, index }) => again(way.cues, index),
  drink: ({ way, index, cue }) =>
    inserted(way.cues, index, [restCue(cue, 'drink', TIMINGS.drink.usual)]),
  rest: longerRest,
};

/**
 * The way with one change made where it stands, everything before it as it was; null where the change
 * makes no sense there: no easier form, nothing that was done yet, nothing left to shorten. A cue that
 * is not on the way (the script was changed since) leaves it as it is.
 */
export function adapt(
  way: LedWay,
  { cueId, intoSeconds, what, seconds }: Adaptation,
): LedWay | null {
  const index = way.cues.findIndex(({ id }) => id === cueId);
  const cue = way.cues[index];
  if (!cue) return null;
  // Nobody else's time changes where somebody sits out: it is only for the log.
  if (what === 'sit out') return way;
  if (what === 'shorten') return shortened(way, index, seconds);
  const cues = CHANGES[what]({ way, index, cue, intoSeconds });
  return cues && cues !== way.cues ? { ...way, cues } : null;
}

/** A change that can be made here, and what it does: seconds more or less, and the form gone over to. */
export type Change = Readonly<{ what: AdaptationKind; seconds: number; form: Move | null }>;

const endOf = ({ cues }: Pick<LedWay, 'cues'>) => {
  const last = cues.at(-1);
  return last ? cueEndSeconds(last) : 0;
};

/** The form that a change goes over to at a cue; null for any other change. */
export function formAt(way: LedWay, index: number, what: AdaptationKind): Move | null {
  const doing = way.cues[index]?.doing;
  const isForm = what === 'easier' || what === 'harder';
  return isForm && doing
    ? formOnTheFloor(way, doing, what, moveBookOf(way.context.adventure))
    : null;
}

/** The changes that make sense `intoSeconds` into a cue, those that are asked for most first. */
export function changesAt(way: LedWay, index: number, intoSeconds = 0): readonly Change[] {
  const cue = way.cues[index];
  if (!cue) return [];
  return ADAPTATIONS.flatMap((what): Change[] => {
    if (what === 'shorten') return [];
    const changed = adapt(way, { cueId: cue.id, intoSeconds, what, seconds: 0 });
    if (!changed) return [];
    return [{ what, seconds: endOf(changed) - endOf(way), form: formAt(way, index, what) }];
  });
}

/** Every change made again in order; those that make no sense any more are passed over. */
export function adaptAll(way: LedWay, adaptations: readonly Adaptation[]): LedWay {
  return adaptations.reduce((led, one) => adapt(led, one) ?? led, way);
}

/** The schedule of a way: its cues, and what they add up to. */
export function scheduleOf({ context, cues }: LedWay): Schedule {
  const book = moveBookOf(context.adventure);
  return { cues, totalSeconds: endOf({ cues }), totals: totalUp(cues, book) };
}
