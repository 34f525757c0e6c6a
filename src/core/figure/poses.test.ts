import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { handleAt, HANDLES, keptInRange, moveHandle } from './adjust-pose';
import { bodyOf, lowestPoint, SIDES, type Body } from './body';
import { cameraOf, screenAxes } from './camera';
import { pictureOfFigure, tellingKeys, LINE_PAINTS } from './draw-picture';
import { addPose, FEWEST_POSES, MOST_POSES, takePose, withPose } from './edit-figure';
import { figureSchema, VIEWS, type Figure } from './figure';
import { builtInFigure, FIGURE_SKETCHES } from './figures';
import { beyondRange, CHILD_RANGES, jointAngles } from './joint-angles';
import { farthest, momentAt, poseBetween, standing } from './motion';
import { phaseAt } from './phase';
import { mirroredPose, poseSchema, type Pose } from './pose';
import { poseOf, type PoseSketch } from './pose-sketch';
import { ARM, LEG, SIZES } from './proportions';
import { partsOf } from './shapes';
import { add, apart, minus, swung, turned, type Vec } from './vec';

const part = fc.double({ min: -1, max: 1, noNaN: true });
const reach = fc.tuple(part, part, part);
const degrees = (most: number) => fc.double({ min: -most, max: most, noNaN: true });
/** Any posture that can be written, whether a child could take it or not. */
const sketch: fc.Arbitrary<PoseSketch> = fc.record({
  tip: degrees(180),
  spin: degrees(180),
  roll: degrees(60),
  turn: degrees(180),
  bend: degrees(60),
  side: degrees(40),
  twist: degrees(40),
  nod: degrees(40),
  tilt: degrees(30),
  look: degrees(60),
  air: fc.double({ min: 0, max: 0.3, noNaN: true }),
  armL: reach,
  armR: reach,
  legL: reach,
  legR: reach,
  kneeL: degrees(90),
  elbowR: degrees(90),
  point: part,
  heel: part,
});
const pose = sketch.map(poseOf);
const figures = Object.keys(FIGURE_SKETCHES).map((id) => [id, builtInFigure(id)!] as const);
const anyFigure = fc.constantFrom(...figures).map(([, figure]) => figure);

function limbsOf(body: Body): readonly number[] {
  return SIDES.flatMap((side) => {
    const { hip, knee, ankle } = body.legs[side];
    const { shoulder, elbow, hand } = body.arms[side];
    return [apart(hip, knee), apart(knee, ankle), apart(shoulder, elbow), apart(elbow, hand)];
  });
}
const LENGTHS = [SIZES.thigh, SIZES.shin, SIZES.upperArm, SIZES.forearm];

describe('the body of any pose', () => {
  it('has limbs of their own length, and stands on the ground or as high as it says', () => {
    fc.assert(
      fc.property(pose, (one) => {
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
      fc.property(pose, (one) => {
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
      fc.property(pose, degrees(180), (one, more) => {
        const before = jointAngles(bodyOf({ ...one, air: 0.1 }));
        const after = jointAngles(bodyOf({ ...one, air: 0.1, turn: one.turn + more }));
        for (const [joint, angle] of Object.entries(before))
          expect(after[joint as keyof typeof after]).toBeCloseTo(angle, 4);
      }),
    );
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
      fc.property(pose, pose, (a, b) => {
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
  const hold = builtInFigure('stork-stand')!;
  const march = builtInFigure('march')!;

  it('one loop takes its reps at the tempo', () => {
    expect(march.reps).toBe(2);
    expect(phaseAt(march, 0.6, 0.6)).toBeCloseTo(0.5, 9);
    expect(phaseAt(march, 1.2, 0.6)).toBeCloseTo(0, 9);
  });

  it('a hold never leaves its pose by more than a sway', () => {
    const held = momentAt(hold, hold.keys[hold.hold!]!.at).body;
    fc.assert(
      fc.property(fc.double({ min: 0, max: 600, noNaN: true }), (seconds) => {
        const phase = phaseAt(hold, seconds, 3, true);
        expect(farthest(momentAt(hold, phase).body, held)).toBeLessThan(0.08);
      }),
    );
  });
});

describe('the picture', () => {
  it('flipped, it is the same picture the other way round', () => {
    fc.assert(
      fc.property(anyFigure, fc.double({ min: 0, max: 1, noNaN: true }), (figure, phase) => {
        const moment = momentAt(figure, phase);
        const xs = (flip: boolean) =>
          partsOf(moment, { flip, hair: 'bun' }).flatMap(({ shapes }) =>
            shapes
              .filter((shape) => shape.kind !== 'oval' && shape.paint === 'bottom')
              .flatMap((shape) => ('points' in shape ? shape.points : [])),
          );
        const [one, other] = [xs(false), xs(true)];
        expect(other).toHaveLength(one.length);
        const key = ([x, y]: readonly [number, number]) =>
          `${Math.round(x * 1e6)} ${Math.round(y * 1e6)}`;
        const flipped = one.map(([x, y]) => key([-x + 0, y])).map((s) => s.replace(/^-0 /u, '0 '));
        expect(other.map((point) => key(point).replace(/^-0 /u, '0 ')).sort()).toEqual(
          flipped.sort(),
        );
      }),
      { numRuns: 60 },
    );
  });

  it.each(figures)('%s fills its square and stays within it', (_id, figure) => {
    for (const poses of [1, 2, 4]) {
      const { width, height, strokes } = pictureOfFigure(figure, poses, LINE_PAINTS);
      expect(height).toBe(24);
      expect(width).toBeGreaterThan(5);
      expect(strokes.length).toBeGreaterThan(15);
      const numbers = strokes
        .filter(([element]) => element === 'path')
        .flatMap(([, { d }]) =>
          String(d)
            .match(/-?[\d.]+/gu)!
            .map(Number),
        );
      expect(Math.min(...numbers)).toBeGreaterThan(-0.5);
      expect(Math.max(...numbers)).toBeLessThan(Math.max(width, height) + 0.5);
    }
  });

  it('the poses that tell most are the best one first of all, and no two alike', () => {
    for (const [, figure] of figures) {
      expect(tellingKeys(figure, 1)).toEqual([figure.best]);
      const keys = tellingKeys(figure, 3);
      expect(keys).toContain(figure.best);
      expect(new Set(keys).size).toBe(keys.length);
    }
    // A march is the same with the other leg: one pose and what lies between, not both legs.
    expect(tellingKeys(builtInFigure('march')!, 6).length).toBeLessThan(4);
  });

  it.each(VIEWS)('seen from %s, to the right and up are where the picture has them', (view) => {
    const see = cameraOf(view);
    const { right, up } = screenAxes(view);
    const origin = see([0, 0, 0]);
    expect(see(right)).toMatchObject({ x: expect.closeTo(1, 9), y: expect.closeTo(0, 9) });
    expect(see(up).y - origin.y).toBeCloseTo(-1, 9);
  });
});

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
