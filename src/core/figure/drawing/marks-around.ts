import { SIDES } from '../body/body';
import type { MarkKind } from '../../model/figure';
import type { Moment } from '../motion/motion';
import { SIZES } from '../body/proportions';
import { along, lerp, RADIANS } from '../body/vec';
import type { Camera } from './camera';
import { flat, type Point, type Shape } from './figure-shape';
import { arc, arrow, inInk, stroke, upAndDown, type DrawMark } from './mark-strokes';

/** Left and right of the head, as it is seen; only the one it looks to, from the side. */
function besideHead({ body }: Moment, see: Camera): readonly (1 | -1)[] {
  const [at] = flat(see(body.head));
  const [to] = flat(see(along(body.head, body.skull.front, 1)));
  return Math.abs(to - at) > 0.5 ? [to > at ? 1 : -1] : [1, -1];
}

/** A note with its stem and flag. */
const note = ([x, y]: Point): Shape[] => [
  { kind: 'oval', at: [x, y], rx: 0.028, ry: 0.021, paint: 'mark' },
  stroke([
    [x + 0.024, y - 0.005],
    [x + 0.024, y - 0.11],
    [x + 0.06, y - 0.085],
  ]),
];

/** The print of a shoe that goes to the right, as seen from above: its sole and its heel. */
const print = (x: number, y: number): Shape[] =>
  (
    [
      [0.02, 0.038, 0.024],
      [-0.04, 0.018, 0.018],
    ] as const
  ).map(([dx, rx, ry]) => ({ kind: 'oval', at: [x + dx, y], rx, ry, paint: 'mark' }));

/** An arrow up beside what is lifted of a foot, on the side that is away from the rest of it. */
const lifted =
  (part: 'heel' | 'toe'): DrawMark =>
  ({ body }, see) =>
    SIDES.flatMap((side) => {
      const { heel, toe } = body.legs[side];
      const [one, other] = part === 'toe' ? [toe, heel] : [heel, toe];
      const [[x, y], [from]] = [flat(see(one)), flat(see(other))];
      const at = x + Math.sign(x - from) * 0.055;
      return arrow([
        [at, y + 0.03],
        [at, y - 0.085],
      ]);
    });

/** A hand that swings about its shoulder: an arrow with two tips along its circle. */
const swinging: DrawMark = ({ body }, see) =>
  SIDES.flatMap((side) => {
    const { shoulder, hand } = body.arms[side];
    const [from, at] = [flat(see(shoulder)), flat(see(hand))];
    const far = Math.hypot(at[0] - from[0], at[1] - from[1]) + 0.03;
    const angle = Math.atan2(from[1] - at[1], at[0] - from[0]) / RADIANS;
    // Down and through to the other side.
    const way = at[0] >= from[0] ? -1 : 1;
    const line = arc(from, far, angle + way * 14, angle + way * 52);
    return [...arrow(line, 0.016), ...arrow([...line].reverse(), 0.016)];
  });

/** Over itself, forward or back: an arrow around the whole of it, the way that it looks. */
const rolling =
  (way: 1 | -1): DrawMark =>
  ({ body }, see) => {
    const ends = [body.hips, body.chest, body.head, body.legs.L.toe].map((at) => flat(see(at)));
    const [xs, ys] = [ends.map(([x]) => x), ends.map(([, y]) => y)];
    const middle: Point = [
      (Math.min(...xs) + Math.max(...xs)) / 2,
      (Math.min(...ys) + Math.max(...ys)) / 2,
    ];
    const wide = Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
    const [from, to] = way > 0 ? [140, 40] : [40, 140];
    return arrow(arc(middle, wide / 2 + 0.2, from, to), 0.022);
  };

