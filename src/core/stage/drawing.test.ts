import { describe, expect, it } from 'vitest';
import { byNumberDice, drawBeat } from '../testing/make';
import { shownNumbers, shownOutcomes, stillToCome } from './drawing';

const until = (moves: number) =>
  drawBeat(moves, { rules: { stop: { after: 'all seen', most: 30 } } });
const draws = (...entries: readonly number[]) => entries.map((entry) => ({ entry }));

describe('draws until all were seen', () => {
  it('say how many are still to come, whatever comes twice', () => {
    const drawn = draws(2, 2, 0, 1);
    expect([0, 1, 2, 3, 4].map((count) => stillToCome(until(3), drawn, count))).toEqual([
      3, 2, 2, 1, 0,
    ]);
  });

  it('count only what can come at all', () => {
    const spinner = drawBeat(3, {
      device: { kind: 'spinner' },
      entries: drawBeat(3).entries.map((entry, n) => ({ ...entry, weight: n === 1 ? 0 : 1 })),
      rules: { stop: { after: 'all seen', most: 30 } },
    });
    expect(stillToCome(spinner, [], 0)).toBe(2);
  });

  it('say nothing where it goes by number or by the clock', () => {
    expect(stillToCome(drawBeat(3), draws(0), 1)).toBeNull();
    const timed = drawBeat(3, { rules: { stop: { after: 'seconds', seconds: 60 } } });
    expect(stillToCome(timed, draws(0), 1)).toBeNull();
  });
});

describe('what a real device may show', () => {
  const labelsOf = (beat: Parameters<typeof shownOutcomes>[0]) =>
    shownOutcomes(beat).map(({ label }) => label);
  const spinner = drawBeat(['squat', 'hop', 'march'], { device: { kind: 'spinner' } });
  const entries = spinner.entries.map((entry, n) => ({
    ...entry,
    label: n === 0 ? 'red' : '',
    action: { ...entry.action, guise: { ...entry.action.guise, name: n === 1 ? 'bog hop' : '' } },
  }));

  it('is said as it stands there: pips, a side, a label, else its name in the story, else its number', () => {
    expect(labelsOf(drawBeat(6, { device: { kind: 'die', sides: 6, dice: 1 } }))).toEqual([
      '1',
      '2',
      '3',
      '4',
      '5',
      '6',
    ]);
    expect(labelsOf(drawBeat(2, { device: { kind: 'coin' } }))).toEqual(['heads', 'tails']);
    expect(labelsOf({ ...spinner, entries })).toEqual(['red', 'bog hop', '3']);
  });

  it('is nothing for a list that is read in order', () => {
    expect(shownOutcomes(drawBeat(3, { rules: { returns: 'in order' } }))).toEqual([]);
  });

  it('are the totals of a number die, where there is one', () => {
    expect(shownNumbers(drawBeat(2, { amount: byNumberDice(2) }))).toEqual([
      2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12,
    ]);
    expect(shownNumbers(drawBeat(2))).toEqual([]);
  });
});
