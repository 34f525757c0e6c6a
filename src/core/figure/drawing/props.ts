import type { Camera } from './camera';
import type { Prop } from '../../model/figure';
import type { Moment } from '../motion/motion';
import { THICK } from '../body/proportions';
import { flat, strokeOf, type Build, type FigurePart } from './figure-shape';
import { PLAY_THINGS } from './play-things';
import { area, ring, type Draw } from './prop-shapes';
import { heldRope, turnedRope } from './ropes';
import { add, along, apart, minus, normalise, type Vec } from '../body/vec';

/** The hand that is nearest to a place, and the way its forearm points. */
function grip(at: Vec, { body }: Moment): Vec {
  const { L, R } = body.arms;
  const arm = apart(at, L.hand) < apart(at, R.hand) ? L : R;
  return normalise(minus(arm.hand, arm.elbow), [0, 0, 1]);
}

/** A chair that looks ahead; one that is set across looks back. */
const chair: Draw = (at, see, { lie }) => {
  const SEAT = 0.235;
  const way = lie === 'across' ? -1 : 1;
  const corner = (x: number, y: number, z: number) => add(at, [x, y, z * way]);
  const seat = [
    corner(-0.14, SEAT, -0.14),
    corner(0.14, SEAT, -0.14),
    corner(0.14, SEAT, 0.12),
    corner(-0.14, SEAT, 0.12),
  ];
  const back = [corner(-0.14, SEAT + 0.26, -0.15), corner(0.14, SEAT + 0.26, -0.15)];
  const foot = (n: number): Vec => {
    const [x, , z] = seat[n]!;
    return [x, 0.015, z];
  };
  return {
    depth: see(at).depth - 0.3,
    outlined: true,
    shapes: [
      ...[0, 1, 2, 3].map((n) => strokeOf(see, [seat[n]!, foot(n)], 0.03, 'prop dark')),
      strokeOf(see, [seat[0]!, back[0]!], 0.03, 'prop dark'),
      strokeOf(see, [seat[1]!, back[1]!], 0.03, 'prop dark'),
      strokeOf(see, back, 0.07, 'prop'),
      area(see, seat, 0.035, 'prop'),
    ],
  };
};

const DRAWN: Readonly<Record<Exclude<Prop['kind'], 'partner'>, Draw>> = {
  ball: (at, see) => {
    const spot = see(at);
    return {
      depth: spot.depth + 0.09,
      outlined: true,
      shapes: [
        { kind: 'oval', at: flat(spot), rx: 0.085, ry: 0.085, paint: 'prop' },
        {
          kind: 'stroke',
          points: [
            [spot.x - 0.06, spot.y - 0.005],
            [spot.x, spot.y + 0.02],
            [spot.x + 0.06, spot.y - 0.005],
          ],
          width: 0.02,
          paint: 'prop light',
        },
      ],
    };
  },
  'bean bag': (at, see) => {
    const { x, y, depth } = see(at);
    return {
      depth: depth + 0.09,
      outlined: true,
      shapes: [
        {
          kind: 'area',
          points: [
            [x - 0.03, y - 0.014],
            [x + 0.032, y - 0.02],
            [x + 0.03, y + 0.014],
            [x - 0.032, y + 0.018],
          ],
          width: 0.042,
          paint: 'prop',
        },
      ],
    };
  },
  hoop: (at, see, { lie }) => ({
    depth: lie === 'flat' ? see(at).depth - (at[1] < 0.1 ? 5 : 0) : see(at).depth + 0.02,
    outlined: true,
    shapes: [strokeOf(see, ring(at, 0.3, lie), 0.034, 'prop')],
  }),
  bucket: (at, see) => {
    const held = at[1] > 0.2;
    const rim = held ? add(at, [0, -0.1, 0]) : add(at, [0, 0.2, 0]);
    const base = add(rim, [0, -0.2, 0]);
    const wide = (middle: Vec, half: number) => {
      const { x, y } = see(middle);
      return [
        [x - half, y],
        [x + half, y],
      ] as const;
    };
    const [tl, tr] = wide(rim, 0.1);
    const [bl, br] = wide(base, 0.07);
    return {
      depth: see(at).depth + 0.08,
      outlined: true,
      shapes: [
        ...(held ? [strokeOf(see, [at, rim], 0.014, 'prop dark')] : []),
        { kind: 'area', points: [tl, tr, br, bl], width: 0.02, paint: 'prop' },
        {
          kind: 'oval',
          at: [(tl[0] + tr[0]) / 2, tl[1]],
          rx: 0.1,
          ry: 0.03,
          paint: 'prop dark',
        },
      ],
    };
  },
  bat: (at, see, _prop, moment) => {
    const way = grip(at, moment);
    return {
      depth: see(at).depth + 0.06,
      outlined: true,
      shapes: [
        strokeOf(see, [at, along(at, way, 0.12)], 0.03, 'prop dark'),
        area(see, [along(at, way, 0.14), along(at, way, 0.22)], 0.13, 'prop'),
      ],
    };
  },
  scarf: (at, see, _prop, moment) => {
    const wave = Math.sin(moment.body.hips[0] * 9 + at[0] * 8 + at[1] * 6);
    const fall: Vec[] = [0, 0.25, 0.5, 0.75, 1].map((n) => [
      at[0] + 0.05 * Math.sin(n * 5 + wave) + 0.05 * n,
      at[1] - 0.36 * n,
      at[2] - 0.05 * n + 0.03 * Math.cos(n * 5 + wave),
    ]);
    return {
      depth: see(at).depth + 0.05,
      outlined: true,
      shapes: [strokeOf(see, fall, 0.09, 'prop'), strokeOf(see, fall.slice(3), 0.03, 'prop light')],
    };
  },
  rope: (at, see, { lie, places }, moment) => {
    if (places.some(({ by }) => by === 'hands')) return heldRope(at, see, moment.body);
    if (places.some(({ by }) => by === 'right hand')) return turnedRope(at, see, moment);
    const far = 0.75;
    const line: Vec[] = Array.from({ length: 13 }, (_, n) => {
      const s = (n / 12) * 2 - 1;
      const wiggle = 0.02 * Math.sin(n * 1.7);
      return lie === 'across'
        ? add(at, [s * far, 0.008, wiggle])
        : add(at, [wiggle, 0.008, s * far]);
    });
    return { depth: -8, outlined: true, shapes: [strokeOf(see, line, 0.03, 'prop')] };
  },
  cone: (at, see) => {
    const { x, y, depth } = see(at);
    const top = see(add(at, [0, 0.24, 0])).y;
    return {
      depth: depth + 0.02,
      outlined: true,
      shapes: [
        {
          kind: 'area',
          points: [
            [x - 0.09, y - 0.01],
            [x, top],
            [x + 0.09, y - 0.01],
          ],
          width: 0.03,
          paint: 'prop',
        },
        {
          kind: 'stroke',
          points: [
            [x - 0.05, y - 0.09],
            [x + 0.05, y - 0.09],
          ],
          width: 0.035,
          paint: 'prop light',
        },
      ],
    };
  },
  ...PLAY_THINGS,
  chair,
  seat: chair,
  // Drawn in parts of its own, before and behind who sits in it.
  wheelchair: chair,
  wall: (at, see) => {
    const post = (z: number, y: number): Vec => add(at, [z, y, 0]);
    return {
      depth: -9,
      outlined: false,
      shapes: [
        area(
          see,
          [post(-0.45, 0), post(0.45, 0), post(0.45, 1.06), post(-0.45, 1.06)],
          0.02,
          'shade',
        ),
        ...[0.26, 0.52, 0.78].map((y) =>
          strokeOf(see, [post(-0.45, y), post(0.45, y)], 0.012, 'mark'),
        ),
        ...[0.13, 0.65].map((y) =>
          strokeOf(see, [post(0, y - 0.13), post(0, y + 0.13)], 0.012, 'mark'),
        ),
      ],
    };
  },
};

