import type { FigureSketch } from './figure-sketch';
import type { PoseSketch } from './pose-sketch';
import { ARMS, LEGS, STANCES } from './stances';

const LANDED: PoseSketch = { ...STANCES.dip, arms: ARMS.front };
const AIRBORNE: PoseSketch = { air: 0.14, legs: [0.06, -1, -0.02], point: 0.7, arms: ARMS.up };
const CROUCHED: PoseSketch = {
  tip: 42,
  bend: 34,
  nod: 4,
  legs: [0.16, -0.4, 0.12],
  heel: 0.4,
  arms: [0, -0.6, 0.4],
};
/** Standing on a step: as high as it is. */
const STEP = 0.16;
const RUN_FORWARD: PoseSketch = {
  tip: 18,
  air: 0.05,
  legR: [0.05, -0.5, 0.62],
  legL: [0.05, -0.72, -0.66],
  pointL: 0.8,
  armL: [0.08, -0.1, 0.6],
  armR: [0.2, -0.4, -0.55],
  elbowL: 20,
};
const HALF_WAY: PoseSketch = {
  tip: 18,
  legL: [0.05, -0.5, -0.3],
  pointL: 0.7,
  legR: [0.05, -0.9, 0.14],
  armL: [0.12, -0.4, 0.3],
  armR: [0.16, -0.45, -0.05],
};

