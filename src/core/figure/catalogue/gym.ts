import type { FigureSketch } from './figure-sketch';
import type { PoseSketch } from './pose-sketch';
import { FLOOR_FIGURES } from './floor';
import { ARMS, LEGS, STANCES } from './stances';

const rolled = FLOOR_FIGURES['forward-roll']!;

const READY: PoseSketch = { legs: LEGS.together, arms: ARMS.low };
const held = (
  view: FigureSketch['view'],
  from: PoseSketch,
  pose: PoseSketch,
  more: Partial<FigureSketch> = {},
): FigureSketch => ({
  view,
  keys: [from, pose, { ...pose, nod: (pose.nod ?? 0) + 2 }],
  hold: 1,
  best: 1,
  ...more,
});

/** On the back, knees drawn up. */
const CURLED: PoseSketch = { tip: -90, bend: 48, nod: 34, point: 0.5 };

export const GYM_FIGURES: Readonly<Record<string, FigureSketch>> = {
  'push-up': {
    view: 'side',
    anchor: 'hands',
    keys: [
      { ...STANCES.plank },
      {
        tip: 86,
        nod: -14,
        legs: [0.05, -0.1, -1],
        heel: 1,
        arms: [0.5, -0.4, -0.02],
        floor: true,
        elbows: 30,
      },
    ],
    best: 1,
  },
  'wall-walk': {
    view: 'side',
    keys: [
      { tip: 18, nod: -8, legs: [0.1, -0.96, -0.2], arms: [0.08, -0.3, 0.9], heel: 0.3 },
      { tip: 10, nod: -24, legs: [0.1, -0.98, -0.16], arms: [0.08, 0.8, 0.6], heel: 0.5 },
    ],
    props: [{ kind: 'wall', lie: 'along', places: [['floor', [0, 0, 0.56]]] }],
    best: 1,
  },
  'chair-dip': {
    view: 'side',
    anchor: 'hips',
    keys: [
      { legs: [0.1, -0.62, 0.62], tip: -4, arms: [0.3, -0.75, -0.2] },
      { legs: [0.1, -0.42, 0.74], tip: -2, arms: [0.3, -0.45, -0.35], elbows: 140 },
    ],
    props: [{ kind: 'chair', places: [['floor', [0, 0, -0.28]]] }],
    best: 1,
  },
  'shoulder-tap': {
    view: 'side',
    anchor: 'feet',
    alternate: true,
    keys: [
      { ...STANCES.plank },
      { ...STANCES.plank, armR: [-0.2, -0.14, 0.32], floor: false, floorL: true },
    ],
    marks: [['pats at the hands', 1]],
    best: 1,
  },
  'back-support': held(
    'side',
    { tip: -30, legs: LEGS.long, arms: [0.24, -0.95, -0.2], floor: true, elbows: 160 },
    {
      tip: -64,
      nod: 6,
      legs: [0.08, -0.3, 0.96],
      point: 0.6,
      arms: [0.22, -1, 0],
      floor: true,
      elbows: 160,
    },
    { anchor: 'hips' },
  ),
  'hollow-hold': held(
    'side',
    { ...STANCES.supine },
    {
      tip: -76,
      bend: 34,
      nod: 20,
      legs: [0.05, 0.28, 0.96],
      point: 0.8,
      arms: [0.2, 0.06, 0.95],
    },
    { anchor: 'hips' },
  ),
  // Curled up, over the sides: from the back to knees and forearms and on, and never over the head.
  'egg-roll': {
    view: 'corner',
    anchor: 'hips',
    travels: 'aside',
    pace: 'even',
    keys: [
      { ...CURLED, legs: [0.1, 0.4, 0.16], arms: [-0.1, 0.55, 0.4] },
      {
        ...CURLED,
        spin: 90,
        legL: [0.42, 0.04, 0.14],
        legR: [-0.42, 0, 0.14],
        armL: [0.55, 0.02, 0.4],
        armR: [-0.55, -0.02, 0.4],
      },
      {
        ...CURLED,
        spin: 180,
        bend: 30,
        nod: 10,
        legs: [0.12, -0.42, 0.12],
        arms: [0.1, -0.5, 0.1],
      },
      {
        ...CURLED,
        spin: 270,
        legL: [-0.42, 0, 0.14],
        legR: [0.42, 0.04, 0.14],
        armL: [-0.55, -0.02, 0.4],
        armR: [0.55, 0.02, 0.4],
      },
    ],
    best: 0,
  },
  'over-shoulder-roll': {
    ...rolled,
    view: 'corner',
    keys: rolled.keys.map((key, n) => ({ ...key, twist: n === 0 ? 0 : 14 })),
    marks: [['back over', 1]],
  },
  'pike-sit': held(
    'side',
    { ...STANCES.sit, legs: [0.1, -0.02, 0.7] },
    { ...STANCES.sit, legs: [0.08, -0.05, 0.95], bend: 0, arms: [0.12, -0.9, 0.1], point: 0.9 },
    { anchor: 'hips' },
  ),
  'straddle-sit': held(
    'front',
    { ...STANCES.sit },
    { ...STANCES.sit, legs: [0.82, 0, 0.56], bend: 0, arms: [0.5, -0.62, 0.3] },
    { anchor: 'hips' },
  ),
  statue: held('front', READY, {
    legL: [0.2, -0.97, 0],
    legR: [0.3, -0.8, 0.3],
    side: -6,
    armR: [0.5, 0.7, 0.2],
    armL: [0.5, -0.4, -0.3],
    elbowL: 30,
    look: 14,
  }),
  'warrior-pose': held('front', READY, {
    legR: [0.56, -0.56, 0.1],
    legL: [0.74, -0.68, 0],
    arms: [1, 0.02, 0],
    look: -60,
  }),
  'low-squat-hold': held('front', READY, {
    tip: 26,
    bend: 10,
    nod: -18,
    legs: [0.46, -0.34, 0.12],
    arms: [-0.26, -0.3, 0.5],
    elbows: 10,
  }),
  'triangle-stretch': held(
    'front',
    { legs: LEGS.wide, arms: ARMS.wide },
    {
      legs: [0.46, -0.9, 0],
      side: -38,
      roll: -34,
      tilt: -4,
      armL: [0.3, 1, 0],
      armR: [0.3, -1, 0.1],
    },
  ),
  'happy-baby': held(
    'side',
    { ...STANCES.kneesUp },
    {
      tip: -90,
      nod: 12,
      legs: [0.24, 0.66, -0.16],
      knees: 14,
      point: -0.6,
      arms: [0.2, 0.98, 0.5],
    },
    { anchor: 'hips' },
  ),
  'floor-stand': {
    view: 'side',
    keys: [
      { legs: [0.1, -1, 0], arms: ARMS.ready },
      { tip: 26, bend: 10, legs: [0.2, -0.5, 0.3], arms: ARMS.front },
      { ...STANCES.crossed, legs: [-0.06, -0.055, 0.6] },
    ],
    best: 2,
    marks: [['from the first pose', 2]],
  },
  'lie-and-stand': {
    view: 'side',
    anchor: 'feet',
    keys: [
      { legs: [0.1, -1, 0], arms: ARMS.up, when: 0 },
      { tip: 30, bend: 16, legs: [0.2, -0.5, 0.3], arms: ARMS.front, when: 0.25 },
      { ...STANCES.sit, legs: [0.12, 0, 0.7], tip: -20, when: 0.45 },
      { ...STANCES.supine, when: 0.65 },
      { ...STANCES.sit, legs: [0.12, 0, 0.6], tip: -6, when: 0.82 },
    ],
    best: 3,
    marks: [['from the first pose', 3]],
  },
};
