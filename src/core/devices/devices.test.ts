import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { oddsOf } from '../chance/odds';
import { urnOf } from '../chance/urn';
import { seededRandom } from '../chance/random';
import { resolveBeat } from '../chance/resolve';
import { readQuickLine } from '../beats/quick-line';
import { CATALOGUE } from '../moves/catalogue';
import { drawBeat } from '../testing/make';
import { dealt, DEVICE_KINDS, deviceFile, DEVICES, deviceInWords, usualRules } from '.';
import { FOR_FIVES } from '../testing/line-tools';

describe.each(DEVICE_KINDS)('%s', (kind) => {
  const device = DEVICES[kind].begin(4);
  const entries = drawBeat(['squat', 'hop', 'march', 'clap']).entries.map((entry, n) => ({
    ...entry,
    label: 'LAMP'[n]!,
  }));

  it('is what its own schema takes, and says what it is', () => {
    expect(device.kind).toBe(kind);
    expect(DEVICES[kind].schema.safeParse(device)).toEqual({ success: true, data: device });
    expect(deviceInWords({ device, entries })).not.toBe('');
  });

  it('can be drawn from as soon as it is dealt, and every outcome has a name', () => {
    const beat = { ...drawBeat(4), device, entries: dealt(device, entries) };
    const urn = urnOf(beat);
    expect(urn.ok).toBe(true);
    if (!urn.ok) return;
    const labels = urn.value.outcomes.map(({ entry, value }) =>
      deviceFile(device).outcomeLabel(beat.entries[entry]!, value),
    );
    expect(labels.every(Boolean)).toBe(true);
    const weight = urn.value.outcomes.reduce((sum, one) => sum + one.weight, 0);
    expect(weight).toBeGreaterThan(0);
  });

  it('is typed as it says, by its first word', () => {
    const line = deviceFile(device).line({ device, entries });
    const typed = readQuickLine(`${line}: squats, hops, march 20 s, claps`, FOR_FIVES);
    expect(typed).toMatchObject({ kind: 'draw', device: { kind } });
  });

  it('has rules that it is usually drawn by', () => {
    const { returns, stop } = usualRules(device, 4);
    expect(stop).toEqual({ after: 'draws', draws: returns === 'in order' ? 4 : 10 });
  });
});

it.each([
  [{ kind: 'die', sides: 6, dice: 1 }, 'die of 6'],
  [{ kind: 'die', sides: 6, dice: 2 }, 'two dice of 6'],
  [{ kind: 'die', sides: 8, dice: 3 }, 'three dice of 8'],
  [{ kind: 'die', sides: 4, dice: 4 }, 'four dice of 4'],
  [
    { kind: 'deck', lowest: 2, highest: 12, copies: 2, courts: 10, jokers: 1 },
    'cards ranks 2 to 12, courts count 10, 1 joker, 2 decks',
  ],
  [
    { kind: 'deck', lowest: 1, highest: 10, copies: 1, courts: 5, jokers: 2 },
    'cards ranks 1 to 10, courts count 5, 2 jokers',
  ],
] as const)('%o is typed as it is: %s', (device, line) => {
  expect(deviceFile(device).line({ device, entries: [] } as never)).toBe(line);
  expect(readQuickLine(`${line}: squats, hops`, FOR_FIVES)).toMatchObject({ device });
});

it('one die is read back as a die, several as their sum', () => {
  const readBack = (dice: number) => DEVICES.die.readBack({ kind: 'die', sides: 6, dice });
  expect([1, 2, 3].map(readBack)).toEqual(['A die', 'Two dice, added up', 'Three dice, added up']);
});

it.each([
  ['3 dice: squats, hops', 3],
  ['throw three dice and do that many hops', 3],
  ['roll 4 dice: squats, hops', 4],
  ['roll two dice and do that many jumps', 2],
  ['roll the dice and do that many jumps', 1],
])('says how many dice are thrown: %s', (line, dice) => {
  expect(readQuickLine(line, FOR_FIVES)).toMatchObject({ device: { kind: 'die', dice } });
});

describe('a coin', () => {
  const coin = drawBeat(['squat', 'hop'], { device: { kind: 'coin' } });

  it('shows heads or tails, each half the time: binomial, as any textbook has it', () => {
    const odds = oddsOf(coin, seededRandom(1));
    if (!odds.ok) throw new Error('no odds');
    const { method, counts, allSeen } = odds.value;
    expect(method).toBe('exact');
    // Ten tosses: C(10, k) / 2^10 (Feller, vol. 1).
    const choose = [1, 10, 45, 120, 210, 252, 210, 120, 45, 10, 1];
    counts[0]!.forEach((chance, k) => expect(chance).toBeCloseTo(choose[k]! / 1024, 12));
    expect(allSeen).toBeCloseTo(1 - 2 / 1024, 12);
  });

  it('is read with its sides in any order, h and t too; a third move never comes', () => {
    const faces = (line: string) => {
      const read = readQuickLine(line, FOR_FIVES);
      return read.kind === 'draw' ? read.entries.map((entry) => entry.faces) : null;
    };
    expect(faces('coin 6 tosses: tails = hops, heads = squats')).toEqual([[2], [1]]);
    expect(faces('coin: h = hops, t = squats')).toEqual([[1], [2]]);
    expect(faces('coin: hops, squats')).toEqual([null, null]);
    const three = dealt({ kind: 'coin' }, drawBeat(3).entries).map((entry) => entry.faces);
    expect(three.flat()).toEqual([1, 2]);
  });

  it('names a side that means nothing', () => {
    const [first, second] = coin.entries;
    const half = { ...coin, entries: [first!, { ...second!, faces: [] }] };
    const urn = urnOf(half);
    expect(urn.ok || urn.problems).toEqual([
      { code: 'unmapped-outcome', path: ['entries'], params: { outcome: 'tails' } },
    ]);
  });

  it('draws the same from the same seed, and both sides in the end', () => {
    fc.assert(
      fc.property(fc.nat(), (seed) => {
        const toss = () => resolveBeat(coin, seededRandom(seed)).map(({ entry }) => entry);
        expect(toss()).toEqual(toss());
      }),
    );
    const long = {
      ...coin,
      rules: { ...coin.rules, stop: { after: 'all seen' as const, most: 60 } },
    };
    expect(new Set(resolveBeat(long, seededRandom(3)).map(({ entry }) => entry)).size).toBe(2);
  });
});

it('no two devices begin with the same word', () => {
  const words = DEVICE_KINDS.flatMap((kind) => DEVICES[kind].typed);
  expect(new Set(words).size).toBe(words.length);
  expect(CATALOGUE.some(({ name }) => words.includes(name))).toBe(false);
});
