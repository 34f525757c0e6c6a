import { SIDES, type Body, type Side } from '../body/body';
import { cameraOf, type Camera } from './camera';
import { featuresOf, mouthOf, noseOf, onHeadOf, type Mouth } from './faces';
import { hairShapes } from './hair';
import { handShapes } from './hands';
import type { Mood } from './moods';
import { imaginedParts } from './imagined';
import { marksNear, marksOf } from './marks';
import type { Moment } from '../motion/motion';
import { SIZES, THICK } from '../body/proportions';
import { inOneTone, partnerMoment } from './partner';
import { propParts } from './props';
import { shadow } from './shadow';
import {
  flat,
  strokeOf,
  type Build,
  type Drawing,
  type FigurePart,
  type Hair,
  type Paint,
  type Point,
  type Shape,
} from './figure-shape';
import { add, along, apart, lerp, normalise, times, type Vec, ZERO } from '../body/vec';

const SLEEVE = 0.62;
const TROUSER = 0.5;
/** Hands nearer than this are one against the other. */
const MEETING = 0.075;

/** Across the end of a sleeve, a trouser leg, a shoe: seen where there is nothing but lines. */
function hem(see: Camera, from: Vec, to: Vec, share: number, wide: number): Shape {
  const [[ax, ay], [bx, by]] = [flat(see(from)), flat(see(to))];
  const far = Math.hypot(bx - ax, by - ay) || 1;
  const [x, y] = [ax + (bx - ax) * share, ay + (by - ay) * share];
  const [dx, dy] = [(-(by - ay) / far) * (wide / 2), ((bx - ax) / far) * (wide / 2)];
  return {
    kind: 'stroke',
    points: [
      [x - dx, y - dy],
      [x + dx, y + dy],
    ],
    width: 0.012,
    paint: 'seam',
  };
}

/** Two strokes across a shoe. */
function laces(see: Camera, heel: Vec, toe: Vec): Shape[] {
  return [0.45, 0.7].map((share) => ({
    ...hem(see, heel, toe, share, THICK.sole * 2),
    paint: 'hatch' as const,
  }));
}

/** Something is in its hands: they close around it. */
const isHolding = ({ figure }: Moment) =>
  figure.props.some(({ places }) => places.some(({ by }) => by !== 'floor' && by !== 'head'));

function limbs(moment: Moment, see: Camera, small: boolean): readonly FigurePart[] {
  const { body, pose } = moment;
  const isBall = small || isHolding(moment);
  const stroke = (places: readonly Vec[], width: number, paint: Paint) =>
    strokeOf(see, places, width, paint);
  const depthOf = (...points: readonly Vec[]) =>
    points.reduce((sum, point) => sum + see(point).depth, 0) / points.length;
  // Palm against palm before the chest: the fingers point up and ahead.
  const { L, R } = body.arms;
  const meet = apart(L.hand, R.hand) < MEETING && L.hand[1] > body.belly[1];
  const together = meet ? normalise(add(body.trunk.up, times(body.trunk.front, 0.5))) : null;
  const arm = (side: Side): FigurePart => {
    const { shoulder, elbow, hand } = body.arms[side];
    const cuff = lerp(shoulder, elbow, SLEEVE);
    return {
      depth: depthOf(shoulder, elbow, hand) + 0.03,
      outlined: true,
      shapes: [
        stroke([shoulder, elbow, hand], THICK.elbow * 1.9, 'skin'),
        stroke([shoulder, cuff], THICK.elbow * 2.35, 'top'),
        hem(see, shoulder, elbow, SLEEVE + 0.22, THICK.elbow * 2.2),
        ...handShapes(body.arms[side], {
          hand: pose[`hand${side}`],
          front: body.trunk.front,
          see,
          isBall,
          together,
        }),
      ],
    };
  };
  const leg = (side: Side): FigurePart => {
    const { hip, knee, ankle, heel, toe } = body.legs[side];
    const down = lerp(knee, ankle, TROUSER);
    return {
      depth: depthOf(hip, knee, ankle) - 0.01,
      outlined: true,
      shapes: [
        stroke([knee, ankle], THICK.knee * 1.7, 'skin'),
        stroke([heel, toe], THICK.sole * 2.7, 'shoe'),
        stroke([ankle, lerp(heel, toe, 0.3)], THICK.sole * 2.7, 'shoe'),
        stroke([hip, knee, down], THICK.knee * 2.1, 'bottom'),
        hem(see, knee, ankle, TROUSER + 0.18, THICK.knee * 2),
        ...laces(see, heel, toe),
      ],
    };
  };
  return SIDES.flatMap((side) => [arm(side), leg(side)]);
}

/** How far a hem is left behind, of how far the body has come in a tenth of a second. */
const HEM = 0.35;

