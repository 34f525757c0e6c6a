import type { Body } from '../body/body';
import type { Vec } from '../body/vec';
import type { Moment } from '../motion/motion';
import type { FigurePart, Shape } from './figure-shape';

/** A body as a mirror shows it: `axis` runs across the mirror, and its places are counted from `far`. */
function mirrored(body: Body, axis: 0 | 2, far: number): Body {
  const put =
    (from: number) =>
    (v: Vec): Vec =>
      axis === 0 ? [from - v[0], v[1], v[2]] : [v[0], v[1], from - v[2]];
  const all = <Bones extends Readonly<Record<string, Vec>>>(bones: Bones, from: number): Bones =>
    Object.fromEntries(Object.entries(bones).map(([name, v]) => [name, put(from)(v)])) as Bones;
  const { hips, belly, chest, head, pelvis, trunk, skull, arms, legs } = body;
  return {
    ...all({ hips, belly, chest, head }, far),
    pelvis: all(pelvis, 0),
    trunk: all(trunk, 0),
    skull: all(skull, 0),
    arms: { L: all(arms.L, far), R: all(arms.R, far) },
    legs: { L: all(legs.L, far), R: all(legs.R, far) },
  };
}

/**
 * The moment of whoever does it with the child, facing it or beside it; null where there is nobody.
 */
export function partnerMoment(moment: Moment): Moment | null {
  if (!moment.partner) return null;
  const place = moment.props[moment.figure.props.findIndex(({ kind }) => kind === 'partner')]!;
  const axis = Math.abs(place[0]) > Math.abs(place[2]) ? 0 : 2;
  return { ...moment, body: mirrored(moment.partner, axis, place[axis]) };
}

/** Of one tone: it's the other one, whoever that is. */
export const inOneTone = (part: FigurePart): FigurePart => ({
  ...part,
  shapes: part.shapes
    .filter(({ paint }) => !['seam', 'hatch', 'ink', 'cheek'].includes(paint))
    .map((shape): Shape => ({ ...shape, paint: 'shade' })),
});