/** A wheelchair: one wheel behind who sits in it, one before. */
function wheelchair(at: Vec, see: Camera): readonly FigurePart[] {
  const put = (x: number, y: number, z: number) => add(at, [x, y, z]);
  const SEAT = 0.225;
  const AXLE = 0.185;
  const wheel = (x: number): FigurePart => {
    const near = see(put(x, AXLE, -0.05)).depth > see(put(-x, AXLE, -0.05)).depth;
    return {
      depth: see(at).depth + (near ? 0.22 : -0.4),
      outlined: true,
      shapes: [
        strokeOf(see, ring(put(x, AXLE, -0.05), 0.17, 'along'), 0.028, 'prop dark'),
        strokeOf(see, [put(x, AXLE, -0.21), put(x, AXLE, 0.11)], 0.01, 'prop'),
        strokeOf(see, [put(x, AXLE - 0.16, -0.05), put(x, AXLE + 0.16, -0.05)], 0.01, 'prop'),
        strokeOf(see, ring(put(x, 0.045, 0.2), 0.03, 'along'), 0.024, 'prop dark'),
      ],
    };
  };
  const back = [put(-0.13, SEAT + 0.27, -0.15), put(0.13, SEAT + 0.27, -0.15)] as const;
  const seat = [
    put(-0.13, SEAT, -0.14),
    put(0.13, SEAT, -0.14),
    put(0.13, SEAT, 0.12),
    put(-0.13, SEAT, 0.12),
  ];
  const frame: FigurePart = {
    depth: see(at).depth - 0.3,
    outlined: true,
    shapes: [
      ...[-0.11, 0.11].map((x) =>
        strokeOf(see, [put(x, SEAT, 0.1), put(x, 0.02, 0.24)], 0.024, 'prop dark'),
      ),
      strokeOf(see, [put(-0.11, 0.015, 0.26), put(0.11, 0.015, 0.26)], 0.03, 'prop dark'),
      strokeOf(see, [seat[0]!, back[0]], 0.03, 'prop dark'),
      strokeOf(see, [seat[1]!, back[1]], 0.03, 'prop dark'),
      area(see, [seat[0]!, seat[1]!, back[1], back[0]], 0.03, 'prop'),
      area(see, seat, 0.035, 'prop'),
    ],
  };
  return [frame, wheel(-0.165), wheel(0.165)];
}

/** The props of a moment as parts of the picture. */
export function propParts(moment: Moment, see: Camera, seat: Build['seat']): readonly FigurePart[] {
  return moment.figure.props.flatMap((prop, n): readonly FigurePart[] => {
    const at = moment.props[n]!;
    const seen = moment.seen[n]!;
    // A partner is a body, and drawn as one.
    if (seen === 0 || prop.kind === 'partner') return [];
    // A thing lies on the floor with its own thickness, not in it.
    const low = prop.kind === 'ball' ? 0.085 : prop.kind === 'bean bag' ? THICK.sole : 0;
    const put: Vec = [at[0], Math.max(at[1], low), at[2]];
    const rolls = prop.kind === 'wheelchair' || (prop.kind === 'seat' && seat === 'wheelchair');
    if (rolls) return wheelchair(put, see);
    const part = DRAWN[prop.kind](put, see, prop, moment);
    return [seen < 1 ? { ...part, seen } : part];
  });
}
