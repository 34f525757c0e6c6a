import type { Camera } from './camera';
import { flat, type Paint, type Shape } from './figure-shape';
import type { Mood } from './moods';
import type { Body } from '../body/body';
import { SIZES } from '../body/proportions';
import { along, type Vec } from '../body/vec';

const R = SIZES.headRadius;

/** A place or a way on the head: to its left, up and to the front, in radii of it. */
export type HeadSpot = readonly [left: number, up: number, front: number];

/** Where a place on the head is. */
export type OnHead = (...spot: HeadSpot) => Vec;

/** Places on the head of a body. */
export const onHeadOf =
  ({ head, skull }: Pick<Body, 'head' | 'skull'>): OnHead =>
  (left, up, front) =>
    along(along(along(head, skull.left, left * R), skull.up, up * R), skull.front, front * R);

/** The head that a face is drawn on, and who looks at it. */
export type Head = Readonly<{
  at: OnHead;
  see: Camera;
  /** A ball around a place, so many radii of the head large. */
  ball: (left: number, up: number, front: number, radius: number, paint: Paint) => Shape;
  /** The place is on the side of the head that is seen. */
  seen: (left: number, up: number, front: number) => boolean;
}>;

const LINE = 0.014;
const EYE = { out: 0.36, up: -0.02, front: 0.98, radius: 0.1 } as const;
const MOUTH = -0.46;

/** What a mouth does besides what the mood says, and how large it's open then, in radii of the head. */
const OPEN = { blows: 0.12, calls: 0.2 } as const;
export type Mouth = keyof typeof OPEN | null;

/** The mouth that goes with the marks of a moment. */
export const mouthOf = (marks: readonly string[]): Mouth =>
  marks.includes('breath out') ? 'blows' : marks.includes('voice') ? 'calls' : null;

/** What is drawn in a face, by its mood and by what the mouth does. */
export function featuresOf({ at, see, ball, seen }: Head, mood: Mood, mouth: Mouth): Shape[] {
  const line = (...places: readonly (readonly [number, number, number])[]): Shape => ({
    kind: 'stroke',
    points: places.map(([l, u, f]) => flat(see(at(l, u, f)))),
    width: LINE,
    paint: 'ink',
  });
  const { out, up, front } = EYE;
  const isClosed = mood === 'calm';
  const features = [1, -1].flatMap((s): Shape[] => {
    const eye = s * out;
    const eyes = !seen(eye, 0, 1)
      ? []
      : isClosed
        ? [line([eye - 0.13, up, front], [eye, up - 0.09, front + 0.02], [eye + 0.13, up, front])]
        : [
            ball(eye, up, front, EYE.radius, 'ink'),
            // Brows that are set, not cross.
            ...(mood === 'effort'
              ? [line([eye + s * 0.15, up + 0.17, front], [eye - s * 0.12, up + 0.21, front])]
              : []),
          ];
    const cheek = seen(s * 0.58, 0, 0.85)
      ? [ball(s * 0.56, -0.38, 0.84, mouth ? 0.2 : 0.15, 'cheek')]
      : [];
    return [...eyes, ...cheek];
  });
  if (mouth) return [...features, ball(0, MOUTH - 0.02, 1, OPEN[mouth], 'ink')];
  const corner = mood === 'effort' ? 0.04 : mood === 'calm' ? 0.05 : 0.09;
  const half = mood === 'effort' ? 0.2 : 0.26;
  const lips = [-1, -0.4, 0.4, 1].map(
    (share) => [share * half, MOUTH + (Math.abs(share) > 0.7 ? corner : 0), 0.94] as const,
  );
  return [...features, line(...lips)];
}

/** The nose, where it is seen from the side: it makes a profile of the face. */
export function noseOf(at: OnHead, see: Camera, radius: number): Shape {
  return {
    kind: 'oval',
    at: flat(see(at(0, -0.2, 1.02))),
    rx: 0.15 * radius,
    ry: 0.13 * radius,
    paint: 'skin',
  };
}
