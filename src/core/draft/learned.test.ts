import { dictionary } from 'cmu-pronouncing-dictionary';
import text from 'virtual:word-net';
import { describe, expect, it } from 'vitest';
import { DEFAULT_PACE } from '../cues/pace';
import { drawsOf } from '../document/beats-of';
import { readWordNet } from '../ideas/word-net';
import { LEARN_SETS } from '../learning/sets';
import { DEFAULT_SETTING } from '../model/setting';
import { BUILT_IN } from '../moves/move-book';
import { makeMoveFinder } from '../moves/move-finder';
import { unroll } from '../schedule/unroll';
import { countingIds } from '../testing/make';
import { draft } from './draft';
import { learnedGame, learnedSet, learnedTable, ridesIn } from './learned';
import type { DraftShape, DraftWish } from './wish';

const net = readWordNet(text);
const finder = makeMoveFinder(BUILT_IN);
const settingFor = (age: number, minutes: number) => ({
  ...DEFAULT_SETTING,
  ages: { from: age, to: age + 1 },
  slotSeconds: minutes * 60,
});
const wishFor = (learning: string, shape: DraftShape, age = 5, minutes = 10): DraftWish => ({
  want: 'Carry the lamp to the tower',
  place: 'the marsh',
  hero: 'Wick',
  learning,
  shape,
  setting: settingFor(age, minutes),
  seed: 4,
});
const draftOf = (wish: DraftWish) =>
  draft(wish, {
    book: BUILT_IN,
    net,
    sounds: dictionary,
    pace: DEFAULT_PACE,
    newId: countingIds(),
  });
const making = { throws: 7, numbers: [3, 6] as const };

describe('what is learned', () => {
  it.each([
    ['the colors of the rainbow', 'colours'],
    ['Shapes', 'shapes'],
    ['number bonds to 10', 'pairs-that-make-ten'],
    ['pairs that make five', 'pairs-that-make-five'],
    ['naming our feelings', 'feelings'],
    ['the days of the week', 'days-of-the-week'],
    ['left and right', 'left-and-right'],
    ['washing, a healthy habit', 'healthy-habits'],
    ['the seasons', 'seasons'],
    ['opposites', 'opposites'],
    ['taking turns', undefined],
    ['', undefined],
  ])('“%s” is the set %s', (learning, id) => {
    expect(learnedSet(learning)?.id).toBe(id);
  });

  it.each([
    ['five times table', 5],
    ['the table of 10', 10],
    ['twos: times tables', 2],
    ['colours', null],
  ])('“%s” is the table of %s', (learning, table) => {
    expect(learnedTable(learning)).toBe(table);
  });

  it('has a game in the shapes that have a place for words, and in no other', () => {
    const line = (shape: DraftShape) =>
      learnedGame(wishFor('shapes', shape), finder, making)?.lines[0] ?? null;
    expect(line('calls')).toBe(
      'calls 7 calls, travel march 4 to 8 s: circle = arm circle 6 s, square = march 6 s, ' +
        'triangle = triangle stretch 6 s, star = star shape 6 s, straight line = tall thin 6 s, ' +
        'oval = hip circle 6 s',
    );
    expect(line('coin')).toBe(
      'coin 7 tosses, shown first: heads = arm circle 10 s as circle, tails = march 10 s as square',
    );
    expect(line('cards')).toMatch(/^cards 7 cards, 3 to 6, shown first: arm circle as circle, /u);
    expect(line('die for which')).toMatch(
      /^die 7 throws, shown first: .*hip circle 10 s as oval$/u,
    );
    expect(line('follow me')).toMatch(/^list: /u);
    for (const shape of ['journey', 'circuit', 'two dice', 'echo'] as const) {
      expect(line(shape)).toBeNull();
    }
    expect(learnedGame(wishFor('table of 5', 'two dice'), finder, making)?.lines).toEqual([
      'die 7 throws, numbers x 5, ask first: clap, knee pat, stamp, arm circle',
    ]);
  });

  it('keeps twos together, and has only moves that the group may do', () => {
    // In a small room nobody runs about: an opposite whose other half goes is left out with it.
    const wish = wishFor('opposites', 'calls', 3);
    const small = {
      ...wish.setting,
      room: { ...wish.setting.room, widthMetres: 3, lengthMetres: 3 },
    };
    const items = LEARN_SETS.find(({ id }) => id === 'opposites')!.items.map(({ label }) => label);
    const line = learnedGame({ ...wish, setting: small }, finder, making)?.lines[0] ?? '';
    const kept = items.filter((label) => line.includes(`${label} = `));
    for (let n = 0; n < items.length; n += 2) {
      expect(kept.includes(items[n]!)).toBe(kept.includes(items[n + 1]!));
    }
  });

  it.each([
    ['colours', 'cards', 4, 12],
    ['number bonds to ten', 'die for which', 5, 8],
    ['the days of the week', 'calls', 6, 15],
    ['healthy habits', 'follow me', 4, 10],
    ['opposites', 'coin', 3, 6],
    ['the table of ten', 'two dice', 6, 15],
  ] as const)(
    '%s comes into %s of a draft, with nothing to mend',
    (learning, shape, age, minutes) => {
      const wish = wishFor(learning, shape, age, minutes);
      const { adventure, findings } = draftOf(wish);
      expect(ridesIn(adventure, wish)).toBe(true);
      expect(findings.filter(({ severity }) => severity !== 'think')).toEqual([]);
      const { totalSeconds } = unroll(adventure);
      expect(totalSeconds).toBeLessThanOrEqual(minutes * 60);
      expect(totalSeconds).toBeGreaterThanOrEqual(minutes * 60 * 0.97);
      const set = learnedSet(learning);
      const names = drawsOf(adventure)
        .at(-1)!
        .entries.map(({ label, action }) =>
          set?.items.some((one) => one.label === label) ? label : action.guise.name,
        );
      if (set)
        for (const name of names) expect(set.items.map(({ label }) => label)).toContain(name);
    },
  );

  it('tells where it stays out, and nothing of what is no set', () => {
    const journey = wishFor('colours', 'journey');
    expect(ridesIn(draftOf(journey).adventure, journey)).toBe(false);
    expect(
      ridesIn(
        draftOf(wishFor('taking turns', 'cards')).adventure,
        wishFor('taking turns', 'cards'),
      ),
    ).toBeNull();
  });
});
