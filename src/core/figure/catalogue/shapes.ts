import type { FigureSketch } from './figure-sketch';
import type { PoseSketch } from './pose-sketch';
import { ARMS, LEGS, STANCES } from './stances';

const READY: PoseSketch = { legs: LEGS.together, arms: ARMS.low };

/** From standing into the shape, and staying in it with the smallest of movements. */
const shape = (
  view: FigureSketch['view'],
  pose: PoseSketch,
  from: PoseSketch = READY,
): FigureSketch => ({
  view,
  keys: [from, pose, { ...pose, nod: (pose.nod ?? 0) + 2 }],
  hold: 1,
  best: 1,
});

export const SHAPE_FIGURES: Readonly<Record<string, FigureSketch>> = {
  'star-shape': shape('front', { legs: [0.62, -0.84, 0], arms: [1, 0.16, 0], hands: 'open' }),
  'small-ball': shape('side', {
    tip: 40,
    bend: 54,
    nod: 42,
    legs: [0.1, -0.3, 0.1],
    arms: [-0.1, -0.5, 0.42],
    heel: 0.4,
  }),
  'bridge-shape': {
    ...shape('corner', {
      ...STANCES.bear,
      tip: 112,
      nod: 10,
      bend: 0,
      legs: [0.3, -0.94, -0.22],
      heel: 0,
      arms: [0.3, -0.7, 0.72],
    }),
    anchor: 'hips',
    marks: [['under it', 1]],
  },
  'table-shape': {
    ...shape(
      'side',
      {
        tip: -76,
        nod: 16,
        legs: [0.12, -0.5, 0.42],
        arms: [0.12, -1, 0.06],
        floor: true,
        elbows: 160,
      },
      { legs: [0.12, -0.05, 0.55], tip: -22, arms: [0.12, -1, -0.4], floor: true, elbows: 160 },
    ),
    anchor: 'hips',
  },
  'tall-thin': shape(
    'front',
    { legs: [-0.05, -1, 0], heel: 0.7, arms: [-0.2, 1, -0.3] },
    { ...READY, arms: [0.2, -0.85, 0.55] },
  ),
  'twisted-tree': shape('front', {
    legL: [-0.36, -0.94, -0.14],
    legR: [0.06, -0.97, 0.14],
    twist: 30,
    side: -10,
    armR: [-0.22, 0.95, 0],
    armL: [-0.16, 0.8, 0.05],
  }),
  'letter-x': shape('front', { legs: [0.62, -0.82, 0], arms: [0.68, 0.78, 0], hands: 'points' }),
  'letter-t': shape('front', { legs: [-0.04, -1, 0], arms: [1, 0.06, 0] }),
  'arrow-shape': shape('side', {
    legR: [0.1, -0.6, 0.46],
    legL: [0.05, -0.7, -0.72],
    heelL: 0.6,
    tip: 22,
    nod: -14,
    armR: [-0.1, 0.34, 1],
    handR: 'points',
    armL: [0.12, -0.44, -0.72],
  }),
  'rock-shape': shape(
    'side',
    {
      tip: 62,
      bend: 46,
      nod: -4,
      legs: [0.1, -0.24, -0.14],
      point: 1,
      arms: [0.2, -0.02, -0.75],
    },
    { ...STANCES.kneel },
  ),
};
