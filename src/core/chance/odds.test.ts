import fc from 'fast-check';
import jstat from 'jstat';
import { describe, expect, it } from 'vitest';
import type { Draw } from '../beats/draw-schema';
import type { DrawRules } from '../model/chance';
import { doseOf, drawBeat } from '../testing/make';
import { Drawing } from './machine';
import { chanceOfAtLeast, chanceToTakeOver, meanOf, oddsOf } from './odds';
import type { Odds } from './odds-shape';
import { simulatedOdds } from './odds-simulated';
import { diceWays } from '../devices/die';
import { urnOf, type Urn } from './urn';
import { seededRandom } from './random';
import { allSeenAfter, allSeenBy } from './seen';

const random = () => seededRandom(20_261_125);
function odds(beat: Draw, runs?: number): Odds {
  const result = oddsOf(beat, random(), undefined, runs);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
}
const potFor = (beat: Draw): Urn => {
  const urn = urnOf(beat);
  if (!urn.ok) throw new Error(JSON.stringify(urn.problems));
  return urn.value;
};
const draws = (n: number): DrawRules['stop'] => ({ after: 'draws', draws: n });
const seen = (most: number): DrawRules['stop'] => ({ after: 'all seen', most });
const standIn = doseOf('march', 4);
const sixMoves = ['squat', 'march', 'hop', 'lunge', 'bear-walk', 'frog-jump'];
const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);

/** Every way of drawing, walked one by one: the chance of each and what was done in it. */
function bruteForce(beat: Draw) {
  const urn = potFor(beat);
  const counts = Array.from({ length: urn.entries }, () => new Map<number, number>());
  let standIns = 0;
  let allSeen = 0;
  const drawn: number[] = [];
  const most: number[] = [];
  const walk = (drawing: Drawing, chance: number, done: readonly number[], stood: number) => {
    if (drawing.isOver) {
      done.forEach((times, entry) => {
        counts[entry]!.set(times, (counts[entry]!.get(times) ?? 0) + chance);
      });
      standIns += chance * stood;
      drawn[drawing.drawn] = (drawn[drawing.drawn] ?? 0) + chance;
      const largest = Math.max(...done);
      most[largest] = (most[largest] ?? 0) + chance;
      if (urn.outcomes.every(({ entry }) => drawing.countOf(entry) > 0)) allSeen += chance;
      return;
    }
    const weights = urn.outcomes.map((_, outcome) => drawing.weightAllowed(outcome));
    const all = sum(weights);
    weights.forEach((weight, outcome) => {
      if (weight === 0) return;
      const next = drawing.copy();
      const drawn = next.take(outcome);
      if (!drawn) throw new Error('allowed, and yet again');
      const { entry, standIn } = drawn;
      const now = standIn ? done : done.with(entry, done[entry]! + 1);
      walk(next, (chance * weight) / all, now, stood + (standIn ? 1 : 0));
    });
  };
  walk(
    new Drawing(urn),
    1,
    counts.map(() => 0),
    0,
  );
  const often = (k: number) => sum(most.slice(k).map((one) => one ?? 0));
  return { counts, standIns, allSeen, drawn, often };
}

describe('dice, against docs/facts.md (any probability textbook, e.g. Feller, vol. 1)', () => {
  it('two dice show 7 in 6 of 36 ways, and 12 in one', () => {
    expect(diceWays(6, 2)[7]).toBe(6);
    expect(diceWays(6, 2)[12]).toBe(1);
    expect(sum(diceWays(6, 2))).toBe(36);
  });

  it('a die shows all six faces after 14.7 throws on average, and in 20 with 0.847988', () => {
    const sixth = Array.from({ length: 6 }, () => 1 / 6);
    const seen = allSeenBy(sixth, 400, false);
    expect(seen.reduce((mean, chance) => mean + (1 - chance), 0)).toBeCloseTo(14.7, 9);
    expect(seen[20]).toBeCloseTo(0.847988, 6);
    expect(allSeenAfter(sixth, 20)).toBeCloseTo(0.847988, 6);
    const uneven = [0.5, 0.2, 0.2, 0.06, 0.04];
    allSeenBy(uneven, 60, false).forEach((chance, draws) => {
      expect(allSeenAfter(uneven, draws)).toBeCloseTo(chance, 9);
    });
    const twenty = odds(drawBeat(sixMoves, { rules: { stop: draws(20) } }));
    expect(twenty.allSeen).toBeCloseTo(0.847988, 6);
    expect(twenty.repeats).toBeCloseTo(19 / 6, 9);
  });

  it('a face comes as often as the binomial distribution says (jstat)', () => {
    const { counts } = odds(drawBeat(sixMoves, { rules: { stop: draws(20) } }));
    counts[0]!.forEach((chance, k) => {
      expect(chance).toBeCloseTo(jstat.binomial.pdf(k, 20, 1 / 6), 9);
    });
  });
});

