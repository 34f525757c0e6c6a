import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyPose, LENGTHS, limbsOf, part } from '../../testing/figure-checks';
import { poseOf } from '../catalogue/pose-sketch';
import { looseBody, lowestPoint, SIDES, type Side } from './body';
import { bodyOf, sinkFor, under, withContacts, type Goals } from './contacts';
import { HEIGHT_METRES, LEG, SIZES, THICK } from './proportions';
import { add, apart, minus, type Vec } from './vec';

const CM = 0.01 / HEIGHT_METRES;
const NOTHING: Goals = { L: { leg: null, hand: null }, R: { leg: null, hand: null } };
/** Both feet on places. */
const onFeet = (at: (side: Side) => Vec): Goals => ({
  L: { leg: { end: 'foot', at: at('L') }, hand: null },
  R: { leg: { end: 'foot', at: at('R') }, hand: null },
});
const standing = poseOf({});

describe('what is under a limb', () => {
  const body = looseBody(standing);

  it('the sole of who stands is on the ground, as far ahead as a foot is long', () => {
    const { heel } = body.legs.L;
    const [, y, z] = under(body, 'foot', 'L');
    expect(y).toBeCloseTo(0, 9);
    expect(z - heel[2]).toBeCloseTo(SIZES.foot - 2 * THICK.sole, 4);
  });

  it('a foot on its heel is where its toes come down; one on its toes is where they are', () => {
    const onHeel = looseBody(poseOf({ heelL: -0.5, legR: [0.05, -0.5, 0] }));
    const { heel, toe } = onHeel.legs.L;
    expect(toe[1]).toBeGreaterThan(heel[1] + 0.02);
    expect(under(onHeel, 'foot', 'L')[2]).toBeGreaterThan(toe[2] + 0.005);
    expect(under(onHeel, 'foot', 'L')[1]).toBeCloseTo(0, 9);
    const onToes = looseBody(poseOf({ heel: 0.8 }));
    const { toe: ball } = onToes.legs.L;
    expect(under(onToes, 'foot', 'L')).toEqual([ball[0], ball[1] - THICK.sole, ball[2]]);
  });

  it('knees and hands are as thick as they are drawn', () => {
    expect(under(body, 'knee', 'R')[1]).toBeCloseTo(body.legs.R.knee[1] - THICK.knee, 12);
    expect(under(body, 'hand', 'R')[1]).toBeCloseTo(body.arms.R.hand[1] - THICK.hand, 12);
  });
});

describe('a body that sinks for its feet', () => {
  const body = looseBody(standing);
  const apartBy = (far: number) =>
    onFeet((side) => {
      const [x, , z] = under(body, 'foot', side);
      return [x + (side === 'L' ? far : -far), 0, z];
    });

  it('not at all where they are', () => {
    expect(sinkFor(body, apartBy(0), 0)).toBeLessThan(1e-3);
    expect(sinkFor(body, apartBy(0), 0.02)).toBe(0.02);
  });

  it('as far as straight legs need: Pythagoras', () => {
    const far = 0.15;
    const { hip, ankle } = body.legs.L;
    const out = ankle[0] - hip[0] + far;
    const straight = LEG * 0.9995;
    const wanted = hip[1] - ankle[1] - Math.sqrt(straight ** 2 - out ** 2);
    expect(sinkFor(body, apartBy(far), 0)).toBeCloseTo(wanted, 3);
    expect(wanted).toBeGreaterThan(0.02);
  });

  it('never into the ground, and no further than a tenth of its height', () => {
    fc.assert(
      fc.property(anyPose, part, part, (pose, x, z) => {
        const loose = looseBody(pose);
        const goals = onFeet((side) => add(under(loose, 'foot', side), [x, 0, z]));
        const sink = sinkFor(loose, goals, 0);
        expect(sink).toBeLessThan(0.1);
        expect(loose.hips[1] - THICK.hips - sink).toBeGreaterThan(-1e-9);
      }),
    );
  });
});