/** What is drawn around a child: what it's heard to do, and what it goes on. */
export const MARKS_AROUND = {
  voice: (moment, see) => {
    const { body } = moment;
    const mouth = flat(see(along(body.head, body.skull.front, SIZES.headRadius * 0.9)));
    return besideHead(moment, see).flatMap((way) =>
      [0.16, 0.21, 0.26].map((far) =>
        stroke(way > 0 ? arc(mouth, far, -24, 24) : arc(mouth, far, 156, 204), 0.02),
      ),
    );
  },
  notes: ({ body }, see) => {
    const [x, y] = flat(see(body.head));
    return [...note([x + 0.2, y - 0.03]), ...note([x + 0.29, y + 0.07])];
  },
  nod: (moment, see) => {
    const [x, y] = flat(see(moment.body.head));
    const [way] = besideHead(moment, see);
    return arrow(arc([x - way! * 0.02, y], 0.2, way! > 0 ? 38 : 142, way! > 0 ? -38 : 218), 0.02);
  },
  'chalk squares': ({ body }, see) => {
    const [x] = flat(see(body.hips));
    const SIDE = 0.105;
    const square = (column: number, row: number): Shape => {
      const [left, top] = [x + 0.26 + column * SIDE, -0.02 - row * SIDE];
      return stroke(
        [
          [left, top],
          [left + SIDE, top],
          [left + SIDE, top - SIDE],
          [left, top - SIDE],
          [left, top],
        ],
        0.018,
      );
    };
    return [square(0.5, 0), square(0.5, 1), square(0, 2), square(1, 2), square(0.5, 3)];
  },
  prints: ({ body }, see) => {
    const [x] = flat(see(body.hips));
    const ON = 0.1;
    return [
      stroke([
        [x - 0.34, ON],
        [x + 0.34, ON],
      ]),
      ...[-2, -1, 0, 1, 2].flatMap((n) => print(x + n * 0.122, ON)),
    ];
  },
  zigzag: ({ body }, see) => {
    const [x] = flat(see(body.hips));
    return arrow(
      [-2, -1, 0, 1, 2].map((n): Point => [x + n * 0.15, n % 2 === 0 ? 0.06 : 0.15]),
      0.022,
    );
  },
  water: ({ body }, see) => {
    const [x] = flat(see(body.hips));
    const [, y] = flat(see(lerp(body.hips, body.belly, 0.6)));
    const waves = (from: number, to: number, lower: number): Shape =>
      stroke(
        Array.from({ length: 17 }, (_, n): Point => {
          const t = n / 16;
          return [x + from + (to - from) * t, y + lower + 0.022 * Math.sin(t * Math.PI * 6)];
        }),
        0.022,
      );
    return [waves(-0.46, 0.54, 0), waves(-0.34, 0.42, 0.075)];
  },
  flames: ({ body }, see) => {
    const at = flat(see(body.arms.R.hand));
    return [20, 50, 80, 110, 140].map((degrees): Shape => {
      const [x, y] = [
        at[0] + 0.125 * Math.cos(degrees * RADIANS),
        at[1] - 0.125 * Math.sin(degrees * RADIANS),
      ];
      return { kind: 'oval', at: [x, y], rx: 0.013, ry: 0.022, paint: 'prop' };
    });
  },
  'swapped feet': ({ body }, see) => {
    const [a, b] = SIDES.map((side) => flat(see(body.legs[side].toe)));
    const [left, right] = a![0] < b![0] ? [a!, b!] : [b!, a!];
    const y = Math.max(left[1], right[1]) + 0.05;
    const bow = (from: number, to: number, deep: number): Point[] =>
      Array.from({ length: 9 }, (_, n): Point => {
        const t = n / 8;
        return [from + (to - from) * t, y + deep * Math.sin(t * Math.PI)];
      });
    return [...arrow(bow(left[0], right[0], 0.03)), ...arrow(bow(right[0], left[0], 0.09))];
  },
  'toes up': lifted('toe'),
  'heels up': lifted('heel'),
  'swinging arms': swinging,
  glide: ({ body }, see) =>
    SIDES.flatMap((side) => {
      const [x, y, z] = body.legs[side].heel;
      const behind = (far: number) => flat(see([x, 0, z - far]));
      return y > 0.1 ? [] : [stroke([behind(0.06), behind(0.4)], 0.02)];
    }),
  hiss: (moment, see) => {
    const { body } = moment;
    const [x, y] = flat(see(along(body.head, body.skull.front, SIZES.headRadius)));
    const [way] = besideHead(moment, see);
    const points = Array.from({ length: 21 }, (_, n): Point => {
      const t = n / 20;
      return [x + way! * (0.06 + t * 0.4), y + 0.03 + 0.035 * Math.sin(t * Math.PI * 5)];
    });
    return [stroke(points, 0.022)];
  },
  over: rolling(1),
  'back over': rolling(-1),
  'bounced way': ({ body, props }, see) => {
    const from = flat(see(lerp(body.arms.L.hand, body.arms.R.hand, 0.5)));
    const ball = flat(see(props[0]!));
    const down: Point = [ball[0] - 0.09, ball[1] - 0.07];
    const up: Point = [ball[0] + 0.3, ball[1] - 0.36];
    return [
      stroke([[from[0] + 0.1, from[1] + 0.06], down]),
      ...arrow([[ball[0] + 0.09, ball[1] - 0.07], up]),
    ];
  },
  // Up behind the near wheel, away from who sits in it.
  'turning wheel': ({ body }, see) => {
    const [x, , z] = body.hips;
    const wheels = [1, -1].map((side) => see([x + side * 0.165, 0.185, z - 0.05]));
    const near = flat(wheels[0]!.depth > wheels[1]!.depth ? wheels[0]! : wheels[1]!);
    const [from, to] = near[0] <= flat(see([x, 0.185, z + 0.3]))[0] ? [222, 132] : [-42, 48];
    return arrow(arc(near, 0.23, from, to), 0.022);
  },
  'under the hands': ({ body }, see) => {
    const [x, top] = flat(see(lerp(body.arms.L.hand, body.arms.R.hand, 0.5)));
    const [from, to] = [top + 0.08, flat(see([0, 0, 0]))[1] - 0.17];
    return to - from < 0.08 ? [] : upAndDown(x + 0.02, from, to);
  },
  'under it': ({ body }, see) => {
    const middle = lerp(
      lerp(body.legs.L.heel, body.legs.R.heel, 0.5),
      lerp(body.arms.L.hand, body.arms.R.hand, 0.5),
      0.5,
    );
    const at = (side: number): Point => flat(see([middle[0] + side, 0.02, middle[2]]));
    const [from, to] = [at(-0.34), at(0.34)];
    return arrow(from[0] < to[0] ? [from, to] : [to, from], 0.022);
  },
  baton: ({ body }, see) => {
    const { elbow, hand } = body.arms.R;
    const [[ax, ay], [bx, by]] = [flat(see(elbow)), flat(see(hand))];
    const far = Math.hypot(bx - ax, by - ay) || 1;
    const tip: Point = [bx + ((bx - ax) / far) * 0.24, by + ((by - ay) / far) * 0.24];
    return inInk([stroke([[bx, by], tip], 0.02)]);
  },
} satisfies Partial<Readonly<Record<MarkKind, DrawMark>>>;
