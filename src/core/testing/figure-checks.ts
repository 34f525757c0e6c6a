/** Postures and figures for tests to run through. */
import fc from 'fast-check';
import { SIDES, type Body } from '../figure/body/body';
import { builtInFigure, FIGURE_SKETCHES } from '../figure/catalogue';
import { poseOf, type PoseSketch } from '../figure/catalogue/pose-sketch';
import { SIZES } from '../figure/body/proportions';
import { apart } from '../figure/body/vec';

export const part = fc.double({ min: -1, max: 1, noNaN: true });
export const reach = fc.tuple(part, part, part);
export const degrees = (most: number) => fc.double({ min: -most, max: most, noNaN: true });
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
export const anyPose = sketch.map(poseOf);
export const figures = Object.keys(FIGURE_SKETCHES).map((id) => [id, builtInFigure(id)!] as const);
export const anyFigure = fc.constantFrom(...figures).map(([, figure]) => figure);

/** The lengths of thighs, shins, upper arms and forearms of both sides, in their order. */
export function limbsOf(body: Body): readonly number[] {
  return SIDES.flatMap((side) => {
    const { hip, knee, ankle } = body.legs[side];
    const { shoulder, elbow, hand } = body.arms[side];
    return [apart(hip, knee), apart(knee, ankle), apart(shoulder, elbow), apart(elbow, hand)];
  });
}
/** What they are to be, over and over. */
export const LENGTHS = [SIZES.thigh, SIZES.shin, SIZES.upperArm, SIZES.forearm];
