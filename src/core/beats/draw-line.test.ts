import { describe, expect, it } from 'vitest';
import { urnOf } from '../chance/urn';
import { moveBookOf } from '../moves/move-book';
import { countingIds } from '../testing/make';
import type { DrawReading } from './draw-line';
import { makeMoveFinder } from '../moves/move-finder';
import { beatsFromReading, readQuickLine } from './quick-line';

const finder = makeMoveFinder(moveBookOf({ moves: [] }));
const tools = { finder, ages: { from: 5, to: 6 }, kit: [], book: null };
const read = (line: string) => readQuickLine(line, tools);
const making = () => ({
  defaults: { show: 'each' as const, countInSeconds: 3 },
  newId: countingIds(),
  seed: 3,
});

describe('a typed line that names a device', () => {
  it.each([
    ['die 20 throws: squats, 10 hops, march 30 s', 'die', ['squat', 'hop', 'march'], 20],
    ['spinner: frog jumps, lunges', 'spinner', ['frog-jump', 'lunge'], null],
    ['wheel 8 spins: frog jumps, lunges', 'spinner', ['frog-jump', 'lunge'], 8],
    [
      'cards 11 cards: squats, hops, lunges, jumping jacks',
      'deck',
      ['squat', 'hop', 'lunge', 'jumping-jack'],
      11,
    ],
    ['calls: march, hop', 'calls', ['march', 'hop'], null],
    ['list: march 20 s; hop 5 each leg', 'list', ['march', 'hop'], null],
    ['leader 6 goes: march, hop', 'leader', ['march', 'hop'], 6],
    ['reps die: squats, lunges', 'list', ['squat', 'lunge'], null],
  ])('%s', (line, device, moves, draws) => {
    const reading = read(line);
    if (reading.kind !== 'draw') throw new Error(`read as ${reading.kind}`);
    expect(reading.device.kind).toBe(device);
    expect(reading.entries.map(({ action }) => action.move.id)).toEqual(moves);
    const stop = draws === null ? null : { after: 'draws', draws };
    expect(reading.stop).toEqual(stop);
  });

  it('gives each letter of a word a move that looks like something beginning with it', () => {
    const reading = read('letters LAMP');
    if (reading.kind !== 'draw') throw new Error(`read as ${reading.kind}`);
    expect(reading.entries.map(({ label }) => label)).toEqual(['L', 'A', 'M', 'P']);
    expect(new Set(reading.entries.map(({ action }) => action.move.id)).size).toBe(4);
    for (const { label, action } of reading.entries) {
      const shown = action.guise.picture || action.move.name;
      expect(shown.toUpperCase().startsWith(label), `${label} ${shown}`).toBe(true);
    }
  });

  it.each<[string, Partial<Omit<DrawReading, 'rules'>> & { rules?: object }]>([
    ['die, no repeats: squats, hops', { rules: { onRepeat: 'again' } }],
    ['spinner for 3 min, from a bag: squats, hops', { stop: { after: 'seconds', seconds: 180 } }],
    [
      'die until all were seen, 40 at most: squats, hops',
      { stop: { after: 'all seen', most: 40 } },
    ],
    [
      'calls 12 calls, no pattern, fair share, as far as the room: red = side steps, blue = gallop',
      { amount: { from: 'room' }, rules: { noPattern: true, mostAhead: 2 } },
    ],
    [
      'calls, travel jog 5 to 12 s shorter and shorter: star shape, small ball',
      { between: { move: 'jog', leastSeconds: 5, mostSeconds: 12, tightens: true } },
    ],
    [
      'two dice, children in turn, numbers of 12 x 2, 4 to 24, children add: 2-6 = squats, 7-12 = claps',
      {
        device: { kind: 'die', sides: 6, dice: 2 },
        rules: { thrower: 'child' },
        amount: {
          from: 'number die',
          sides: 12,
          dice: 1,
          times: 2,
          plus: 0,
          least: 4,
          most: 24,
          ask: true,
        },
      },
    ],
    [
      'cards 10 cards, ranks 1 to 13, courts count 10, 2 jokers, stay out: squats, hops, joker star shape',
      {
        device: { kind: 'deck', lowest: 1, highest: 13, copies: 1, courts: 10, jokers: 2 },
        rules: { returns: 'out' },
      },
    ],
    ['wheel beforehand, shown first: squats, hops', { beforehand: true, how: { show: 'first' } }],
  ] as [string, object][])('reads the rules of a draw: %s', (line, expected) => {
    const reading = read(line);
    expect(reading).toMatchObject({ kind: 'draw', ...expected });
    const [beat] = beatsFromReading(reading, making());
    if (beat?.kind !== 'draw') throw new Error('no draw');
    expect(urnOf(beat)).toMatchObject({ ok: true });
  });

  it('reads a sequence of moves on one face', () => {
    const reading = read('die: hold tree 5 s + 2 log rolls then march 10 s, squats');
    if (reading.kind !== 'draw') throw new Error(reading.kind);
    expect(reading.entries.map(({ then }) => then.map(({ move }) => move.id))).toEqual([
      ['log-roll', 'march'],
      [],
    ]);
    // What nobody knows keeps its words; the other faces stay what they are.
    const unknown = read('die: squats + zorbles, hops');
    expect(unknown).toMatchObject({
      kind: 'draw',
      entries: [{ then: [{ move: { name: 'zorbles' } }] }, { action: { move: { id: 'hop' } } }],
    });
  });

  it('reads a stand-in with its dose, and says which rule it does not know', () => {
    const reading = read('die 20 throws, stand-in march 10 s: squats, hops');
    expect(reading).toMatchObject({
      standIn: { move: { id: 'march' }, dose: { unit: 'seconds', amounts: [10] } },
      rules: { onRepeat: 'stand-in' },
      stop: { after: 'draws', draws: 20 },
    });
    expect(read('die, loaded: squats, hops')).toMatchObject({ kind: 'tell', unread: ['loaded'] });
  });

  it('reads the lines of a rhyme, and names for the stations of a circuit', () => {
    expect(
      read('rhyme 4 beats: Light the lamp, light it high = tall reach; Trim it low = squat'),
    ).toMatchObject({
      lines: [
        { text: 'Light the lamp, light it high', action: { move: { id: 'tall-reach' } } },
        { text: 'Trim it low', action: { move: { id: 'squat' } } },
      ],
    });
    expect(
      read('circuit 2 rounds 30/10, drink between: squats as bucket dips, march'),
    ).toMatchObject({
      stations: [{ guise: { name: 'bucket dips' } }, { move: { id: 'march' } }],
      drinkBetweenSeconds: 30,
    });
  });

  it('reads a growing chain with short links, an echo and a rhyme', () => {
    const chain = read('chain: squats, arm circles, hops 3 each leg');
    if (chain.kind !== 'chain') throw new Error(chain.kind);
    expect(chain.actions.map(({ dose }) => dose.amounts[0])).toEqual([2, 2, 3]);
    expect(read('echo 8 beats: knee pats, marches')).toMatchObject({
      kind: 'echo',
      beats: 8,
      echo: true,
    });
    expect(read('rhyme: knee pats, march')).toMatchObject({ kind: 'echo', beats: 4, echo: false });
    expect(read('chain: squats, zorbles')).toMatchObject({ kind: 'tell', unread: ['zorbles'] });
  });

  it('keeps a line whole whose moves it does not know, and says which', () => {
    expect(read('die: squats, what is a zorble')).toMatchObject({
      kind: 'tell',
      unread: ['what is a zorble'],
    });
    expect(read('List the names of the ducks.').kind).toBe('tell');
    expect(read('Die Lampe: hell!').kind).not.toBe('draw');
  });

  it('becomes a beat whose every face means something', () => {
    for (const line of [
      'die: squats, hops, lunges, march',
      'die: squats, hops, lunges, march, jog',
    ]) {
      const reading = read(line);
      const [beat] = beatsFromReading(reading, making());
      if (beat?.kind !== 'draw') throw new Error('no draw');
      expect(urnOf(beat).ok).toBe(true);
    }
  });
});
