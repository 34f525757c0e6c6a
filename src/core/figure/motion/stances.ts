import type { Figure } from '../../model/figure';
import type { Pose } from '../../model/pose';
import { looseBody, lowestPoint, movedBody, SIDES, type Body, type Side } from '../body/body';
import {
  sinkFor,
  under,
  withContacts,
  type Goals,
  type LegGoal,
  type LimbEnd,
} from '../body/contacts';
import { add, apart, dot, lerp, minus, normalise, size, times, type Vec } from '../body/vec';
import { groundOf, TOUCHES, type Ground } from './ground';
import { standing } from './standing';

/** Who stays sets a foot or a hand elsewhere where it would have to slide further than this, in heights. */
const STEPS_OVER = 0.23;
/** Who travels, further than this along the way. */
const TREADS_OVER = 0.06;
/** How high a foot is lifted that is set so far away or further, in heights. Our own judgement, like the two above. */
const LIFT = 0.05;
const FAR = 0.2;
/** What moves less than this under a body that goes on is dragged along, in heights. */
const DRAGGED = 0.03;

/** How much more a foot is lifted that leaves the ground or comes to it, so that it doesn't sweep along. */
const CLEARS = 0.04;

const ZERO: Vec = [0, 0, 0];

/** What a limb does from one key pose to the next. Places are on the ground, which may go by. */
type Span =
  | Readonly<{ kind: 'free' }>
  | Readonly<{ kind: 'stays'; end: LimbEnd; at: Vec }>
  | Readonly<{ kind: 'steps'; end: LimbEnd; from: Vec; to: Vec; begins: number; ends: number }>;
type Step = Extract<Span, { kind: 'steps' }>;
const FREE: Span = { kind: 'free' };

type Limb = 'leg' | 'hand';
type PerLimb<One> = Readonly<Record<Limb, Readonly<Record<Side, One>>>>;

/** What of a figure keeps its place on the ground, for its whole loop. */
export type Stances = Readonly<{
  /** The ground that goes by under what stands; null where it stands too. */
  ground: Ground | null;
  /** How far what stands has gone with the ground at a share of the loop. */
  drift: (share: number) => Vec;
  spans: PerLimb<readonly Span[]>;
  /** Which key poses have it down. */
  downs: PerLimb<readonly boolean[]>;
  /** How far limbs are from where the key poses have them, and how far the body sinks for that. */
  shifts: PerLimb<readonly Vec[]>;
  sinks: readonly number[];
}>;

type Key = Readonly<{ at: number; pose: Pose; loose: Body; body: Body }>;

/** What of a limb may be down, first what counts: who crawls has the toes trail behind the knees. */
function endsOf(limb: Limb, travels: boolean): readonly LimbEnd[] {
  if (limb === 'hand') return ['hand'];
  return travels ? ['knee', 'foot'] : ['foot'];
}
const isDown = ({ pose, body }: Key, end: LimbEnd, side: Side): boolean =>
  pose.air === 0 && under(body, end, side)[1] < TOUCHES;

const mean = (places: readonly Vec[]): Vec =>
  times(places.reduce(add, ZERO), 1 / Math.max(1, places.length));