describe('cards, against docs/facts.md and jstat', () => {
  const deck = {
    kind: 'deck' as const,
    lowest: 1,
    highest: 13,
    copies: 1,
    courts: null,
    jokers: 0,
  };
  const eleven = (rules: Partial<DrawRules> = {}) =>
    drawBeat(['squat', 'march', 'hop', 'lunge'], {
      device: deck,
      rules: { returns: 'out', stop: draws(11), ...rules },
    });

  it('a suit is missing from 11 cards with 0.027748, one suit at least with 0.110223', () => {
    const result = odds(eleven());
    expect(result.method).toBe('exact');
    expect(result.counts[2]![0]).toBeCloseTo(0.027748, 6);
    expect(1 - result.allSeen).toBeCloseTo(0.110223, 6);
  });

  it('a suit comes as often as the hypergeometric distribution says (jstat)', () => {
    odds(eleven()).counts[1]!.forEach((chance, k) => {
      expect(chance).toBeCloseTo(jstat.hypgeom.pdf(k, 52, 13, 11), 9);
    });
  });

  it('ranks add up to 11 cards of 7 on average', () => {
    const amount = { from: 'outcome' as const, times: 1, plus: 0, least: 1, most: 20, ask: false };
    const result = odds({ ...eleven(), amount });
    expect(meanOf(result.reps)).toBeCloseTo(77, 6);
    expect(sum(result.reps)).toBeCloseTo(1, 9);
  });
});

describe('any rule, against every way walked one by one', () => {
  const cases: [string, Draw][] = [
    ['kept', drawBeat(3, { rules: { stop: draws(5) } })],
    ['again', drawBeat(3, { rules: { stop: draws(5), onRepeat: 'again' } })],
    ['a stand-in', drawBeat(3, { rules: { stop: draws(6), onRepeat: 'stand-in', standIn } })],
    [
      'a stand-in for every later one too',
      drawBeat(2, {
        rules: { stop: draws(6), onRepeat: 'stand-in', standIn, thirdInARow: 'stand-in' },
      }),
    ],
    ['out', drawBeat(4, { rules: { stop: draws(3), returns: 'out' } })],
    ['a bag', drawBeat(3, { rules: { stop: draws(7), returns: 'bag' } })],
    ['a bag, again', drawBeat(3, { rules: { stop: draws(7), returns: 'bag', onRepeat: 'again' } })],
    ['in order', drawBeat(3, { rules: { stop: draws(5), returns: 'in order' } })],
    [
      'weighted sectors',
      drawBeat(3, {
        device: { kind: 'spinner' },
        entries: drawBeat(3).entries.map((entry, n) => ({ ...entry, weight: n + 1 })),
        rules: { stop: draws(5), onRepeat: 'again' },
      }),
    ],
    ['until all were seen', drawBeat(3, { rules: { stop: seen(7) } })],
    ['until all were seen, again', drawBeat(3, { rules: { stop: seen(7), onRepeat: 'again' } })],
    [
      'until all were seen, a stand-in',
      drawBeat(3, { rules: { stop: seen(6), onRepeat: 'stand-in', standIn } }),
    ],
    ['until all were seen, kept out', drawBeat(3, { rules: { stop: seen(7), returns: 'out' } })],
    [
      'until all were seen, in order',
      drawBeat(3, { rules: { stop: seen(7), returns: 'in order' } }),
    ],
    ['no more than three of one', drawBeat(3, { rules: { stop: draws(6), mostOfOne: 3 } })],
    ['a fair share', drawBeat(3, { rules: { stop: draws(6), mostAhead: 2 } })],
    ['no pattern', drawBeat(2, { rules: { stop: draws(8), noPattern: true } })],
    [
      'a bag with a stand-in',
      drawBeat(3, { rules: { stop: draws(6), returns: 'bag', onRepeat: 'stand-in', standIn } }),
    ],
    [
      'no more than two of one, which ends it early',
      drawBeat(2, { rules: { stop: draws(9), mostOfOne: 2, onRepeat: 'again' } }),
    ],
  ];

  it.each(cases)('%s', (_, beat) => {
    const result = odds(beat);
    const brute = bruteForce(beat);
    expect(result.method).toBe('exact');
    result.counts.forEach((distribution, entry) => {
      expect(sum(distribution)).toBeCloseTo(1, 9);
      distribution.forEach((chance, k) => {
        expect(chance).toBeCloseTo(brute.counts[entry]!.get(k) ?? 0, 9);
      });
    });
    expect(result.standIns).toBeCloseTo(brute.standIns, 9);
    expect(result.allSeen).toBeCloseTo(brute.allSeen, 9);
    result.draws.forEach((chance, n) => expect(chance).toBeCloseTo(brute.drawn[n] ?? 0, 9));
    result.often?.forEach((chance, k) => expect(chance).toBeCloseTo(brute.often(k), 9));
  });

  it.each(cases)('playing comes within its stated bound: %s', (_, beat) => {
    const exact = odds(beat);
    const result = oddsOf(beat, random());
    if (!result.ok) throw new Error('not drawable');
    const urn = potFor(beat);
    const costs = urn.outcomes.map(() => [{ chance: 1, reps: 5, landings: 0, seconds: 1 }]);
    const played = simulatedOdds({ urn, costs, standInCosts: costs, random: random() });
    expect(played.method).toBe('simulated');
    expect(played.errorBound).toBeGreaterThan(0);
    exact.counts.forEach((distribution, entry) => {
      distribution.forEach((chance, k) => {
        const counted = played.counts[entry]![k] ?? 0;
        expect(Math.abs(counted - chance)).toBeLessThanOrEqual(played.errorBound);
      });
    });
    expect(Math.abs(played.allSeen - exact.allSeen)).toBeLessThanOrEqual(played.errorBound);
    const near = 0.05 + exact.throwsAgain * 0.1;
    expect(Math.abs(played.throwsAgain - exact.throwsAgain)).toBeLessThan(near);
  });
});

