import type { PoseSketch } from './pose-sketch';
import type { Vec } from '../body/vec';

/** Where arms and legs often are: reaches out to the side, up and to the front. */
export const ARMS = {
  up: [0.16, 1, -0.26],
  wide: [1, 0.08, 0.05],
  high: [0.62, 0.8, 0],
  front: [0.02, 0.02, 1],
  back: [0.18, -0.8, -0.55],
  ready: [0.14, -0.55, 0.5],
  hips: [0.34, -0.56, -0.02],
  chest: [-0.22, -0.22, 0.42],
  together: [-0.29, -0.12, 0.72],
  lap: [0, -0.6, 0.45],
  knees: [0.05, -0.72, 0.6],
  low: [0.18, -0.95, 0.12],
} satisfies Record<string, Vec>;

export const LEGS = {
  together: [-0.03, -1, 0],
  wide: [0.48, -0.9, 0],
  sunk: [0.22, -0.62, 0.12],
  deep: [0.3, -0.42, 0.14],
  kneeling: [0.06, -0.5, -0.5],
  onHeels: [0.08, -0.17, -0.12],
  long: [0.08, -0.05, 1],
  seat: [0.08, -0.5, 0.54],
} satisfies Record<string, Vec>;

/** Whole postures that many moves begin from. */
export const STANCES = {
  squat: { tip: 28, bend: 8, nod: -22, legs: LEGS.deep, arms: ARMS.front },
  dip: { tip: 22, bend: 6, nod: -15, legs: LEGS.sunk, arms: ARMS.back },
  allFours: {
    tip: 74,
    nod: -45,
    legs: [0.12, -0.5, -0.5],
    point: 1,
    arms: [0.05, -1, 0.12],
    floor: true,
  },
  bear: {
    tip: 98,
    bend: 12,
    nod: -45,
    legs: [0.16, -0.9, 0.02],
    arms: [0.08, -0.8, 0.55],
    floor: true,
    heel: 0.4,
  },
  plank: {
    tip: 72,
    nod: -18,
    legs: [0.05, -0.34, -0.92],
    heel: 1,
    arms: [0.06, -1, 0.02],
    floor: true,
  },
  supine: { tip: -90, legs: [0.08, -0.05, 1], arms: [0.35, -0.02, 0.9], point: -0.8, elbows: 60 },
  /** On the back, feet near the seat. */
  kneesUp: {
    tip: -90,
    legs: [0.12, 0.02, 0.5],
    arms: [0.35, -0.02, 0.9],
    point: 0,
    elbows: 60,
  },
  prone: { tip: 90, legs: [0.08, -0.07, -1], arms: [0.4, 0, 0.85], point: 1, nod: -25 },
  sit: { legs: LEGS.long, point: -0.8, arms: [0.2, -0.75, 0.3], bend: 4 },
  crossed: {
    legs: [-0.12, -0.065, 0.42],
    knees: 57,
    point: 0.7,
    arms: [0.22, -0.72, 0.5],
    elbows: 15,
  },
  /** Down on the right knee. */
  halfKneel: { legL: [0.1, -0.5, 0.46], legR: [0.06, -0.5, -0.5], pointR: 1 },
  kneel: { legs: LEGS.onHeels, point: 1, knees: 8, arms: ARMS.lap },
  seated: { legs: LEGS.seat, arms: [0.1, -0.66, 0.45] },
} satisfies Record<string, PoseSketch>;

/** The same with the legs changed over, and nothing else: the other step of one who carries a thing. */
export function otherStep(sketch: PoseSketch): PoseSketch {
  const { legL, legR, kneeL, kneeR, pointL, pointR, heelL, heelR, ...rest } = sketch;
  return {
    ...rest,
    legL: legR,
    legR: legL,
    kneeL: kneeR,
    kneeR: kneeL,
    pointL: pointR,
    pointR: pointL,
    heelL: heelR,
    heelR: heelL,
  };
}
