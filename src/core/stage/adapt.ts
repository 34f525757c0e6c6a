import { fit } from '../fit/fit';
import type { Adventure } from '../document/adventure';
import { beatsOf } from '../document/beats-of';
import { isCounted } from '../model/dose';
import type { Move } from '../model/move';
import { moveBookOf, moveIn, type MoveBook } from '../moves/move-book';
import { cueEndSeconds, isWork, type Cue, type Doing } from '../cues/cue';
import { secondsPerRep } from '../cues/pace';
import { DRINK_SECONDS, SHOW_SECONDS } from '../cues/timing';
import { totalUp } from '../cues/totals';
import { unroll, type Schedule } from '../schedule/unroll';
import { ADAPTATIONS, type Adaptation, type AdaptationKind } from './adaptation';
import type { DrawContext } from '../schedule/draw-cues';
import type { Draws } from '../schedule/resolve-draws';
import { freshId, inserted, replaced, retimed } from './cue-list';

/** The way as it is led: the script, what was drawn, and the cues that come of them. */
export type LedWay = Readonly<{
  context: Omit<DrawContext, 'book'>;
  draws: Draws;
  cues: readonly Cue[];
}>;

/** Fewer and more: a third, and at least one. Our own judgement. */
const SHARE = 1 / 3;
const MORE_SECONDS = 10;
const REST_SECONDS = 15;
/** Less than this there is no fitting into. */
const LEAST_FIT_SECONDS = 10;

const isSamePart = (cue: Cue, doing: Doing) =>
  cue.doing?.part === doing.part && cue.doing.round.n >= doing.round.n;

/** Work with another amount; what is done of it already stays done. */
function withAmount(cue: Cue, amount: number, doneSeconds: number): Cue {
  const { doing } = cue;
  if (!doing) return cue;
  const each = doing.secondsPerCount;
  const done = each > 0 ? Math.ceil(doneSeconds / each) : Math.ceil(doneSeconds);
  const whole = Math.max(1, done, Math.round(amount));
  const lengthSeconds = each > 0 ? whole * each : (cue.lengthSeconds * whole) / doing.amount;
  const share = whole / doing.amount;
  return {
    ...cue,
    lengthSeconds,
    doing: { ...doing, amount: whole },
    reps: Math.round(cue.reps * share),
    landings: Math.round(cue.landings * share),
  };
}

/** The same part from here on, each of its cues that still is to come, and the one that is on. */
function changeRest(
  cues: readonly Cue[],
  index: number,
  intoSeconds: number,
  change: (cue: Cue, doneSeconds: number) => Cue,
): readonly Cue[] {
  const { doing } = cues[index]!;
  if (!doing) return cues;
  const changed = cues.map((cue, n) =>
    n >= index && isSamePart(cue, doing) ? change(cue, n === index ? intoSeconds : 0) : cue,
  );
  return retimed(changed, index);
}

function dosed(cues: readonly Cue[], index: number, into: number, share: number): readonly Cue[] {
  return changeRest(cues, index, into, (cue, done) => {
    if (!cue.doing) return cue;
    const { amount } = cue.doing;
    const step = Math.max(1, Math.round(Math.abs(share) * amount));
    const wanted = amount + Math.sign(share) * step;
    if (!isWork(cue)) return { ...cue, doing: { ...cue.doing, amount: Math.max(1, wanted) } };
    return withAmount(cue, wanted, done);
  });
}

/** The part in another form of its move from the next turn on, shown first; the turn that is on ends. */
function inOtherForm(
  way: LedWay,
  index: number,
  form: 'easier' | 'harder',
  book: MoveBook,
): readonly Cue[] | null {
  const { cues, context } = way;
  const cue = cues[index]!;
  const { doing } = cue;
  const id = doing && moveIn(book, doing.move)[form];
  if (!doing || !id) return null;
  const move: Move = moveIn(book, id);
  const each = secondsPerRep(move, context.setting.ages, context.pace);
  const before = moveIn(book, doing.move);
  const rename = (one: Doing): Doing => ({
    ...one,
    move: move.id,
    // A guise stays; a move that went by its own name goes by the new one.
    name: one.name === before.name ? move.name : one.name,
    secondsPerCount: isCounted(one.unit) ? each : 0,
  });
  // The turn that is on is done in the new form too, from its beginning: it is shown, and begun again.
  const from = isWork(cue) ? index : index + 1;
  const rest = cues.slice(from).map((one): Cue => {
    if (!one.doing || !isSamePart(one, doing)) return one;
    const next = { ...one, doing: rename(one.doing) };
    if (!isWork(one)) return next;
    const counted = isCounted(one.doing.unit);
    return {
      ...next,
      effort: move.effort,
      lengthSeconds: counted ? one.doing.amount * each : one.lengthSeconds,
      landings: move.landingsPerRep * one.reps,
    };
  });
  const show: Cue = {
    ...cue,
    kind: 'show',
    text: '',
    lengthSeconds: SHOW_SECONDS,
    effort: 1,
    reps: 0,
    landings: 0,
    doing: rename(doing),
  };
  const shown = { ...show, id: freshId(cues, cue.id) };
  if (from === index + 1) return retimed([...cues.slice(0, from), shown, ...rest], from);
  const again = { ...rest[0]!, id: freshId([...cues, shown], cue.id) };
  return retimed([...cues.slice(0, index + 1), shown, again, ...rest.slice(1)], index + 1);
}

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
  return inserted(cues, Math.max(index, last), [...ready, turn]);
}

