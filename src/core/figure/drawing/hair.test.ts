import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { degrees, part } from '../../testing/figure-checks';
import { bodyOf } from '../body/contacts';
import type { Vec } from '../body/vec';
import { poseOf } from '../catalogue/pose-sketch';
import { cameraOf } from './camera';
import { hairShapes } from './hair';
import type { Hair } from './figure-shape';

const STILL: Vec = [0, 0, 0];
const see = cameraOf('side');
const HANGS: readonly Hair[] = ['tail', 'plaits'];

/** The balls of hair beside the head: where they are in the picture, and how large. */
const balls = (body: ReturnType<typeof bodyOf>, hair: Hair, sway = STILL) =>
  hairShapes(body, see, hair, sway).flatMap((shape) =>
    shape.kind === 'oval' ? [{ x: shape.at[0], y: shape.at[1], r: shape.rx }] : [],
  );

describe('hair', () => {
  const standing = bodyOf(poseOf({}));
  const lowest = (hair: Hair, sway?: Vec) =>
    Math.max(...balls(standing, hair, sway).map(({ y }) => y));

  it.each(['tail', 'plaits', 'scarf'] as const)('a %s hangs, and comes after the head', (hair) => {
    const still = lowest(hair);
    // Down in the picture is more: up with the head it hangs long, down with it it flies.
    expect(lowest(hair, [0, 0.08, 0])).toBeGreaterThanOrEqual(still - 1e-9);
    expect(lowest(hair, [0, -0.2, 0])).toBeLessThan(still - 0.02);
    // Ahead is to the right, from the side: the tip stays behind.
    const tip = (sway?: Vec) => balls(standing, hair, sway).at(-1)!.x;
    expect(tip([0, 0, 0.06])).toBeLessThan(tip() - 0.005);
  });

  it.each(['short', 'curls', 'bun'] as const)('what is %s keeps its place on the head', (hair) => {
    expect(balls(standing, hair, [0.1, -0.1, 0.1])).toEqual(balls(standing, hair));
  });

  it('that hangs goes into no ground, whatever the head does', () => {
    const way = fc
      .tuple(part, part, part)
      .map((one): Vec => [one[0] * 0.16, one[1] * 0.16, one[2] * 0.16]);
    fc.assert(
      fc.property(
        fc.constantFrom(...HANGS),
        degrees(180),
        degrees(60),
        degrees(180),
        way,
        (hair, tip, nod, spin, sway) => {
          const body = bodyOf(poseOf({ tip, nod, spin }));
          // As far to the front as a child is long, the ground is this much lower in the picture.
          const ground = Math.sin((7 * Math.PI) / 180);
          for (const { y, r } of balls(body, hair, sway)) expect(y + r * 0.9).toBeLessThan(ground);
        },
      ),
    );
  });
});
