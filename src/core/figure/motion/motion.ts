import { SIDES, type Body } from '../body/body';
import type { Figure, Holder } from '../../model/figure';
import type { Limb, Pose } from '../../model/pose';
import { add, apart, lerp, swung, times, type Vec } from '../body/vec';
import { arch, EASES, type Ease } from './eases';
import { goneAt, leavingProps, type Leaving, type Seen } from './gone';
import { bodyIn, stancesOf, type Stances } from './stances';
import { standing } from './standing';

/** A moment of a figure: its body, and where its props are. */
export type Moment = Readonly<{
  figure: Figure;
  pose: Pose;
  body: Body;
  props: readonly Vec[];
  /** How well each of them is seen, 0 to 1: what was thrown fades, and is there again. */
  seen: readonly number[];
  /** The nearest key pose, and how near: 1 on it, 0 from a seventh of the loop away. */
  key: number;
  nearness: number;
  /** How whoever does it with the child would stand in the child's place; null where nobody does. */
  partner: Body | null;
}>;

const line = (a: number, b: number, t: number) => a + (b - a) * t;
/** Up as a thrown thing goes up, and down as it falls: free flight is a parabola in time. */
const flown = (a: number, b: number, t: number) =>
  line(a, b, b > a ? 1 - (1 - t) * (1 - t) : b < a ? t * t : t);

const limbBetween = (a: Limb, b: Limb, t: number): Limb => ({
  reach: swung(a.reach, b.reach, t),
  swing: line(a.swing, b.swing, t),
});

const footBetween = (a: Pose['footL'], b: Pose['footL'], t: number): Pose['footL'] => ({
  point: line(a.point, b.point, t),
  heel: line(a.heel, b.heel, t),
});

type Feet = 'footL' | 'footR';
type Hands = 'handL' | 'handR' | 'floorL' | 'floorR';

/** A pose on the way from `a` to `b`; `t` and `eased` are shares of the way, 0 to 1. */
export function poseBetween(a: Pose, b: Pose, t: number, eased = t): Pose {
  const of = (name: Exclude<keyof Pose, 'armL' | 'armR' | 'legL' | 'legR' | Feet | Hands>) =>
    line(a[name], b[name], eased);
  /** A turn of its own is gone on with: from 270 degrees the way to 0 is on to 360. */
  const round = (name: 'tip' | 'spin' | 'turn') =>
    line(a[name], b[name] + 360 * Math.round((a[name] - b[name]) / 360), eased);
  return {
    tip: round('tip'),
    spin: round('spin'),
    roll: of('roll'),
    turn: round('turn'),
    bend: of('bend'),
    side: of('side'),
    twist: of('twist'),
    nod: of('nod'),
    tilt: of('tilt'),
    look: of('look'),
    shrug: of('shrug'),
    air: flown(a.air, b.air, t),
    x: of('x'),
    z: of('z'),
    armL: limbBetween(a.armL, b.armL, eased),
    armR: limbBetween(a.armR, b.armR, eased),
    legL: limbBetween(a.legL, b.legL, eased),
    legR: limbBetween(a.legR, b.legR, eased),
    footL: footBetween(a.footL, b.footL, eased),
    footR: footBetween(a.footR, b.footR, eased),
    handL: (t < 0.5 ? a : b).handL,
    handR: (t < 0.5 ? a : b).handR,
    floorL: a.floorL && b.floorL,
    floorR: a.floorR && b.floorR,
  };
}

/** The two key poses around a share of the loop, and how far between them, 0 to below 1. */
function around({ keys }: Figure, phase: number) {
  const share = phase - Math.floor(phase);
  const found = keys.findIndex(({ at }) => at > share);
  const next = found === -1 ? 0 : found;
  const last = (next === 0 ? keys.length : next) - 1;
  const from = keys[last]!.at;
  const to = next === 0 ? 1 : keys[next]!.at;
  return { last, next, t: (share - from) / (to - from) };
}

function holderIn(body: Body, by: Holder): Vec {
  switch (by) {
    case 'left hand':
      return body.arms.L.hand;
    case 'right hand':
      return body.arms.R.hand;
    case 'hands':
      return lerp(body.arms.L.hand, body.arms.R.hand, 0.5);
    case 'head':
      return add(body.head, times(body.skull.up, 0.11));
    case 'floor':
      return [0, 0, 0];
  }
}