export const JUMPING_FIGURES: Readonly<Record<string, FigureSketch>> = {
  'pogo-jump': {
    view: 'front',
    keys: [
      { legs: [0.06, -0.94, 0.04], arms: ARMS.ready, when: 0 },
      { air: 0.08, legs: [0.05, -1, 0], point: 0.8, arms: ARMS.low, when: 0.5 },
    ],
    best: 1,
  },
  'feet-apart-jump': {
    hands: 'open',
    view: 'front',
    keys: [
      { legs: [-0.03, -0.97, 0], arms: ARMS.hips, when: 0 },
      { air: 0.06, legs: [0.2, -0.97, 0], point: 0.5, arms: ARMS.hips, when: 0.25 },
      { legs: [0.5, -0.84, 0], arms: ARMS.hips, when: 0.5 },
      { air: 0.06, legs: [0.2, -0.97, 0], point: 0.5, arms: ARMS.hips, when: 0.75 },
    ],
    best: 2,
    marks: [['the pose before', 2]],
  },
  'half-turn-jump': {
    view: 'corner',
    anchor: 'hips',
    keys: [
      { ...STANCES.dip, turn: 0, when: 0 },
      { ...AIRBORNE, turn: -90, arms: [0.5, 0.3, 0.3], when: 0.22 },
      { ...LANDED, turn: -180, when: 0.45 },
      { ...STANCES.dip, turn: -180, when: 0.55 },
      { ...AIRBORNE, turn: -270, arms: [0.5, 0.3, 0.3], when: 0.77 },
    ],
    reps: 2,
    marks: [['round about', 1]],
    best: 1,
  },
  'jump-and-land': {
    view: 'side',
    keys: [
      { ...STANCES.dip, when: 0 },
      { ...AIRBORNE, arms: [0.16, 1, 0.02], when: 0.25 },
      { ...LANDED, when: 0.42 },
      { ...LANDED, tip: 23, when: 0.8 },
    ],
    best: 2,
    marks: [['from the pose before', 2]],
  },
  'pop-up-jump': {
    view: 'corner',
    keys: [
      { ...CROUCHED, when: 0 },
      { ...AIRBORNE, legs: [0.3, -0.95, 0], arms: [0.62, 0.8, 0], when: 0.45 },
      { ...LANDED, when: 0.7 },
    ],
    best: 1,
  },
  'reach-jump': {
    view: 'front',
    keys: [
      { ...STANCES.dip, arms: ARMS.ready, when: 0 },
      {
        ...AIRBORNE,
        arms: undefined,
        air: 0.17,
        armL: [0.3, -0.5, 0.6],
        armR: [0.24, 0.86, 0.5],
        nod: -22,
        when: 0.45,
      },
      { ...LANDED, arms: [0.2, -0.4, 0.7], when: 0.75 },
    ],
    best: 1,
  },
  'step-up': {
    view: 'side',
    anchor: 'hips',
    keys: [
      { legs: LEGS.together, arms: ARMS.low, z: -0.12, when: 0 },
      {
        legR: [0.06, -0.66, 0.34],
        legL: [0.06, -0.97, -0.1],
        heelL: 0.5,
        arms: ARMS.ready,
        tip: 10,
        when: 0.3,
      },
      { legs: LEGS.together, arms: ARMS.low, air: STEP, z: 0.16, when: 0.6 },
    ],
    props: [{ kind: 'step', places: [['floor', [0, 0, 0.24]]] }],
    best: 1,
  },
  'side-gallop': {
    view: 'front',
    travels: 'aside',
    anchor: 'hips',
    keys: [
      { legR: [0.6, -0.8, 0], legL: [0.34, -0.88, 0], arms: ARMS.wide, side: 3 },
      {
        air: 0.07,
        legR: [0.22, -0.966, 0],
        legL: [0.1, -0.99, 0],
        point: 0.4,
        arms: [0.9, 0.2, 0],
      },
      { legR: [0.5, -0.66, 0], legL: [0.06, -0.94, 0], arms: ARMS.wide },
    ],
    best: 1,
    marks: [['the pose before', 1]],
  },
  dodge: {
    hands: 'fist',
    view: 'front',
    alternate: true,
    anchor: 'hips',
    travels: 'forward',
    keys: [
      {
        side: 8,
        roll: 6,
        tip: 14,
        legR: [0.6, -0.74, 0],
        legL: [0.12, -0.5, 0.2],
        arms: [0.5, -0.4, 0.4],
        x: 0.12,
      },
      {
        tip: 14,
        legL: [0.2, -0.76, 0.14],
        legR: [0.36, -0.74, -0.12],
        arms: [0.4, -0.4, 0.5],
      },
    ],
    marks: [
      ['zigzag', 0],
      ['the pose before', 0],
    ],
  },
  shuffle: {
    hands: 'fist',
    view: 'corner',
    alternate: true,
    anchor: 'hips',
    travels: 'forward',
    marks: [['glide', 0]],
    keys: [
      {
        tip: 10,
        legR: [0.08, -0.88, 0.3],
        legL: [0.08, -0.9, -0.24],
        arms: [0.2, -0.6, 0.36],
        nod: 8,
      },
      { tip: 10, legs: [0.08, -0.93, 0.03], arms: [0.2, -0.6, 0.36], nod: 8 },
    ],
  },
  'cheetah-run': {
    hands: 'fist',
    view: 'side',
    alternate: true,
    anchor: 'hips',
    travels: 'forward',
    keys: [RUN_FORWARD, HALF_WAY],
    best: 0,
    marks: [
      ['round ears', 0],
      ['long tail', 0],
    ],
  },
  'bunny-hop': {
    view: 'side',
    travels: 'forward',
    anchor: 'hips',
    keys: [
      { ...CROUCHED, tip: 46, bend: 16, nod: -34, arms: [0.05, -0.6, 0.5], when: 0 },
      {
        tip: 84,
        bend: 14,
        nod: -50,
        legs: [0.14, -0.5, 0.02],
        heel: 0.6,
        arms: [0.06, -0.9, 0.3],
        floor: true,
        when: 0.35,
      },
      {
        tip: 98,
        bend: 16,
        nod: -55,
        legs: [0.14, -0.42, 0.1],
        point: 0.6,
        arms: [0.06, -1, 0.12],
        when: 0.58,
      },
      {
        tip: 72,
        bend: 18,
        nod: -48,
        legs: [0.16, -0.44, 0.2],
        heel: 0.5,
        arms: [0.08, -0.9, -0.02],
        floor: true,
        when: 0.78,
      },
    ],
    marks: [['long ears', 0]],
    best: 1,
  },
  'bench-walk': {
    view: 'corner',
    alternate: true,
    anchor: 'hips',
    keys: [
      {
        air: STEP,
        legR: [-0.02, -0.94, 0.26],
        legL: [-0.02, -0.95, -0.22],
        heelL: 0.6,
        arms: ARMS.wide,
      },
      { air: STEP, legL: [0.02, -0.8, 0.06], legR: [-0.02, -0.98, 0.02], arms: ARMS.wide },
    ],
    props: [{ kind: 'bench', lie: 'along', places: [['floor', [0, 0, 0]]] }],
  },
  'skipping-rope': {
    view: 'front',
    hands: 'fist',
    keys: [
      { legs: [0.06, -0.98, 0.02], arms: [0.5, -0.55, 0.15], when: 0 },
      { legs: [0.06, -0.93, 0.05], arms: [0.52, -0.5, 0.2], when: 0.25 },
      { air: 0.1, legs: [0.05, -1, 0], point: 0.7, arms: [0.52, -0.55, 0.15], when: 0.5 },
      { legs: [0.06, -0.95, 0.04], arms: [0.5, -0.55, 0.1], when: 0.75 },
    ],
    // Over the head, down before it, under the feet, and up behind.
    props: [
      {
        kind: 'rope',
        places: [
          ['hands', [0, 0.66, -0.1]],
          ['hands', [0, 0.05, 0.6]],
          ['hands', [0, -0.62, 0]],
          ['hands', [0, 0.05, -0.5]],
        ],
      },
    ],
    best: 2,
  },
  'rope-turn': {
    view: 'side',
    pace: 'even',
    anchor: 'hips',
    keys: [
      { ...STANCES.seated, armR: [0.1, -0.2, 0.9], armL: ARMS.lap },
      { ...STANCES.seated, armR: [0.1, 0.4, 0.8], armL: ARMS.lap },
      { ...STANCES.seated, armR: [0.3, 0.2, 0.85], armL: ARMS.lap },
    ],
    props: [
      { kind: 'seat', places: [['floor', [0, 0, 0]]] },
      { kind: 'chair', lie: 'across', places: [['floor', [0, 0, 1.3]]] },
      { kind: 'partner', places: [['floor', [0, 0, 1.3]]] },
      { kind: 'rope', lie: 'across', places: [['right hand', [0, 0, 0.1]]] },
    ],
    best: 1,
  },
};
