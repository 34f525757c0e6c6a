import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyFigure, LENGTHS, limbsOf, part } from '../../testing/figure-checks';
import { handleAt, HANDLES, keptInRange, moveHandle } from './adjust-pose';
import { bodyOf } from '../body/contacts';
import { cameraOf } from '../drawing/camera';
import { addPose, takePose, withPose } from './edit-figure';
import { FEWEST_POSES, figureSchema, MOST_POSES, type Figure } from '../../model/figure';
import { builtInFigure } from '../catalogue';
import { beyondRange } from '../body/joint-angles';
import { standing } from '../motion/standing';
import { poseSchema, type Pose } from '../../model/pose';
import { poseOf } from '../catalogue/pose-sketch';
import { apart } from '../body/vec';

describe('a pose that is taken hold of', () => {
  const figure = builtInFigure('tall-reach')!;
  const start = poseOf({ arms: [0.6, 0.1, 0.4], legs: [0.2, -0.9, 0.1] });
  const at = (one: Pose, handle: (typeof HANDLES)[number]) =>
    cameraOf(figure.view)(handleAt(standing(figure, one), handle));

  it('a hand goes where it is dragged', () => {
    const moved = moveHandle(figure, start, 'left hand', 0.05, -0.08);
    const [before, after] = [at(start, 'left hand'), at(moved, 'left hand')];
    expect(after.x - before.x).toBeCloseTo(0.05, 2);
    expect(after.y - before.y).toBeCloseTo(-0.08, 2);
  });

  it('a hand on the floor is set down, and taken up again', () => {
    const low = { ...figure, view: 'side' as const };
    const squat = poseOf({ tip: 60, bend: 30, legs: [0.3, -0.5, 0.1], arms: [0.1, -0.7, 0.4] });
    const down = moveHandle(low, squat, 'right hand', 0, 0.2);
    expect(down.floorR).toBe(true);
    expect(moveHandle(low, down, 'right hand', 0, -0.2).floorR).toBe(false);
  });

  it('the hips sink and the feet stay', () => {
    const sunk = moveHandle(figure, start, 'hips', 0, 0.08);
    const [before, after] = [standing(figure, start), standing(figure, sunk)];
    expect(after.hips[1]).toBeLessThan(before.hips[1] - 0.05);
    expect(apart(after.legs.L.ankle, before.legs.L.ankle)).toBeLessThan(0.02);
  });

  it('the chest and the head lean the way they are dragged', () => {
    const leant = moveHandle(figure, start, 'chest', 0.05, 0);
    expect(at(leant, 'chest').x - at(leant, 'hips').x).toBeGreaterThan(
      at(start, 'chest').x - at(start, 'hips').x + 0.02,
    );
    expect(moveHandle(figure, start, 'head', 0.03, 0).tilt).not.toBe(0);
  });

  it('whatever is dragged wherever, limbs keep their length and joints their range', () => {
    const drag = fc.tuple(fc.constantFrom(...HANDLES), part, part);
    fc.assert(
      fc.property(anyFigure, fc.array(drag, { maxLength: 8 }), (base, drags) => {
        let now = base.keys[base.best]!.pose;
        const before = beyondRange(bodyOf(now));
        for (const [handle, dx, dy] of drags)
          now = moveHandle(base, now, handle, dx * 0.3, dy * 0.3);
        expect(poseSchema.safeParse(now).success).toBe(true);
        limbsOf(bodyOf(now)).forEach((length, n) => expect(length).toBeCloseTo(LENGTHS[n % 4]!, 6));
        expect(beyondRange(bodyOf(now)).length).toBeLessThanOrEqual(before.length);
      }),
    );
  });

  it('what a child cannot do stays as it was', () => {
    expect(keptInRange(start, { ...start, bend: 130 })).toBe(start);
    expect(keptInRange(start, { ...start, bend: 20 }).bend).toBe(20);
  });
});

describe('poses added and taken out', () => {
  it('leave a whole figure, whose marks and things are those of their poses', () => {
    const change = fc.tuple(fc.boolean(), fc.nat(5));
    fc.assert(
      fc.property(anyFigure, fc.array(change, { maxLength: 12 }), (base, changes) => {
        let now: Figure = base;
        for (const [adds, n] of changes) {
          const key = n % now.keys.length;
          const next = adds ? addPose(now, key) : takePose(now, key);
          const wanted = now.keys.length + (adds ? 1 : -1);
          expect(next.keys.length).toBe(Math.min(MOST_POSES, Math.max(FEWEST_POSES, wanted)));
          now = next;
        }
        expect(figureSchema.safeParse(now).error).toBeUndefined();
      }),
    );
  });

  it('a pose added is the one before it, twice; the best one stays the best', () => {
    const jump = builtInFigure('frog-jump')!;
    const more = addPose(jump, 0);
    expect(more.keys[1]!.pose).toEqual(jump.keys[0]!.pose);
    const other = withPose(jump, 1, poseOf({ air: 0.3 }));
    expect(other.keys.map(({ pose: one }) => one.air)).toEqual([0, 0.3, 0]);
    const toss = builtInFigure('ball-toss-catch')!;
    expect(addPose(toss, 1).best).toBe(toss.best + 1);
    expect(takePose(toss, 0).props[0]!.places).toEqual(toss.props[0]!.places.slice(1));
  });
});
