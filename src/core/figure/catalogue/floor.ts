import type { FigureSketch } from './figure-sketch';
import type { PoseSketch } from './pose-sketch';
import { ARMS, LEGS, STANCES } from './stances';

const SIDE = { view: 'side', anchor: 'hips' } as const;
const onPlank = { view: 'side', anchor: 'hands' } as const;
const tucked: PoseSketch = {
  tip: -70,
  bend: 60,
  nod: 38,
  legs: [0.08, 0.34, 0.2],
  point: 0.5,
  arms: [0.02, 0.05, 0.66],
};
const crab: PoseSketch = {
  tip: -58,
  nod: 30,
  legs: [0.12, -0.32, 0.62],
  arms: [0.2, -1, -0.1],
  floor: true,
  elbows: 160,
};

const sideGate: PoseSketch = {
  roll: -56,
  tilt: 26,
  legR: [-0.44, -0.3, -0.46],
  legL: [0.44, -0.36, -0.46],
  point: 1,
  armR: [0.12, -1, 0.1],
  floorR: true,
  armL: [0.35, 0.92, 0],
};

export const FLOOR_FIGURES: Readonly<Record<string, FigureSketch>> = {
  plank: { ...onPlank, keys: [{ ...STANCES.plank }, { ...STANCES.plank, tip: 73 }], hold: 0 },
  'table-hold': {
    ...SIDE,
    keys: [
      { ...STANCES.allFours, nod: -30 },
      { ...STANCES.allFours, nod: -34 },
    ],
    hold: 0,
  },
  'quick-climb': {
    ...onPlank,
    alternate: true,
    keys: [
      { ...STANCES.plank, legR: [0.08, -0.34, 0.02], pointR: 0.4, heelR: 0 },
      { ...STANCES.plank, tip: 76, legs: [0.08, -0.36, -0.42], heel: 1 },
    ],
  },
  'slow-climb': {
    ...onPlank,
    alternate: true,
    keys: [{ ...STANCES.plank }, { ...STANCES.plank, legR: [0.08, -0.34, 0.02], heelR: 0.4 }],
    best: 1,
  },
  'sit-up': {
    ...SIDE,
    anchor: 'feet',
    keys: [
      { ...STANCES.kneesUp, arms: [-0.2, -0.02, 0.5] },
      { tip: -32, bend: 42, nod: 14, legs: [0.12, 0.0, 0.52], arms: [0.05, 0.02, 0.9] },
    ],
    best: 1,
  },
  'back-bridge': {
    ...SIDE,
    anchor: 'feet',
    keys: [
      STANCES.kneesUp,
      { tip: -110, nod: 28, legs: [0.12, -0.44, 0.5], arms: [0.3, -0.1, 0.86], floor: true },
    ],
    best: 1,
  },
  'log-roll': {
    view: 'corner',
    anchor: 'hips',
    travels: 'aside',
    pace: 'even',
    keys: [
      { tip: -90, spin: 0, legs: [-0.02, 0, 1], point: 1, arms: [-0.05, 0.02, -1] },
      { tip: -90, spin: 90, legs: [0, 0, 1], point: 1, arms: [0, 0.02, -1] },
      { tip: -90, spin: 180, legs: [0.02, 0, 1], point: 1, arms: [0.05, 0.02, -1] },
      { tip: -90, spin: 270, legs: [0, 0, 1], point: 1, arms: [0, 0.02, -1] },
    ],
  },
  burpee: {
    view: 'side',
    keys: [
      { legs: LEGS.together, arms: ARMS.low },
      {
        tip: 48,
        bend: 16,
        nod: -40,
        legs: [0.2, -0.42, 0.1],
        arms: [0.05, -0.8, 0.3],
        floor: true,
        heel: 0.5,
      },
      { ...STANCES.plank, z: -0.3 },
      {
        tip: 48,
        bend: 16,
        nod: -40,
        legs: [0.2, -0.42, 0.1],
        arms: [0.05, -0.8, 0.3],
        floor: true,
        heel: 0.5,
      },
      { air: 0.14, legs: [0.06, -1, 0], point: 0.7, arms: ARMS.up },
    ],
    best: 2,
  },
  'rocking-chair': {
    ...SIDE,
    keys: [
      { ...tucked, tip: -110 },
      { ...tucked, tip: -38, legs: [0.08, 0.02, 0.36], arms: [0.04, -0.3, 0.62] },
    ],
    marks: [['to and fro', 1]],
    best: 0,
  },
  'dead-bug': {
    ...SIDE,
    view: 'side',
    alternate: true,
    keys: [
      {
        tip: -90,
        nod: 10,
        legR: [0.1, 0.1, 0.95],
        legL: [0.1, 0.42, 0.36],
        armL: [0.2, 0.35, -0.9],
        armR: [0.1, 1, 0.1],
      },
      { tip: -90, nod: 10, legs: [0.1, 0.42, 0.36], arms: [0.1, 1, 0.1] },
    ],
  },
  'bicycle-legs': {
    ...SIDE,
    alternate: true,
    pace: 'even',
    keys: [
      {
        tip: -80,
        bend: 22,
        nod: 18,
        legR: [0.08, 0.3, 0.92],
        legL: [0.08, 0.42, 0.18],
        point: 0.5,
        arms: [0.35, -0.5, 0.4],
      },
      {
        tip: -80,
        bend: 22,
        nod: 18,
        legR: [0.08, 0.3, 0.6],
        legL: [0.08, 0.62, 0.42],
        point: 0.5,
        arms: [0.35, -0.5, 0.4],
      },
    ],
  },
  'leg-raise': {
    ...SIDE,
    keys: [STANCES.supine, { ...STANCES.supine, legR: [0.06, 0.97, 0.2], pointR: 0.3 }],
    best: 1,
  },
  superman: {
    ...SIDE,
    keys: [
      { ...STANCES.prone, arms: [0.2, -0.1, 1] },
      { ...STANCES.prone, bend: -26, nod: -12, legs: [0.1, 0.26, -0.97], arms: [0.25, 0.3, 0.95] },
    ],
    best: 1,
  },
  cobra: {
    ...SIDE,
    keys: [
      { ...STANCES.prone, tip: 88, arms: [0.5, -0.1, 0.62], elbows: 40 },
      {
        tip: 84,
        bend: -62,
        nod: -12,
        legs: [0.06, -0.03, -1],
        point: 1,
        arms: [0.12, -0.9, 0.3],
        floor: true,
      },
    ],
    hold: 1,
    best: 1,
  },
  'knee-press-up': {
    view: 'side',
    anchor: 'hands',
    keys: [
      {
        tip: 66,
        nod: -20,
        legs: [0.08, -0.12, -0.72],
        knees: 0,
        point: 1,
        arms: [0.12, -1, 0.02],
        floor: true,
      },
      {
        tip: 80,
        nod: -16,
        legs: [0.08, 0.2, -0.62],
        point: 1,
        arms: [0.5, -0.4, -0.02],
        floor: true,
        elbows: 30,
      },
    ],
    best: 0,
  },
  'wall-push': {
    view: 'side',
    keys: [
      { tip: 14, legs: [0.1, -0.97, -0.22], arms: [0.08, 0.02, 1], heel: 0.3 },
      {
        tip: 22,
        nod: -8,
        legs: [0.1, -0.93, -0.36],
        arms: [0.2, -0.05, 0.55],
        heel: 0.5,
        elbows: 30,
      },
    ],
    props: [{ kind: 'wall', lie: 'along', places: [['floor', [0, 0, 0.62]]] }],
    best: 0,
  },
  'side-plank-knee': {
    view: 'front',
    anchor: 'hips',
    keys: [sideGate, { ...sideGate, roll: -58, armL: [0.3, 0.94, 0] }],
    hold: 0,
  },
  'donkey-kick': {
    view: 'side',
    anchor: 'hands',
    keys: [
      { ...STANCES.bear, legs: [0.14, -0.66, 0.22], tip: 92, heel: 0.5, when: 0 },
      {
        tip: 118,
        bend: 6,
        nod: -46,
        air: 0,
        legs: [0.1, 0.1, -0.72],
        point: 0.7,
        arms: [0.08, -1, 0.2],
        floor: false,
        when: 0.4,
      },
      { ...STANCES.bear, legs: [0.14, -0.66, 0.22], tip: 92, heel: 0.5, when: 0.8 },
    ],
    best: 1,
  },
  'crab-kick': {
    ...SIDE,
    alternate: true,
    keys: [{ ...crab, legR: [0.1, 0.5, 0.85], pointR: 0.3 }, { ...crab }],
  },
  'teddy-roll': {
    view: 'front',
    pace: 'even',
    anchor: 'hips',
    keys: [
      { tip: -8, bend: 20, legs: [0.72, 0.06, 0.55], arms: [0.5, -0.45, 0.6], point: 0.6 },
      {
        roll: -62,
        bend: 30,
        legs: [0.5, 0.1, 0.66],
        legL: [0.6, 0.6, 0.5],
        arms: [0.3, -0.3, 0.7],
        point: 0.6,
      },
      {
        tip: -100,
        bend: 40,
        nod: 20,
        legs: [0.55, 0.75, 0.15],
        arms: [0.35, 0.62, 0.4],
        point: 0.6,
      },
      {
        roll: 62,
        bend: 30,
        legs: [0.5, 0.1, 0.66],
        legR: [0.6, 0.6, 0.5],
        arms: [0.3, -0.3, 0.7],
        point: 0.6,
      },
    ],
    marks: [['round about', 0]],
  },
  'forward-roll': {
    view: 'side',
    anchor: 'hips',
    travels: 'forward',
    keys: [
      {
        tip: 56,
        bend: 34,
        nod: 26,
        legs: [0.14, -0.54, 0.02],
        heel: 0.5,
        arms: [0.1, -0.7, 0.4],
        floor: true,
        z: -0.5,
      },
      {
        tip: 116,
        bend: 62,
        nod: 46,
        legs: [0.12, -0.86, 0.1],
        heel: 0.6,
        arms: [0.15, -0.45, 0.3],
        z: -0.25,
      },
      {
        tip: 185,
        bend: 66,
        nod: 46,
        legs: [0.12, 0.24, -0.4],
        point: 0.4,
        arms: [0.1, -0.3, -0.3],
        z: -0.05,
      },
      {
        tip: 250,
        bend: 66,
        nod: 42,
        legs: [0.1, 0.2, 0.4],
        point: 0.4,
        arms: [0.05, 0.1, 0.6],
        z: 0.12,
      },
      { tip: 330, bend: 52, nod: 30, legs: [0.12, -0.2, 0.42], arms: ARMS.front, z: 0.42 },
      { tip: 375, legs: [0.14, -0.6, 0.14], arms: ARMS.front, z: 0.6, when: 0.8 },
    ],
    best: 1,
  },
};
