import type { Move } from '../../model/move';
import { defineMove } from './define-move';

const BRAKES = 'steady chair';

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
    cautions: [BRAKES],
  });
}

/** With a child's own wheelchair, on the way. */
function onWheels(
  id: string,
  name: string,
  plural: string,
  facts: Omit<Parameters<typeof defineMove>[1], 'id' | 'name' | 'regions'>,
): Move {
  return defineMove('travelling', {
    id: `wheels-${id}`,
    name,
    plural,
    regions: ['arms', 'shoulders'],
    posture: 'sitting',
    space: 'room',
    cautions: ['childs chair', 'clear floor'],
    ...facts,
  });
}

/** The seated form of what is done with a thing. */
function sittingWith(
  id: string,
  name: string,
  plural: string,
  thing: string,
  facts: Omit<Parameters<typeof defineMove>[1], 'id' | 'name' | 'regions'>,
): Move {
  return defineMove('handling', {
    id: `seated-${id}`,
    name,
    plural,
    regions: ['arms', 'shoulders', 'hands'],
    posture: 'sitting',
    kit: [thing],
    ...facts,
    cautions: [BRAKES, ...(facts.cautions ?? [])],
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
  onWheels('push', 'wheelchair push', 'wheelchair pushes', {
    effort: 3,
    tempo: 1.2,
    metresPerRep: 0.9,
    formCues: ['Hands back', 'Long push', 'Let go'],
    pictureWords: ['post cart', 'mill wheel'],
    usual: ['reps', [4, 8], [6, 12], [8, 20]],
    harder: 'wheels-glide',
  }),
  onWheels('glide', 'wheelchair glide', 'wheelchair glides', {
    effort: 3,
    tempo: 3,
    metresPerRep: 2,
    formCues: ['Two pushes', 'Hands in your lap', 'Glide'],
    pictureWords: ['swan', 'punt', 'ice boat'],
    usual: ['reps', [2, 4], [3, 6], [4, 10]],
    easier: 'wheels-push',
  }),
  onWheels('spin', 'wheelchair spin', 'wheelchair spins', {
    effort: 3,
    tempo: 3,
    sided: true,
    formCues: ['One hand forward, one back', 'And stop'],
    pictureWords: ['whirlpool', 'weathercock'],
    usual: ['reps', [1, 2], [2, 4], [2, 6]],
    easier: 'wheels-push',
  }),
  onWheels('weave', 'wheelchair weave', 'wheelchair weaves', {
    effort: 4,
    tempo: 2.5,
    metresPerRep: 1.2,
    kit: ['cone'],
    formCues: ['Look to the next cone', 'Push with the outside hand'],
    pictureWords: ['eel', 'reeds', 'river'],
    usual: ['reps', [3, 5], [4, 8], [5, 12]],
    easier: 'wheels-push',
  }),
  sittingWith('throw', 'seated throw', 'seated throws', 'bean bag', {
    effort: 3,
    tempo: 3,
    sided: true,
    cautions: ['throw one'],
    formCues: ['Sit tall', 'Arm back and through'],
    pictureWords: ['post bag', 'fish for the heron'],
    usual: ['reps', [3, 5], [4, 8], [5, 12]],
  }),
  sittingWith('catch', 'seated toss and catch', 'seated tosses and catches', 'ball', {
    effort: 2,
    tempo: 3,
    formCues: ['Low toss', 'Two hands', 'Watch it in'],
    pictureWords: ['apple', 'moon'],
    usual: ['reps', [3, 5], [4, 8], [5, 12]],
  }),
  sittingWith('roll', 'seated ball roll', 'seated ball rolls', 'ball', {
    effort: 2,
    tempo: 3,
    formCues: ['From your lap', 'Push it along'],
    pictureWords: ['barrel', 'cheese'],
    usual: ['reps', [3, 6], [4, 8], [5, 12]],
  }),
  sittingWith('strike', 'seated strike', 'seated strikes', 'ball', {
    effort: 3,
    tempo: 3,
    cautions: ['soft ball only'],
    formCues: ['Ball on a tray or a cone', 'Open hand'],
    pictureWords: ['bell', 'gong'],
    usual: ['reps', [3, 5], [4, 8], [5, 12]],
  }),
];