/** What comes after the beat that is on, fitted into so many seconds. */
function shortened(way: LedWay, index: number, seconds: number): LedWay | null {
  const { context, cues, draws } = way;
  const { adventure, setting, pace } = context;
  const here = cues[index]!.beatId;
  const end = cues.findLastIndex(({ beatId }) => beatId === here);
  if (end === cues.length - 1) return null;
  const order = beatsOf(adventure).map(({ id }) => id);
  const later = new Set(order.slice(order.indexOf(here) + 1));
  const rest: Adventure = {
    ...adventure,
    chapters: adventure.chapters.map((one) => ({
      ...one,
      beats: one.beats.filter(({ id }) => later.has(id)),
    })),
  };
  const left = cueEndSeconds(cues[end]!) - cues[index]!.startSeconds;
  const into = (wish: number): LedWay => {
    const fitted = fit(rest, setting, pace, { seconds: wish }).adventure;
    const byChapter = new Map(fitted.chapters.map(({ id, beats }) => [id, beats]));
    const script: Adventure = {
      ...adventure,
      chapters: adventure.chapters.map((one) => ({
        ...one,
        beats: [...one.beats.filter(({ id }) => !later.has(id)), ...(byChapter.get(one.id) ?? [])],
      })),
    };
    const ahead = unroll(script, setting, pace, draws).cues.filter((cue) => later.has(cue.beatId));
    return {
      ...way,
      context: { ...context, adventure: script },
      cues: retimed([...cues.slice(0, end + 1), ...ahead], end + 1),
    };
  };
  const wish = Math.max(LEAST_FIT_SECONDS, Math.round(seconds - left));
  const first = into(wish);
  // Getting from this beat to the next takes its time too, which the rest by itself does not know.
  const takes = cueEndSeconds(first.cues.at(-1)!) - cues[index]!.startSeconds;
  const off = Math.round(takes - seconds);
  return off <= 2 ? first : into(Math.max(LEAST_FIT_SECONDS, wish - off));
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
    doing: kind === 'rest' ? doing : null,
    effort: 1,
    reps: 0,
    landings: 0,
  };
}

/**
 * The way with one change made where it stands, everything before it as it was; null where the change
 * makes no sense there: no easier form, nothing that was done yet, nothing left to shorten. A cue that
 * is not on the way (the script was changed since) leaves it as it is.
 */
export function adapt(
  way: LedWay,
  { cueId, intoSeconds, what, seconds }: Adaptation,
): LedWay | null {
  const { cues, context } = way;
  const index = cues.findIndex(({ id }) => id === cueId);
  const cue = cues[index];
  if (!cue) return null;
  const book = moveBookOf(context.adventure);
  const take = (changed: readonly Cue[] | null): LedWay | null =>
    changed && changed !== cues ? { ...way, cues: changed } : null;
  switch (what) {
    case 'easier':
    case 'harder':
      return take(inOtherForm(way, index, what, book));
    case 'fewer':
    case 'more':
      if (!cue.doing) return null;
      return take(dosed(cues, index, intoSeconds, what === 'more' ? SHARE : -SHARE));
    case 'ten more': {
      if (!cue.doing || !isWork(cue) || cue.doing.secondsPerCount > 0) return null;
      const { amount } = cue.doing;
      const longer = withAmount(
        cue,
        (amount * (cue.lengthSeconds + MORE_SECONDS)) / cue.lengthSeconds,
        0,
      );
      return take(replaced(cues, index, longer));
    }
    case 'again':
      return take(again(cues, index));
    case 'drink':
      return take(inserted(cues, index, [restCue(cue, 'drink', DRINK_SECONDS)]));
    case 'rest': {
      if (cue.kind !== 'rest' && cue.kind !== 'drink') {
        return take(inserted(cues, index, [restCue(cue, 'rest', REST_SECONDS)]));
      }
      const longer = { ...cue, lengthSeconds: cue.lengthSeconds + REST_SECONDS };
      return take(replaced(cues, index, longer));
    }
    case 'sit out':
      // Nobody else's time changes: it is only for the log.
      return way;
    case 'shorten':
      return shortened(way, index, seconds);
  }
}

/** The changes that make sense at a cue, those that are asked for most first. */
export function adaptationsAt(way: LedWay, index: number): readonly AdaptationKind[] {
  const cue = way.cues[index];
  if (!cue) return [];
  return ADAPTATIONS.filter(
    (what) =>
      what !== 'shorten' &&
      adapt(way, { cueId: cue.id, intoSeconds: 0, what, seconds: 0 }) !== null,
  );
}

/** Every change made again in order; those that make no sense any more are passed over. */
export function adaptAll(way: LedWay, adaptations: readonly Adaptation[]): LedWay {
  return adaptations.reduce((led, one) => adapt(led, one) ?? led, way);
}

/** The schedule of a way: its cues, and what they add up to. */
export function scheduleOf({ context, cues }: LedWay): Schedule {
  const last = cues.at(-1);
  const book = moveBookOf(context.adventure);
  return { cues, totalSeconds: last ? cueEndSeconds(last) : 0, totals: totalUp(cues, book) };
}
