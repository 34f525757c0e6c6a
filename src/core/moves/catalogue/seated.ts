import type { Move } from '../../model/move';
import { defineMove } from './define-move';

type Usual = Parameters<typeof defineMove>[1]['usual'];

/** A move for a chair or a wheelchair: the seated form of others. */
function seated(
  id: string,
  [name, plural]: readonly [string, string],
  regions: Move['regions'],
  facts: Pick<Move, 'effort' | 'formCues' | 'pictureWords'> & { tempo: number; sided?: boolean },
  usual: Usual,
): Move {
  return defineMove('balancing', {
    id: `seated-${id}`,
    name,
    plural,
    regions,
    ...facts,
    usual,
    posture: 'sitting',
    cautions: ['A steady chair, or the child’s own wheelchair with the brakes on.'],
  });
}

export const SEATED: readonly Move[] = [
  seated(
    'march',
    ['seated march', 'seated marches'],
    ['legs', 'hips'],
    {
      effort: 3,
      tempo: 0.7,
      formCues: ['Lift and lower', 'Sit tall'],
      pictureWords: ['drum', 'paddle boat'],
    },
    ['reps', [6, 12], [10, 20], [10, 30]],
  ),
  seated(
    'reach',
    ['seated reach', 'seated reaches'],
    ['shoulders', 'arms', 'back'],
    {
      effort: 2,
      tempo: 3,
      formCues: ['Both hips stay', 'Long fingers'],
      pictureWords: ['high shelf', 'star'],
    },
    ['hold', [3, 6], [5, 10], [8, 15]],
  ),
  seated(
    'arm-jump',
    ['arm jump', 'arm jumps'],
    ['arms', 'shoulders'],
    {
      effort: 3,
      tempo: 1.2,
      formCues: ['Hands low', 'Shoot up'],
      pictureWords: ['rocket', 'spark'],
    },
    ['reps', [4, 8], [6, 12], [10, 20]],
  ),
  seated(
    'leg-lift',
    ['seated leg lift', 'seated leg lifts'],
    ['legs', 'tummy'],
    {
      effort: 3,
      tempo: 2,
      sided: true,
      formCues: ['Long leg', 'Breathe'],
      pictureWords: ['heron', 'gate'],
    },
    ['reps', [3, 6], [4, 8], [5, 12]],
  ),
  seated(
    'push',
    ['seated push', 'seated pushes'],
    ['arms', 'shoulders'],
    {
      effort: 3,
      tempo: 1.2,
      formCues: ['Palms flat', 'Push slow, pull slow'],
      pictureWords: ['heavy door', 'oar'],
    },
    ['reps', [4, 8], [6, 12], [8, 20]],
  ),
  seated(
    'twist',
    ['seated twist', 'seated twists'],
    ['tummy', 'back'],
    {
      effort: 2,
      tempo: 2.5,
      sided: true,
      formCues: ['Look behind', 'Sit tall'],
      pictureWords: ['owl', 'lighthouse'],
    },
    ['reps', [2, 4], [3, 6], [4, 8]],
  ),
  seated(
    'curl',
    ['seated curl', 'seated curls'],
    ['back', 'tummy'],
    {
      effort: 1,
      tempo: 4,
      formCues: ['Chin in', 'Round your back'],
      pictureWords: ['pebble', 'snail'],
    },
    ['reps', [2, 4], [3, 5], [3, 6]],
  ),
  seated(
    'clap',
    ['seated clap', 'seated claps'],
    ['hands', 'arms'],
    {
      effort: 2,
      tempo: 0.6,
      formCues: ['Listen first', 'All together'],
      pictureWords: ['rain', 'oyster'],
    },
    ['reps', [4, 10], [6, 16], [8, 20]],
  ),
  seated(
    'forward-fold',
    ['seated fold', 'seated folds'],
    ['back', 'legs'],
    {
      effort: 1,
      tempo: 4,
      formCues: ['Hang forward', 'Breathe out'],
      pictureWords: ['willow', 'washing'],
    },
    ['reps', [2, 3], [2, 4], [3, 5]],
  ),
];
