import type { MarkKind } from '../../model/figure';
import { momentOfKey, type Moment } from '../motion/motion';
import { boxOf, movedBy, thenMark } from './boxes';
import { cameraOf } from './camera';
import { AS_A_SHAPE, bodyParts, farthestFirst, partsOf } from './figure-parts';
import type { Drawing, FigurePart } from './figure-shape';
import { marksNear } from './marks';
import { inOneTone } from './partner';
import { entryOf } from '../../words/entry-of';

const before = (key: number, count: number) => (key - 1 + count) % count;
const after = (key: number, count: number) => (key + 1) % count;

/** Which other key pose a mark shows, and on which side; behind, where on none. */
type Other = Readonly<{
  key: (key: number, count: number) => number;
  side: 'left' | 'right' | null;
}>;
const OTHERS = {
  'the pose before': { key: before, side: null },
  'the pose after': { key: after, side: null },
  'from the pose before': { key: before, side: 'left' },
  'from the first pose': { key: () => 0, side: 'left' },
  'to the pose after': { key: after, side: 'right' },
} satisfies Partial<Record<MarkKind, Other>>;

/** Between one pose and the other, in heights. */
const GAP = 0.2;
/** Where the small stroke between them stands, above the ground. */
const THEN = -0.3;

/**
 * A still that stands alone, with another key pose in one tone where it says too little by itself: behind it,
 * as what has moved since, or before or after it, as one thing and then another.
 */
export function besideOther(moment: Moment, drawing: Drawing): readonly FigurePart[] {
  const own = partsOf(moment, drawing);
  const { figure, key } = moment;
  const other = marksNear(moment)
    .map((kind) => entryOf<Other>(OTHERS, kind))
    .find((one) => one !== undefined);
  if (!other) return own;
  const see = cameraOf(figure.view, drawing.flip);
  const bare = { ...drawing, ...AS_A_SHAPE };
  const body = bodyParts(momentOfKey(figure, other.key(key, figure.keys.length)), see, bare);
  // Beside, it has its outlines, for a printer that is to save ink; behind, they would be too many lines.
  const tone = farthestFirst(body).map((part) => ({
    ...inOneTone(part),
    outlined: other.side !== null,
  }));
  if (!other.side) return [...tone, ...own];
  const [[left, , right], [toneLeft, , toneRight]] = [boxOf(own), boxOf(tone)];
  const isLeft = other.side === 'left';
  const by = isLeft ? left - GAP - toneRight : right + GAP - toneLeft;
  const between = isLeft ? left - GAP / 2 : right + GAP / 2;
  return [...movedBy(tone, by, 0), ...own, ...thenMark([between, THEN], false)];
}
