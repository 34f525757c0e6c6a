import type { FigureSketch } from './figure-sketch';
import type { PoseSketch } from './pose-sketch';
import { ARMS } from './stances';

const STOOD: PoseSketch = { legs: [0.16, -0.98, 0], arms: ARMS.low };
const LAIN: PoseSketch = {
  tip: -90,
  legs: [0.16, 0, 1],
  arms: [-0.12, 0.2, 0.5],
  point: -0.8,
  elbows: 40,
};

export const SMALL_FIGURES: Readonly<Record<string, FigureSketch>> = {
  'shoulder-roll': {
    view: 'corner',
    pace: 'even',
    keys: [
      { ...STOOD, arms: [0.2, -0.78, 0.3], elbows: 20 },
      { ...STOOD, arms: [0.3, -0.68, 0.02], elbows: 20, nod: -4 },
      { ...STOOD, arms: [0.24, -0.8, -0.3], elbows: 20, bend: -4 },
      { ...STOOD, arms: [0.14, -0.95, 0.02] },
    ],
    marks: [['round the shoulders', 1]],
    best: 1,
  },
  'finger-wiggle': {
    hands: 'open',
    view: 'front',
    keys: [
      { ...STOOD, arms: [0.4, 0.5, 0.5] },
      { ...STOOD, arms: [0.46, 0.54, 0.48] },
    ],
    marks: [
      ['shaking hands', 0],
      ['shaking hands', 1],
    ],
  },
  'head-to-toes': {
    view: 'side',
    keys: [
      { ...STOOD, arms: [0.1, 0.44, 0.2], elbows: -20 },
      { ...STOOD, arms: [0.1, -0.05, 0.32], elbows: 30 },
      { ...STOOD, tip: 44, bend: 16, legs: [0.14, -0.9, 0.14], arms: [0.05, -0.8, 0.3] },
      { ...STOOD, tip: 88, bend: 40, nod: 6, legs: [0.12, -0.95, 0.14], arms: [0.02, -1, 0.16] },
    ],
    marks: [['from the first pose', 3]],
    best: 3,
  },
  'hand-wave': {
    handR: 'open',
    view: 'front',
    keys: [
      { ...STOOD, armR: [0.34, 0.9, 0.2] },
      { ...STOOD, armR: [0.66, 0.68, 0.2] },
    ],
    marks: [['shaking hands', 0]],
  },
  'arm-swing': {
    view: 'side',
    keys: [
      { ...STOOD, armR: [0.1, -0.3, 0.9], armL: [0.1, -0.7, -0.6] },
      { ...STOOD, armL: [0.1, -0.3, 0.9], armR: [0.1, -0.7, -0.6] },
    ],
    marks: [
      ['swinging arms', 0],
      ['swinging arms', 1],
      ['the pose after', 0],
    ],
  },
  'air-punch': {
    hands: 'fist',
    view: 'side',
    alternate: true,
    keys: [
      {
        legL: [0.16, -0.95, 0.18],
        legR: [0.16, -0.95, -0.16],
        twist: 14,
        armR: [-0.06, 0.02, 1],
        armL: [0.1, -0.3, 0.3],
        elbowL: 10,
      },
      { legL: [0.16, -0.95, 0.18], legR: [0.16, -0.95, -0.16], arms: [0.1, -0.25, 0.4] },
    ],
  },
  bob: {
    view: 'corner',
    keys: [
      { legs: [0.14, -0.99, 0], arms: ARMS.hips },
      { legs: [0.16, -0.82, 0.14], tip: 10, arms: ARMS.hips },
    ],
    marks: [
      ['up and down', 0],
      ['up and down', 1],
    ],
    best: 1,
  },
  'head-turn': {
    view: 'front',
    keys: [
      { ...STOOD, look: -62 },
      { ...STOOD, look: 62 },
    ],
    marks: [['gaze', 0]],
  },
  'hip-wiggle': {
    view: 'front',
    keys: [
      { legs: [0.2, -0.94, 0.06], roll: 10, side: -10, arms: ARMS.hips },
      { legs: [0.2, -0.94, 0.06], roll: -10, side: 10, arms: ARMS.hips },
    ],
    marks: [['round the hips', 0]],
  },
  'floor-toe-tap': {
    view: 'side',
    alternate: true,
    anchor: 'hips',
    keys: [
      { legR: [0.08, -0.88, 0.42], pointR: 0.6, legL: [0.08, -0.98, 0], arms: ARMS.hips },
      { legs: [0.08, -0.98, 0.04], arms: ARMS.hips },
    ],
    marks: [['burst at the right foot', 0]],
  },
  'star-breath': {
    hands: 'open',
    view: 'front',
    keys: [
      { legs: [0.2, -0.98, 0], arms: [-0.1, -0.3, 0.5], bend: 6, nod: 6 },
      { legs: [0.5, -0.88, 0], arms: [0.8, 0.6, 0], bend: -4, nod: -8 },
    ],
    marks: [
      ['breath out', 0],
      ['breath in', 1],
      ['the pose before', 1],
    ],
    best: 1,
  },
  'squeeze-and-go': {
    view: 'above',
    anchor: 'hips',
    keys: [
      { tip: -90, legs: [0.2, 0, 1], arms: [0.42, -0.02, 0.9], point: -0.8 },
      {
        tip: -90,
        bend: 10,
        nod: 12,
        legs: [0, 0.02, 0.9],
        point: -0.9,
        arms: [0.1, 0.1, 0.6],
        elbows: 60,
      },
    ],
    marks: [
      ['the pose before', 1],
      ['shaking hands', 1],
    ],
    best: 1,
  },
  'toy-breath': {
    view: 'side',
    anchor: 'hips',
    keys: [
      { ...LAIN, legs: [0.12, 0.02, 0.5], point: 0 },
      { ...LAIN, legs: [0.12, 0.02, 0.5], point: 0, bend: -3 },
    ],
    props: [
      {
        kind: 'toy',
        places: [
          ['hands', [0, 0.06, 0]],
          ['hands', [0, 0.09, 0]],
        ],
      },
    ],
    marks: [['breath out', 0]],
    best: 1,
  },
  'lying-breath': {
    view: 'side',
    anchor: 'hips',
    keys: [{ ...LAIN }, { ...LAIN, bend: -3 }],
    marks: [['breath out', 0]],
    best: 0,
  },
  breather: {
    view: 'corner',
    keys: [
      { legs: [0.14, -0.99, 0], arms: [-0.14, -0.5, 0.32], elbows: 20, nod: 2 },
      { legs: [0.14, -0.99, 0], arms: [-0.12, -0.48, 0.34], elbows: 20, bend: -3, nod: -2 },
    ],
    marks: [['breath out', 0]],
    best: 0,
  },
};
