import type { FigureSketch, PropSketch } from './figure-sketch';
import type { PoseSketch } from './pose-sketch';
import { ARMS, STANCES } from './stances';

const CHAIR: PropSketch = { kind: 'seat', places: [['floor', [0, 0, 0]]] };
const SAT: PoseSketch = { ...STANCES.seated };
const onChair = (
  view: FigureSketch['view'],
  keys: FigureSketch['keys'],
  more: Partial<FigureSketch> = {},
): FigureSketch => ({ view, keys, anchor: 'hips', props: [CHAIR], best: 1, ...more });

const onWheels = (keys: FigureSketch['keys'], more: Partial<FigureSketch> = {}): FigureSketch =>
  onChair('corner', keys, {
    travels: 'forward',
    props: [{ kind: 'wheelchair', places: [['floor', [0, 0, 0]]] }],
    ...more,
  });

export const SEATED_FIGURES: Readonly<Record<string, FigureSketch>> = {
  'seated-march': onChair(
    'corner',
    [
      {
        ...SAT,
        hands: 'fist',
        legR: [0.08, -0.06, 0.56],
        armL: [0.1, -0.3, 0.6],
        armR: [0.2, -0.7, -0.2],
      },
      { ...SAT },
    ],
    { alternate: true, best: 0 },
  ),
  'seated-reach': onChair('front', [
    { ...SAT },
    { ...SAT, armR: [0.2, 1, 0.05], armL: ARMS.lap, side: 8 },
  ]),
  'seated-arm-jump': onChair('front', [
    { ...SAT, arms: [0.25, -0.75, 0.3], bend: 8 },
    { ...SAT, arms: [0.5, 0.9, 0], bend: -4 },
  ]),
  'seated-leg-lift': onChair('side', [
    { ...SAT },
    { ...SAT, legR: [0.08, -0.04, 1], pointR: 0.1, tip: -6 },
  ]),
  'seated-push': onChair('side', [
    { ...SAT, arms: [0.1, -0.16, 0.4] },
    { ...SAT, arms: [0.06, 0.02, 1], bend: 4 },
  ]),
  'seated-twist': onChair('front', [
    { ...SAT },
    { ...SAT, twist: -44, look: -38, armL: [-0.5, -0.5, 0.5], armR: [0.5, -0.4, -0.4] },
  ]),
  'seated-curl': onChair('side', [
    { ...SAT },
    { ...SAT, bend: 62, nod: 46, tip: 10, arms: [0.04, -0.5, 0.34] },
  ]),
  'seated-clap': onChair(
    'front',
    [
      { ...SAT, arms: [0.3, -0.14, 0.62] },
      { ...SAT, arms: [-0.27, 0, 0.72] },
    ],
    {
      marks: [['burst between the hands', 1]],
    },
  ),
  'seated-forward-fold': onChair('side', [
    { ...SAT },
    {
      ...SAT,
      legs: [0.12, -0.52, 0.82],
      tip: 46,
      bend: 40,
      nod: -6,
      arms: [0.06, -0.3, 0.94],
    },
  ]),
  'wheels-push': onWheels(
    [
      { ...SAT, arms: [0.3, -0.5, -0.1], tip: 4 },
      { ...SAT, arms: [0.3, -0.62, 0.4], tip: 10 },
    ],
    {
      marks: [
        ['turning wheel', 0],
        ['turning wheel', 1],
      ],
    },
  ),
  'wheels-glide': onWheels(
    [
      { ...SAT, arms: [0.3, -0.6, 0.4], tip: 8 },
      { ...SAT, arms: ARMS.lap, tip: -2 },
    ],
    {
      marks: [
        ['glide', 0],
        ['glide', 1],
      ],
    },
  ),
  'wheels-spin': {
    ...onWheels(
      [
        { ...SAT, armR: [0.3, -0.6, 0.4], armL: [0.3, -0.5, -0.1], turn: 0 },
        { ...SAT, armR: [0.3, -0.5, -0.1], armL: [0.3, -0.6, 0.4], turn: -120 },
        { ...SAT, armR: [0.3, -0.6, 0.4], armL: [0.3, -0.5, -0.1], turn: -240 },
      ],
      { marks: [['round about', 0]], pace: 'even', best: 0 },
    ),
    travels: 'none',
  },
  'wheels-weave': onWheels(
    [
      { ...SAT, armR: [0.3, -0.6, 0.4], armL: [0.3, -0.5, -0.05], side: 6 },
      { ...SAT, armL: [0.3, -0.6, 0.4], armR: [0.3, -0.5, -0.05], side: -6 },
    ],
    {
      marks: [
        ['zigzag', 0],
        ['zigzag', 1],
      ],
    },
  ),
  'seated-throw': onChair(
    'side',
    [
      { ...SAT, armR: [0.2, -0.6, -0.5], armL: ARMS.lap, when: 0 },
      { ...SAT, armR: [0.05, -0.1, 1], armL: ARMS.lap, tip: 6, when: 0.35 },
      { ...SAT, armR: [0.05, 0.4, 0.9], armL: ARMS.lap, tip: 4, when: 0.6 },
    ],
    {
      props: [
        CHAIR,
        {
          kind: 'bean bag',
          places: [['right hand'], ['right hand'], ['floor', [0, 0.5, 1.15]]],
        },
      ],
    },
  ),
  'seated-catch': onChair(
    'front',
    [
      { ...SAT, arms: [-0.12, -0.4, 0.6], when: 0 },
      { ...SAT, arms: [0.12, 0.1, 0.6], nod: -18, when: 0.4 },
    ],
    {
      props: [
        CHAIR,
        {
          kind: 'ball',
          places: [
            ['hands', [0, 0.06, 0.03]],
            ['hands', [0, 0.34, 0.03], 0.06],
          ],
        },
      ],
    },
  ),
  'seated-roll': onChair(
    'side',
    [
      { ...SAT, arms: [-0.1, -0.5, 0.5], when: 0 },
      { ...SAT, tip: 34, bend: 16, nod: -14, arms: [-0.1, -0.7, 0.7], when: 0.4 },
      { ...SAT, tip: 34, bend: 16, nod: -20, arms: [-0.05, -0.6, 0.8], when: 0.65 },
    ],
    {
      props: [
        CHAIR,
        {
          kind: 'ball',
          places: [
            ['hands', [0, 0.05, 0.03]],
            ['hands', [0, -0.04, 0.08]],
            ['floor', [0, 0, 1.1]],
          ],
        },
      ],
    },
  ),
  'seated-strike': onChair(
    'side',
    [
      { ...SAT, armR: [0.3, -0.2, -0.3], armL: ARMS.lap, when: 0 },
      { ...SAT, armR: [0.1, -0.1, 0.9], armL: ARMS.lap, tip: 6, when: 0.35 },
      { ...SAT, armR: [0.02, 0.1, 0.95], armL: ARMS.lap, tip: 6, when: 0.55 },
    ],
    {
      props: [
        CHAIR,
        { kind: 'cone', places: [['floor', [-0.12, 0.28, 0.46]]] },
        {
          kind: 'ball',
          places: [
            ['floor', [-0.12, 0.52, 0.46]],
            ['floor', [-0.12, 0.52, 0.5]],
            ['floor', [-0.12, 0.6, 1.15]],
          ],
        },
      ],
    },
  ),
};
