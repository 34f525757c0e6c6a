import type { FigureSketch } from './figure-sketch';
import type { PoseSketch } from './pose-sketch';
import { ARMS, LEGS, STANCES } from './stances';

const UP: PoseSketch = { legs: LEGS.together, arms: ARMS.low };
const LANDED: PoseSketch = { ...STANCES.dip, arms: ARMS.front };
const OUT_AND_UP: PoseSketch = { legs: [0.42, -0.91, 0], arms: [0.6, 0.86, 0] };
const stork: PoseSketch = { legR: [0.16, -0.46, 0.34], kneeR: 34, pointR: 0.6, arms: ARMS.wide };

export const BALANCING_FIGURES: Readonly<Record<string, FigureSketch>> = {
  squat: { view: 'side', keys: [{ ...UP }, { ...STANCES.squat }], best: 1 },
  'squat-jump': {
    view: 'side',
    keys: [
      { ...STANCES.squat, arms: [0.1, -0.8, 0.4], when: 0 },
      { air: 0.17, legs: [0.06, -1, -0.02], point: 0.8, arms: ARMS.up, when: 0.45 },
      { ...STANCES.squat, when: 0.75 },
    ],
    best: 1,
    marks: [['from the pose before', 1]],
  },
  'chair-sit': {
    view: 'side',
    keys: [
      { ...UP, arms: ARMS.ready },
      { tip: 16, legs: [0.1, -0.6, 0.5], arms: ARMS.front },
    ],
    props: [{ kind: 'chair', places: [['floor', [0, 0, -0.3]]] }],
    best: 1,
    marks: [['from the pose before', 1]],
  },
  'jumping-jack': {
    hands: 'open',
    view: 'front',
    keys: [
      { legs: LEGS.together, arms: [0.14, -1, 0], when: 0 },
      { legs: [0.22, -0.97, 0], arms: [0.95, -0.1, 0], air: 0.06, point: 0.4, when: 0.22 },
      { ...OUT_AND_UP, when: 0.45 },
      { legs: [0.22, -0.97, 0], arms: [0.95, 0.2, 0], air: 0.06, point: 0.4, when: 0.72 },
    ],
    best: 2,
    marks: [['the pose before', 2]],
  },
  'step-jack': {
    hands: 'open',
    view: 'front',
    keys: [
      { legs: LEGS.together, arms: [0.14, -1, 0] },
      { legR: [0.55, -0.84, 0], legL: [0.1, -0.97, 0], arms: [0.6, 0.86, 0] },
    ],
    alternate: true,
    marks: [
      ['burst at the right foot', 1],
      ['the pose before', 1],
    ],
    best: 1,
  },
  'stork-stand': {
    view: 'front',
    anchor: 'left foot',
    keys: [{ ...UP }, stork, { ...stork, side: 2, arms: [1, 0.14, 0.05] }],
    hold: 1,
    best: 1,
    marks: [['beak', 0]],
  },
  'tiptoe-stand': {
    view: 'side',
    keys: [{ ...UP }, { ...UP, heel: 1, arms: [0.3, 0.1, 0.8] }],
    hold: 1,
    best: 1,
    marks: [['heels up', 1]],
  },
  'aeroplane-balance': {
    view: 'corner',
    anchor: 'left foot',
    keys: [
      { ...UP, arms: ARMS.wide },
      {
        tip: 72,
        nod: -50,
        legR: [0.05, 0.05, -1],
        pointR: 1,
        legL: [0.04, -1, 0.02],
        arms: ARMS.wide,
      },
      {
        tip: 72,
        nod: -50,
        roll: 4,
        legR: [0.05, 0.08, -1],
        pointR: 1,
        legL: [0.04, -1, 0.02],
        arms: [1, 0.14, 0.05],
      },
    ],
    hold: 1,
    best: 1,
  },
  'slow-turn': {
    view: 'front',
    pace: 'even',
    anchor: 'hips',
    keys: [
      { turn: 0, legs: LEGS.together, arms: ARMS.wide },
      { turn: -90, legs: [0.1, -0.96, 0.1], arms: ARMS.wide, heelR: 0.5 },
      { turn: -180, legs: LEGS.together, arms: ARMS.wide },
      { turn: -270, legs: [0.1, -0.96, 0.1], arms: ARMS.wide, heelR: 0.5 },
    ],
    marks: [['round about', 0]],
  },
  lunge: {
    view: 'side',
    anchor: 'left foot',
    keys: [
      { ...UP, arms: ARMS.hips },
      { legR: [0.05, -0.62, 0.55], legL: [0.05, -0.6, -0.62], heelL: 1, arms: ARMS.hips },
    ],
    best: 1,
  },
  'flamingo-reach': {
    view: 'side',
    anchor: 'left foot',
    keys: [
      { legR: [0.05, -0.6, -0.4], pointR: 0.8, arms: [0.6, -0.4, 0.4] },
      {
        tip: 58,
        bend: 22,
        nod: -10,
        legL: [0.04, -0.93, 0.1],
        legR: [0.05, -0.35, -0.72],
        pointR: 0.8,
        armR: [0, -1, 0.2],
        armL: [0.6, 0.1, -0.5],
      },
    ],
    best: 1,
    marks: [
      ['beak', 0],
      ['the pose before', 1],
    ],
  },
  'half-squat-hold': {
    view: 'side',
    keys: [
      { ...UP },
      { ...STANCES.squat, legs: [0.16, -0.62, 0.3], tip: 22 },
      { ...STANCES.squat, legs: [0.16, -0.63, 0.3], tip: 23 },
    ],
    hold: 1,
    best: 1,
  },
  'wall-sit': {
    view: 'side',
    keys: [
      { legs: [0.1, -0.97, 0.2], arms: ARMS.low },
      { legs: [0.1, -0.54, 0.52], arms: [0.1, -0.62, 0.5] },
      { legs: [0.1, -0.55, 0.52], arms: [0.1, -0.62, 0.5] },
    ],
    props: [{ kind: 'wall', lie: 'along', places: [['floor', [0, 0, -0.3]]] }],
    hold: 1,
    best: 1,
  },
  'side-lunge': {
    view: 'front',
    anchor: 'left foot',
    keys: [
      { ...UP, arms: ARMS.hips },
      { tip: 14, legR: [0.3, -0.62, 0.25], legL: [0.74, -0.66, 0], arms: ARMS.chest },
    ],
    best: 1,
  },
  'knee-hug': {
    view: 'corner',
    anchor: 'left foot',
    keys: [
      { ...UP },
      { legR: [0.04, -0.16, 0.3], pointR: 0.4, arms: [-0.12, -0.58, 0.62], nod: 6 },
      { legR: [0.04, -0.13, 0.28], pointR: 0.4, arms: [-0.12, -0.56, 0.6], nod: 8 },
    ],
    hold: 1,
    best: 1,
  },
  'heel-kick': {
    view: 'side',
    alternate: true,
    anchor: 'hips',
    keys: [
      {
        tip: 8,
        legR: [0.05, -0.5, -0.42],
        pointR: 0.6,
        legL: [0.05, -0.98, 0.06],
        arms: [0.12, -0.45, 0.42],
        armR: [0.12, -0.5, 0.2],
      },
      { tip: 8, legs: [0.05, -0.9, 0], arms: [0.12, -0.45, 0.35], air: 0.03 },
    ],
  },
  'ski-jump': {
    view: 'corner',
    keys: [
      {
        x: -0.2,
        tip: 20,
        legs: LEGS.sunk,
        legL: [-0.05, -0.66, 0.15],
        legR: [-0.05, -0.66, 0.15],
        arms: ARMS.ready,
        when: 0,
      },
      {
        x: 0,
        air: 0.12,
        legL: [-0.03, -0.8, 0],
        legR: [-0.03, -0.8, 0],
        roll: -8,
        arms: [0.6, -0.2, 0.3],
        when: 0.25,
      },
      { x: 0.2, tip: 20, legs: [-0.05, -0.66, 0.15], arms: ARMS.ready, when: 0.5 },
      { x: 0, air: 0.12, legs: [-0.03, -0.8, 0], roll: 8, arms: [0.6, -0.2, 0.3], when: 0.75 },
    ],
    reps: 2,
    best: 1,
    props: [{ kind: 'rope', lie: 'along', places: [['floor', [0, 0, 0]]] }],
  },
  'scissor-jump': {
    view: 'side',
    alternate: true,
    marks: [['swapped feet', 1]],
    best: 1,
    keys: [
      {
        tip: 6,
        legR: [0.05, -0.8, 0.46],
        legL: [0.05, -0.8, -0.42],
        heelL: 1,
        armL: [0.1, -0.4, 0.6],
        armR: [0.2, -0.7, -0.4],
      },
      {
        air: 0.13,
        legR: [0.05, -0.86, 0.46],
        legL: [0.05, -0.84, -0.46],
        point: 0.6,
        armL: [0.1, -0.4, 0.6],
        armR: [0.2, -0.6, -0.45],
      },
    ],
  },
  'tuck-jump': {
    view: 'side',
    keys: [
      { ...STANCES.dip, when: 0 },
      {
        air: 0.22,
        legs: [0.08, -0.14, 0.34],
        point: 0.4,
        tip: 10,
        bend: 12,
        arms: [0.06, -0.55, 0.68],
        when: 0.4,
      },
      { ...LANDED, when: 0.72 },
    ],
    best: 1,
  },
  'pencil-jump': {
    view: 'front',
    keys: [
      { ...STANCES.dip, legs: [0.06, -0.7, 0.1], arms: ARMS.ready, when: 0 },
      { air: 0.18, legs: [-0.04, -1, 0], point: 0.9, arms: [-0.1, 1, -0.3], when: 0.45 },
      { ...STANCES.dip, legs: [0.06, -0.7, 0.1], arms: ARMS.front, when: 0.75 },
    ],
    best: 1,
  },
  'quarter-turn-jump': {
    view: 'front',
    keys: [
      { tip: 14, legs: LEGS.sunk, arms: ARMS.ready, turn: 0, when: 0 },
      { air: 0.14, legs: [0.08, -0.94, 0], point: 0.6, arms: [0.7, 0.3, 0], turn: -45, when: 0.25 },
      { tip: 14, legs: LEGS.sunk, arms: ARMS.ready, turn: -90, when: 0.5 },
      { legs: [0.08, -0.97, 0], arms: ARMS.low, turn: -40, when: 0.8 },
    ],
    marks: [['round about', 1]],
    best: 1,
  },
  'rock-boat': {
    view: 'front',
    keys: [
      {
        x: -0.1,
        legs: [0.5, -0.85, 0],
        legR: [0.28, -0.95, 0],
        legL: [0.68, -0.78, 0],
        heelL: 0.5,
        arms: ARMS.wide,
        side: -8,
      },
      {
        x: 0.1,
        legL: [0.28, -0.95, 0],
        legR: [0.68, -0.78, 0],
        heelR: 0.5,
        arms: ARMS.wide,
        side: 8,
      },
    ],
    marks: [
      ['to and fro', 0],
      ['to and fro', 1],
    ],
    anchor: 'feet',
    best: 0,
  },
  'hip-circle': {
    view: 'corner',
    pace: 'even',
    keys: [
      {
        legs: [0.3, -0.95, 0],
        legL: [0.16, -0.97, 0],
        legR: [0.44, -0.92, 0],
        roll: 10,
        side: -12,
        arms: ARMS.hips,
      },
      { legs: [0.3, -0.94, -0.18], tip: -8, bend: 12, arms: ARMS.hips },
      { legR: [0.16, -0.97, 0], legL: [0.44, -0.92, 0], roll: -10, side: 12, arms: ARMS.hips },
      { legs: [0.3, -0.94, 0.18], tip: 14, bend: -4, arms: ARMS.hips },
    ],
    marks: [
      ['round the hips', 0],
      ['round the hips', 1],
      ['round the hips', 2],
      ['round the hips', 3],
    ],
  },
  'ankle-circle': {
    view: 'side',
    anchor: 'left foot',
    keys: [
      { legR: [0.05, -0.86, 0.42], heelR: -1, arms: ARMS.hips },
      { legR: [0.05, -0.86, 0.42], pointR: 0.9, arms: ARMS.hips },
    ],
    marks: [
      ['round the right foot', 0],
      ['round the right foot', 1],
    ],
  },
  'leg-swing': {
    view: 'side',
    anchor: 'left foot',
    keys: [
      { legR: [0.05, -0.78, 0.64], armL: [0.5, -0.1, 0.4], armR: ARMS.hips, tip: -4 },
      { legR: [0.05, -0.88, -0.46], pointR: 0.6, armL: [0.5, -0.1, 0.4], armR: ARMS.hips, tip: 8 },
    ],
    props: [{ kind: 'wall', lie: 'along', places: [['floor', [0.3, 0, 0.02]]] }],
  },
  'windmill-touch': {
    view: 'front',
    keys: [
      { legs: LEGS.wide, arms: ARMS.wide },
      {
        legs: LEGS.wide,
        tip: 66,
        bend: 26,
        twist: 42,
        armR: [-0.62, -1, 0.25],
        armL: [0.35, 0.9, -0.2],
        nod: -6,
      },
    ],
    best: 1,
  },
  'trunk-twist': {
    view: 'front',
    keys: [
      {
        legs: [0.28, -0.96, 0],
        twist: 44,
        armR: [-0.5, -0.4, 0.7],
        armL: [0.3, -0.5, -0.55],
        look: 20,
      },
      {
        legs: [0.28, -0.96, 0],
        twist: -44,
        armL: [-0.5, -0.4, 0.7],
        armR: [0.3, -0.5, -0.55],
        look: -20,
      },
    ],
    marks: [
      ['round the hips', 0],
      ['round the hips', 1],
    ],
  },
  'ski-squat-hold': {
    view: 'side',
    keys: [
      { ...UP },
      { tip: 48, nod: -38, legs: [0.1, -0.66, 0.24], arms: [0.14, -0.4, -0.5] },
      { tip: 49, nod: -38, legs: [0.1, -0.66, 0.24], arms: [0.14, -0.38, -0.5] },
    ],
    hold: 1,
    best: 1,
  },
  'boat-balance': {
    view: 'side',
    anchor: 'hips',
    keys: [
      { legs: [0.08, -0.08, 0.6], arms: [0.1, -0.6, 0.5] },
      { tip: -32, nod: 18, legs: [0.08, 0.5, 0.85], arms: [0.1, -0.1, 0.9], point: 0.5 },
      { tip: -34, nod: 18, legs: [0.08, 0.54, 0.85], arms: [0.1, -0.08, 0.9], point: 0.5 },
    ],
    hold: 1,
    best: 1,
  },
  'superhero-balance': {
    hands: 'fist',
    view: 'side',
    anchor: 'left foot',
    keys: [
      { ...STANCES.allFours },
      {
        ...STANCES.allFours,
        legR: [0.08, 0.16, -1],
        armL: [0.1, 0.22, 1],
        floorL: false,
        pointR: 0.8,
      },
      {
        ...STANCES.allFours,
        legR: [0.08, 0.19, -1],
        armL: [0.1, 0.25, 1],
        floorL: false,
        pointR: 0.8,
      },
    ],
    hold: 1,
    best: 1,
  },
};
