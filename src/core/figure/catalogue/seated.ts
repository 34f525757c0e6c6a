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

export const SEATED_FIGURES: Readonly<Record<string, FigureSketch>> = {
  'seated-march': onChair(
    'corner',
    [
      { ...SAT, legR: [0.08, -0.2, 0.6], armL: [0.1, -0.3, 0.6], armR: [0.2, -0.7, -0.2] },
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
    { ...SAT, bend: 58, nod: 40, tip: 4, arms: [0, -0.5, 0.5] },
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
    { ...SAT, legs: [0.22, -0.5, 0.54], tip: 52, bend: 46, nod: 8, arms: [0.02, -1, 0.1] },
  ]),
};
