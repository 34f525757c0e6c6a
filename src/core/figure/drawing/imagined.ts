import type { MarkKind } from '../../model/figure';
import type { Moment } from '../motion/motion';
import { SIZES } from '../body/proportions';
import { add, along, lerp, normalise, type Vec } from '../body/vec';
import type { Camera } from './camera';
import { onHeadOf, type HeadSpot } from './faces';
import { flat, type FigurePart, type Point, type Shape } from './figure-shape';

const R = SIZES.headRadius;
/** How thick the line around what is imagined is. */
const LINE = 0.016;

/** In the pale tone of a shadow with the line of a mark around it: thought, and not worn. */
const thought = (shape: Shape): Shape[] => {
  const inner: Shape =
    shape.kind === 'oval'
      ? { ...shape, rx: shape.rx - LINE, ry: shape.ry - LINE }
      : { ...shape, width: shape.width - LINE * 2 };
  return [
    { ...shape, paint: 'mark' },
    { ...inner, paint: 'shade' },
  ];
};

/** A line or an area that is thought, so wide or so round at its edge. */
const line = (points: readonly Point[], width: number) =>
  thought({ kind: 'stroke', points, width, paint: 'shade' });
const area = (points: readonly Point[], width: number) =>
  thought({ kind: 'area', points, width, paint: 'shade' });
const oval = (at: Point, rx: number, ry = rx) =>
  thought({ kind: 'oval', at, rx, ry, paint: 'shade' });

type Draw = (moment: Moment, see: Camera) => Readonly<{ behind?: Shape[]; before?: Shape[] }>;

const onHead = ({ body }: Moment, see: Camera) => {
  const at = onHeadOf(body);
  return (...spots: readonly HeadSpot[]): Point[] => spots.map((spot) => flat(see(at(...spot))));
};
const bothSides = (draw: (side: 1 | -1) => Shape[]): Shape[] => [...draw(1), ...draw(-1)];
/** From the small of the back, so far up and so far behind, in heights; behind is level, however it bends. */
function behindHips({ body: { hips, pelvis } }: Moment, up: number, back: number): Vec {
  const [x, , z] = add(pelvis.front, pelvis.up);
  return add(along(hips, normalise([x, 0, z], [0, 0, 1]), -back), [0, up, 0]);
}

/** Tails, each place of them so far up and so far behind. */
const CURLED = [
  [0, 0.06],
  [-0.02, 0.16],
  [0.02, 0.25],
  [0.12, 0.29],
  [0.22, 0.26],
  [0.25, 0.18],
  [0.2, 0.14],
] as const;
const HANGING = [
  [0.02, 0.06],
  [0.05, 0.13],
  [0.03, 0.2],
  [-0.05, 0.25],
  [-0.17, 0.28],
] as const;
const tail = (
  moment: Moment,
  see: Camera,
  places: readonly (readonly [up: number, back: number])[],
): Shape[] => {
  const points = places.map(([up, back]) => flat(see(behindHips(moment, up, back))));
  return line(points, 0.055);
};

