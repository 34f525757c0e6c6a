import type { Figure } from '../../model/figure';
import type { Pose } from '../../model/pose';
import { movedBody, type Body } from '../body/body';
import { bodyOf } from '../body/contacts';
import { lerp, type Vec } from '../body/vec';

const ANCHORED = {
  feet: ({ legs }: Body) => lerp(legs.L.ankle, legs.R.ankle, 0.5),
  'left foot': ({ legs }: Body) => legs.L.ankle,
  'right foot': ({ legs }: Body) => legs.R.ankle,
  hands: ({ arms }: Body) => lerp(arms.L.hand, arms.R.hand, 0.5),
  hips: ({ hips }: Body) => hips,
} satisfies Record<Figure['anchor'], (body: Body) => Vec>;

/** The body of a pose, what the figure stands on at its place. */
export function standing(
  { anchor }: Pick<Figure, 'anchor'>,
  pose: Pose,
  body: Body = bodyOf(pose),
): Body {
  const [x, , z] = ANCHORED[anchor](body);
  const { x: aside, z: before } = pose;
  return anchor === 'hips' ? body : movedBody(body, [aside - x, 0, before - z]);
}
