import { describe, expect, it } from 'vitest';
import { newOwnMove } from '../../moves/new-own-move';
import { parseAdventure } from '../parse-adventure';
import { CURRENT_VERSION, MIGRATIONS } from '../versions';
import version1 from './samples/version-1.arrup.json';
import version2 from './samples/version-2.arrup.json';
import version3 from './samples/version-3.arrup.json';
import version4 from './samples/version-4.arrup.json';
import version5 from './samples/version-5.arrup.json';
import version6 from './samples/version-6.arrup.json';
import version7 from './samples/version-7.arrup.json';

/** A file of every version that was released, oldest first: never changed, only added to. */
const SAMPLES: readonly unknown[] = [
  version1,
  version2,
  version3,
  version4,
  version5,
  version6,
  version7,
];

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

  it('of before chains were performed in a tempo are performed as they were', () => {
    const chain = { kind: 'chain', id: 'bt_c', say: '', links: [], rehearseAfter: [] };
    const how = { led: null, show: null, countIn: null, performSay: '' };
    const old = {
      ...version5,
      chapters: [
        {
          ...version5.chapters[0]!,
          beats: [
            { ...chain, ...how, perform: true },
            { ...chain, ...how, id: 'bt_d', perform: false },
          ],
        },
      ],
    };
    const read = parseAdventure(old);
    expect(read.ok && read.value.chapters[0]!.beats).toMatchObject([
      { introduce: 1, bodyParts: [], perform: ['usual'] },
      { perform: [] },
    ]);
  });

  it('of before the two lanes keep every dose and every word, and how they were led', () => {
    const guise = { name: 'Dips', picture: '', sound: '', line: 'Down we go.' };
    const dose = {
      unit: 'reps',
      amounts: [6, 8],
      sides: 'each',
      ways: 1,
      restSeconds: 10,
      count: 'back',
    };
    const action = { id: 'ac_1', move: 'squat', guise, dose };
    const station = { id: 'st_1', move: 'march', guise };
    const moves = { kind: 'move', say: 'Poles up!', rounds: 2, restBetweenRoundsSeconds: 5 };
    const clock = { rounds: 2, workSeconds: 20, restSeconds: 10, drinkBetweenRoundsSeconds: 0 };
    const beats = [
      { ...moves, id: 'bt_1', actions: [action], flowing: true, show: 'each' },
      { ...moves, id: 'bt_2', actions: [{ ...action, id: 'ac_2' }], flowing: false, show: 'first' },
      {
        ...clock,
        kind: 'circuit',
        id: 'bt_3',
        say: '',
        stations: [station],
        restAfterLast: false,
        show: 'first',
      },
    ];
    const old = {
      ...version4,
      defaults: { show: 'each', countInSeconds: 4 },
      chapters: [{ id: 'ch_1', kind: 'adventure', title: 'Across', beats }],
    };
    const parsed = parseAdventure(old);
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
    const { defaults, chapters } = parsed.value;
    expect(defaults).toEqual({ led: 'show, then do', countIn: true, countInSeconds: 4 });
    const said = { ...guise, meanwhile: '' };
    expect(chapters[0]!.beats).toMatchObject([
      { led: 'follow me', show: null, say: 'Poles up!', actions: [{ dose, guise: said }] },
      { led: null, show: 'first', say: 'Poles up!', actions: [{ dose, guise: said }] },
      { led: 'by the clock', show: null, ...clock, stations: [{ guise: said }] },
    ]);
    const never = parseAdventure({ ...old, defaults: { show: 'each', countInSeconds: 0 } });
    expect(never.ok && never.value.defaults.countIn).toBe(false);
  });

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
