import type { FigureSketch } from './figure-sketch';
import type { PoseSketch } from './pose-sketch';
import { ARMS, LEGS, STANCES } from './stances';

const STOOD: PoseSketch = { legs: [0.16, -0.98, 0], arms: ARMS.low };
const low: PoseSketch = { ...STANCES.prone, arms: [0.4, 0, 0.7], nod: -30 };

export const CREATURE_FIGURES: Readonly<Record<string, FigureSketch>> = {
  'gorilla-walk': {
    hands: 'fist',
    view: 'side',
    alternate: true,
    anchor: 'hips',
    travels: 'forward',
    keys: [
      {
        tip: 56,
        bend: 12,
        nod: -44,
        legR: [0.24, -0.6, 0.3],
        legL: [0.24, -0.62, -0.14],
        heelL: 0.4,
        armL: [0.2, -0.98, 0.4],
        armR: [0.24, -0.98, 0],
      },
      {
        tip: 58,
        bend: 12,
        nod: -44,
        legR: [0.24, -0.62, 0.1],
        legL: [0.24, -0.46, 0.14],
        pointL: 0.3,
        arms: [0.22, -0.98, 0.2],
      },
    ],
  },
  'elephant-stomp': {
    view: 'front',
    alternate: true,
    anchor: 'hips',
    keys: [
      { side: -6, legR: [0.3, -0.36, 0.5], legL: [0.2, -0.96, 0], arms: [0.6, -0.5, 0.2] },
      { legs: [0.26, -0.9, 0.06], arms: [0.5, -0.7, 0.2], tip: 6 },
    ],
    marks: [
      ['burst at the right foot', 0],
      ['wide ears', 0],
      ['burst at the right foot', 1],
    ],
  },
  'dragon-crawl': {
    view: 'side',
    alternate: true,
    anchor: 'hips',
    travels: 'forward',
    keys: [
      {
        tip: 84,
        nod: -40,
        legR: [0.34, -0.24, 0.1],
        legL: [0.16, -0.22, -0.6],
        heelL: 1,
        heelR: 0.6,
        armL: [0.2, -0.6, 0.62],
        armR: [0.3, -0.6, -0.1],
        floor: true,
      },
      {
        tip: 84,
        nod: -40,
        legR: [0.28, -0.24, -0.25],
        legL: [0.32, -0.1, -0.25],
        heel: 0.9,
        armL: [0.25, -0.62, 0.26],
        floorL: true,
        armR: [0.25, -0.42, 0.3],
      },
    ],
    marks: [
      ['wings', 0],
      ['long tail', 0],
    ],
  },
  'swim-stroke': {
    view: 'side',
    alternate: true,
    anchor: 'hips',
    pace: 'even',
    keys: [
      {
        tip: 34,
        nod: -24,
        legs: [0.14, -0.92, 0.14],
        armR: [0.1, 0.2, 1],
        armL: [0.2, -0.6, -0.5],
      },
      {
        tip: 34,
        nod: -24,
        legs: [0.14, -0.92, 0.14],
        armR: [0.12, -0.8, 0.5],
        armL: [0.4, 0.5, -0.4],
      },
    ],
    marks: [
      ['water', 0],
      ['the pose after', 0],
    ],
  },
  'worm-wriggle': {
    view: 'side',
    anchor: 'hips',
    keys: [
      { ...STANCES.prone, arms: [0.1, -0.1, 1], bend: 0 },
      {
        tip: 84,
        bend: 24,
        nod: -40,
        legs: [0.08, -0.2, -0.9],
        point: 1,
        arms: [0.1, -0.2, 0.95],
      },
    ],
    marks: [['zigzag', 1]],
    best: 1,
  },
  'snake-slide': {
    view: 'corner',
    alternate: true,
    anchor: 'hips',
    travels: 'forward',
    keys: [
      { ...low, side: 10, armR: [0.2, -0.05, 1], armL: [0.6, -0.02, 0.1], elbowL: 60 },
      { ...low, arms: [0.5, -0.02, 0.6], elbows: 50 },
    ],
    marks: [
      ['tongue', 0],
      ['zigzag', 0],
    ],
  },
  roar: {
    hands: 'open',
    view: 'front',
    keys: [
      { ...STOOD, bend: -4, nod: -8, arms: [0.3, -0.2, 0.4] },
      {
        ...STOOD,
        tip: 10,
        bend: 6,
        nod: -14,
        legs: [0.24, -0.9, 0.08],
        arms: [0.42, -0.3, 0.6],
        elbows: -30,
      },
    ],
    marks: [
      ['voice', 1],
      ['round ears', 1],
    ],
    best: 1,
  },
  'wing-flap': {
    view: 'front',
    keys: [
      { ...STOOD, arms: [0.86, 0.5, 0] },
      { ...STOOD, legs: [0.18, -0.92, 0.06], arms: [0.86, -0.5, 0.05] },
    ],
    best: 0,
    marks: [['beak', 0]],
  },
  'crocodile-snap': {
    view: 'side',
    keys: [
      { ...STOOD, tip: 6, armR: [0.05, 0.36, 0.95], armL: [0.05, -0.6, 0.8] },
      { ...STOOD, tip: 8, armR: [-0.2, 0.06, 0.98], armL: [-0.2, -0.12, 0.95] },
    ],
    marks: [['burst between the hands', 1]],
    best: 0,
  },
  'rope-climb': {
    hands: 'fist',
    view: 'corner',
    alternate: true,
    marks: [
      ['hanging rope', 0],
      ['hanging rope', 1],
    ],
    anchor: 'hips',
    keys: [
      {
        nod: -16,
        legR: [0.1, -0.52, 0.42],
        legL: LEGS.together,
        armR: [-0.3, 0.86, 0.4],
        armL: [-0.3, 0.1, 0.6],
      },
      { nod: -16, legs: [0.06, -0.96, 0.06], armR: [-0.3, 0.5, 0.5], armL: [-0.3, 0.5, 0.5] },
    ],
  },
};
