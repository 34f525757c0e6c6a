import type { Figure } from '../../model/figure';
import type { Pose } from '../../model/pose';
import { looseBody, SIDES, type Body, type Side } from '../body/body';
import { grounded, sinkFor, under, type Goals, type LegGoal } from '../body/contacts';
import { add, apart, lerp, minus, size, type Vec, ZERO } from '../body/vec';
import { arch, EASES } from './eases';
import { groundOf, type Ground } from './ground';
import {
  endsOf,
  FREE,
  isDown,
  limbThrough,
  type Key,
  type Limb,
  type Span,
  type Step,
} from './limb-stances';
import { standing } from './standing';

/** How high a foot is lifted that is set so far away or further, in heights. Our own judgement. */
const LIFT = 0.05;
const FAR = 0.2;
/** How much more a foot is lifted that leaves the ground or comes to it, so that it doesn't sweep along. */
const CLEARS = 0.04;

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
  const limbs = byLimb((limb, side) =>
    limbThrough({ keys, best: figure.best, drift, travels, limb, side }),
  );
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

/** A place on the way of a limb that is lifted and set down. */
function stepAt(from: Vec, to: Vec, share: number): Vec {
  const t = Math.max(0, Math.min(1, share));
  const lift = LIFT * Math.min(1, apart(from, to) / FAR) * arch(t);
  return add(lerp(from, to, EASES.smooth(t)), [0, lift, 0]);
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
    const share = (now.share - begins) / (ends - begins);
    const other = spans[limb][side === 'L' ? 'R' : 'L'][last];
    if (figure.travels !== 'none' || other?.kind !== 'steps') return share;
    return side === 'L' ? 2 * share : 2 * share - 1;
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
    const lift = leaves(limb, side) ? CLEARS * arch(t) : 0;
    if (limb === 'hand' && lift === 0 && size(shift) < STILL) return null;
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
