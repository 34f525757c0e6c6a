import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyFigure, anyPose, degrees, LENGTHS, limbsOf, reach } from '../../testing/figure-checks';
import { lowestPoint } from '../body/body';
import { bodyOf } from '../body/contacts';
import { builtInFigure } from '.';
import { beyondRange, CHILD_RANGES, jointAngles } from '../body/joint-angles';
import { farthest, momentAt, poseBetween } from '../motion/motion';
import { phaseAt } from '../motion/phase';
import { mirroredPose } from '../../model/pose';
import { poseOf, type PoseSketch } from './pose-sketch';
import { ARM, LEG, SIZES } from '../body/proportions';
import { add, apart, minus, swung, turned, type Vec } from '../body/vec';

describe('the body of any pose', () => {
  it('has limbs of their own length, and stands on the ground or as high as it says', () => {
    fc.assert(
      fc.property(anyPose, (one) => {
        const body = bodyOf(one);
        limbsOf(body).forEach((length, n) => expect(length).toBeCloseTo(LENGTHS[n % 4]!, 6));
        // A foot that is set down where it nearly is may leave the ground by the width of a toe.
        expect(Math.abs(lowestPoint(body) - one.air)).toBeLessThan(0.04);
      }),
    );
  });

  it('is the mirror image of that of the mirrored pose', () => {
    const flip = ([x, y, z]: Vec): Vec => [-x, y, z];
    fc.assert(
      fc.property(anyPose, (one) => {
        const [body, other] = [bodyOf(one), bodyOf(mirroredPose(one))];
        expect(mirroredPose(mirroredPose(one))).toEqual(one);
        for (const [side, opposite] of [
          ['L', 'R'],
          ['R', 'L'],
        ] as const) {
          for (const joint of ['hip', 'knee', 'ankle', 'heel', 'toe'] as const)
            expect(apart(body.legs[side][joint], flip(other.legs[opposite][joint]))).toBeLessThan(
              1e-9,
            );
          for (const joint of ['shoulder', 'elbow', 'hand'] as const)
            expect(apart(body.arms[side][joint], flip(other.arms[opposite][joint]))).toBeLessThan(
              1e-9,
            );
        }
        expect(apart(body.head, flip(other.head))).toBeLessThan(1e-9);
      }),
    );
  });

  it('keeps its joints’ angles when it turns to face elsewhere', () => {
    fc.assert(
      fc.property(anyPose, degrees(180), (one, more) => {
        const before = jointAngles(bodyOf({ ...one, air: 0.1 }));
        const after = jointAngles(bodyOf({ ...one, air: 0.1, turn: one.turn + more }));
        for (const [joint, angle] of Object.entries(before))
          expect(after[joint as keyof typeof after]).toBeCloseTo(angle, 4);
      }),
    );
  });
});

describe('the child', () => {
  it('is as a five-year-old is: the head a fifth to a sixth of the height, legs nearly half', () => {
    // From memory of drawing books: about five and a half heads high at that age.
    const body = bodyOf(poseOf({}));
    const height = body.head[1] + SIZES.headRadius;
    const headShare = (2 * SIZES.headRadius) / height;
    expect(headShare).toBeGreaterThan(1 / 6);
    expect(headShare).toBeLessThan(1 / 4.9);
    expect(body.hips[1] / height).toBeGreaterThan(0.42);
    expect(body.hips[1] / height).toBeLessThan(0.5);
    // Hands hang at the thighs, as anybody's do.
    expect(body.arms.L.hand[1]).toBeGreaterThan(body.legs.L.knee[1]);
    expect(body.arms.L.hand[1]).toBeLessThan(body.hips[1]);
  });
});

