import type { Figure, Prop } from '../../model/figure';
import type { Limb, Pose } from '../../model/pose';
import { HEIGHT_METRES } from '../body/proportions';
import { SIDES, type Side } from '../body/body';
import { bodyOf } from '../body/contacts';
import { add, size, times, type Vec } from '../body/vec';
import type { Motion } from './going';
import type { Ease } from './eases';
import { poseBetween, stancesAtTempo } from './motion';

/** Standard gravity, m/s². */
export const GRAVITY = 9.81;

/** Seconds in the air for a jump of so many heights of the figure: up and down again, 2 √(2h/g). */
export const flightSeconds = (air: number): number =>
  2 * Math.sqrt((2 * air * HEIGHT_METRES) / GRAVITY);

/** At the most this share of a loop is in the air: at a quick tempo jumps are lower. Our own judgement. */
const MOST_IN_AIR = 0.6;
/** Pushing off takes no longer than this, and neither does giving way on landing. From memory of slow films. */
const PUSH_SECONDS = 0.3;
const GIVE_SECONDS = 0.28;
/** Of the way from one pose to the next, before and after the flight, where time is short. */
const PUSH_SHARE = 0.3;
const GIVE_SHARE = 0.3;
/** A leg that pushes off is as good as straight; one that lands is nearly so, and gives way. */
const STRAIGHT = 0.999;
const LANDING = 0.95;
/** A leg this long is stretched; a shorter one is drawn up in the air, and says nothing of the push. */
const STRETCHED = 0.85;

type Key = Figure['keys'][number];
/**
 * A key of the sketch, or one put in. `places`: the keys whose props it has. A step in the air has its
 * `seconds` to the next one; one on the ground has a share of what is left, by `weight`, at the `most`.
 */
type Step = Readonly<{
  pose: Pose;
  places: readonly number[];
  own: number | null;
  ease?: Ease;
  time: Readonly<{ seconds: number } | { weight: number; most: number }>;
}>;
/** Keys in the air between two on the ground; counted on beyond the loop's end. */
type Run = Readonly<{ before: number; top: number; after: number }>;

const isInAir = ({ pose }: Key) => pose.air > 0;
/** What stands on a step or a bench is up, but not in the air. */
const standsOn = ({ props }: Figure) =>
  props.some(({ kind }) => kind === 'step' || kind === 'bench' || kind === 'chair');

/** Feet that carry it in a pose: those at the ground. */
function onGround(pose: Pose): readonly Side[] {
  const { legs } = bodyOf(pose);
  const low = (side: Side) => Math.min(legs[side].heel[1], legs[side].toe[1]);
  const lowest = Math.min(low('L'), low('R'));
  return SIDES.filter((side) => low(side) < lowest + 0.03);
}

function reaching(limb: Limb, towards: Vec, length: number): Limb {
  const far = size(towards);
  return { ...limb, reach: far < 0.05 ? [0.05, -length, 0] : times(towards, length / far) };
}

/** The last of the ground before a flight, or the first after it: legs long, toes down. */
function edge(onFoot: Pose, inAir: Pose, share: number, length: number, heel: number): Pose {
  const pose = poseBetween(onFoot, inAir, share);
  const feet = onGround(onFoot);
  const leg = (side: Side): Limb => {
    const own = pose[`leg${side}`];
    if (!feet.includes(side)) return own;
    const flown = inAir[`leg${side}`].reach;
    const [x, , z] = onFoot[`leg${side}`].reach;
    // Under the body, and where it flies with a long leg half-way to there.
    const under: Vec = [x * 0.5, -1, z * 0.4];
    const towards = size(flown) >= STRETCHED ? add(under, flown) : under;
    return reaching(own, towards, length);
  };
  const foot = (side: Side) => (feet.includes(side) ? { point: 0, heel } : pose[`foot${side}`]);
  /** Arms that were drawn back swing up by the front. */
  const arm = (side: Side): Limb => {
    const own = pose[`arm${side}`];
    const [from, to] = [onFoot[`arm${side}`].reach, inAir[`arm${side}`].reach];
    return from[2] < -0.2 && to[1] > 0.4 ? { ...own, reach: [from[0], 0, 0.85] } : own;
  };
  return {
    ...pose,
    air: 0,
    armL: arm('L'),
    armR: arm('R'),
    legL: leg('L'),
    legR: leg('R'),
    footL: foot('L'),
    footR: foot('R'),
    floorL: false,
    floorR: false,
  };
}

