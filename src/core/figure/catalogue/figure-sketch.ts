import type { Figure, Holder, MarkKind, Prop, PropKind, View } from '../../model/figure';
import { mirroredPose, type Hand } from '../../model/pose';
import { poseOf, type PoseSketch } from './pose-sketch';
import type { Vec } from '../body/vec';

type PlaceSketch = readonly [by: Holder, at?: Vec, arc?: number];
export type PropSketch = Readonly<{
  kind: PropKind;
  lie?: Prop['lie'];
  places: readonly PlaceSketch[];
}>;

export type FigureSketch = Readonly<{
  view?: View;
  /** Key poses at even times, or each with its own. */
  keys: readonly (PoseSketch & { when?: number })[];
  /** How both hands, or the right one, are held throughout. */
  hands?: Hand;
  handR?: Hand;
  /** The key poses again with left and right changed over, so that a loop holds two reps. */
  alternate?: boolean;
  reps?: number;
  pace?: Figure['pace'];
  anchor?: Figure['anchor'];
  travels?: Figure['travels'];
  props?: readonly PropSketch[];
  marks?: readonly (readonly [MarkKind, number])[];
  hold?: number;
  best?: number;
}>;

const mirroredMark: Partial<Readonly<Record<MarkKind, MarkKind>>> = {
  'burst at the left foot': 'burst at the right foot',
  'burst at the right foot': 'burst at the left foot',
};

/** A whole figure from a sketch of it. */
export function figureOf(sketch: FigureSketch): Figure {
  const { keys, alternate = false, hands, handR } = sketch;
  const whole = alternate ? 2 : 1;
  const timed = keys.map(({ when, ...pose }, n) => ({
    at: (when ?? n / keys.length) / whole,
    pose: poseOf({ hands, handR, ...pose }),
  }));
  const marks = (sketch.marks ?? []).map(([kind, key]) => ({ kind, key }));
  return {
    view: sketch.view ?? 'corner',
    keys: alternate
      ? [...timed, ...timed.map(({ at, pose }) => ({ at: at + 0.5, pose: mirroredPose(pose) }))]
      : timed,
    reps: sketch.reps ?? whole,
    pace: sketch.pace ?? 'smooth',
    anchor: sketch.anchor ?? 'feet',
    travels: sketch.travels ?? 'none',
    props: (sketch.props ?? []).map(({ kind, lie = 'flat', places }) => ({
      kind,
      lie,
      places: places.map(([by, at = [0, 0, 0], arc = 0]) => ({
        by,
        at,
        arc,
      })),
    })),
    marks: alternate
      ? [
          ...marks,
          ...marks.map(({ kind, key }) => ({
            kind: mirroredMark[kind] ?? kind,
            key: key + keys.length,
          })),
        ]
      : marks,
    hold: sketch.hold ?? null,
    best: sketch.best ?? 0,
  };
}