describe('joint angles of postures that anybody knows', () => {
  // Plain geometry: what a right angle is, whoever measures it.
  it.each([
    ['a straight leg', {}, 'knee bent', 0],
    ['sitting with long legs', { legs: [0.1, 0, 1] as Vec }, 'hip bent', 90],
    ['an arm straight to the side', { arms: [1, 0, 0] as Vec }, 'shoulder raised', 90],
    ['arms overhead', { arms: [0, 1, 0] as Vec }, 'shoulder raised', 180],
    ['a leg a quarter back', { legR: [0, -1, -1] as Vec }, 'hip stretched back', 45],
    ['a nod of thirty degrees', { nod: 30 }, 'head nodded', 30],
    ['a back bent forty degrees', { bend: 40 }, 'back bent', 40],
    ['a twist of twenty degrees', { twist: 20 }, 'back twisted', 20],
    ['a look over the shoulder', { look: -60 }, 'head turned', 60],
  ] as const)('%s', (_name, given: PoseSketch, joint, wanted) => {
    expect(Math.abs(jointAngles(bodyOf(poseOf(given)))[joint] - wanted)).toBeLessThan(4);
  });

  it('a knee at right angles is where the legs of a triangle put it', () => {
    // Law of cosines: thigh and shin at a right angle end as far apart as the hypotenuse.
    const far = Math.hypot(SIZES.thigh, SIZES.shin) / LEG;
    const { 'knee bent': bent } = jointAngles(bodyOf(poseOf({ legs: [0, -far, 0] })));
    expect(bent).toBeCloseTo(90, 1);
  });

  it('standing is within every range, and a knee bent through the leg is not', () => {
    expect(beyondRange(bodyOf(poseOf({})))).toEqual([]);
    for (const most of Object.values(CHILD_RANGES)) expect(most).toBeGreaterThan(0);
    const folded = beyondRange(bodyOf(poseOf({ bend: 140 })));
    expect(folded.map(([joint]) => joint)).toContain('back bent');
  });
});

describe('between poses', () => {
  it('the ends are the poses themselves', () => {
    fc.assert(
      fc.property(anyPose, anyPose, (a, b) => {
        expect(farthest(bodyOf(poseBetween(a, b, 0)), bodyOf(a))).toBeLessThan(1e-6);
      }),
    );
  });

  it('a swing keeps between the lengths of its ends, also right round', () => {
    fc.assert(
      fc.property(reach, reach, fc.double({ min: 0, max: 1, noNaN: true }), (a, b, t) => {
        const [la, lb] = [Math.hypot(...a), Math.hypot(...b)];
        fc.pre(la > 0.01 && lb > 0.01);
        const far = Math.hypot(...swung(a, b, t));
        expect(far).toBeGreaterThan(Math.min(la, lb) - 1e-9);
        expect(far).toBeLessThan(Math.max(la, lb) + 1e-9);
      }),
    );
    expect(Math.hypot(...swung([0, 1, 0], [0, -1, 0], 0.5))).toBeCloseTo(1, 9);
  });

  it('a jump is highest once and symmetrical in time, as free flight is', () => {
    const a = poseOf({});
    const b = poseOf({ air: 0.2 });
    const up = [0, 0.25, 0.5, 0.75, 1].map((t) => poseBetween(a, b, t).air);
    const down = [1, 0.75, 0.5, 0.25, 0].map((t) => poseBetween(b, a, t).air);
    up.forEach((height, n) => expect(height).toBeCloseTo(down[n]!, 9));
    // Half of the time up brings three quarters of the height: a parabola.
    expect(up[2]! / 0.2).toBeCloseTo(0.75, 9);
  });

  it('a full turn goes on round, not back', () => {
    const turn = poseBetween(poseOf({ turn: 270 }), poseOf({ turn: 0 }), 0.5).turn;
    expect(turn).toBe(315);
  });
});

describe('the phase', () => {
  const march = builtInFigure('march')!;

  it('one loop takes its reps at the tempo', () => {
    expect(march.reps).toBe(2);
    expect(phaseAt(march, 0.6, 0.6)).toBeCloseTo(0.5, 9);
    expect(phaseAt(march, 1.2, 0.6)).toBeCloseTo(0, 9);
  });

  it('what is held never leaves its pose by more than a sway, whatever the move', () => {
    fc.assert(
      fc.property(anyFigure, fc.double({ min: 0, max: 600, noNaN: true }), (figure, seconds) => {
        const { keys, hold, best } = figure;
        const held = momentAt(figure, keys[hold ?? best]!.at).body;
        const phase = phaseAt(figure, seconds, 3, true);
        expect(farthest(momentAt(figure, phase).body, held)).toBeLessThan(0.08);
      }),
    );
  });
});

describe('directions', () => {
  it('a turn keeps lengths, and four quarters are none', () => {
    const axis: Vec = [0, 0.6, 0.8];
    fc.assert(
      fc.property(reach, (a) => {
        const round = [0, 1, 2, 3].reduce<Vec>((now) => turned(now, axis, 90), a);
        expect(Math.hypot(...minus(round, a))).toBeLessThan(1e-9);
        expect(Math.hypot(...turned(a, axis, 37))).toBeCloseTo(Math.hypot(...a), 9);
      }),
    );
    expect(add(turned([1, 0, 0], [0, 1, 0], 90), [0, 0, 1])).toEqual([
      expect.closeTo(0, 12),
      0,
      expect.closeTo(0, 12),
    ]);
    expect(ARM).toBeLessThan(LEG);
  });
});