/** Upright on the same feet, between landing and crouching again. */
const upright = (pose: Pose): Pose => ({
  ...edge(pose, { ...pose, air: 0 }, 0, 0.98, 0),
  tip: pose.tip * 0.2,
  bend: pose.bend * 0.3,
});

/** The runs of a figure in the air, from its first key on the ground on. */
function runsOf(keys: Figure['keys'], first: number): readonly Run[] {
  const key = (n: number) => keys[n % keys.length]!;
  const starts = keys
    .map((_, n) => first + n)
    .filter((n) => !isInAir(key(n)) && isInAir(key(n + 1)));
  return starts.map((before) => {
    let after = before + 1;
    while (isInAir(key(after))) after += 1;
    const inAir = Array.from({ length: after - before - 1 }, (_, n) => before + 1 + n);
    const top = inAir.reduce((best, one) => (key(one).pose.air > key(best).pose.air ? one : best));
    return { before, top, after };
  });
}

/** One flight: the crouch, the push's end, the highest point, and the landing that gives way. */
function stepsOfRun(
  figure: Figure,
  { before, top, after }: Run,
  lower: number,
  span: number,
): Step[] {
  const { keys } = figure;
  const [from, apex, to] = [before, top, after].map((n) => n % keys.length) as [
    number,
    number,
    number,
  ];
  const [start, high, end] = [from, apex, to].map((n) => keys[n]!.pose) as [Pose, Pose, Pose];
  const air = high.air * lower;
  const inAir = { time: { seconds: flightSeconds(air) / 2 }, ease: 'even' } as const;
  return [
    {
      pose: start,
      places: [from],
      own: from,
      ease: 'gathering',
      time: { weight: span * PUSH_SHARE, most: PUSH_SECONDS },
    },
    { pose: edge(start, high, 0.6, STRAIGHT, 0.8), places: [from, apex], own: null, ...inAir },
    { pose: { ...high, air }, places: [apex], own: apex, ...inAir },
    {
      pose: edge(end, high, 0.45, LANDING, 0.35),
      places: [apex, to],
      own: null,
      ease: 'losing',
      time: { weight: span * GIVE_SHARE, most: GIVE_SECONDS },
    },
  ];
}

/** Every step of a loop, from the first key on the ground on. */
function stepsOf(figure: Figure, first: number, runs: readonly Run[], lower: number): Step[] {
  const { keys } = figure;
  const count = keys.length;
  const at = (n: number) => keys[n % count]!.at + Math.floor(n / count);
  const steps: Step[] = [];
  let n = first;
  while (n < first + count) {
    const run = runs.find(({ before }) => before === n);
    const { after } = run ?? { after: n + 1 };
    const span = at(after) - at(n);
    const [own, next] = [n % count, after % count];
    if (run) steps.push(...stepsOfRun(figure, run, lower, span));
    else
      steps.push({
        pose: keys[own]!.pose,
        places: [own],
        own,
        time: { weight: span, most: Infinity },
      });
    // Where nothing else is on the ground, whoever has landed stands up before the next.
    if (run && after >= first + count && runs.length * 2 === count) {
      const time = { weight: span * 0.2, most: Infinity };
      steps.push({ pose: upright(keys[next]!.pose), places: [next], own: null, time });
    }
    n = after;
  }
  return steps;
}

