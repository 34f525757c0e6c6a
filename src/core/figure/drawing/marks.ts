import { SIDES, type Side } from '../body/body';
import type { Camera } from './camera';
import { entryOf } from '../../words/entry-of';
import type { MarkKind } from '../../model/figure';
import type { Moment } from '../motion/motion';
import { SIZES } from '../body/proportions';
import { flat, type FigurePart, type Point, type Shape } from './figure-shape';
import {
  arrow,
  inInk,
  rays,
  roundAt,
  stroke,
  turnAt,
  upAndDown,
  type DrawMark,
} from './mark-strokes';
import { MARKS_AROUND } from './marks-around';
import { add, along, lerp, times, type Vec } from '../body/vec';

/** Which way it goes, where the figure does not look there: an arrow on the ground. */
function way({ figure, body }: Moment, see: Camera): Shape[] {
  if (figure.travels !== 'backward' && figure.travels !== 'aside') return [];
  const [x] = flat(see([body.hips[0], 0, body.hips[2]]));
  const towards = flat(see(figure.travels === 'aside' ? [-1, 0, 0] : [0, 0, -1]))[0];
  if (Math.abs(towards) < 0.3) return [];
  const one = Math.sign(towards);
  const at = (dx: number, dy: number): Point => [x + one * dx, 0.085 + dy];
  return [
    stroke([at(-0.16, 0), at(0.17, 0)], 0.02),
    stroke([at(0.11, -0.035), at(0.17, 0), at(0.11, 0.035)], 0.02),
  ];
}

const mouth = ({ body }: Moment): Vec =>
  add(along(body.head, body.skull.front, SIZES.headRadius), times(body.skull.up, -0.045));

/** Where the rays of a breath begin and end, from the mouth: up from who lies, to the side, or down the picture from who faces us. */
function breathLines(moment: Moment, see: Camera): readonly (readonly [Point, Point])[] {
  const { front } = moment.body.skull;
  const from = flat(see(mouth(moment)));
  const far = flat(see(along(mouth(moment), front, 1)));
  const isAside = Math.abs(far[0] - from[0]) > 0.3;
  const way = far[0] >= from[0] - 0.01 ? 1 : -1;
  const at = (n: number, r: number): Point => {
    if (Math.abs(front[1]) > 0.7) return [from[0] + n * r * 0.5, from[1] - Math.sign(front[1]) * r];
    if (isAside) return [from[0] + way * r, from[1] + n * r * 0.4];
    return [from[0] + n * r * 0.7, from[1] + 0.05 + r * 0.4];
  };
  return [-1, 0, 1].map((n) => [at(n, 0.06), at(n, n === 0 ? 0.2 : 0.16)]);
}

const foot =
  (side: Side): DrawMark =>
  ({ body }, see) => {
    const { heel, toe } = body.legs[side];
    const at = flat(see(lerp(heel, toe, 0.5)));
    return [...rays(at, 0.1, 0.15, 0, 35, 2), ...rays(at, 0.1, 0.15, 145, 180, 2)];
  };

