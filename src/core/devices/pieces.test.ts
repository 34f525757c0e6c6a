import { describe, expect, it } from 'vitest';
import { BUILT_IN } from '../moves/move-book';
import { drawBeat } from '../testing/make';
import { DEVICES, deviceFile, type Device } from '.';
import { dieFor, diceTotals, diceWays } from './die';
import type { PrintDesk } from './print-desk';
import { pipsOf } from './shapes/pips';
import { shapesFor, SPOT_OUTLINES, SPOT_SHAPES } from './shapes/spot-shapes';
import { wheelSectors } from './shapes/wheel-shape';
import { TABLES_FROM } from './text-tables';
import { facesOf } from './thing';
import { FOR_FIVES } from '../testing/line-tools';

const MOVES = ['march', 'jog', 'hop', 'squat', 'star-shape', 'plank'];
const entriesOf = (...given: readonly object[]) =>
  drawBeat(MOVES)
    .entries.slice(0, given.length)
    .map((entry, n) => ({ ...entry, ...given[n] }));

describe('dice', () => {
  it('totals come in as many ways as they have: two dice, 1 to 6 and back to 1 (docs/facts.md)', () => {
    expect(diceWays(6, 2).slice(2)).toEqual([1, 2, 3, 4, 5, 6, 5, 4, 3, 2, 1]);
    expect(diceWays(6, 3).reduce((sum, ways) => sum + ways, 0)).toBe(216);
    expect(diceTotals({ sides: 6, dice: 2 })).toEqual([2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]);
  });
  it('the die for so many moves gives each as many faces, or is the smallest with enough', () => {
    expect([1, 2, 3, 4, 5, 6].map(dieFor)).toEqual([4, 4, 6, 4, 10, 6]);
    expect([12, 13, 20, 21].map(dieFor)).toEqual([12, 20, 20, 20]);
  });
  it('faces that make a total are as even as can be, and none where none make it', () => {
    expect(facesOf(7, 2, 6)).toEqual([4, 3]);
    expect(facesOf(12, 2, 6)).toEqual([6, 6]);
    expect(facesOf(5, 3, 6)).toEqual([2, 2, 1]);
    expect(facesOf(1, 2, 6)).toEqual([]);
    expect(facesOf(13, 2, 6)).toEqual([]);
  });
  it('each face of a cube has its pips, in the nine places of a grid', () => {
    for (let face = 1; face <= 6; face += 1) {
      const pips = pipsOf(face);
      expect(new Set(pips.map(String)).size).toBe(face);
      // A face looks the same turned halfway round.
      expect(new Set(pips.map(([x, y]) => `${-x || 0},${-y || 0}`))).toEqual(
        new Set(pips.map(([x, y]) => `${x},${y}`)),
      );
    }
    expect(pipsOf(7)).toEqual([]);
  });
});

describe('wheels', () => {
  it('have sectors as wide as their weights, once around from the top', () => {
    const sectors = wheelSectors([1, 2, 1]);
    expect(sectors.map(({ turn }) => turn)).toEqual([0.125, 0.5, 0.875]);
    expect(sectors[0]!.picture.x).toBeGreaterThan(0);
    expect(sectors[0]!.picture.y).toBeLessThan(0);
    expect(sectors[1]!.picture.x).toBeCloseTo(0);
    expect(sectors[1]!.isWide).toBe(true);
    expect(wheelSectors(Array.from({ length: 12 }, () => 1)).some(({ isWide }) => isWide)).toBe(
      false,
    );
  });
  it('one without weight has none; the only one has all of it', () => {
    expect(wheelSectors([1, 0, 1]).map(({ index }) => index)).toEqual([0, 2]);
    const [whole] = wheelSectors([3]);
    expect(whole!.path).not.toContain('M0 0');
    expect(wheelSectors([0, 0]).map(({ turn }) => turn)).toEqual([0.25, 0.75]);
  });
});

describe('spots', () => {
  it('have the shape that their name says, else one that no other has', () => {
    expect(shapesFor(['Red star', 'blue', 'CIRCLE', 'green'])).toEqual([
      'star',
      'square',
      'circle',
      'triangle',
    ]);
    const many = shapesFor(Array.from({ length: 10 }, (_, n) => `spot ${n}`));
    expect(new Set(many.slice(0, 8)).size).toBe(8);
    expect(many[8]).toBe(many[0]);
  });
  it('each shape has an outline that closes', () => {
    for (const shape of SPOT_SHAPES) expect(SPOT_OUTLINES[shape]).toMatch(/^M.*Z$/u);
    expect(SPOT_OUTLINES.star.match(/L/gu)).toHaveLength(9);
  });
});