describe('limbs brought to their goals', () => {
  it('feet are where they are to be, and limbs keep their lengths', () => {
    const step = fc.double({ min: -0.12, max: 0.12, noNaN: true });
    fc.assert(
      fc.property(step, step, fc.double({ min: 0, max: 0.05, noNaN: true }), (x, z, sink) => {
        const loose = looseBody(standing);
        const goals = onFeet((side) => {
          const at = under(loose, 'foot', side);
          return [at[0] + x, 0, at[2] + z];
        });
        const body = withContacts(standing, loose, goals, Math.max(sink, sinkFor(loose, goals, 0)));
        for (const side of SIDES) {
          expect(apart(under(body, 'foot', side), goals[side].leg!.at)).toBeLessThan(CM / 2);
        }
        limbsOf(body).forEach((length, n) => expect(length).toBeCloseTo(LENGTHS[n % 4]!, 6));
      }),
    );
  });

  it('a knee is put down where it is wanted, with all that is below it', () => {
    const pose = poseOf({ tip: 74, legs: [0.12, -0.5, -0.5], point: 1, arms: [0.05, -1, 0.12] });
    const loose = looseBody(pose);
    const [x, , z] = under(loose, 'knee', 'L');
    const at: Vec = [x, 0, z + 0.04];
    const goals: Goals = { ...NOTHING, L: { leg: { end: 'knee', at }, hand: null } };
    const body = withContacts(pose, loose, goals, sinkFor(loose, goals, 0));
    expect(apart(under(body, 'knee', 'L'), at)).toBeLessThan(CM);
    const shin = ({ knee, ankle }: (typeof body.legs)['L']) => minus(ankle, knee);
    expect(apart(shin(body.legs.L), shin(loose.legs.L))).toBeLessThan(1e-9);
    limbsOf(body).forEach((length, n) => expect(length).toBeCloseTo(LENGTHS[n % 4]!, 6));
  });

  it('a hand is set on the floor, and none that is free goes into it', () => {
    const pose = poseOf({ tip: 60, bend: 30, legs: [0.3, -0.5, 0.1], arms: [0.1, -0.9, 0.5] });
    const loose = looseBody(pose);
    const [x, , z] = under(loose, 'hand', 'R');
    const goals: Goals = { ...NOTHING, R: { leg: null, hand: [x, 0, z] } };
    const body = withContacts(pose, loose, goals, 0);
    expect(under(body, 'hand', 'R')[1]).toBeCloseTo(0, 4);
    const sunk = withContacts(pose, loose, NOTHING, 0.2);
    for (const side of SIDES) expect(under(sunk, 'hand', side)[1]).toBeGreaterThan(-1e-6);
  });
});

describe('the body of a pose', () => {
  it.each([
    ['a foot three centimetres up is set down', { legR: [0.05, -0.93, 0.1] }, 0],
    ['one ten centimetres up is not', { legR: [0.05, -0.76, 0.1] }, 0.05],
    ['nor one that is pointed', { legR: [0.05, -0.78, 0.1], pointR: 0.9 }, null],
    ['nor one in the air', { legR: [0.05, -0.93, 0.1], air: 0.1 }, 0.1],
  ] as const)('%s', (_name, sketch, least) => {
    const pose = poseOf({ ...sketch, legL: [0.05, -1, 0] } as Parameters<typeof poseOf>[0]);
    const [loose, body] = [looseBody(pose), bodyOf(pose)];
    const [before, after] = [loose, body].map((one) => under(one, 'foot', 'R')[1]);
    if (least === 0) {
      expect(before).toBeGreaterThan(0.02);
      expect(after).toBeCloseTo(0, 3);
    } else if (least === null) expect(after).toBeCloseTo(before!, 9);
    else expect(after).toBeGreaterThan(least);
  });

  it('nothing of it is in the ground that wasn’t before', () => {
    fc.assert(
      fc.property(anyPose, (pose) => {
        const low = lowestPoint(looseBody(pose)) - pose.air;
        expect(lowestPoint(bodyOf(pose)) - pose.air).toBeGreaterThan(Math.min(0, low) - 0.05);
      }),
    );
  });
});
