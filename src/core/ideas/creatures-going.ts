import type { Move } from '../model/move';
import { plainWords } from '../words/plain-words';
import { IMAGES } from './images';

const CREATURES = IMAGES.filter(({ kind }) => kind === 'creature');

/** A move is a creature's way of going from this weight on: the first three of its moves. */
const OWN_WAY = 0.7;

/**
 * Creatures that go as a move does, those whose way it is most first; `most` at most. Those that the story
 * has, by one of its words, go before all others.
 */
export function creaturesGoing(
  { id }: Pick<Move, 'id'>,
  words: readonly string[],
  most = 2,
): readonly string[] {
  const inStory = new Set(words.flatMap(plainWords));
  const weighed = CREATURES.flatMap(({ words: names, moves }) => {
    const weight = moves.get(id) ?? 0;
    const told = names.find((name) => inStory.has(name));
    return weight < OWN_WAY ? [] : [{ name: told ?? names[0]!, weight: weight + (told ? 1 : 0) }];
  });
  return weighed
    .sort((a, b) => b.weight - a.weight)
    .slice(0, most)
    .map(({ name }) => name);
}