describe('coins', () => {
  const coin = { kind: 'coin' } as const;
  const entries = entriesOf({ faces: [1] }, { faces: [2] });
  it('have two sides, typed by their names', () => {
    expect(DEVICES.coin.readEntry('heads = 5 hops')).toMatchObject({ faces: [1], words: '5 hops' });
    expect(DEVICES.coin.readEntry('T = 5 hops')).toMatchObject({ faces: [2] });
    expect(DEVICES.coin.readEntry('5 hops')).toMatchObject({ faces: null, words: '5 hops' });
    expect(deviceFile(coin).entryLine(entries[1]!, '5 hops')).toBe('tails = 5 hops');
    expect(deviceFile(coin).outcomeLabel(entries[0]!, 1)).toBe('heads');
  });
  it('both sides are drawn from; one that means nothing is told', () => {
    expect(deviceFile(coin).outcomes({ device: coin, entries })).toMatchObject({
      outcomes: [{ entry: 0 }, { entry: 1 }],
      problems: [],
    });
    expect(
      deviceFile(coin).outcomes({ device: coin, entries: [entries[0]!] }).problems,
    ).toMatchObject([{ code: 'unmapped-outcome', params: { outcome: 'tails' } }]);
  });
});

describe('decks', () => {
  const deck = { kind: 'deck', lowest: 1, highest: 13, copies: 1, courts: 10, jokers: 2 } as const;
  const suits = entriesOf(
    { label: 'suns' },
    { label: 'moons' },
    { label: 'bells' },
    { label: 'leaves' },
  );
  const withJoker = [...suits, { ...drawBeat(MOVES).entries[4]!, cards: 'jokers' as const }];
  const outcomes = (device: object, entries = withJoker) =>
    deviceFile(deck).outcomes({ device: { ...deck, ...device } as never, entries });
  const cards = (device: object, entries = withJoker) =>
    outcomes(device, entries).outcomes.reduce((sum, { copies }) => sum + copies, 0);

  it('have 52 cards, and jokers beside them (docs/facts.md)', () => {
    expect(cards({ jokers: 0 })).toBe(52);
    expect(cards({})).toBe(54);
    expect(cards({ copies: 2 })).toBe(108);
    expect(cards({ lowest: 2, highest: 4, jokers: 0 })).toBe(12);
  });
  it('court cards count as they are told, or as their rank, or mean something else', () => {
    const highest = (courts: number | null) =>
      Math.max(...outcomes({ courts }).outcomes.map(({ value }) => value ?? 0));
    expect(highest(10)).toBe(10);
    expect(highest(null)).toBe(13);
    const courts = [...suits, { ...drawBeat(MOVES).entries[5]!, cards: 'courts' as const }];
    const found = outcomes({ jokers: 0 }, courts).outcomes.find(({ entry }) => entry === 4);
    expect(found).toMatchObject({ value: null, copies: 12 });
  });
  it('a joker that means nothing, and ranks that run backwards, are told', () => {
    expect(outcomes({}, suits).problems).toMatchObject([{ code: 'unmapped-outcome' }]);
    expect(outcomes({ lowest: 5, highest: 2 }).problems).toMatchObject([
      { code: 'backwards-range' },
    ]);
  });
  it('jokers and court cards are typed before what they mean', () => {
    expect(DEVICES.deck.readEntry('joker = 5 hops')).toMatchObject({
      cards: 'jokers',
      words: '5 hops',
    });
    expect(DEVICES.deck.readEntry('court cards 5 hops')).toMatchObject({ cards: 'courts' });
    expect(DEVICES.deck.readEntry('suns = 5 hops')).toMatchObject({ cards: 'suit', label: 'suns' });
    expect([0, 1, 6].map((n) => DEVICES.deck.usualLabel(n, null as never))).toEqual([
      'suns',
      'moons',
      'suit 7',
    ]);
  });
});

describe('what a draw looks like on the thing itself', () => {
  const entries = [
    ...entriesOf({ label: 'suns' }, { label: 'moons' }),
    { ...drawBeat(MOVES).entries[2]!, label: '', cards: 'courts' as const },
    { ...drawBeat(MOVES).entries[3]!, label: '', cards: 'jokers' as const },
  ];
  const seen = (device: Device, entry: number, value: number | null) =>
    deviceFile(device).thing({ device, entries } as never, {
      outcome: 0,
      entry,
      value,
      standIn: false,
    });

  it('a card has its number, a court card a K and a joker a star, where they mean a move', () => {
    const deck = DEVICES.deck.begin(4);
    const card = (entry: number, value: number | null) => seen(deck, entry, value);
    expect(card(1, 7)).toEqual({ kind: 'card', suit: 'moons', entry: 1, sign: '7' });
    expect(card(2, null)).toMatchObject({ kind: 'card', entry: 2, sign: 'K' });
    expect(card(3, null)).toMatchObject({ kind: 'card', entry: 3, sign: '\u2605' });
  });
  it('dice show faces that make the total, a coin its side, a wheel its sector', () => {
    const dice = { kind: 'die', sides: 6, dice: 2 } as const;
    expect(seen(dice, 0, 7)).toEqual({ kind: 'dice', sides: 6, faces: [4, 3] });
    expect(seen({ kind: 'coin' }, 0, 1)).toEqual({ kind: 'coin', name: 'heads' });
    expect(seen({ kind: 'coin' }, 1, 2)).toEqual({ kind: 'coin', name: 'tails' });
    expect(seen({ kind: 'spinner' }, 1, null)).toEqual({ kind: 'wheel', entry: 1 });
  });
  it('a letter and a call are what is written on them; where there is no thing there is none', () => {
    expect(seen({ kind: 'letters' }, 0, null)).toEqual({ kind: 'letters', text: 'suns' });
    expect(seen({ kind: 'calls' }, 1, null)).toEqual({ kind: 'spot', entry: 1, label: 'moons' });
    expect(seen({ kind: 'leader' }, 0, null)).toBeNull();
    expect(seen({ kind: 'list' }, 0, null)).toBeNull();
  });
});