const DRAWN = {
  ...MARKS_AROUND,
  'burst between the hands': ({ body }, see) => {
    const at = flat(see(lerp(body.arms.L.hand, body.arms.R.hand, 0.5)));
    // To both sides: above the hands there is a face. In ink, for they lie over the clothes.
    const all = [...rays(at, 0.075, 0.12, -35, 35, 3), ...rays(at, 0.075, 0.12, 145, 215, 3)];
    return all.map((ray) => ({ ...ray, paint: 'ink' }));
  },
  'burst at the left foot': foot('L'),
  'burst at the right foot': foot('R'),
  'shaking hands': ({ body }, see) =>
    SIDES.flatMap((side) => {
      const { hand } = body.arms[side];
      const [x, y] = flat(see(hand));
      const [elbow] = flat(see(body.arms[side].elbow));
      const way = x >= elbow ? 1 : -1;
      return [0.065, 0.1].map((r) =>
        stroke([
          [x + way * r, y - r * 0.7],
          [x + way * r * 1.25, y],
          [x + way * r, y + r * 0.7],
        ]),
      );
    }),
  // In two rows, as it rains.
  'ripples at the hands': ({ body }, see) =>
    SIDES.flatMap((side) => {
      const [x, y] = flat(see(body.arms[side].hand));
      const drop = (dx: number, dy: number): Shape =>
        stroke(
          [
            [x + dx, y + dy],
            [x + dx * 1.15, y + dy + 0.05],
          ],
          0.018,
        );
      return [
        ...[-0.055, 0, 0.055].map((dx) => drop(dx, 0.07)),
        ...[-0.03, 0.03].map((dx) => drop(dx, 0.155)),
      ];
    }),
  'breath out': (moment, see) => breathLines(moment, see).map((line) => stroke(line)),
  // With tips towards the mouth.
  'breath in': (moment, see) =>
    breathLines(moment, see).flatMap(([near, far]) => arrow([far, near], 0.016)),
  'round about': ({ body }, see) => roundAt(flat(see(body.hips))[0], -0.02, 0.3),
  'round the hips': ({ body }, see) => {
    const [x, y] = flat(see(body.hips));
    return roundAt(x, y, 0.24);
  },
  'up and down': ({ body }, see) =>
    SIDES.flatMap((side) => {
      const [x, y] = flat(see(body.arms[side].shoulder));
      const way = x >= flat(see(body.chest))[0] ? 1 : -1;
      return upAndDown(x + way * 0.13, y - 0.1, y + 0.08);
    }),
  'round the hands': ({ body }, see) =>
    SIDES.flatMap((side) => turnAt(flat(see(body.arms[side].hand)), 0.085)),
  'round the shoulders': ({ body }, see) =>
    SIDES.flatMap((side) => turnAt(flat(see(body.arms[side].shoulder)), 0.075)),
  'flapping knees': ({ body }, see) =>
    SIDES.flatMap((side) => {
      const [x, y] = flat(see(body.legs[side].knee));
      const way = x >= flat(see(body.hips))[0] ? 1 : -1;
      return upAndDown(x + way * 0.09, y - 0.08, y + 0.06);
    }),
  'round the right foot': ({ body }, see) => turnAt(flat(see(body.legs.R.toe)), 0.1),
  'to and fro': ({ body }, see) => {
    const [x, y] = flat(see(along(body.head, [0, 1, 0], SIZES.headRadius + 0.09)));
    const arc = Array.from({ length: 9 }, (_, n): Point => {
      const share = n / 4 - 1;
      return [x + share * 0.15, y + share * share * 0.045];
    });
    const tip = (at: Point, way: 1 | -1): Shape =>
      stroke([[at[0] - way * 0.05, at[1] - 0.035], at, [at[0] - way * 0.035, at[1] + 0.045]]);
    return [stroke(arc), tip(arc.at(-1)!, 1), tip(arc[0]!, -1)];
  },
  'fingers of the left hand': ({ body }, see) =>
    inInk(rays(flat(see(body.arms.L.hand)), 0.02, 0.1, 20, 160, 5)),
  'under the right hand': ({ body }, see) => {
    const { hand } = body.arms.R;
    const [x, top] = flat(see(hand));
    const floor = flat(see([hand[0], 0, hand[2]]))[1];
    const [from, to] = [top + 0.07, floor - 0.12];
    return to - from < 0.1 ? [] : upAndDown(x, from, to);
  },
  'pats at the hands': ({ body }, see) =>
    SIDES.flatMap((side) => inInk(rays(flat(see(body.arms[side].hand)), 0.06, 0.105, 25, 155, 4))),
  gaze: ({ body }, see) => {
    const from = along(body.head, body.skull.front, SIZES.headRadius + 0.05);
    return [0, 1, 2].map((n) => {
      const a = along(from, body.skull.front, n * 0.07);
      return stroke([flat(see(a)), flat(see(along(a, body.skull.front, 0.03)))]);
    });
  },
} satisfies Partial<Readonly<Record<MarkKind, DrawMark>>>;

/** Little strokes under a figure in the air, so that a still picture flies too. */
function lift({ body, pose }: Moment, see: Camera): Shape[] {
  const height = Math.min(pose.air, 0.11);
  return SIDES.map((side) => {
    const [x, , z] = body.legs[side].ankle;
    const low = body.legs[side].toe[1];
    const [px, py] = flat(see([x, Math.max(0, low - 0.05), z]));
    return stroke([
      [px, py],
      [px, py + height * 0.55],
    ]);
  });
}

/** Two bars beside the head of a pose that is held. */
function holds({ figure, key, nearness, body }: Moment, see: Camera): Shape[] {
  if (figure.hold !== key || nearness < 1) return [];
  const [x, y] = flat(see(body.head));
  return [0.17, 0.205].map((off) =>
    stroke(
      [
        [x + off, y - 0.12],
        [x + off, y - 0.06],
      ],
      0.018,
    ),
  );
}

/** The marks that are seen at a moment: those of the key pose that it is near to. */
export const marksNear = ({ figure, key, nearness }: Moment): readonly string[] =>
  nearness > 0.35 ? figure.marks.filter((mark) => mark.key === key).map(({ kind }) => kind) : [];

/** What is drawn of the marks of a moment, and of flight. */
export function marksOf(moment: Moment, see: Camera): readonly FigurePart[] {
  const shapes = [
    ...marksNear(moment).flatMap((kind) => entryOf<DrawMark>(DRAWN, kind)?.(moment, see) ?? []),
    ...(moment.pose.air > 0.03 ? lift(moment, see) : []),
    ...way(moment, see),
    ...holds(moment, see),
  ];
  return shapes.length === 0 ? [] : [{ depth: 10, outlined: false, shapes }];
}