function trunk(body: Body, see: Camera, sway: Vec): FigurePart {
  const { hips, belly, chest, pelvis, trunk: upper } = body;
  const pair = (middle: Vec, left: Vec, half: number): readonly [Point, Point] => [
    flat(see(along(middle, left, half))),
    flat(see(along(middle, left, -half))),
  ];
  const neck = along(chest, body.skull.up, SIZES.neck * 0.8);
  const collar = along(chest, upper.up, -0.045);
  const top = pair(collar, upper.left, SIZES.halfShoulders - 0.048);
  const waist = pair(belly, upper.left, 0.042);
  // The hem of the top comes after where the body goes.
  const low = pair(add(along(hips, pelvis.up, 0.03), times(sway, -HEM)), pelvis.left, 0.046);
  const seat = pair(hips, pelvis.left, SIZES.halfHips - 0.008);
  return {
    depth: (see(hips).depth + see(belly).depth + see(chest).depth) / 3,
    outlined: true,
    shapes: [
      strokeOf(see, [chest, neck], 0.07, 'skin'),
      { kind: 'area', points: seat, width: THICK.hips * 2.05, paint: 'bottom' },
      {
        kind: 'area',
        points: [top[0], waist[0], low[0], low[1], waist[1], top[1]],
        width: THICK.chest * 2.05,
        paint: 'top',
      },
      {
        kind: 'stroke',
        points: [low[0], low[1]].map(([x, y], n): Point => {
          const out = THICK.chest * (n === 0 ? 1 : -1) * Math.sign(low[0][0] - low[1][0] || 1);
          return [x + out * 0.8, y + THICK.chest * 0.75];
        }),
        width: 0.012,
        paint: 'seam',
      },
    ],
  };
}

/** Lines across the ball of the hair, behind the face. */
function hatching([x, y]: Point, radius: number): Shape[] {
  return [-0.75, -0.5, -0.25, 0, 0.25, 0.5, 0.75].map((share) => {
    const half = Math.sqrt(1 - share * share) * radius * 0.92;
    const at = share * radius;
    const slant = 0.7071;
    return {
      kind: 'stroke',
      points: [
        [x + (at - half) * slant, y + (at + half) * slant],
        [x + (at + half) * slant, y + (at - half) * slant],
      ],
      width: 0.01,
      paint: 'hatch',
    };
  });
}

/** The head is a ball of hair with a face set into its front. */
function head(
  body: Body,
  see: Camera,
  hair: Hair,
  { small, mood, mouth, sway }: Readonly<{ small: boolean; mood: Mood; mouth: Mouth; sway: Vec }>,
): FigurePart {
  const { left, front } = body.skull;
  const R = SIZES.headRadius;
  const at = onHeadOf(body);
  const ball = (l: number, u: number, f: number, r: number, paint: Paint): Shape => ({
    kind: 'oval',
    at: flat(see(at(l, u, f))),
    rx: r * R,
    ry: r * R,
    paint,
  });
  /** Towards who looks: 1 when the face is seen full on, below 0 from behind. */
  const facing = see(add(body.head, front)).depth - see(body.head).depth;
  const seen = (l: number, u: number, f: number) =>
    see(at(l, u, f)).depth > see(body.head).depth - 0.01;
  const face: Shape[] = [];
  if (facing > -0.55) {
    const middle = flat(see(at(0, -0.16, 0.3)));
    const [rx, ry] = [R * (0.8 - 0.08 * (1 - Math.abs(facing))), R * 0.8];
    face.push({ kind: 'oval', at: middle, rx, ry, paint: 'skin' });
    const edge = Array.from({ length: 25 }, (_, n): Point => {
      const turn = (n / 24) * Math.PI * 2;
      return [middle[0] + rx * Math.cos(turn), middle[1] + ry * Math.sin(turn)];
    });
    face.push({ kind: 'stroke', points: edge, width: 0.012, paint: 'seam' });
  }
  const features = !small && facing > -0.3 ? featuresOf({ at, see, ball, seen }, mood, mouth) : [];
  // From the side, and not from in front of it or behind it.
  const nose = !small && facing > -0.3 && facing < 0.86 ? [noseOf(at, see, R)] : [];
  return {
    depth: see(body.head).depth + 0.02,
    outlined: true,
    shapes: [
      ...hairShapes(body, see, hair, sway),
      ball(0, 0, 0, 1, 'hair'),
      ...nose,
      ...hatching(flat(see(body.head)), R),
      ...face,
      // The ear that is on the near side of the head.
      ...(facing < 0.9 && facing > -0.8 && hair !== 'scarf'
        ? [
            ball(
              see(along(body.head, left, 1)).depth > see(body.head).depth ? 0.86 : -0.86,
              -0.12,
              -0.05,
              0.2,
              'skin',
            ),
          ]
        : []),
      ...features,
    ],
  };
}

const PLAIN: Build = { hair: 'short', seat: 'chair' };

/** A child, with nothing that it holds or stands on. */
export function bodyParts(moment: Moment, see: Camera, drawing: Drawing): readonly FigurePart[] {
  const { build = PLAIN, small = false, mood = 'joy', sway = ZERO } = drawing;
  return [
    ...limbs(moment, see, small),
    trunk(moment.body, see, sway),
    head(moment.body, see, build.hair, {
      small,
      mood,
      sway,
      mouth: mouthOf(marksNear(moment)),
    }),
  ];
}

/** Without a face. */
export const AS_A_SHAPE: Drawing = { small: true };

/** In the order in which they are painted. */
export const farthestFirst = (parts: readonly FigurePart[]): readonly FigurePart[] =>
  [...parts].sort((a, b) => a.depth - b.depth);

/** Everything of a moment, what is farthest first. */
export function partsOf(moment: Moment, drawing: Drawing = {}): readonly FigurePart[] {
  const { flip = false, build = PLAIN } = drawing;
  const see = cameraOf(moment.figure.view, flip);
  const { body } = moment;
  const partner = partnerMoment(moment);
  return farthestFirst([
    shadow(body, see),
    ...bodyParts(moment, see, drawing),
    ...(partner
      ? [shadow(partner.body, see), ...bodyParts(partner, see, AS_A_SHAPE).map(inOneTone)]
      : []),
    ...propParts(moment, see, build.seat),
    ...imaginedParts(moment, see),
    ...marksOf(moment, see),
  ]);
}