/** Seconds of each step: what is not in the air goes to the ground, by weight, no push longer than a push. */
function secondsOf(steps: readonly Step[], loop: number): readonly number[] {
  const seconds = steps.map(({ time }) => ('seconds' in time ? time.seconds : 0));
  let free = loop - seconds.reduce((sum, one) => sum + one, 0);
  let open = steps.flatMap(({ time }, n) => ('weight' in time ? [{ n, ...time }] : []));
  while (open.length > 0) {
    const all = open.reduce((sum, { weight }) => sum + weight, 0);
    const long = open.filter(({ weight, most }) => (free * weight) / all > most);
    const isDone = long.length === 0 || long.length === open.length;
    for (const { n, weight, most } of isDone ? open : long)
      seconds[n] = isDone ? (free * weight) / all : most;
    if (isDone) break;
    free -= long.reduce((sum, { most }) => sum + most, 0);
    open = open.filter((one) => !long.includes(one));
  }
  return seconds;
}

/** A thing's places at the steps: half-way where it stays in the same hands. */
function propAt(prop: Prop, order: readonly Step[]): Prop {
  const { places } = prop;
  if (places.length === 1) return prop;
  return {
    ...prop,
    places: order.map((step) => {
      const [one, other] = step.places.map((n) => places[n % places.length]!);
      if (!other) return one!;
      if (other.by !== one!.by) return { ...one!, arc: 0 };
      const [x, y, z] = one!.at.map((value, n) => (value + other.at[n]!) / 2);
      return { by: one!.by, at: [x!, y!, z!], arc: 0 };
    }),
  };
}

/**
 * The figure as it moves at a tempo. Who jumps pushes off with straightening legs, flies for as long as
 * a thing that high does and no longer, lands on legs that give way, and stands for the rest of the
 * time. At a tempo too quick for that jumps are lower. A figure that stays on the ground is as it was.
 */
export function inMotion(figure: Figure, secondsPerRep: number): Motion {
  const { keys } = figure;
  const first = keys.findIndex((key) => !isInAir(key));
  const runs = first < 0 || standsOn(figure) ? [] : runsOf(keys, first);
  if (runs.length === 0)
    return { figure, flights: [], eases: [], stances: stancesAtTempo(figure, []) };
  const loop = secondsPerRep * figure.reps;
  const wanted = runs.reduce(
    (sum, { top }) => sum + flightSeconds(keys[top % keys.length]!.pose.air),
    0,
  );
  const lower = Math.min(1, ((MOST_IN_AIR * loop) / wanted) ** 2);
  const steps = stepsOf(figure, first, runs, lower);
  const seconds = secondsOf(steps, loop);

  // The loop begins where the sketch's does, or with what is left of it.
  const turn = Math.max(
    0,
    steps.findIndex(({ own }) => own === 0),
  );
  const turned = <One>(list: readonly One[]) => [...list.slice(turn), ...list.slice(0, turn)];
  const order = turned(steps);
  let now = 0;
  const starts = turned(seconds).map((one) => {
    const start = now / loop;
    now += one;
    return start;
  });
  const keyOf = (own: number) =>
    Math.max(
      0,
      order.findIndex((step) => step.own === own),
    );
  const flights = order.flatMap(({ own, time }, n) =>
    own === null && 'seconds' in time
      ? [
          {
            from: starts[n]!,
            to: starts[(n + 2) % order.length]!,
            air: order[(n + 1) % order.length]!.pose.air,
          },
        ]
      : [],
  );
  const eases = order.map(({ ease }) => ease ?? figure.pace);
  const going: Figure = {
    ...figure,
    keys: order.map(({ pose }, n) => ({ at: starts[n]!, pose })),
    props: figure.props.map((prop) => propAt(prop, order)),
    marks: figure.marks.map((mark) => ({ ...mark, key: keyOf(mark.key) })),
    hold: figure.hold === null ? null : keyOf(figure.hold),
    best: keyOf(figure.best),
  };
  return { figure: going, flights, eases, stances: stancesAtTempo(going, eases) };
}
