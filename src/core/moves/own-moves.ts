import type { Adventure } from '../model/adventure';
import { movesOfBeat } from '../model/beat-parts';
import type { Move } from '../model/move';
import type { NewId } from '../model/new-adventure';
import { BUILT_IN } from './move-book';

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

/**
 * The adventure with just those moves of its own that it needs: the ones in its script that the
 * catalogue lacks, and their easier, harder and seated forms. Missing ones come from `own`, the
 * adventure's own copy going first. The same adventure, where nothing changes.
 */
export function carryMoves(adventure: Adventure, own: readonly Move[]): Adventure {
  if (adventure.moves.length === 0 && own.length === 0) return adventure;
  const known = new Map([...own, ...adventure.moves].map((move) => [move.id, move]));
  const needed = new Set<Move>();
  const need = (id: string | null) => {
    const move = id === null || BUILT_IN.has(id) ? undefined : known.get(id);
    if (!move || needed.has(move)) return;
    needed.add(move);
    for (const form of [move.easier, move.harder, move.seated]) need(form);
  };
  for (const { beats } of adventure.chapters) {
    for (const beat of beats) for (const move of movesOfBeat(beat)) need(move);
  }
  const moves = [...needed];
  const same =
    moves.length === adventure.moves.length && adventure.moves.every((move) => needed.has(move));
  return same ? adventure : { ...adventure, moves };
}