describe('what a device needs on paper', () => {
  const asked = (device: Device, entries = entriesOf({ faces: [1] }, { faces: [2, 3] })) => {
    const found: [string, unknown][] = [];
    const desk: PrintDesk = {
      cube: (faces, title) => void found.push(['cube', [faces?.length ?? null, title]]),
      wheel: (sectors, title) =>
        void found.push(['wheel', [sectors.map(({ weight }) => weight), title]]),
      cards: (cards) => void found.push(['cards', cards.length]),
      letters: (list) => void found.push(['letters', list.length]),
      coin: (faces) =>
        void found.push(['coin', faces.map(({ name, entry }) => [name, entry !== null])]),
    };
    deviceFile(device).print({ device, entries } as never, desk);
    return found;
  };
  it('a cube is folded, two are thrown, and another die is a wheel', () => {
    expect(asked({ kind: 'die', sides: 6, dice: 1 })).toEqual([['cube', [6, 'Move die']]]);
    expect(asked({ kind: 'die', sides: 6, dice: 2 })).toEqual([
      ['cube', [null, 'Number die: print 2']],
    ]);
    expect(asked({ kind: 'die', sides: 8, dice: 1 })).toEqual([
      ['wheel', [[1, 2], 'In place of a die of 8']],
    ]);
  });
  it('a card for each rank of each suit, with as many dots as it counts, and the jokers', () => {
    const suits = entriesOf({ label: 'suns' }, { label: 'moons' });
    const special = (n: number, cards: 'courts' | 'jokers') => ({
      ...drawBeat(MOVES).entries[n]!,
      cards,
    });
    const cardsOf = (device: object, entries: readonly unknown[]) => {
      let made: readonly unknown[] = [];
      const desk = { cards: (cards: readonly unknown[]) => void (made = cards) };
      const deck = { ...DEVICES.deck.begin(4), lowest: 10, highest: 12, ...device };
      deviceFile(deck).print({ device: deck, entries } as never, desk as never);
      return made;
    };
    const [suns, moons] = suits;
    const ofSuit = (entry: unknown, small: string, kind: number) =>
      [
        ['10', 10],
        ['J', 10],
        ['Q', 10],
      ].map(([sign, dots]) => ({ entry, sign, dots, small, kind }));
    expect(cardsOf({}, suits)).toEqual([...ofSuit(suns, 'suns', 0), ...ofSuit(moons, 'moons', 1)]);
    // Court cards by their rank, and a pack without a move for its jokers.
    const plain = cardsOf({ courts: null, jokers: 1, lowest: 13, highest: 13 }, [suns]);
    expect(plain).toEqual([
      { entry: suns, sign: 'K', dots: 13, small: 'suns', kind: 0 },
      { entry: null, sign: '\u2605', dots: 0, small: '', kind: 0, name: 'joker' },
    ]);
    const [courts, first, second] = [
      special(3, 'courts'),
      special(4, 'jokers'),
      special(5, 'jokers'),
    ];
    const own = cardsOf({ jokers: 3, lowest: 11, highest: 11 }, [suns, courts, first, second]);
    expect(own).toEqual([
      { entry: courts, sign: 'J', dots: 0, small: 'suns', kind: 0 },
      ...[first, second, first].map((entry) => ({
        entry,
        sign: '\u2605',
        dots: 0,
        small: 'joker',
        kind: 1,
      })),
    ]);
  });
  it('a coin has both sides, a strip its letters, a list nothing', () => {
    expect(asked({ kind: 'coin' })).toEqual([
      [
        'coin',
        [
          ['heads', true],
          ['tails', true],
        ],
      ],
    ]);
    expect(asked({ kind: 'letters' })).toEqual([['letters', 2]]);
    expect(asked({ kind: 'list' })).toEqual([]);
  });
});

describe('strips of letters', () => {
  const strip = (text: string, given: readonly never[] = []) =>
    TABLES_FROM.letters!(text, given, FOR_FIVES);
  it('are proposed a move for each letter, named by its sound, the least that is usual', () => {
    const table = strip('reed');
    expect(table.map(({ label }) => label)).toEqual(['R', 'E', 'E', 'D']);
    for (const { action } of table) {
      const [least] = action.move.usual.range['5'];
      expect(action.dose.amounts).toEqual([least]);
      expect(action.dose.sides).toBe(action.move.sided ? 'each' : 'any');
      expect(action.guise.picture).not.toBe('');
    }
  });
  it('keep the moves that were given', () => {
    const given = [{ move: BUILT_IN.get('squat')! }, undefined] as never;
    const table = strip('ab', given);
    expect(table[0]!.action).toBe((given as object[])[0]);
    expect(table).toHaveLength(2);
  });
});
