import type { FigureSketch } from './figure-sketch';
import type { PoseSketch } from './pose-sketch';
import { ARMS, LEGS, STANCES } from './stances';

const READY: PoseSketch = { legs: [0.12, -1, 0], arms: ARMS.low };
const stretch = (
  view: FigureSketch['view'],
  from: PoseSketch,
  pose: PoseSketch,
  more: Partial<FigureSketch> = {},
): FigureSketch => ({ view, keys: [from, pose], hold: 1, best: 1, ...more });
const ON_FLOOR = { anchor: 'hips' } as const;

const butterfly: PoseSketch = {
  legs: [-0.14, -0.06, 0.5],
  knees: 62,
  point: 0.6,
  arms: [-0.1, -0.72, 0.5],
  elbows: 10,
};

export const STRETCH_FIGURES: Readonly<Record<string, FigureSketch>> = {
  'tall-reach': stretch('front', READY, {
    legs: [0.16, -1, 0],
    armL: [0.16, 1, 0.04],
    armR: [0.22, 0.88, 0.04],
    hands: 'open',
    side: -6,
    heel: 0.5,
    nod: -14,
  }),
  'toe-touch': stretch('side', READY, {
    tip: 92,
    bend: 42,
    nod: 8,
    legs: [0.1, -0.97, 0.14],
    arms: [0.02, -1, 0.16],
  }),
  'side-bend': stretch(
    'front',
    { legs: LEGS.wide, arms: ARMS.hips, armL: ARMS.up },
    {
      legs: [0.36, -0.94, 0],
      side: -36,
      roll: -4,
      tilt: -8,
      armL: [-0.62, 0.82, 0],
      armR: [0.2, -0.7, 0.1],
    },
  ),
  'cat-stretch': stretch(
    'side',
    { ...STANCES.allFours, tip: 80, bend: -18, nod: -36 },
    { ...STANCES.allFours, tip: 48, bend: 62, nod: 34, legs: [0.12, -0.5, -0.46] },
    {
      ...ON_FLOOR,
      marks: [
        ['pointed ears', 0],
        ['curled tail', 0],
      ],
    },
  ),
  'butterfly-sit': stretch('front', { ...STANCES.sit, legs: [0.2, 0, 0.9] }, butterfly, ON_FLOOR),
  'long-sit-reach': stretch(
    'side',
    { ...STANCES.sit, legs: [0.08, -0.02, 1], point: 0.3 },
    {
      legs: [0.08, -0.02, 1],
      point: 0.3,
      tip: 32,
      bend: 40,
      nod: 6,
      arms: [0.05, -0.28, 0.96],
    },
    ON_FLOOR,
  ),
  'cross-arm-hug': stretch(
    'front',
    { ...READY, arms: ARMS.wide },
    {
      legs: [0.12, -1, 0],
      armL: [-0.62, -0.06, 0.32],
      armR: [-0.62, -0.24, 0.34],
      bend: 8,
      nod: 10,
      elbows: 30,
    },
  ),
  'arm-across': stretch('front', READY, {
    legs: [0.12, -1, 0],
    armR: [-0.84, -0.02, 0.4],
    handR: 'open',
    armL: [-0.2, 0.12, 0.4],
    elbowL: 70,
  }),
  'calf-stretch': stretch(
    'side',
    READY,
    {
      tip: 22,
      nod: -10,
      legL: [0.06, -0.8, 0.34],
      legR: [0.06, -0.88, -0.5],
      arms: [0.06, 0.06, 0.96],
    },
    { props: [{ kind: 'wall', lie: 'along', places: [['floor', [0, 0, 0.62]]] }] },
  ),
  'quad-stretch': stretch(
    'side',
    READY,
    {
      legL: [0.05, -1, 0.02],
      legR: [0.05, -0.5, -0.3],
      pointR: 0.8,
      armR: [0.1, -0.86, -0.42],
      armL: [0.75, 0.25, 0.35],
    },
    { anchor: 'left foot' },
  ),
  'hamstring-sit': stretch(
    'side',
    {
      legR: LEGS.long,
      legL: [-0.1, -0.06, 0.42],
      kneeL: 62,
      arms: ARMS.lap,
    },
    {
      legR: LEGS.long,
      legL: [-0.1, -0.06, 0.42],
      kneeL: 62,
      point: 0.2,
      tip: 8,
      bend: 58,
      nod: 4,
      arms: [-0.15, -0.3, 0.95],
    },
    ON_FLOOR,
  ),
  'straddle-reach': stretch(
    'front',
    { legs: [0.75, 0.02, 0.66], arms: ARMS.lap },
    {
      legs: [0.75, 0.02, 0.66],
      tip: 34,
      bend: 34,
      nod: -18,
      arms: [0.05, -0.34, 0.9],
    },
    ON_FLOOR,
  ),
  'knees-to-chest': stretch(
    'side',
    STANCES.kneesUp,
    {
      tip: -92,
      bend: 8,
      nod: 8,
      legs: [0.08, 0.3, 0.2],
      point: 0.5,
      arms: [0.05, 0.42, 0.66],
    },
    ON_FLOOR,
  ),
  'lying-twist': {
    view: 'above',
    anchor: 'hips',
    keys: [
      { tip: -90, legs: [0.08, 0.3, 0.36], point: 0.4, arms: [1, -0.08, -0.05] },
      {
        tip: -90,
        spin: -50,
        twist: 42,
        look: 34,
        legL: [-0.55, -0.05, 0.3],
        legR: [0.42, -0.16, 0.3],
        point: 0.4,
        arms: [1, 0, -0.05],
      },
    ],
    hold: 1,
    best: 1,
  },
  'down-dog': stretch(
    'side',
    { ...STANCES.allFours, tip: 86, arms: [0.05, -1, 0.3] },
    {
      tip: 126,
      nod: 6,
      legs: [0.14, -0.95, -0.24],
      heel: 0.2,
      arms: [0.1, -0.7, 0.72],
      floor: true,
    },
    ON_FLOOR,
  ),
  'wrist-stretch': stretch('side', READY, {
    legs: [0.12, -1, 0],
    armR: [-0.1, 0.02, 0.98],
    handR: 'open',
    armL: [-0.36, 0.1, 0.92],
  }),
  'neck-tilt': stretch(
    'front',
    { ...READY, arms: ARMS.hips },
    {
      legs: [0.12, -1, 0],
      arms: ARMS.hips,
      tilt: -44,
    },
  ),
  'star-gaze': {
    hands: 'points',
    view: 'front',
    keys: [
      { legs: [0.22, -0.98, 0], arms: [0.3, 0.95, 0.05], side: 16, nod: -16, tilt: 6 },
      { legs: [0.22, -0.98, 0], arms: [0.3, 0.95, 0.05], side: -16, nod: -16, tilt: -6 },
    ],
    best: 0,
    marks: [['to and fro', 0]],
  },
  'seated-butterfly-flap': {
    view: 'front',
    anchor: 'hips',
    keys: [
      { ...butterfly, knees: 78 },
      { ...butterfly, knees: 46 },
    ],
    marks: [
      ['flapping knees', 0],
      ['flapping knees', 1],
    ],
    best: 1,
  },
};