describe('what else there is to expect', () => {
  it('reps of two dice with a table of two: 12 gives 24, 7 gives 14', () => {
    const beat = drawBeat(1, {
      device: { kind: 'die', sides: 6, dice: 2 },
      entries: [{ ...drawBeat(1).entries[0]!, faces: [2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12] }],
      amount: { from: 'outcome', times: 2, plus: 0, least: 1, most: 40, ask: true },
      rules: { stop: draws(1) },
    });
    const { reps } = odds(beat);
    expect(reps[24]).toBeCloseTo(1 / 36, 9);
    expect(reps[14]).toBeCloseTo(6 / 36, 9);
  });

  it('reps of each move are what it comes to alone: every way walked against the sums', () => {
    const sum = { times: 1, plus: 0, least: 1, most: 40, ask: false };
    const cases: Draw[] = [
      drawBeat(2, { rules: { stop: draws(6), onRepeat: 'again' } }),
      drawBeat(2, {
        amount: { from: 'number die', sides: 4, dice: 1, ...sum },
        rules: { stop: draws(4) },
      }),
      drawBeat(3, {
        device: { kind: 'deck', lowest: 1, highest: 4, copies: 1, courts: null, jokers: 0 },
        amount: { from: 'outcome', ...sum },
        rules: { returns: 'out', stop: draws(5) },
      }),
      drawBeat(2, {
        device: { kind: 'deck', lowest: 2, highest: 4, copies: 1, courts: null, jokers: 0 },
        amount: { from: 'outcome', ...sum },
        rules: { returns: 'bag', stop: draws(8) },
      }),
    ];
    for (const beat of cases) {
      const exact = odds(beat);
      expect(exact.method).toBe('exact');
      const whole = exact.entryReps.reduce((mean, one) => mean + meanOf(one), 0);
      expect(whole).toBeCloseTo(meanOf(exact.reps), 9);
      // A cap that never bites has it walked by the machine itself: the same beat by another way.
      const walked = odds({ ...beat, rules: { ...beat.rules, mostOfOne: 200 } });
      expect(walked.method).toBe('exact');
      for (const name of ['reps', 'landings', 'seconds', 'draws'] as const) {
        exact[name].forEach((chance, n) => expect(walked[name][n] ?? 0).toBeCloseTo(chance, 9));
      }
      exact.entryReps.forEach((one, entry) => {
        expect(one.reduce((all, chance) => all + chance, 0)).toBeCloseTo(1, 9);
        one.forEach((chance, reps) => {
          expect(walked.entryReps[entry]![reps] ?? 0).toBeCloseTo(chance, 9);
        });
      });
    }
  });

  // Sums of throws against jstat's binomial: a 30 s move with 8 landings, a 20 s one with none.
  it('length and landings come as often as the move that makes them', () => {
    const measure = ({ entry }: { entry: number }) =>
      entry === 0 ? { seconds: 30, landings: 8 } : { seconds: 20, landings: 0 };
    const result = oddsOf(drawBeat(2, { rules: { stop: draws(10) } }), random(), measure);
    if (!result.ok) throw new Error('not drawable');
    for (let k = 0; k <= 10; k += 1) {
      const chance = jstat.binomial.pdf(k, 10, 0.5);
      expect(result.value.landings[8 * k]).toBeCloseTo(chance, 9);
      expect(result.value.seconds[200 + 10 * k]).toBeCloseTo(chance, 9);
    }
  });

  it('a floor lifts low throws, and sides count twice', () => {
    const action = doseOf('hop', 5, { sides: 'each' });
    const beat = drawBeat(1, {
      entries: [{ ...drawBeat(1).entries[0]!, action }],
      amount: {
        from: 'number die',
        sides: 6,
        dice: 1,
        times: 1,
        plus: 0,
        least: 4,
        most: 6,
        ask: false,
      },
      rules: { stop: draws(1) },
    });
    const { reps } = odds(beat);
    expect(reps[8]).toBeCloseTo(4 / 6, 9);
    expect(reps[10]).toBeCloseTo(1 / 6, 9);
  });

  it('never yields neighbours alike when the same is drawn again', () => {
    const result = odds(drawBeat(4, { rules: { onRepeat: 'again' } }));
    expect(result.repeats).toBe(0);
    expect(result.throwsAgain).toBeCloseTo(9 * (0.25 / 0.75), 9);
  });

  it('says how likely one takes over: two moves in three throws always, one of them', () => {
    expect(chanceToTakeOver(odds(drawBeat(2, { rules: { stop: draws(3) } })))).toBeCloseTo(1, 9);
    const six = odds(drawBeat(sixMoves, { rules: { stop: draws(20) } }));
    const one = 1 - jstat.binomial.cdf(10, 20, 1 / 6);
    expect(chanceToTakeOver(six)).toBeCloseTo(6 * one, 9);
  });

  it('plays what is too large to walk, and says so', () => {
    const large = drawBeat(20, { rules: { mostOfOne: 2, stop: draws(30) } });
    const result = odds(large, 2000);
    expect(result.method).toBe('simulated');
    expect(result.errorBound).toBeCloseTo(Math.sqrt(Math.log(200) / 4000), 9);
    result.counts.forEach((distribution) => expect(chanceOfAtLeast(distribution, 3)).toBe(0));
  });

  it('stops after a time, and when all were seen', () => {
    const byTime = oddsOf(
      drawBeat(3, { rules: { stop: { after: 'seconds', seconds: 60 } } }),
      random(),
      () => ({ seconds: 13, landings: 0 }),
      200,
    );
    expect(byTime.ok && meanOf(byTime.value.draws)).toBeCloseTo(5, 9);
    const all = odds(drawBeat(6, { rules: { stop: seen(200) } }));
    expect(all.method).toBe('exact');
    expect(meanOf(all.draws)).toBeCloseTo(14.7, 9);
    expect(all.allSeen).toBeCloseTo(1, 9);
    expect(sum(all.draws.slice(0, 21))).toBeCloseTo(0.847988, 6);
    // Thrown again where it would come twice running: 1 + 5/5 + 5/4 + 5/3 + 5/2 + 5/1.
    const again = odds(drawBeat(6, { rules: { stop: seen(120), onRepeat: 'again' } }));
    expect(again.method).toBe('exact');
    expect(meanOf(again.draws)).toBeCloseTo(1 + 5 * (1 + 1 / 2 + 1 / 3 + 1 / 4 + 1 / 5), 6);
    // As likely as it says one throw at a time (`allSeenBy`), and what is done adds up to the draws.
    const by = allSeenBy(
      Array.from({ length: 6 }, () => 1 / 6),
      120,
      true,
    );
    again.draws.slice(0, 100).forEach((chance, n) => {
      expect(chance).toBeCloseTo(n === 0 ? 0 : by[n]! - by[n - 1]!, 9);
    });
    const done = again.counts.reduce((mean, one) => mean + meanOf(one), 0);
    expect(done).toBeCloseTo(meanOf(again.draws), 9);
    expect(meanOf(again.reps)).toBeCloseTo(meanOf(again.draws) * 5, 6);
  });

  it('cards that stay out until all suits were seen: by the chance that one is missing', () => {
    const deck = drawBeat(['squat', 'march', 'hop', 'lunge'], {
      device: { kind: 'deck', lowest: 2, highest: 14, copies: 1, courts: null, jokers: 0 },
      amount: { from: 'outcome', times: 1, plus: 0, least: 1, most: 20, ask: false },
      rules: { returns: 'out', stop: seen(52) },
    });
    const result = odds(deck);
    expect(result.method).toBe('exact');
    // Inclusion and exclusion over suits that stayed away, for 11 of 52 cards as in docs/facts.md.
    expect(1 - sum(result.draws.slice(0, 12))).toBeCloseTo(0.110223, 6);
    expect(meanOf(result.reps)).toBeCloseTo(meanOf(result.draws) * 8, 6);
  });

  it('some face or suit comes often: by sums over hands, and by counting one by one', () => {
    const choose = (n: number, k: number): number =>
      k < 0 || k > n ? 0 : k === 0 ? 1 : (choose(n - 1, k - 1) * n) / k;
    const deck = drawBeat(['squat', 'march', 'hop', 'lunge'], {
      device: { kind: 'deck', lowest: 2, highest: 14, copies: 1, courts: null, jokers: 0 },
      rules: { returns: 'out', stop: draws(11) },
    });
    // 4 P(one suit has 5 or more) - 6 P(two have 5 or more each).
    let [one, two] = [0, 0];
    for (let a = 5; a <= 11; a += 1) {
      one += (choose(13, a) * choose(39, 11 - a)) / choose(52, 11);
      for (let b = 5; a + b <= 11; b += 1) {
        two += (choose(13, a) * choose(13, b) * choose(26, 11 - a - b)) / choose(52, 11);
      }
    }
    expect(odds(deck).often![5]).toBeCloseTo(4 * one - 6 * two, 9);
    // Seven or more of one of six faces in 20 throws: at most two faces can, so 6 P(one) - 15 P(two).
    const six = odds(drawBeat(6, { rules: { stop: draws(20) } }));
    let [face, both] = [0, 0];
    for (let a = 7; a <= 20; a += 1) {
      face += jstat.binomial.pdf(a, 20, 1 / 6);
      for (let b = 7; a + b <= 20; b += 1) {
        both += (choose(20, a) * choose(20 - a, b) * 4 ** (20 - a - b)) / 6 ** 20;
      }
    }
    expect(six.often![7]).toBeCloseTo(6 * face - 15 * both, 9);
    // Thrown again: every row of nine throws of five faces without neighbours alike.
    const five = odds(drawBeat(5, { rules: { stop: draws(9), onRepeat: 'again' } }));
    const tally = Array.from({ length: 10 }, () => 0);
    const throwOn = (n: number, last: number, counts: readonly number[]): void => {
      if (n === 9) tally[Math.max(...counts)]! += 1;
      else {
        counts.forEach((count, next) => {
          if (next !== last) throwOn(n + 1, next, counts.with(next, count + 1));
        });
      }
    };
    throwOn(0, -1, [0, 0, 0, 0, 0]);
    five.often!.forEach((chance, k) => {
      expect(chance).toBeCloseTo(sum(tally.slice(k)) / sum(tally), 9);
    });
  });

  it('all distributions sum to one, whatever the rules', () => {
    const rules = fc.record({
      returns: fc.constantFrom(
        'back' as const,
        'out' as const,
        'bag' as const,
        'in order' as const,
      ),
      onRepeat: fc.constantFrom('keep' as const, 'again' as const, 'stand-in' as const),
      thirdInARow: fc.constantFrom('original' as const, 'stand-in' as const),
      mostOfOne: fc.constantFrom(null, 1, 3),
      mostAhead: fc.constantFrom(null, 1, 2),
      noPattern: fc.boolean(),
      stop: fc.integer({ min: 1, max: 8 }).map(draws),
    });
    fc.assert(
      fc.property(rules, fc.integer({ min: 1, max: 5 }), (given, moves) => {
        const result = odds(drawBeat(moves, { rules: { ...given, standIn } }), 300);
        const { counts, draws: drawn, reps, landings, seconds } = result;
        for (const one of [...counts, drawn, reps, landings, seconds]) {
          expect(sum(one)).toBeCloseTo(1, 9);
        }
      }),
      { numRuns: 80 },
    );
  });
});
