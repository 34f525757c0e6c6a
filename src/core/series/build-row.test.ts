import { describe, expect, it } from 'vitest';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { FIRST_DAY, rowOf, seriesOf, sumsOf } from '../testing/make-series';
import { DEFAULT_PACE } from '../cues/pace';
import { adventuresById, buildRow, keepNumbers } from './build-row';
import { candidatesFor, plannedTotals } from './candidates';
import { withOtherMoves } from './other-moves';
import { skillById, SKILLS, skillOf } from './skills';

const story = (title: string, ...moves: readonly string[]) => ({
  ...withBeats(...moves.map((id) => moveBeat([doseOf(id, 8)]))),
  title,
  id: `adv_${title.toLowerCase()}`,
});
const ferry = story('Ferry', 'march', 'squat');
const lamps = story('Lamps', 'jog', 'plank');

describe('a row with the adventures that are there', () => {
  const series = seriesOf([ferry, lamps, null]);
  it('has the title and the numbers of each; a gap has none', () => {
    const { covered } = rowOf(series, [ferry, lamps]);
    expect(covered.map(({ title }) => title)).toEqual(['Ferry', 'Lamps', '']);
  });
  it('keeps what an adventure came to, for when it is gone', () => {
    const here = adventuresById([ferry, lamps]);
    const kept = keepNumbers(series, here, sumsOf);
    const { covered } = buildRow(kept, adventuresById([lamps]), sumsOf, FIRST_DAY);
    expect(covered[0]!.title).toBe('Ferry');
    const before = buildRow(series, here, sumsOf, FIRST_DAY).covered[0]!;
    const numbers: Record<string, unknown> = { ...before };
    expect(covered[0]).toMatchObject(
      Object.fromEntries(Object.entries(numbers).filter(([, value]) => typeof value === 'number')),
    );
    expect(keepNumbers(kept, here, sumsOf)).toBe(kept);
    const renamed = { ...ferry, title: 'The big ferry' };
    expect(keepNumbers(kept, adventuresById([renamed, lamps]), sumsOf)).not.toBe(kept);
  });
  it('an adventure comes to the same until it or the pace is another', () => {
    const sums = plannedTotals(ferry, DEFAULT_PACE);
    expect(plannedTotals(ferry, DEFAULT_PACE)).toBe(sums);
    const slow = plannedTotals(ferry, { ...DEFAULT_PACE, allReps: 2 });
    expect(slow).not.toEqual(sums);
  });
});

describe('what may fill a gap', () => {
  const series = seriesOf([ferry, null]);
  const { covered } = rowOf(series, [ferry]);
  const candidates = candidatesFor(
    series,
    covered,
    [
      { adventure: ferry, lastDay: '2027-03-02' },
      { adventure: { ...withBeats(), id: 'adv_empty' }, lastDay: null },
    ],
    [lamps],
    DEFAULT_PACE,
  );
  it('is what stands on the shelf, starting points, and a story with other moves; nothing empty', () => {
    const kinds = candidates.map(({ kind, adventure }) => [kind, adventure.id]);
    expect(kinds.slice(0, 2)).toEqual([
      ['shelf', ferry.id],
      ['start', lamps.id],
    ]);
    expect(candidates.map(({ adventure }) => adventure.id)).not.toContain('adv_empty');
    expect(candidates[0]!.lastDay).toBe('2027-03-02');
    expect(new Set(candidates.map(({ id }) => id)).size).toBe(candidates.length);
  });
  it('a story with other moves has at most two, of skills that are missing, and stays that story', () => {
    const other = withOtherMoves(ferry, { series, covered })!;
    expect(other.swaps.length).toBeGreaterThan(0);
    expect(other.swaps.length).toBeLessThanOrEqual(2);
    expect(other.adventure.title).toBe('Ferry');
    expect(other.adventure).not.toEqual(ferry);
  });
});

describe('skills', () => {
  it('a move of one’s own practises what the one does that it’s drawn like', () => {
    expect(skillOf({ id: 'hop', figure: null })!.id).toBe('hopping');
    const like = { kind: 'like', move: 'hop' } as never;
    expect(skillOf({ id: 'own-1', figure: like })!.id).toBe('hopping');
    expect(skillOf({ id: 'own-1', figure: null })).toBeNull();
    expect(skillById('skipping')!.often).toBe(6);
    expect(skillById('nothing')).toBeUndefined();
  });
  it('no move is in two of them', () => {
    const moves = SKILLS.flatMap((one) => one.moves);
    expect(new Set(moves).size).toBe(moves.length);
  });
});
