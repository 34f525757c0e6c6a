import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Beat } from '../../beats';
import { NO_GUISE } from '../../model/action';
import { arbitraryAdventure } from '../../testing/arbitrary';
import { countingIds, doseOf, drawBeat, moveBeat, withBeats } from '../../testing/make';
import { lossesOf } from './losses';
import { parseScript } from './script';
import { serializeScript } from './write-script';

const titled = (...beats: readonly Beat[]) => ({
  ...withBeats(...beats),
  title: 'Fog',
});

describe('what a script leaves behind', () => {
  it('is nothing of what its lines have words for', () => {
    const plain = titled(
      { kind: 'tell', id: 'bt_1', text: 'Up the tower!' },
      moveBeat([doseOf('squat', 5), doseOf('hop', 3, { sides: 'each' })]),
    );
    expect(lossesOf(plain)).toEqual([]);
  });

  it('is named, of the beat that it is of', () => {
    const pictured = {
      ...doseOf('squat', 5),
      guise: { ...NO_GUISE, picture: 'heron', sound: 'h' },
    };
    const [one, other] = drawBeat(['squat', 'hop'], {}).entries;
    const wide = drawBeat(['squat', 'hop'], {
      device: { kind: 'spinner' },
      entries: [{ ...one!, weight: 3 }, other!],
    });
    const losses = lossesOf({
      ...titled(moveBeat([pictured]), wide),
      props: [{ thing: 'sock', standsFor: 'the lamp oil' }],
    });
    expect(losses[0]).toEqual({ of: '', what: ['what things stand for'] });
    expect(losses[1]!.what).toEqual(['picture words', 'sounds']);
    expect(losses[2]!.what).toContain('how wide sectors are');
  });

  it('is told of every adventure that does not come back the same, and of no other', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (adventure) => {
        const read = parseScript(serializeScript(adventure), {
          newId: countingIds(),
          newSeed: () => 0,
          moves: adventure.moves,
        });
        // The order of fields says nothing.
        const plain = (value: object) =>
          JSON.stringify(value, (key, inner: unknown) => {
            if (key === 'id' || key === 'seed') return 0;
            if (typeof inner !== 'object' || inner === null || Array.isArray(inner)) return inner;
            return Object.fromEntries(Object.entries(inner).sort(([x], [y]) => (x < y ? -1 : 1)));
          });
        const isSame =
          read.ok &&
          plain(read.value.adventure.chapters.map(({ beats }) => beats)) ===
            plain(adventure.chapters.map(({ beats }) => beats));
        if (!isSame && adventure.chapters.some(({ beats }) => beats.length > 0)) {
          expect(lossesOf(adventure).length).toBeGreaterThan(0);
        }
      }),
      { numRuns: 120 },
    );
  });
});