/** One limb of a figure through the keys of its loop, counted on beyond the loop's end. */
function limbThrough(
  keys: readonly Key[],
  best: number,
  drift: Stances['drift'],
  travels: boolean,
  limb: Limb,
  side: Side,
): Readonly<{
  spans: readonly Span[];
  downs: readonly (Readonly<{ end: LimbEnd; at: Vec }> | null)[];
}> {
  const count = keys.length;
  const key = (n: number) => keys[n % count]!;
  /** How much of a way is along that on which the ground goes by. */
  const way = drift(1);
  const alongWay = (far: Vec) => Math.abs(dot(far, normalise(way, ZERO)));
  /** A place on the ground, as it was when the loop began. */
  const onGround = (n: number, end: LimbEnd): Vec => {
    const [x, , z] = under(key(n).body, end, side);
    return minus([x, 0, z], drift(key(n).at + Math.floor(n / count)));
  };
  const spanned = keys.map((_, n) => {
    const end = endsOf(limb, travels).find(
      (one) => isDown(key(n), one, side) && isDown(key(n + 1), one, side),
    );
    if (!end) return null;
    const far = minus(onGround(n, end), onGround(n + 1, end));
    const stays = size(far) <= STEPS_OVER && (!travels || alongWay(far) <= TREADS_OVER);
    const own = apart(under(key(n).body, end, side), under(key(n + 1).body, end, side));
    return travels && !stays && own < DRAGGED ? null : { end, stays };
  });
  const stays = (n: number, end: LimbEnd | undefined) => {
    const one = spanned[((n % count) + count) % count];
    return one?.stays === true && one.end === end;
  };
  const downs = keys.map((one, n): { end: LimbEnd; at: Vec } | null => {
    const end =
      endsOf(limb, travels).find((each) => stays(n, each) || stays(n - 1, each)) ??
      endsOf(limb, travels).find((each) => isDown(one, each, side));
    if (!end) return null;
    let [from, to] = [n, n];
    while (from > n - count && stays(from - 1, end)) from -= 1;
    while (to < n + count - 1 && stays(to, end)) to += 1;
    const run = Array.from({ length: to - from + 1 }, (_, k) => from + k);
    // Down all the time under who travels: it's dragged along.
    if (travels && run.length > count) return null;
    // Where it pushes off from, else where it is in the pose that says most.
    const own = run.filter((k) =>
      key(to + 1 + count).pose.air > 0 ? k === to : !travels && (k + count) % count === best,
    );
    return { end, at: mean((own.length > 0 ? own.slice(0, 1) : run).map((k) => placeAt(k, end))) };
  });
  function placeAt(n: number, end: LimbEnd): Vec {
    return n < 0 ? add(onGround(n + count, end), drift(1)) : onGround(n, end);
  }
  const treads = (n: number) => {
    const one = spanned[((n % count) + count) % count];
    return !!one && !one.stays;
  };
  const shareOf = (n: number) => key(n + count).at + Math.floor(n / count);
  /** A step of who travels goes on through poses that would set it down on its way. */
  const stepFrom = (n: number, goesOn: boolean) => {
    let [from, to] = [n, n + 1];
    while (goesOn && from > n - count && treads(from - 1)) from -= 1;
    while (goesOn && to < n + count && treads(to)) to += 1;
    const at = (k: number) =>
      minus(downs[(k + count) % count]!.at, times(drift(1), Math.floor(k / count)));
    return { from: at(from), to: at(to), begins: shareOf(from), ends: shareOf(to) };
  };
  const spans = keys.map((_, n): Span => {
    const one = spanned[n];
    const [from, to] = [downs[n], downs[(n + 1) % count]];
    if (!one || !from || !to || from.end !== one.end || to.end !== one.end) return FREE;
    if (one.stays) return { kind: 'stays', end: one.end, at: from.at };
    // A knee that is set elsewhere goes with its leg.
    if (one.end === 'knee') return FREE;
    return { kind: 'steps', end: one.end, ...stepFrom(n, travels) };
  });
  return { spans, downs };
}

const bySide = <One>(make: (side: Side) => One): Record<Side, One> => ({
  L: make('L'),
  R: make('R'),
});
const byLimb = <One>(make: (limb: Limb, side: Side) => One): PerLimb<One> => ({
  leg: bySide((side) => make('leg', side)),
  hand: bySide((side) => make('hand', side)),
});

type Goal = Readonly<{ end: LegGoal['end'] | 'hand'; at: Vec }>;
const legGoal = (goal: Goal | null): LegGoal | null =>
  goal && goal.end !== 'hand' ? { end: goal.end, at: goal.at } : null;

/** Who jumps with the same feet each time stands where it landed: the ground goes by in the air. */
function landsAndStands(keys: readonly Key[]): boolean {
  const feet = (one: Key) => SIDES.filter((side) => isDown(one, 'foot', side)).join('');
  const onGround = keys.filter(({ pose }) => pose.air === 0);
  return onGround.length < keys.length && new Set(onGround.map(feet)).size === 1;
}

/** By what a limb in the air is led. */
const hangsAt = (body: Body, limb: Limb, side: Side): Vec =>
  limb === 'leg' ? body.legs[side].ankle : under(body, 'hand', side);

/**
 * What keeps its place in a figure's loop: whatever is down in two key poses, one after the other, stays
 * down between them, and in its place; where that is too far, it's lifted and set down. Limbs that leave
 * the ground go on from where they stood. `bodyAt`: the body at a share of the loop, as its poses have it.
 */
