import {
  creaturesGoing,
  partsOfBeat,
  proposeGuises,
  sayingsFor,
  type Adventure,
  type GuiseProposal,
  type Move,
} from '$core';
import { loadSoundBook } from '$lib/language/sound-book';

/** Names for a move in this story, none of which is in use already; fetched when they are asked for. */
export async function namesFor(
  move: Move,
  { chapters, world }: Adventure,
): Promise<readonly GuiseProposal[]> {
  const sounds = await loadSoundBook();
  const taken = chapters.flatMap(({ beats }) =>
    beats.flatMap((beat) => partsOfBeat(beat).map(({ guise }) => guise.name)),
  );
  const creatures = creaturesGoing(move, world.words);
  return proposeGuises(move, world, taken, sounds, { creatures });
}

export { sayingsFor };
