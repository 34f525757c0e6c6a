import type { FigureSketch } from './figure-sketch';
import { ARMS, STANCES } from './stances';

const FEET = { legs: [0.2, -0.98, 0] } as const;

export const RHYTHM_FIGURES: Readonly<Record<string, FigureSketch>> = {
  clap: {
    hands: 'open',
    view: 'corner',
    keys: [
      { ...FEET, arms: [0.7, 0.05, 0.5] },
      { ...FEET, arms: [-0.22, 0, 0.8] },
    ],
    marks: [['burst between the hands', 1]],
    best: 1,
  },
  stamp: {
    view: 'front',
    alternate: true,
    anchor: 'hips',
    keys: [
      { legR: [0.2, -0.62, 0.34], legL: [0.1, -0.97, 0], arms: ARMS.hips },
      { legR: [0.26, -0.94, 0.1], legL: [0.14, -0.96, 0], arms: ARMS.hips, tip: 8 },
    ],
    marks: [['burst at the right foot', 1]],
    best: 1,
  },
  'arm-circle': {
    view: 'front',
    pace: 'even',
    keys: [
      { ...FEET, arms: [0.97, -0.22, 0.05] },
      { ...FEET, arms: [0.95, 0.02, 0.3] },
      { ...FEET, arms: [0.97, 0.26, 0.05] },
      { ...FEET, arms: [0.95, 0.02, -0.25] },
    ],
    marks: [
      ['round the hands', 0],
      ['round the hands', 1],
      ['round the hands', 2],
      ['round the hands', 3],
    ],
    best: 1,
  },
  'shake-out': {
    hands: 'open',
    view: 'front',
    pace: 'even',
    keys: [
      { legs: [0.26, -0.93, 0.06], arms: [0.5, -0.25, 0.5], side: 7, tilt: -8, roll: -3 },
      { legs: [0.26, -0.93, 0.06], arms: [0.62, -0.42, 0.4], side: -7, tilt: 8, roll: 3 },
    ],
    marks: [
      ['shaking hands', 0],
      ['shaking hands', 1],
    ],
  },
  'punch-air': {
    hands: 'open',
    view: 'side',
    keys: [
      {
        legs: [0.2, -0.92, 0.1],
        legR: [0.2, -0.92, -0.12],
        armR: [0.1, -0.3, 0.16],
        armL: [0.05, -0.2, 0.45],
        twist: -14,
      },
      {
        legs: [0.2, -0.92, 0.1],
        legR: [0.2, -0.92, -0.12],
        armR: [-0.05, 0.02, 1],
        armL: [0.1, -0.3, 0.2],
        twist: 18,
      },
    ],
    best: 1,
  },
  'knee-pat': {
    view: 'front',
    keys: [
      { legs: [0.24, -0.7, 0.2], tip: 24, bend: 10, nod: -28, arms: [0.2, -0.2, 0.75] },
      { legs: [0.24, -0.7, 0.2], tip: 24, bend: 10, nod: -28, arms: [0.12, -0.8, 0.5] },
    ],
    marks: [['pats at the hands', 1]],
    best: 1,
  },
  'cross-pat': {
    view: 'front',
    alternate: true,
    anchor: 'hips',
    keys: [
      {
        legR: [0.02, -0.36, 0.42],
        armL: [-0.6, -0.72, 0.44],
        armR: [0.5, -0.5, -0.1],
        twist: -20,
        bend: 8,
      },
      { legs: [0.12, -0.98, 0], arms: [0.4, -0.4, 0.4] },
    ],
  },
  click: {
    hands: 'snaps',
    view: 'front',
    keys: [
      { ...FEET, arms: [0.3, 0.02, 0.5], elbows: -20 },
      { ...FEET, arms: [0.36, 0.1, 0.5], elbows: -20, tilt: 6 },
    ],
    marks: [['pats at the hands', 1]],
    best: 1,
  },
  'shoulder-shrug': {
    view: 'front',
    keys: [
      { ...FEET, arms: [0.16, -0.97, 0.06] },
      { ...FEET, arms: [0.2, -0.9, 0.1], shrug: 1, tilt: 6 },
    ],
    marks: [['up and down', 1]],
    best: 1,
  },
  'head-nod': {
    view: 'side',
    keys: [
      { ...FEET, arms: ARMS.hips, nod: -8 },
      { ...FEET, arms: ARMS.hips, nod: 34 },
    ],
    marks: [
      ['nod', 1],
      ['the pose before', 1],
    ],
    best: 1,
  },
  'drum-roll': {
    hands: 'fist',
    view: 'corner',
    alternate: true,
    pace: 'even',
    anchor: 'hips',
    keys: [
      {
        ...STANCES.kneel,
        tip: 26,
        bend: 18,
        nod: -24,
        armR: [0.05, -0.9, 0.62],
        armL: [0.05, -0.35, 0.6],
      },
      { ...STANCES.kneel, tip: 26, bend: 18, nod: -24, arms: [0.05, -0.66, 0.62] },
    ],
    marks: [
      ['drum', 0],
      ['pats at the hands', 0],
    ],
  },
  sprinkle: {
    hands: 'open',
    view: 'front',
    keys: [
      { ...FEET, heel: 0.6, arms: [0.4, 0.85, 0.35], nod: -8 },
      { ...FEET, arms: [0.35, -0.1, 0.8] },
      { legs: [0.24, -0.8, 0.1], tip: 20, arms: [0.3, -0.75, 0.5] },
    ],
    marks: [
      ['ripples at the hands', 0],
      ['ripples at the hands', 1],
    ],
    best: 0,
  },
  conductor: {
    handR: 'points',
    view: 'front',
    keys: [
      { ...FEET, armR: [0.4, 0.5, 0.45], armL: [0.75, -0.05, 0.5], handL: 'open' },
      { ...FEET, arms: [0.0, -0.35, 0.66] },
      { ...FEET, arms: [0.75, -0.05, 0.5] },
    ],
    marks: [
      ['baton', 0],
      ['baton', 1],
      ['baton', 2],

      ['notes', 0],
      ['notes', 1],
      ['notes', 2],
    ],
    best: 0,
  },
  'sway-dance': {
    view: 'front',
    keys: [
      {
        legL: [0.14, -0.98, 0],
        legR: [0.42, -0.9, 0],
        heelR: 0.5,
        side: 14,
        roll: 5,
        armL: [0.75, 0.6, 0.1],
        armR: [0.6, -0.45, 0.3],
        tilt: 8,
      },
      {
        legR: [0.14, -0.98, 0],
        legL: [0.42, -0.9, 0],
        heelL: 0.5,
        side: -14,
        roll: -5,
        armR: [0.75, 0.6, 0.1],
        armL: [0.6, -0.45, 0.3],
        tilt: -8,
      },
    ],
  },
  'freeze-dance': {
    view: 'front',
    reps: 4,
    keys: [
      {
        legR: [0.5, -0.66, 0.3],
        pointR: 0.5,
        legL: [0.1, -0.98, 0],
        armR: [0.6, 0.8, 0],
        armL: [0.6, -0.3, 0.4],
        side: -8,
        tilt: 8,
      },
      { legs: [0.3, -0.86, 0.1], arms: [0.7, -0.5, 0.2], tip: 10, side: 8 },
      {
        legL: [0.5, -0.66, 0.3],
        pointL: 0.5,
        legR: [0.1, -0.98, 0],
        armL: [0.6, 0.8, 0],
        armR: [0.6, -0.3, 0.4],
        side: 8,
        tilt: -8,
      },
      { air: 0.1, legs: [0.34, -0.86, 0], point: 0.5, arms: [0.7, 0.7, 0] },
    ],
    marks: [
      ['notes', 0],
      ['notes', 2],
    ],
    best: 0,
  },
};
