import type { FigureSketch } from './figure-sketch';
import type { PoseSketch } from './pose-sketch';
import { ARMS, LEGS, otherStep, STANCES } from './stances';
import { TRAVELLING_FIGURES } from './travelling';

const walking = TRAVELLING_FIGURES['walk']!;
const walkingWith = (more: PoseSketch): FigureSketch['keys'] =>
  walking.keys.map((key) => ({ ...key, ...more }));
/** Both steps of a walk with a thing in one hand. */
const carrying = (more: PoseSketch): FigureSketch['keys'] => {
  const step = walkingWith(more);
  return [...step, ...step.map(otherStep)];
};

const THROWN_UNDER = [
  {
    tip: 10,
    legL: [0.05, -0.95, 0.25],
    legR: [0.05, -0.95, -0.15],
    armR: [0.15, -0.75, -0.62],
    armL: [0.3, -0.6, 0.5],
  },
  {
    tip: 8,
    legL: [0.05, -0.84, 0.45],
    legR: [0.05, -0.86, -0.36],
    heelR: 0.9,
    armR: [0.05, -0.1, 1],
    armL: [0.4, -0.8, -0.1],
  },
  {
    tip: 4,
    legL: [0.05, -0.86, 0.42],
    legR: [0.05, -0.88, -0.3],
    heelR: 0.9,
    armR: [0.02, 0.6, 0.8],
    armL: [0.4, -0.8, -0.1],
  },
] as const satisfies FigureSketch['keys'];

