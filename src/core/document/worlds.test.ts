import { describe, expect, it } from 'vitest';
import { arbitraryAdventure } from '../testing/arbitrary';
import fc from 'fast-check';
import { withBeats } from '../testing/make';
import { parseAdventure } from './parse-adventure';
import { withWorld, worldsOf } from './worlds';

const inWorld = (name: string, cast: readonly string[], words: readonly string[]) => ({
  ...withBeats(),
  world: {
    ...withBeats().world,
    name,
    place: 'a place',
    want: 'a want',
    cast: cast.map((one) => ({ name: one, role: `the ${one}` })),
    words,
  },
});
const FEN = inWorld('Lanternfen', ['Wick', 'Nettie'], ['lamp', 'reed']);

describe('worlds', () => {
  it('are gathered by name from every story that plays there, without place and want', () => {
    const more = inWorld('lanternfen ', ['wick', 'Otto'], ['Reed', 'ferry']);
    const worlds = worldsOf([FEN, more, inWorld('', ['Nobody'], []), inWorld('Hilltop', [], [])]);
    expect(worlds.map(({ name }) => name)).toEqual(['Lanternfen', 'Hilltop']);
    expect(worlds[0]!.cast.map(({ name }) => name)).toEqual(['Wick', 'Nettie', 'Otto']);
    expect(worlds[0]!.words).toEqual(['lamp', 'reed', 'ferry']);
    expect(worlds[0]).toMatchObject({ place: '', want: '' });
  });

  it('join a story without changing what it has', () => {
    const [world] = worldsOf([FEN]);
    const own = inWorld('', ['Nettie'], ['bridge']);
    const joined = withWorld(own, world!);
    expect(joined.world).toMatchObject({ name: 'Lanternfen', place: 'a place', want: 'a want' });
    expect(joined.world.cast).toEqual([
      { name: 'Nettie', role: 'the Nettie' },
      { name: 'Wick', role: 'the Wick' },
    ]);
    expect(joined.world.words).toEqual(['bridge', 'lamp', 'reed']);
    expect(withWorld(joined, world!)).toEqual(joined);
  });

  it('leave a story that can be kept, however much joins it', () => {
    fc.assert(
      fc.property(fc.array(arbitraryAdventure, { minLength: 1, maxLength: 4 }), (all) => {
        for (const world of worldsOf(all))
          expect(parseAdventure(withWorld(all[0]!, world)).ok).toBe(true);
      }),
      { numRuns: 40 },
    );
  });
});
