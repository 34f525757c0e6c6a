import { MOST_IN_WORLD, type World } from '../model/world';
import type { Adventure } from './adventure';

const key = (text: string) => text.trim().toLowerCase();

/** Lists as one, each thing once, whatever its capitals. */
function joined<T>(lists: readonly (readonly T[])[], of: (one: T) => string): T[] {
  const all = lists.flat().filter((one) => key(of(one)) !== '');
  return all.filter((one, n) => all.findIndex((other) => key(of(other)) === key(of(one))) === n);
}

/**
 * The worlds that these adventures play in, by name, the first adventure's first: everybody, every word
 * and colour that any of them has. A world keeps no place and no want: those are each story's own. A
 * world without a name is none to go back to.
 */
export function worldsOf(adventures: readonly Pick<Adventure, 'world'>[]): readonly World[] {
  const named = adventures.map(({ world }) => world).filter(({ name }) => key(name) !== '');
  const names = joined([named], ({ name }) => name).map(({ name }) => name);
  return names.map((name) => {
    const same = named.filter((world) => key(world.name) === key(name));
    return {
      name,
      place: '',
      want: '',
      cast: joined(
        same.map(({ cast }) => cast),
        (one) => one.name,
      ),
      words: joined(
        same.map(({ words }) => words),
        (one) => one,
      ),
      colours: joined(
        same.map(({ colours }) => colours),
        (one) => one,
      ),
    };
  });
}

/** A story that goes on in a world: what it has stays, and the world's cast, words and colours join it. */
export function withWorld(adventure: Adventure, world: World): Adventure {
  const own = adventure.world;
  return {
    ...adventure,
    world: {
      ...own,
      name: world.name,
      cast: joined([own.cast, world.cast], ({ name }) => name).slice(0, MOST_IN_WORLD.cast),
      words: joined([own.words, world.words], (one) => one).slice(0, MOST_IN_WORLD.words),
      colours: joined([own.colours, world.colours], (one) => one).slice(0, MOST_IN_WORLD.colours),
    },
  };
}
