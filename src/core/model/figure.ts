import { z } from 'zod';
import type { DeepReadonly } from './deep-readonly';
import { poseSchema } from './pose';

/** Where the figure is seen from. */
export const VIEWS = ['front', 'side', 'corner', 'behind', 'above'] as const;
export type View = (typeof VIEWS)[number];

/** What keeps its place on the ground while the rest moves. */
export const ANCHORS = ['feet', 'left foot', 'right foot', 'hands', 'hips'] as const;

/** Where it goes to, one rep after another. */
export const TRAVELS = ['none', 'forward', 'backward', 'aside'] as const;

/** The fewest and the most key poses of a figure. */
export const FEWEST_POSES = 2;
export const MOST_POSES = 6;

export const PROPS = [
  'ball',
  'bean bag',
  'hoop',
  'bucket',
  'bat',
  'scarf',
  'rope',
  'cone',
  'chair',
  /** A chair or a wheelchair, as the one who sits has it. */
  'seat',
  'wheelchair',
  'wall',
  'step',
  'bench',
  'balloon',
  'parachute',
  'toy',
  /** Who does it with the child, as in a mirror; set across, in turn with it. */
  'partner',
] as const;
export type PropKind = (typeof PROPS)[number];

/** What a prop moves with. */
export const HOLDERS = ['left hand', 'right hand', 'hands', 'head', 'floor'] as const;
export type Holder = (typeof HOLDERS)[number];

/** Little strokes that say what a still picture cannot. */
export type MarkKind =
  | 'burst between the hands'
  | 'burst at the left foot'
  | 'burst at the right foot'
  | 'shaking hands'
  | 'breath out'
  | 'round about'
  | 'round the hips'
  | 'zigzag'
  | 'ripples at the hands'
  | 'gaze'
  | 'up and down'
  | 'round the hands'
  | 'round the right foot'
  | 'pats at the hands'
  | 'to and fro'
  | 'fingers of the left hand'
  | 'under the right hand'
  | 'round the shoulders'
  | 'flapping knees'
  | 'voice'
  | 'notes'
  | 'nod'
  | 'chalk squares'
  | 'prints'
  | 'water'
  | 'flames'
  | 'swapped feet'
  | 'toes up'
  | 'heels up'
  | 'baton'
  | 'hiss'
  | 'over'
  | 'back over'
  | 'bounced way'
  | 'turning wheel'
  | 'under the hands'
  | 'under it'
  | 'breath in'
  | 'swinging arms'
  | 'glide'
  /** What is thought of all along: what an animal has, and a rope to climb. */
  | 'long ears'
  | 'round ears'
  | 'wide ears'
  | 'pointed ears'
  | 'bill'
  | 'beak'
  | 'tongue'
  | 'wings'
  | 'drum'
  | 'balloon'
  | 'curled tail'
  | 'long tail'
  | 'hanging rope'
  /** Another key pose, in one tone behind or beside a still that stands alone. */
  | 'the pose before'
  | 'the pose after'
  | 'from the pose before'
  | 'from the first pose'
  | 'to the pose after';

/** A kind that this build doesn't know isn't drawn: the list of them isn't needed to open a file. */
const markKind = z.string().min(1).max(40);

const keyIndex = z
  .int()
  .min(0)
  .max(MOST_POSES - 1);

const place = z.tuple([
  z.number().min(-3).max(3),
  z.number().min(-3).max(3),
  z.number().min(-3).max(3),
]);

const propSchema = z.strictObject({
  kind: z.enum(PROPS),
  /** Lies flat, or stands across or along the way that the figure faces: hoops and ropes. */
  lie: z.enum(['flat', 'across', 'along']),
  /** One for each key pose: what it moves with and where from there, in heights. */
  places: z
    .array(z.strictObject({ by: z.enum(HOLDERS), at: place, arc: z.number().min(-1).max(1) }))
    .min(1)
    .max(MOST_POSES),
});
export type Prop = DeepReadonly<z.infer<typeof propSchema>>;

/**
 * How a move is drawn: key poses in the order of their times (shares of the loop, the first at 0; the
 * last pose leads back to the first), and everything that they share.
 */
const shapeSchema = z.strictObject({
  view: z.enum(VIEWS),
  keys: z
    .array(z.strictObject({ at: z.number().min(0).lt(1), pose: poseSchema }))
    .min(FEWEST_POSES)
    .max(MOST_POSES),
  /** How many reps one loop shows. */
  reps: z.number().min(0.25).max(8),
  /** From one key pose to the next: gathering speed and losing it, or evenly. */
  pace: z.enum(['smooth', 'even']),
  anchor: z.enum(ANCHORS),
  travels: z.enum(TRAVELS),
  props: z.array(propSchema).max(6),
  /** Each with the key pose it belongs to. */
  marks: z.array(z.strictObject({ kind: markKind, key: keyIndex })).max(6),
  /** The key pose that is held, for a move that is a hold; null for none. */
  hold: keyIndex.nullable(),
  /** The key pose that says most: where there is room for one. */
  best: keyIndex,
});

/** Its poses follow each other in time, and what names one of them names one that is there. */
export const figureSchema = shapeSchema.superRefine(({ keys, marks, hold, best }, context) => {
  const refuse = (path: (string | number)[], message: string) =>
    context.addIssue({ code: 'custom', path, message });
  keys.forEach(({ at }, n) => {
    const before = keys[n - 1]?.at ?? -1;
    if (n === 0 ? at !== 0 : at <= before) refuse(['keys', n, 'at'], 'key poses in order');
  });
  const isThere = (key: number) => key < keys.length;
  marks.forEach(({ key }, n) => {
    if (!isThere(key)) refuse(['marks', n, 'key'], 'a key pose that is there');
  });
  if (hold !== null && !isThere(hold)) refuse(['hold'], 'a key pose that is there');
  if (!isThere(best)) refuse(['best'], 'a key pose that is there');
});
export type Figure = DeepReadonly<z.infer<typeof figureSchema>>;
