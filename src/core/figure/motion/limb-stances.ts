import type { Pose } from '../../model/pose';
import type { Body, Side } from '../body/body';
import { under, type LimbEnd } from '../body/contacts';
import { add, apart, dot, minus, normalise, size, times, type Vec, ZERO } from '../body/vec';
import { TOUCHES } from './ground';

/** Who stays sets a foot or a hand elsewhere where it would have to slide further than this, in heights. */
const STEPS_OVER = 0.23;
/** Who travels, further than this along the way. Our own judgement, both. */
const TREADS_OVER = 0.06;
/** What moves less than this under a body that goes on is dragged along, in heights. */
const DRAGGED = 0.03;

export type Limb = 'leg' | 'hand';

/**
 * What a limb does from one key pose to the next: goes as its pose says, stays where it is, or is lifted and
 * set elsewhere. Places are on the ground, which may go by, as it was when the loop began.
 */
export type Span =
  | Readonly<{ kind: 'free' }>
  | Readonly<{ kind: 'stays'; end: LimbEnd; at: Vec }>
  | Readonly<{ kind: 'steps'; end: LimbEnd; from: Vec; to: Vec; begins: number; ends: number }>;
export type Step = Extract<Span, { kind: 'steps' }>;
export const FREE: Span = { kind: 'free' };

/** A key pose, with its body as it is written and as it stands. */
export type Key = Readonly<{ at: number; pose: Pose; loose: Body; body: Body }>;

/** What of a limb may be down, first what counts: who crawls has the toes trail behind the knees. */
export function endsOf(limb: Limb, travels: boolean): readonly LimbEnd[] {
  if (limb === 'hand') return ['hand'];
  return travels ? ['knee', 'foot'] : ['foot'];
}

export const isDown = ({ pose, body }: Key, end: LimbEnd, side: Side): boolean =>
  pose.air === 0 && under(body, end, side)[1] < TOUCHES;

const mean = (places: readonly Vec[]): Vec =>
  times(places.reduce(add, ZERO), 1 / Math.max(1, places.length));

/** One limb of a figure whose ground goes by with `drift`. */
export type Through = Readonly<{
  keys: readonly Key[];
  /** The pose that says most. */
  best: number;
  drift: (share: number) => Vec;
  travels: boolean;
  limb: Limb;
  side: Side;
}>;

/** The n-th of a loop that goes round: below 0 in the loop before, beyond its length in the next. */
const round = <One>(list: readonly One[], n: number): One =>
  list[((n % list.length) + list.length) % list.length]!;
const loopsOf = (list: readonly unknown[], n: number) => Math.floor(n / list.length);

/** The place on the ground where a limb's end is in the n-th key pose. */
function placeAt({ keys, drift, side }: Through, n: number, end: LimbEnd): Vec {
  const { at, body } = round(keys, n);
  const [x, , z] = under(body, end, side);
  return minus([x, 0, z], add(drift(at), times(drift(1), loopsOf(keys, n))));
}

type Spanned = Readonly<{ end: LimbEnd; stays: boolean }> | null;

/** What is down in a key pose and in the next one, and whether it can stay there. */
function spannedAt(through: Through, n: number): Spanned {
  const { keys, drift, travels, limb, side } = through;
  const [key, next] = [round(keys, n), round(keys, n + 1)];
  const end = endsOf(limb, travels).find(
    (one) => isDown(key, one, side) && isDown(next, one, side),
  );
  if (!end) return null;
  const far = minus(placeAt(through, n, end), placeAt(through, n + 1, end));
  const alongWay = Math.abs(dot(far, normalise(drift(1), ZERO)));
  const stays = size(far) <= STEPS_OVER && (!travels || alongWay <= TREADS_OVER);
  const own = apart(under(key.body, end, side), under(next.body, end, side));
  return travels && !stays && own < DRAGGED ? null : { end, stays };
}

type Down = Readonly<{ end: LimbEnd; at: Vec }> | null;

/** What of the limb is down in a key pose, and where: all of a stance has one place. */
function downAt(through: Through, spanned: readonly Spanned[], n: number): Down {
  const { keys, best, travels, limb, side } = through;
  const count = keys.length;
  const stays = (k: number, end: LimbEnd) => {
    const one = round(spanned, k);
    return one?.stays === true && one.end === end;
  };
  const ends = endsOf(limb, travels);
  const end =
    ends.find((each) => stays(n, each) || stays(n - 1, each)) ??
    ends.find((each) => isDown(keys[n]!, each, side));
  if (!end) return null;
  let [from, to] = [n, n];
  while (from > n - count && stays(from - 1, end)) from -= 1;
  while (to < n + count - 1 && stays(to, end)) to += 1;
  const run = Array.from({ length: to - from + 1 }, (_, k) => from + k);
  // Down all the time under who travels: it's dragged along.
  if (travels && run.length > count) return null;
  const pushesOff = round(keys, to + 1).pose.air > 0;
  // Where it pushes off from, else where it is in the pose that says most, else the middle of it all.
  const telling = run.find((k) =>
    pushesOff ? k === to : !travels && round(keys, k) === keys[best],
  );
  const told = telling === undefined ? run : [telling];
  return { end, at: mean(told.map((k) => placeAt(through, k, end))) };
}

/** A step from a key pose on; that of who travels goes on through poses that would set it down on its way. */
function stepFrom(
  { keys, drift, travels }: Through,
  spanned: readonly Spanned[],
  downs: readonly Down[],
  n: number,
): Omit<Step, 'kind' | 'end'> {
  const treads = (k: number) => round(spanned, k)?.stays === false;
  let [from, to] = [n, n + 1];
  while (travels && from > n - keys.length && treads(from - 1)) from -= 1;
  while (travels && to < n + keys.length && treads(to)) to += 1;
  const at = (k: number) => minus(round(downs, k)!.at, times(drift(1), loopsOf(keys, k)));
  const shareOf = (k: number) => round(keys, k).at + loopsOf(keys, k);
  return { from: at(from), to: at(to), begins: shareOf(from), ends: shareOf(to) };
}

/** A limb through the key poses of its loop: what it does from each to the next, and where it is down in each. */
export function limbThrough(
  through: Through,
): Readonly<{ spans: readonly Span[]; downs: readonly Down[] }> {
  const { keys } = through;
  const spanned = keys.map((_, n) => spannedAt(through, n));
  const downs = keys.map((_, n) => downAt(through, spanned, n));
  const spans = keys.map((_, n): Span => {
    const one = spanned[n];
    const [from, to] = [downs[n], round(downs, n + 1)];
    if (!one || from?.end !== one.end || to?.end !== one.end) return FREE;
    if (one.stays) return { kind: 'stays', end: one.end, at: from.at };
    // A knee that is set elsewhere goes with its leg.
    if (one.end === 'knee') return FREE;
    return { kind: 'steps', end: one.end, ...stepFrom(through, spanned, downs, n) };
  });
  return { spans, downs };
}