export const HANDLING_FIGURES: Readonly<Record<string, FigureSketch>> = {
  'ball-toss-catch': {
    view: 'front',
    keys: [
      { tip: 6, legs: [0.2, -0.9, 0.08], arms: [-0.12, -0.52, 0.55], nod: 8, when: 0 },
      { legs: [0.2, -0.98, 0], arms: [0.2, 0.3, 0.6], nod: -24, when: 0.2 },
      { legs: [0.2, -0.98, 0], arms: [0.3, 0.16, 0.6], nod: -26, when: 0.45 },
      { legs: [0.2, -0.98, 0], arms: [0, -0.1, 0.7], nod: -14, when: 0.7 },
    ],
    props: [
      {
        kind: 'ball',
        places: [
          ['hands', [0, 0.04, 0.03]],
          ['hands', [0, 0.12, 0.03], 0.06],
          ['hands', [0, 0.42, 0.03], 0.06],
          ['hands', [0, 0.06, 0.03]],
        ],
      },
    ],
    best: 2,
  },
  'ball-roll': {
    view: 'side',
    anchor: 'hips',
    keys: [
      {
        ...STANCES.halfKneel,
        tip: 34,
        bend: 20,
        nod: -30,
        arms: [-0.2, -0.8, 0.05],
        when: 0,
      },
      {
        ...STANCES.halfKneel,
        tip: 44,
        bend: 20,
        nod: -40,
        arms: [-0.15, -0.62, 0.75],
        when: 0.3,
      },
      {
        ...STANCES.halfKneel,
        tip: 40,
        bend: 16,
        nod: -40,
        arms: [-0.1, -0.4, 0.9],
        when: 0.65,
      },
    ],
    props: [
      {
        kind: 'ball',
        places: [
          ['hands', [0, -0.02, 0.06]],
          ['hands', [0, -0.05, 0.1]],
          ['floor', [0, 0, 0.95]],
        ],
      },
    ],
    best: 1,
  },
  'bean-bag-balance': {
    ...walking,
    keys: walkingWith({
      arms: [0.8, -0.5, 0.1],
      armL: undefined,
      armR: undefined,
      tip: 0,
    }),
    props: [{ kind: 'bean bag', places: [['head', [0, 0.005, 0]]] }],
  },
  'overarm-throw': {
    view: 'side',
    keys: [
      {
        legL: [0.05, -0.9, 0.38],
        legR: [0.05, -0.92, -0.28],
        armR: [0.6, 0.42, -0.25],
        armL: [0.2, 0.2, 0.95],
        tip: -8,
        twist: -18,
        elbowR: 50,
        when: 0,
      },
      {
        legL: [0.05, -0.84, 0.46],
        legR: [0.05, -0.86, -0.4],
        heelR: 0.9,
        armR: [0.1, 0.62, 0.75],
        armL: [0.3, -0.5, 0.3],
        tip: 10,
        twist: 12,
        when: 0.3,
      },
      {
        legL: [0.05, -0.84, 0.46],
        legR: [0.05, -0.86, -0.4],
        heelR: 0.9,
        armR: [-0.1, -0.3, 0.95],
        armL: [0.3, -0.6, -0.2],
        tip: 16,
        twist: 16,
        when: 0.6,
      },
    ],
    props: [
      {
        kind: 'bean bag',
        places: [
          ['right hand', [0, 0.03, 0]],
          ['right hand', [0, 0.03, 0.02], 0.1],
          ['floor', [0, 0.55, 1.05]],
        ],
      },
    ],
    best: 0,
  },
  'underarm-throw': {
    view: 'side',
    keys: THROWN_UNDER,
    props: [
      {
        kind: 'bean bag',
        places: [['right hand'], ['right hand', [0, 0.02, 0.02], 0.1], ['floor', [0, 0.9, 0.95]]],
      },
    ],
    best: 1,
  },
  'bean-bag-catch': {
    view: 'front',
    keys: [
      { tip: 6, legs: [0.2, -0.9, 0.08], arms: [-0.16, -0.5, 0.55], nod: 8, when: 0 },
      { legs: [0.2, -0.98, 0], arms: [0.05, -0.05, 0.75], nod: -16, when: 0.2 },
      { legs: [0.2, -0.94, 0.04], arms: [0.02, -0.3, 0.72], nod: -24, when: 0.5 },
      { tip: 8, legs: [0.2, -0.88, 0.08], arms: [-0.14, -0.5, 0.55], nod: 4, when: 0.75 },
    ],
    props: [
      {
        kind: 'bean bag',
        places: [
          ['hands', [0, 0.04, 0.02]],
          ['hands', [0, 0.1, 0.02], 0.08],
          ['hands', [0, 0.58, 0.02]],
          ['hands', [0, 0.05, 0.02]],
        ],
      },
    ],
    best: 2,
  },
  'bean-bag-pass': {
    view: 'front',
    pace: 'even',
    keys: [
      { legs: [0.2, -0.98, 0], arms: [-0.24, -0.68, 0.42], nod: 10 },
      { legs: [0.2, -0.98, 0], armR: [0.28, -0.75, 0], armL: [0.3, -0.7, 0.1], roll: 3 },
      { legs: [0.2, -0.98, 0], arms: [-0.18, -0.72, -0.38] },
      { legs: [0.2, -0.98, 0], armL: [0.28, -0.75, 0], armR: [0.3, -0.7, 0.1], roll: -3 },
    ],
    props: [
      {
        kind: 'bean bag',
        places: [['hands', [0, 0, 0.03]], ['right hand'], ['hands', [0, 0, -0.03]], ['left hand']],
      },
    ],
    marks: [['round about', 0]],
    best: 0,
  },
  'bean-bag-slide': {
    view: 'side',
    anchor: 'hips',
    keys: [
      {
        ...STANCES.halfKneel,
        tip: 42,
        bend: 24,
        nod: -36,
        armR: [0.05, -0.9, -0.1],
        armL: [0.05, -0.5, 0.5],
        when: 0,
      },
      {
        ...STANCES.halfKneel,
        tip: 50,
        bend: 24,
        nod: -44,
        armR: [0.05, -0.72, 0.7],
        armL: [0.05, -0.5, 0.5],
        when: 0.35,
      },
      {
        ...STANCES.halfKneel,
        tip: 46,
        bend: 20,
        nod: -44,
        armR: [0.05, -0.5, 0.85],
        armL: [0.05, -0.5, 0.5],
        when: 0.65,
      },
    ],
    props: [
      {
        kind: 'bean bag',
        places: [
          ['right hand', [0, -0.06, 0.03]],
          ['right hand', [0, -0.06, 0.05]],
          ['floor', [-0.05, 0, 1]],
        ],
      },
    ],
    best: 1,
  },
  'ball-bounce-catch': {
    view: 'corner',
    keys: [
      { tip: 4, legs: [0.2, -0.96, 0.04], arms: [-0.1, -0.4, 0.66], nod: 14, when: 0 },
      { tip: 14, legs: [0.2, -0.9, 0.06], arms: [-0.06, -0.78, 0.5], nod: 16, when: 0.25 },
      { tip: 12, legs: [0.2, -0.92, 0.06], arms: [-0.06, -0.66, 0.6], nod: 16, when: 0.5 },
    ],
    props: [
      {
        kind: 'ball',
        places: [
          ['hands', [0, 0, 0.06]],
          ['hands', [0, -0.1, 0.1]],
          ['floor', [0, 0.085, 0.3]],
        ],
      },
    ],
    best: 2,
    marks: [['under the hands', 2]],
  },
  dribble: {
    view: 'side',
    keys: [
      {
        tip: 20,
        nod: -8,
        legs: [0.16, -0.84, 0.08],
        legL: [0.16, -0.82, 0.26],
        armR: [0.05, -0.55, 0.72],
        armL: [0.4, -0.6, 0.3],
      },
      {
        tip: 22,
        nod: -6,
        legs: [0.16, -0.82, 0.08],
        legL: [0.16, -0.8, 0.26],
        armR: [0.05, -0.85, 0.5],
        armL: [0.4, -0.6, 0.3],
      },
    ],
    props: [
      {
        kind: 'ball',
        places: [
          ['right hand', [0, -0.09, 0.03]],
          ['floor', [-0.12, 0.085, 0.36]],
        ],
      },
    ],
    marks: [['under the right hand', 1]],
    best: 1,
  },
  kick: {
    view: 'side',
    anchor: 'left foot',
    keys: [
      {
        tip: 10,
        legR: [0.05, -0.72, -0.52],
        pointR: 0.7,
        legL: [0.05, -0.94, 0.05],
        armL: [0.3, -0.3, 0.7],
        armR: [0.4, -0.6, -0.5],
        when: 0,
      },
      {
        tip: -4,
        legR: [0.05, -0.93, 0.34],
        pointR: 0.5,
        legL: [0.05, -0.96, 0.02],
        armL: [0.4, -0.7, 0.1],
        armR: [0.4, -0.6, 0.2],
        when: 0.35,
      },
      {
        tip: -14,
        bend: 10,
        legR: [0.05, -0.62, 0.78],
        pointR: 0.6,
        legL: [0.05, -0.98, 0.02],
        armR: [0.3, -0.2, 0.8],
        armL: [0.5, -0.6, -0.4],
        when: 0.6,
      },
    ],
    props: [
      {
        kind: 'ball',
        places: [
          ['floor', [-0.05, 0.085, 0.33]],
          ['floor', [-0.05, 0.085, 0.33]],
          ['floor', [-0.05, 0.2, 0.68]],
        ],
      },
    ],
    best: 2,
  },
  'toe-taps': {
    view: 'side',
    alternate: true,
    anchor: 'hips',
    keys: [
      { legR: [0, -0.66, 0.48], heelR: -0.2, arms: [0.35, -0.7, 0.2], tip: 4, nod: 12 },
      { legs: [0.05, -0.92, 0.1], arms: [0.35, -0.7, 0.2], air: 0.03, tip: 4, nod: 12 },
    ],
    props: [{ kind: 'ball', places: [['floor', [0, 0.085, 0.26]]] }],
  },
  'ball-squeeze': {
    view: 'front',
    keys: [
      { legs: [0.2, -0.98, 0], arms: [0.02, -0.2, 0.62], elbows: 40 },
      { legs: [0.2, -0.98, 0], arms: [-0.03, -0.2, 0.52], elbows: 62, bend: 6 },
    ],
    props: [{ kind: 'ball', places: [['hands', [0, 0, 0.03]]] }],
    marks: [['burst between the hands', 1]],
    best: 1,
  },
  'ball-lift': {
    view: 'side',
    keys: [
      { ...STANCES.squat, tip: 36, arms: [-0.08, -0.75, 0.5], nod: 4 },
      { legs: [0.16, -0.99, 0], arms: [-0.02, 0.98, -0.2], nod: -16 },
    ],
    props: [
      {
        kind: 'ball',
        places: [
          ['hands', [0, -0.03, 0.05]],
          ['hands', [0, 0.08, 0.02]],
        ],
      },
    ],
    best: 1,
  },
  'hoop-step': {
    view: 'corner',
    keys: [
      { legs: [0.1, -0.98, 0], arms: [0.55, 0.86, 0.05] },
      { legs: [0.1, -0.98, 0], arms: [0.6, -0.5, 0.1] },
      { tip: 34, bend: 14, legs: [0.12, -0.82, 0.1], arms: [0.5, -0.85, 0.1] },
      { legR: [0.1, -0.6, 0.5], legL: [0.05, -0.95, 0], arms: [0.4, -0.9, 0.1], tip: 12 },
    ],
    props: [
      {
        kind: 'hoop',
        places: [['hands'], ['hands'], ['hands', [0, -0.03, 0]], ['floor', [0, 0.02, 0]]],
      },
    ],
    best: 0,
  },
  'hoop-jump': {
    view: 'corner',
    travels: 'forward',
    keys: [
      { ...STANCES.dip, z: -0.5, when: 0 },
      {
        air: 0.14,
        z: -0.15,
        legs: [0.08, -0.85, 0.1],
        point: 0.5,
        arms: [0.4, 0.5, 0.4],
        when: 0.3,
      },
      { ...STANCES.dip, arms: ARMS.ready, z: 0, when: 0.55 },
      { legs: LEGS.together, arms: ARMS.low, z: 0, when: 0.8 },
    ],
    props: [{ kind: 'hoop', places: [['floor', [0, 0.02, 0.02]]] }],
    best: 2,
  },
  'hoop-roll': {
    view: 'side',
    anchor: 'hips',
    travels: 'forward',
    alternate: false,
    keys: [
      {
        tip: 16,
        nod: -8,
        legR: [0.04, -0.92, 0.34],
        legL: [0.04, -0.92, -0.3],
        heelL: 0.7,
        armR: [0.05, -0.45, 0.82],
        armL: [0.3, -0.8, -0.1],
      },
      {
        tip: 18,
        nod: -8,
        legL: [0.04, -0.92, 0.34],
        legR: [0.04, -0.92, -0.3],
        heelR: 0.7,
        armR: [0.05, -0.5, 0.95],
        armL: [0.3, -0.8, 0.2],
      },
    ],
    reps: 0.5,
    props: [{ kind: 'hoop', lie: 'along', places: [['floor', [-0.16, 0.3, 0.42]]] }],
  },
  'bucket-carry': {
    ...walking,
    keys: carrying({ armR: [0.22, -1, 0.02], armL: [0.7, -0.6, 0], roll: 2 }),
    alternate: false,
    reps: 2,
    props: [{ kind: 'bucket', places: [['right hand', [0, -0.02, 0]]] }],
  },
  'bucket-target': {
    view: 'side',
    keys: THROWN_UNDER,
    props: [
      {
        kind: 'bean bag',
        places: [['right hand'], ['right hand', [0, 0.02, 0.02], 0.25], ['floor', [0, 0.26, 0.85]]],
      },
      { kind: 'bucket', places: [['floor', [0, 0, 0.85]]] },
    ],
    best: 1,
  },
  'bat-balance': {
    ...walking,
    alternate: false,
    reps: 2,
    keys: carrying({ armR: [0.1, -0.32, 0.6], armL: [0.6, -0.7, 0], nod: 12 }),
    props: [
      { kind: 'bat', places: [['right hand']] },
      { kind: 'bean bag', places: [['right hand', [0, 0.055, 0.17]]] },
    ],
  },
  'bat-tap': {
    view: 'side',
    keys: [
      {
        tip: 8,
        legs: [0.2, -0.9, 0.06],
        armR: [0.06, -0.42, 0.55],
        armL: [0.5, -0.5, 0.3],
        nod: 4,
      },
      {
        tip: 8,
        legs: [0.2, -0.92, 0.06],
        armR: [0.06, -0.3, 0.6],
        armL: [0.5, -0.5, 0.3],
        nod: -10,
      },
    ],
    props: [
      { kind: 'bat', places: [['right hand']] },
      {
        kind: 'ball',
        places: [
          ['right hand', [0, 0.15, 0.17]],
          ['right hand', [0, 0.36, 0.17], 0.05],
        ],
      },
    ],
    best: 1,
  },
  'scarf-toss': {
    view: 'front',
    keys: [
      { tip: 8, legs: [0.2, -0.9, 0.06], arms: [-0.1, -0.5, 0.6], when: 0 },
      { legs: [0.16, -1, 0], heel: 0.6, arms: [0.1, 1, 0.2], nod: -22, when: 0.35 },
      { legs: [0.2, -0.96, 0], arms: [0.05, 0.1, 0.8], nod: -18, when: 0.7 },
    ],
    props: [
      {
        kind: 'scarf',
        places: [
          ['hands', [0, 0.05, 0.03]],
          ['hands', [0, 0.16, 0.03], 0.14],
          ['hands', [0, 0.16, 0.03]],
        ],
      },
    ],
    best: 1,
  },
  'scarf-swirl': {
    view: 'front',
    pace: 'even',
    keys: [
      { legs: [0.24, -0.97, 0], armR: [0.4, 0.9, 0.2], armL: ARMS.hips, side: -4 },
      { legs: [0.24, -0.97, 0], armR: [1, 0, 0.2], armL: ARMS.hips },
      { legs: [0.24, -0.97, 0], armR: [0.4, -0.8, 0.4], armL: ARMS.hips },
      { legs: [0.24, -0.97, 0], armR: [-0.5, 0.1, 0.8], armL: ARMS.hips, side: 6 },
    ],
    props: [{ kind: 'scarf', places: [['right hand']] }],
    best: 1,
  },
  'rope-walk': {
    view: 'corner',
    alternate: true,
    anchor: 'hips',
    travels: 'forward',
    keys: [
      { legR: [-0.12, -0.97, 0.22], legL: [-0.12, -0.97, -0.14], arms: ARMS.wide, nod: 12 },
      { legL: [0.12, -0.84, 0.1], legR: [-0.12, -1, 0.02], arms: [1, 0.2, 0.05], nod: 12, side: 5 },
    ],
    props: [{ kind: 'rope', lie: 'along', places: [['floor', [0, 0, 0]]] }],
  },
  'rope-jump-over': {
    view: 'side',
    keys: [
      { ...STANCES.dip, z: -0.3, when: 0 },
      { air: 0.16, z: 0, legs: [0.08, -0.7, 0.1], point: 0.5, arms: [0.15, 0.5, 0.7], when: 0.3 },
      { ...STANCES.dip, arms: ARMS.ready, z: 0.3, when: 0.55 },
      { legs: LEGS.together, z: 0.3, when: 0.8 },
    ],
    props: [{ kind: 'rope', lie: 'across', places: [['floor', [0, 0, 0]]] }],
    best: 1,
  },
  'cone-touch': {
    view: 'side',
    keys: [
      { legs: [0.2, -0.98, 0], arms: ARMS.low },
      {
        tip: 44,
        bend: 14,
        nod: -30,
        legs: [0.24, -0.48, 0.18],
        armR: [-0.1, -0.82, 0.62],
        armL: [0.4, -0.3, -0.4],
      },
    ],
    props: [{ kind: 'cone', places: [['floor', [-0.1, 0, 0.34]]] }],
    best: 1,
  },
  'cone-weave': {
    ...TRAVELLING_FIGURES['jog']!,
    view: 'corner',
    keys: TRAVELLING_FIGURES['jog']!.keys.map((key, n) => ({
      ...key,
      roll: n === 0 ? 8 : 0,
      x: n === 0 ? 0.08 : 0,
    })),
    props: [
      { kind: 'cone', places: [['floor', [-0.34, 0, 0.2]]] },
      { kind: 'cone', places: [['floor', [0.34, 0, -0.1]]] },
    ],
  },
};