const leaving = new WeakMap<Figure, readonly (Leaving | null)[]>();
/** Worked out once for each figure. */
function leavingOf(figure: Figure): readonly (Leaving | null)[] {
  const known = leaving.get(figure);
  if (known) return known;
  const { keys, props } = figure;
  const bodies = keys.map(({ pose }) => standing(figure, pose));
  const made = leavingProps(figure, (key, prop) => {
    const { places } = props[prop]!;
    const { by, at } = places[key % places.length]!;
    return add(holderIn(bodies[key]!, by), at);
  });
  leaving.set(figure, made);
  return made;
}

/** A figure as it goes at a tempo: how it gets from each key pose to the next, and what stands meanwhile. */
export type Pacing = Readonly<{ eases: readonly Ease[]; stances: Stances | null }>;

const between = (figure: Figure, phase: number, eases: readonly Ease[]) => {
  const { last, next, t } = around(figure, phase);
  const eased = EASES[eases[last] ?? figure.pace](t);
  const pose = poseBetween(figure.keys[last]!.pose, figure.keys[next]!.pose, t, eased);
  return { last, next, t, eased, pose, share: phase - Math.floor(phase) };
};

/** What stands while a figure goes; null on wheels, where feet are carried. */
export function stancesAtTempo(figure: Figure, eases: readonly Ease[]): Stances | null {
  if (figure.props.some(({ kind }) => kind === 'wheelchair')) return null;
  return stancesOf(figure, (share) => standing(figure, between(figure, share, eases).pose));
}

const stances = new WeakMap<Figure, Stances | null>();
/** Where nobody says at what tempo: who stays stands the same at each. Worked out once for each figure. */
function usualStances(figure: Figure): Stances | null {
  if (figure.travels !== 'none') return null;
  const known = stances.get(figure);
  if (known !== undefined) return known;
  const made = stancesAtTempo(figure, []);
  stances.set(figure, made);
  return made;
}

const bodyOfNow = (figure: Figure, { stances: own }: Pacing, now: ReturnType<typeof between>) =>
  own ? bodyIn(own, figure, now.pose, now) : standing(figure, now.pose);

/** Set across, the one does what the other did half a loop ago: one is down while the other is up. */
function partnerAt(figure: Figure, phase: number, pacing: Pacing, body: Body): Body | null {
  const partner = figure.props.find(({ kind }) => kind === 'partner');
  if (!partner) return null;
  return partner.lie === 'across'
    ? bodyOfNow(figure, pacing, between(figure, phase + 0.5, pacing.eases))
    : body;
}

/** The moment of a figure at a share of its loop; whole numbers are the first key pose. */
export function momentAt(
  figure: Figure,
  phase: number,
  pacing: Pacing = { eases: [], stances: usualStances(figure) },
): Moment {
  const now = between(figure, phase, pacing.eases);
  const { last, next, t, eased, pose, share } = now;
  const body = bodyOfNow(figure, pacing, now);
  const gone = next === 0 && figure.props.length > 0 ? leavingOf(figure) : [];
  const things = figure.props.map(({ places }, n): Seen => {
    const a = places[last % places.length]!;
    const b = places[next % places.length]!;
    const there = add(holderIn(body, b.by), b.at);
    const leaves = gone[n];
    if (leaves) return goneAt(leaves, t, there);
    const at = lerp(
      add(holderIn(body, a.by), a.at),
      there,
      // A thing in the air goes evenly to the side: what it is held by eases.
      a.arc === 0 ? eased : t,
    );
    return { at: add(at, [0, a.arc * arch(t), 0]), seen: 1 };
  });
  const key = t < 0.5 ? last : next;
  const away = Math.abs(share - figure.keys[key]!.at);
  const nearness = Math.max(0, 1 - 7 * Math.min(away, 1 - away));
  const [props, seen] = [things.map((one) => one.at), things.map((one) => one.seen)];
  return {
    figure,
    pose,
    body,
    props,
    seen,
    key,
    nearness,
    partner: partnerAt(figure, phase, pacing, body),
  };
}

/** The moment of a key pose itself. */
export const momentOfKey = (figure: Figure, key: number): Moment =>
  momentAt(figure, figure.keys[key]?.at ?? 0);

/** How far apart two bodies are at most, joint by joint, in heights. */
export function farthest(a: Body, b: Body): number {
  const joints = ({ hips, belly, chest, head, arms, legs }: Body): readonly Vec[] => [
    hips,
    belly,
    chest,
    head,
    ...SIDES.flatMap((side) => {
      const { shoulder, elbow, hand } = arms[side];
      const { hip, knee, ankle, heel, toe } = legs[side];
      return [shoulder, elbow, hand, hip, knee, ankle, heel, toe];
    }),
  ];
  const [first, second] = [joints(a), joints(b)];
  return Math.max(...first.map((point, n) => apart(point, second[n]!)));
}
