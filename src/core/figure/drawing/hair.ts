import type { Body } from '../body/body';
import { SIZES } from '../body/proportions';
import { add, along, minus, normalise, size, times, type Vec } from '../body/vec';
import type { Camera } from './camera';
import { onHeadOf, type HeadSpot } from './faces';
import { flat, type Hair, type Shape } from './figure-shape';

const R = SIZES.headRadius;

/** What hair has beside the ball of the head and keeps its place on it. */
const CROWNS: Readonly<Record<Hair, readonly (readonly [at: HeadSpot, radius: number])[]>> = {
  short: [],
  bun: [[[0, 1.05, -0.35], 0.42]],
  tail: [],
  plaits: [],
  curls: [
    [[0.75, 0.6, -0.2], 0.48],
    [[-0.75, 0.6, -0.2], 0.48],
    [[0, 0.98, -0.2], 0.48],
    [[0.95, 0.05, -0.2], 0.48],
    [[-0.95, 0.05, -0.2], 0.48],
  ],
  scarf: [[[0, -0.62, -0.35], 0.62]],
};

/** What hangs: from where on the head, and which way from it at rest; how far on, and how thick, in radii. */
const HANGING: Readonly<
  Record<
    Hair,
    readonly Readonly<{
      from: HeadSpot;
      out: HeadSpot;
      at: readonly (readonly [number, number])[];
    }>[]
  >
> = {
  short: [],
  bun: [],
  curls: [],
  tail: [
    {
      from: [0, 0.35, -1.08],
      out: [0, 0, -0.35],
      at: [
        [0, 0.42],
        [0.42, 0.37],
        [0.78, 0.29],
      ],
    },
  ],
  plaits: ([-1, 1] as const).map((side) => ({
    from: [side * 1.02, -0.2, -0.12] as const,
    out: [side * 0.2, 0, 0] as const,
    at: [
      [0.05, 0.3],
      [0.4, 0.27],
      [0.72, 0.22],
    ] as const,
  })),
  scarf: [
    {
      from: [0, -0.5, -0.95],
      out: [0, 0, -0.3],
      at: [
        [0.1, 0.36],
        [0.45, 0.3],
      ],
    },
  ],
};

/** How far a head that goes on leaves its hair behind, against how far it hangs. Our own judgement. */
const LAGS = 9;
/** What hangs doesn't go into the head, or into the ground. */
const OUTSIDE = 1.12;

/**
 * The hair beside the ball of the head: it hangs down, whichever way the head is, and comes after where the
 * head goes. `sway` is how far the head has come in a tenth of a second, in heights.
 */
export function hairShapes(
  body: Pick<Body, 'head' | 'skull'>,
  see: Camera,
  hair: Hair,
  sway: Vec,
): readonly Shape[] {
  const { head } = body;
  const onHead = onHeadOf(body);
  const ball = (at: Vec, radius: number): Shape => ({
    kind: 'oval',
    at: flat(see(at)),
    rx: radius * R,
    ry: radius * R,
    paint: 'hair',
  });
  const crown = CROWNS[hair].map(([at, radius]) => ball(onHead(...at), radius));
  const hanging = HANGING[hair].flatMap(({ from, out, at }) => {
    const root = onHead(...from);
    const way = normalise(
      add(add([0, -1, 0], times(minus(onHead(...out), head), 1 / R)), times(sway, -LAGS)),
      [0, -1, 0],
    );
    return at.map(([far, radius]) => {
      const free = along(root, way, far * R);
      const off = minus(free, head);
      const least = R * (OUTSIDE - radius / 2);
      const kept = size(off) < least ? along(head, normalise(off), least) : free;
      return ball([kept[0], Math.max(kept[1], radius * R), kept[2]], radius);
    });
  });
  return [...crown, ...hanging];
}
