import type { FigureSketch } from './figure-sketch';
import { ARMS, STANCES } from './stances';

const SAT = { view: 'corner', anchor: 'hips' } as const;

export const BREATH_FIGURES: Readonly<Record<string, FigureSketch>> = {
  'calm-breath': {
    ...SAT,
    keys: [
      { ...STANCES.crossed, bend: -4, nod: -4 },
      { ...STANCES.crossed, bend: 12, nod: 8, arms: [-0.05, -0.35, 0.5] },
    ],
    marks: [['breath out', 1]],
    best: 1,
  },
  'lie-still': {
    view: 'above',
    anchor: 'hips',
    keys: [
      { tip: -90, legs: [0.2, -0.06, 1], arms: [0.42, -0.02, 0.9], point: -0.8 },
      { tip: -90, bend: -2, legs: [0.2, -0.06, 1], arms: [0.43, -0.02, 0.9], point: -0.8 },
    ],
    hold: 0,
  },
  'balloon-breath': {
    view: 'front',
    keys: [
      { legs: [0.2, -0.98, 0], arms: [-0.28, -0.1, 0.5], bend: 8, nod: 8 },
      { legs: [0.2, -0.98, 0], arms: [0.78, 0.62, 0.1], bend: -6, nod: -8 },
    ],
    marks: [
      ['balloon', 0],
      ['breath in', 1],
      ['breath out', 0],
    ],
    best: 1,
  },
  'snake-breath': {
    ...SAT,
    view: 'side',
    keys: [
      { ...STANCES.crossed, bend: -4, arms: ARMS.lap },
      { ...STANCES.crossed, bend: 28, tip: 4, nod: -22, arms: [-0.2, -0.1, 0.85] },
    ],
    marks: [['hiss', 1]],
    best: 1,
  },
  'bee-breath': {
    ...SAT,
    view: 'front',
    keys: [
      { ...STANCES.crossed, armL: [0.2, 0.36, 0.16], armR: [0.2, 0.36, 0.16], elbows: -30 },
      {
        ...STANCES.crossed,
        armL: [0.2, 0.36, 0.16],
        armR: [0.2, 0.36, 0.16],
        elbows: -30,
        nod: 8,
        bend: 6,
      },
    ],
    marks: [
      ['shaking hands', 0],
      ['shaking hands', 1],
    ],
    best: 0,
  },
  'candle-fingers': {
    ...SAT,
    handR: 'open',
    view: 'side',
    keys: [
      { ...STANCES.crossed, armR: [-0.12, 0.12, 0.62], armL: ARMS.lap, elbowR: -20 },
      {
        ...STANCES.crossed,
        armR: [-0.12, 0.1, 0.66],
        armL: ARMS.lap,
        elbowR: -20,
        bend: 8,
        nod: 4,
      },
    ],
    marks: [
      ['breath out', 1],
      ['flames', 1],
    ],
    best: 1,
  },
  'listen-still': {
    ...SAT,
    view: 'front',
    keys: [
      { ...STANCES.crossed, armR: [0.16, 0.4, 0.2], elbowR: -20, armL: ARMS.lap, tilt: 12 },
      {
        ...STANCES.crossed,
        armR: [0.16, 0.4, 0.2],
        elbowR: -20,
        armL: ARMS.lap,
        tilt: 14,
        look: -14,
      },
    ],
    hold: 0,
  },
  'body-melt': {
    view: 'side',
    anchor: 'feet',
    keys: [
      { legs: [0.1, -1, 0], arms: ARMS.up, when: 0 },
      {
        tip: 30,
        bend: 44,
        nod: 34,
        legs: [0.14, -0.56, 0.16],
        arms: [0.1, -0.98, 0.1],
        when: 0.35,
      },
      { tip: -20, bend: 56, nod: 40, legs: [0.14, 0, 0.56], arms: [0.2, -0.7, 0.3], when: 0.6 },
      { tip: -90, legs: [0.2, -0.05, 0.97], point: -0.8, arms: [0.5, -0.05, 0.7], when: 0.82 },
    ],
    marks: [['from the pose before', 1]],
    best: 1,
  },
  'hand-trace': {
    ...SAT,
    view: 'front',
    keys: [
      {
        ...STANCES.crossed,
        armL: [0.3, -0.1, 0.5],
        handL: 'open',
        elbowL: -30,
        armR: [-0.62, -0.24, 0.62],
        handR: 'points',
        nod: 8,
        look: 10,
      },
      {
        ...STANCES.crossed,
        armL: [0.3, -0.1, 0.5],
        handL: 'open',
        elbowL: -30,
        armR: [-0.54, -0.02, 0.66],
        handR: 'points',
        nod: 4,
        look: 10,
      },
    ],
    marks: [],
    best: 1,
  },
};