const DRAWN = {
  'long ears': (moment, see) => {
    const on = onHead(moment, see);
    return {
      behind: [
        ...bothSides((s) => line(on([s * 0.42, 0.7, 0.1], [s * 0.7, 2.3, 0.1]), 0.1)),
        ...oval(flat(see(behindHips(moment, 0.03, 0.11))), 0.5 * R),
      ],
    };
  },
  'round ears': (moment, see) => {
    const on = onHead(moment, see);
    return {
      behind: bothSides((s) => oval(on([s * 0.82, 0.72, -0.1])[0]!, 0.52 * R)),
    };
  },
  'wide ears': (moment, see) => {
    const on = onHead(moment, see);
    const ear = (s: number) => oval(on([s * 1.2, 0.1, -0.7])[0]!, 0.9 * R, 1.1 * R);
    // From the side the near one is before the head.
    const [left, right] = [1, -1].map((s) => see(onHeadOf(moment.body)(s, 0, 0)).depth);
    if (Math.abs(left! - right!) < R) return { behind: bothSides(ear) };
    const near = left! > right! ? 1 : -1;
    return { behind: ear(-near), before: ear(near) };
  },
  'pointed ears': (moment, see) => {
    const on = onHead(moment, see);
    const ear = (...points: readonly HeadSpot[]) => area(on(...points), 0.045);
    return {
      // As wide from the side as from in front.
      behind: bothSides((s) => [
        ...ear([s * 0.2, 0.9, 0.1], [s * 0.7, 1.8, 0.1], [s * 0.85, 0.55, 0.1]),
        ...ear([s * 0.55, 0.7, 0.5], [s * 0.7, 1.8, 0.1], [s * 0.55, 0.7, -0.35]),
      ]),
    };
  },
  bill: (moment, see) => {
    const on = onHead(moment, see);
    return {
      before: area(
        on([0.4, -0.36, 0.85], [0.42, -0.3, 1.6], [-0.42, -0.3, 1.6], [-0.4, -0.36, 0.85]),
        0.06,
      ),
    };
  },
  beak: (moment, see) => {
    const on = onHead(moment, see);
    return { before: area(on([0.22, -0.22, 0.98], [0, -0.62, 1.5], [-0.22, -0.22, 0.98]), 0.045) };
  },
  'curled tail': (moment, see) => ({ behind: tail(moment, see, CURLED) }),
  'long tail': (moment, see) => ({ behind: tail(moment, see, HANGING) }),
  tongue: (moment, see) => {
    const on = onHead(moment, see);
    const thin = (...spots: readonly HeadSpot[]): Shape => ({
      kind: 'stroke',
      points: on(...spots),
      width: 0.018,
      paint: 'mark',
    });
    return {
      before: [
        thin([0, -0.45, 0.95], [0, -0.5, 1.5], [0.2, -0.45, 1.9]),
        thin([0, -0.5, 1.5], [-0.2, -0.6, 1.9]),
      ],
    };
  },
  wings: ({ body: { chest, trunk } }, see) => {
    /** So far to the side, down the back and out from it. */
    const at = (side: number, down: number, out: number): Point =>
      flat(see(along(along(along(chest, trunk.left, side), trunk.up, -down), trunk.front, -out)));
    return {
      behind: bothSides((s) =>
        area(
          [
            at(s * 0.05, 0, 0.04),
            at(s * 0.2, -0.06, 0.3),
            at(s * 0.3, 0.1, 0.22),
            at(s * 0.26, 0.26, 0.27),
            at(s * 0.06, 0.16, 0.05),
          ],
          0.04,
        ),
      ),
    };
  },
  drum: ({ body: { hips, chest } }, see) => {
    const front: Vec = normalise([chest[0] - hips[0], 0, chest[2] - hips[2]], [0, 0, 1]);
    const [x, y] = flat(see([hips[0] + front[0] * 0.42, 0, hips[2] + front[2] * 0.42]));
    const [wide, high] = [0.12, 0.13];
    const side: Point[] = [
      [x - wide, y - high],
      [x + wide, y - high],
      [x + wide, y],
      [x - wide, y],
    ];
    return { behind: [...area(side, 0.04), ...oval([x, y - high], wide + 0.02, 0.045)] };
  },
  balloon: ({ body: { arms } }, see) => {
    const [l, r] = [flat(see(arms.L.hand)), flat(see(arms.R.hand))];
    const far = Math.abs(l[0] - r[0]) / 2;
    const middle: Point = [(l[0] + r[0]) / 2, (l[1] + r[1]) / 2 + 0.02];
    return { behind: oval(middle, far, far * 0.95) };
  },
  'hanging rope': ({ body }, see) => {
    const { L, R } = body.arms;
    const [x, y] = flat(see(lerp(L.hand, R.hand, 0.5)));
    const points: Point[] = [
      [x, y - 0.3],
      [x, 0],
    ];
    return { behind: line(points, 0.055) };
  },
} satisfies Partial<Readonly<Record<MarkKind, Draw>>>;

type Imagined = keyof typeof DRAWN;
export const isImagined = (kind: string): kind is Imagined => Object.hasOwn(DRAWN, kind);

/**
 * What a child is while it goes like an animal: ears, a bill, a tail. It's drawn as a thought, not as a
 * thing that somebody needs; and all along, not only near a key pose.
 */
export function imaginedParts(moment: Moment, see: Camera): readonly FigurePart[] {
  const depth = see(moment.body.head).depth;
  const kinds = new Set(moment.figure.marks.map(({ kind }) => kind).filter(isImagined));
  return [...kinds].flatMap((kind) => {
    const drawn: ReturnType<Draw> = DRAWN[kind](moment, see);
    return [
      { depth: depth - 0.6, outlined: false, shapes: drawn.behind ?? [] },
      { depth: depth + 0.06, outlined: false, shapes: drawn.before ?? [] },
    ].filter(({ shapes }) => shapes.length > 0);
  });
}
