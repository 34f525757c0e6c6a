import { describe, expect, it } from 'vitest';
import { newOwnMove } from '../../moves/new-own-move';
import { parseAdventure } from '../parse-adventure';
import { CURRENT_VERSION, MIGRATIONS } from '../versions';
import version1 from './samples/version-1.arrup.json';
import version2 from './samples/version-2.arrup.json';
import version3 from './samples/version-3.arrup.json';
import version4 from './samples/version-4.arrup.json';
import version5 from './samples/version-5.arrup.json';

/** A file of every version that was released, oldest first: never changed, only added to. */
const SAMPLES: readonly unknown[] = [version1, version2, version3, version4, version5];

describe('documents of older versions', () => {
  it('there is a migration and a sample for every one', () => {
    expect(MIGRATIONS.map(({ from }) => from)).toEqual(
      Array.from({ length: CURRENT_VERSION - 1 }, (_, n) => n + 1),
    );
    expect(SAMPLES).toHaveLength(CURRENT_VERSION);
  });

  it.each(SAMPLES.map((sample, n) => [n + 1, sample]))(
    'version %i is read, and is then the newest',
    (version, sample) => {
      expect(sample).toMatchObject({ version });
      const before = structuredClone(sample);
      expect(parseAdventure(sample)).toEqual({ ok: true, value: SAMPLES.at(-1) });
      expect(sample).toEqual(before);
    },
  );

  it('a move of one’s own of before figures is drawn as its kind is', () => {
    const { figure, ...facts } = newOwnMove(() => 'own_1');
    expect(figure).toBeNull();
    const parsed = parseAdventure({ ...version2, moves: [facts, 'x'] });
    expect(parsed.ok || parsed.problems.map(({ path }) => path.join('.'))).toEqual(['moves.1']);
    const whole = parseAdventure({ ...version2, moves: [facts] });
    expect(whole.ok && whole.value.moves).toEqual([{ ...facts, figure: null }]);
  });

  it('what is broken in an old one is named, not passed over', () => {
    const broken = { ...version1, chapters: [{ ...version1.chapters[0], beats: ['x', 3, null] }] };
    const parsed = parseAdventure(broken);
    expect(parsed.ok || parsed.problems.map(({ path }) => path.join('.'))).toEqual([
      'chapters.0.beats.0',
      'chapters.0.beats.1',
      'chapters.0.beats.2',
    ]);
  });
});