export function stancesOf(figure: Figure, bodyAt: (share: number) => Body): Stances {
  const keys = figure.keys.map(({ at, pose }): Key => {
    const loose = standing(figure, pose, looseBody(pose));
    return { at, pose, loose, body: standing(figure, pose) };
  });
  const travels = figure.travels !== 'none';
  const ground = travels && !landsAndStands(keys) ? groundOf(figure, bodyAt, 0) : null;
  const drift = (share: number): Vec => {
    if (!ground) return ZERO;
    const loops = Math.floor(share);
    const gone = loops * ground.loop + ground.goneAt(share - loops);
    return figure.travels === 'aside' ? [gone, 0, 0] : [0, 0, -gone];
  };
  const limbs = byLimb((limb, side) => limbThrough(keys, figure.best, drift, travels, limb, side));
  const solved = keys.map(({ at, pose, loose }, n) => {
    const placed = (limb: Limb, side: Side) => {
      const down = limbs[limb][side].downs[n];
      return down ? { end: down.end, at: add(down.at, drift(at)) } : null;
    };
    const goals: Goals = bySide((side) => {
      return { leg: legGoal(placed('leg', side)), hand: placed('hand', side)?.at ?? null };
    });
    const sink = sinkFor(loose, goals, 0);
    return { loose, sink, body: grounded(pose, loose, goals, sink) };
  });
  return {
    ground,
    drift,
    spans: byLimb((limb, side) => limbs[limb][side].spans),
    downs: byLimb((limb, side) =>
      keys.map((one) => endsOf(limb, travels).some((end) => isDown(one, end, side))),
    ),
    shifts: byLimb((limb, side) =>
      solved.map(({ loose, body }) => minus(hangsAt(body, limb, side), hangsAt(loose, limb, side))),
    ),
    sinks: solved.map(({ sink }) => sink),
  };
}

/** Lower or higher than this the whole body is put right, in heights. */
const OFF = 0.002;
const PASSES = 3;

/**
 * A body with its limbs at their goals, and nothing of it in the ground: where a knee or an elbow would be,
 * it stands higher. Where a lifted limb was all that it stood on, it comes down with it.
 */
function grounded(pose: Pose, loose: Body, goals: Goals, sink: number): Body {
  let [body, lower] = [withContacts(pose, loose, goals, sink), sink];
  for (let n = 0; n < PASSES; n += 1) {
    const low = lowestPoint(body) - pose.air;
    if (Math.abs(low) < OFF) break;
    if (low > 0) return movedBody(body, [0, -low, 0]);
    lower += low;
    body = withContacts(pose, loose, goals, lower);
  }
  return body;
}

const smooth = (t: number) => t * t * (3 - 2 * t);

/** A place on the way of a limb that is lifted and set down. */
function stepAt(from: Vec, to: Vec, share: number): Vec {
  const t = Math.max(0, Math.min(1, share));
  return add(lerp(from, to, smooth(t)), [
    0,
    LIFT * Math.min(1, apart(from, to) / FAR) * 4 * t * (1 - t),
    0,
  ]);
}

/** Between two key poses: which, how far in time and in speed, and the share of the loop. */
export type Between = Readonly<{
  last: number;
  next: number;
  t: number;
  eased: number;
  share: number;
}>;

const STILL = 1e-4;

/** The body of a pose between two key poses, with what stands in its place. */
export function bodyIn(stances: Stances, figure: Figure, pose: Pose, now: Between): Body {
  const { drift, spans, downs, shifts, sinks } = stances;
  const { last, next, t, eased } = now;
  const loose = standing(figure, pose, looseBody(pose));
  const gone = drift(now.share);
  /** Where two limbs are set elsewhere they go one after the other. */
  const inTurn = (limb: Limb, side: Side, { begins, ends }: Step) => {
    const t = (now.share - begins) / (ends - begins);
    const other = spans[limb][side === 'L' ? 'R' : 'L'][last];
    if (figure.travels !== 'none' || other?.kind !== 'steps') return t;
    return side === 'L' ? 2 * t : 2 * t - 1;
  };
  const bears = (['leg', 'hand'] as const).some((limb) =>
    SIDES.some((side) => spans[limb][side][last]?.kind === 'stays'),
  );
  /** Down at one of the two, in the air at the other: it clears the ground at once. */
  const leaves = (limb: Limb, side: Side) =>
    bears && downs[limb][side][last] !== downs[limb][side][next];
  const goalOf = (limb: Limb, side: Side): Goal | null => {
    const span = spans[limb][side][last] ?? FREE;
    if (span.kind === 'stays') return { end: span.end, at: add(span.at, gone) };
    if (span.kind === 'steps')
      return { end: span.end, at: add(stepAt(span.from, span.to, inTurn(limb, side, span)), gone) };
    const own = shifts[limb][side];
    const shift = lerp(own[last]!, own[next]!, eased);
    const lift = leaves(limb, side) ? CLEARS * 4 * t * (1 - t) : 0;
    if (limb === 'hand' && lift === 0 && apart(shift, ZERO) < STILL) return null;
    const at = add(add(hangsAt(loose, limb, side), shift), [0, lift, 0]);
    return limb === 'leg'
      ? { end: 'ankle', at }
      : { end: 'hand', at: [at[0], Math.max(0, at[1]), at[2]] };
  };
  const goals: Goals = bySide((side) => {
    return { leg: legGoal(goalOf('leg', side)), hand: goalOf('hand', side)?.at ?? null };
  });
  const least = sinks[last]! + (sinks[next]! - sinks[last]!) * eased;
  return grounded(pose, loose, goals, sinkFor(loose, goals, least));
}
