import type { Move } from '../model/move';
import type { NewId } from '../model/new-id';

/** A move of the presenter's own to start from: a plain one on the spot, or a copy of `from`. */
export function newOwnMove(newId: NewId, from: Move | null = null): Move {
  const id = newId('own').replaceAll('_', '-');
  if (from) {
    const figure = from.figure ?? { kind: 'like', move: from.id };
    return { ...from, id, name: `my ${from.name}`, plural: `my ${from.plural}`, figure };
  }
  return {
    id,
    name: 'move of my own',
    plural: 'moves of my own',
    aliases: [],
    family: 'balancing',
    regions: ['legs'],
    effort: 3,
    secondsPerRep: { '3-4': 2.4, '5': 2, '6-7': 2 },
    landingsPerRep: 0,
    metresPerRep: 0,
    sided: false,
    fromAge: 3,
    posture: 'standing',
    space: 'spot',
    kit: [],
    surface: 'any',
    wall: false,
    quiet: true,
    cautions: [],
    formCues: [],
    easier: null,
    harder: null,
    seated: null,
    pictureWords: [],
    usual: { unit: 'reps', range: { '3-4': [4, 6], '5': [5, 10], '6-7': [8, 15] } },
    figure: null,
    origin: 'our judgement',
  };
}
