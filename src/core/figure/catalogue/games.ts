import type { FigureSketch } from './figure-sketch';
import type { PoseSketch } from './pose-sketch';
import { ARMS, STANCES } from './stances';

const READY: PoseSketch = { legs: [0.2, -0.97, 0.02], arms: ARMS.ready };
const AT_CHEST: PoseSketch = {
  legL: [0.12, -0.95, 0.2],
  legR: [0.12, -0.95, -0.16],
  arms: [-0.14, -0.2, 0.4],
};
const STRETCHED: PoseSketch = {
  ...AT_CHEST,
  tip: 8,
  legL: [0.12, -0.88, 0.36],
  heelR: 0.6,
  arms: [-0.2, 0, 0.95],
};

export const GAME_FIGURES: Readonly<Record<string, FigureSketch>> = {
  'chest-pass': {
    view: 'side',
    anchor: 'hips',
    keys: [
      { ...AT_CHEST, when: 0 },
      { ...STRETCHED, when: 0.3 },
      { ...STRETCHED, when: 0.55 },
    ],
    props: [
      {
        kind: 'ball',
        places: [
          ['hands', [0, 0.02, 0.06]],
          ['hands', [0, 0.02, 0.12]],
          ['floor', [0, 0.62, 1.15]],
        ],
      },
    ],
    best: 1,
  },
  'bounce-pass': {
    view: 'side',
    anchor: 'hips',
    keys: [
      { ...AT_CHEST, when: 0 },
      { ...STRETCHED, arms: [-0.2, -0.5, 0.8], when: 0.3 },
      { ...STRETCHED, arms: [-0.15, -0.5, 0.8], when: 0.5 },
      { ...STRETCHED, arms: [-0.1, -0.5, 0.75], when: 0.7 },
    ],
    props: [
      {
        kind: 'ball',
        places: [
          ['hands', [0, 0.02, 0.06]],
          ['hands', [0, -0.02, 0.12]],
          ['floor', [0, 0, 0.85]],
          ['floor', [0, 0.4, 1.25]],
        ],
      },
    ],
    best: 2,
    marks: [['bounced way', 2]],
  },
  'ball-trap': {
    hands: 'open',
    view: 'side',
    anchor: 'left foot',
    keys: [
      { ...READY, arms: [0.5, -0.6, 0.1] },
      { legR: [0.08, -0.74, 0.5], pointR: -0.6, arms: [0.6, -0.4, 0.1], nod: 12 },
    ],
    props: [
      {
        kind: 'ball',
        places: [
          ['floor', [-0.1, 0, 0.8]],
          ['floor', [-0.1, 0, 0.46]],
        ],
      },
    ],
    best: 1,
  },
  'foot-dribble': {
    view: 'side',
    alternate: true,
    anchor: 'hips',
    travels: 'forward',
    keys: [
      {
        tip: 10,
        nod: 10,
        legR: [0.05, -0.91, 0.36],
        legL: [0.05, -0.92, -0.2],
        heelL: 0.6,
        arms: [0.4, -0.6, 0.1],
      },
      {
        tip: 10,
        nod: 10,
        legL: [0.05, -0.8, -0.1],
        legR: [0.05, -0.95, 0.1],
        arms: [0.4, -0.6, 0.1],
      },
    ],
    props: [
      {
        kind: 'ball',
        places: [
          ['floor', [0, 0, 0.52]],
          ['floor', [0, 0, 0.6]],
          ['floor', [0, 0, 0.52]],
          ['floor', [0, 0, 0.6]],
        ],
      },
    ],
  },
  'tee-strike': {
    view: 'front',
    anchor: 'hips',
    keys: [
      { legs: [0.3, -0.93, 0], twist: 26, armR: [-0.2, 0.1, 0.5], armL: [0.4, 0.2, 0.4], when: 0 },
      {
        legs: [0.32, -0.92, 0],
        twist: -6,
        armR: [0.2, -0.3, 0.85],
        armL: [-0.3, -0.3, 0.8],
        when: 0.4,
      },
      {
        legs: [0.32, -0.92, 0],
        twist: -34,
        armR: [0.7, 0.1, 0.5],
        armL: [-0.4, 0, 0.6],
        when: 0.65,
      },
    ],
    props: [
      { kind: 'bat', places: [['right hand']] },
      { kind: 'cone', places: [['floor', [-0.1, 0, 0.5]]] },
      {
        kind: 'ball',
        places: [
          ['floor', [-0.1, 0.24, 0.5]],
          ['floor', [-0.1, 0.24, 0.5]],
          ['floor', [-0.9, 0.5, 0.7]],
        ],
      },
    ],
    best: 1,
  },
  'hoop-waist': {
    view: 'front',
    pace: 'even',
    keys: [
      { legs: [0.16, -0.97, 0.03], roll: 5, arms: [0.6, 0.35, 0.1] },
      { legs: [0.16, -0.97, 0.06], tip: -5, arms: [0.6, 0.35, 0.1] },
      { legs: [0.16, -0.97, 0.03], roll: -5, arms: [0.6, 0.35, 0.1] },
      { legs: [0.16, -0.97, 0], tip: 5, arms: [0.6, 0.35, 0.1] },
    ],
    props: [{ kind: 'hoop', lie: 'flat', places: [['floor', [0, 0.52, 0]]] }],
    marks: [['round the hips', 0]],
  },
  'balloon-tap': {
    hands: 'open',
    view: 'front',
    keys: [
      { ...READY, armR: [0.1, 0.3, 0.6], armL: [0.4, -0.5, 0.3], nod: -20, when: 0 },
      { ...READY, armR: [0.05, 0.75, 0.5], armL: [0.4, -0.4, 0.3], nod: -28, when: 0.35 },
    ],
    props: [
      {
        kind: 'balloon',
        places: [
          ['right hand', [0, 0.16, 0.04]],
          ['right hand', [0, 0.36, 0.04]],
        ],
      },
    ],
    best: 1,
  },
  'parachute-lift': {
    view: 'side',
    keys: [
      { ...STANCES.dip, arms: [-0.1, -0.6, 0.7] },
      { legs: [0.16, -0.99, 0], heel: 0.4, arms: [-0.06, 0.75, 0.6], nod: -22 },
    ],
    props: [
      {
        kind: 'parachute',
        places: [
          ['hands', [0, 0, 0.05]],
          ['hands', [0, 0, 0.05]],
        ],
      },
    ],
    best: 1,
  },
  'parachute-ripple': {
    view: 'side',
    anchor: 'hips',
    keys: [
      { ...STANCES.seated, arms: [-0.08, -0.2, 0.8] },
      { ...STANCES.seated, arms: [-0.08, 0.1, 0.8] },
    ],
    props: [
      { kind: 'seat', places: [['floor', [0, 0, 0]]] },
      {
        kind: 'parachute',
        places: [
          ['hands', [0, 0, 0.05]],
          ['hands', [0, 0, 0.05]],
        ],
      },
    ],
    marks: [['ripples at the hands', 1]],
    best: 1,
  },
  'partner-mirror': {
    view: 'side',
    keys: [
      { ...READY, arms: [0.4, 0.1, 0.6], elbows: 10 },
      { ...READY, side: 8, armR: [0.5, 0.7, 0.4], armL: [0.5, -0.2, 0.5] },
      { ...READY, side: -8, armL: [0.5, 0.7, 0.4], armR: [0.5, -0.2, 0.5] },
    ],
    props: [{ kind: 'partner', places: [['floor', [0, 0, 0.66]]] }],
    best: 1,
  },
  'partner-row': {
    view: 'side',
    anchor: 'hips',
    keys: [
      { ...STANCES.sit, legs: [0.22, 0, 0.66], tip: 22, bend: 14, arms: [-0.05, 0, 1] },
      { ...STANCES.sit, legs: [0.22, 0, 0.66], tip: -16, arms: [-0.02, -0.1, 0.95] },
    ],
    props: [{ kind: 'partner', lie: 'across', places: [['floor', [0, 0, 0.78]]] }],
    best: 0,
  },
  'high-five': {
    hands: 'open',
    view: 'side',
    keys: [
      { ...READY, arms: [0.2, -0.6, 0.4] },
      {
        legs: [0.14, -0.98, 0],
        tip: 4,
        armR: [0.06, 0.62, 0.76],
        armL: [0.2, -0.8, 0.1],
        heel: 0.2,
      },
    ],
    props: [{ kind: 'partner', places: [['floor', [0, 0, 0.56]]] }],
    marks: [['burst between the hands', 1]],
    best: 1,
  },
  'see-saw': {
    view: 'side',
    keys: [
      { legs: [0.14, -0.98, 0.02], tip: -4, arms: [-0.05, -0.3, 0.93] },
      { ...STANCES.squat, tip: 10, nod: -6, arms: [-0.05, 0.4, 0.85] },
    ],
    props: [{ kind: 'partner', lie: 'across', places: [['floor', [0, 0, 0.54]]] }],
    best: 1,
  },
};
