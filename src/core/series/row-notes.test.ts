import { describe, expect, it } from 'vitest';
import type { Adventure } from '../document/adventure';
import { BUILT_IN } from '../moves/move-book';
import { ledOn, rowOf, seriesOf, sumsOf } from '../testing/make-series';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { laddersOf, nextRung, stepOf, stepsAllowed, stepsBetween } from './ladders';
import { withLed } from './led-in';
import type { Row, RowRule } from './row';
import { mendInRow } from './row-mends';
import { rowNotes } from './row-notes';
import { rowMendInWords, rowNoteInWords } from './row-words';
import { SKILLS } from './skills';
import type { SessionSums } from './sums';

let count = 0;
/** An adventure with so many of these moves. */
const with_ = (moves: Readonly<Record<string, number>>, title = 'Fog'): Adventure => ({
  ...withBeats(
    ...Object.entries(moves).map(([move, amount], n) =>
      moveBeat([doseOf(move, amount)], { id: `bt_${n}` }),
    ),
  ),
  id: `adv_${(count += 1)}`,
  title,
});
const told = (row: Row, rule: RowRule) =>
  rowNotes(row)
    .filter((note) => note.rule === rule)
    .map((note) => [rowNoteInWords(note), rowMendInWords(note.mend, note)]);
const noteOf = (row: Row, rule: RowRule) => rowNotes(row).find((note) => note.rule === rule)!;
const ages = { from: 5, to: 5 };
const setting = { ...withBeats().setting, ages, kit: ['balls', 'bean bags'] };

/** Every skill once, so that none is missing. */
const allSkills = () =>
  with_(Object.fromEntries(SKILLS.map(({ moves }) => [moves[0]!, 6])), 'All of it');

describe('what is missing for weeks', () => {
  const jog = () => with_({ jog: 20, squat: 8 });

  it('is told at the first session that is three weeks on, with a move to take', () => {
    const row = [allSkills(), jog(), jog(), jog()];
    expect(told(rowOf(seriesOf(row.slice(0, 3), { setting }), row), 'not-lately')).toEqual([]);
    const series = seriesOf(row, { setting });
    const notes = told(rowOf(series, row, '2027-03-09'), 'not-lately');
    expect(notes).toHaveLength(3);
    for (const [words, mend] of notes) {
      expect(words).toMatch(/^No .* since 2 March\.$/u);
      expect(mend).toMatch(/^take .* in place of (?:jogging steps|squats)$/u);
    }
  });

  it('is mended by it, and is then told no more', () => {
    const row = [allSkills(), jog(), jog(), jog()];
    const series = seriesOf(row, { setting });
    const note = noteOf(rowOf(series, row, '2027-03-09'), 'not-lately');
    const mended = row.map((one) =>
      one.id === (note.mend as { adventureId: string }).adventureId
        ? mendInRow(one, note.mend!)
        : one,
    );
    const after = rowNotes(rowOf(series, mended, '2027-03-09')).filter(
      ({ rule, params }) => rule === 'not-lately' && params.skill === note.params.skill,
    );
    expect(after).toEqual([]);
  });

  it('is nothing that the ages don’t do yet', () => {
    const row = [jog(), jog(), jog(), jog()];
    const threes = { ...setting, ages: { from: 3, to: 4 } };
    const words = rowNotes(rowOf(seriesOf(row, { setting: threes }), row, '2027-03-09'));
    const skills = words.flatMap(({ rule, params }) =>
      rule === 'not-lately' ? [params.skill] : [],
    );
    expect(skills.length).toBeGreaterThan(0);
    for (const name of skills)
      expect(SKILLS.find((skill) => skill.name === name)!.often).toBeLessThanOrEqual(4);
  });
});

describe('what comes again', () => {
  const fog = with_({ hop: 8 });
  const reeds = with_({ march: 20 }, 'Reeds');

  it('is told the second time running, unless it is meant to', () => {
    const series = seriesOf([fog, fog, reeds, fog]);
    expect(told(rowOf(series, [fog, reeds]), 'same-again')).toEqual([
      ['“Fog” again, as on 2 March.', 'choose another one'],
    ]);
    const liked = { ...series, favourites: [{ adventureId: fog.id, every: 1 }] };
    expect(told(rowOf(liked, [fog, reeds]), 'same-again')).toEqual([]);
    // Every second week is not every week.
    const second = { ...series, favourites: [{ adventureId: fog.id, every: 2 }] };
    expect(told(rowOf(second, [fog, reeds]), 'same-again')).toHaveLength(1);
  });

  it('is not told across a week that fell out with nothing between, if it was led', () => {
    const series = withLed(
      seriesOf([fog, fog]),
      [ledOn(fog, '2027-03-02'), ledOn(fog, '2027-03-09')],
      () => BUILT_IN,
      (iso) => iso.slice(0, 10),
    );
    expect(told(rowOf(series, [fog]), 'same-again')).toEqual([]);
  });

  it('is a move that was there four times, with another one to take', () => {
    const row = [0, 1, 2, 3].map((n) =>
      with_({ hop: 8, [['jog', 'skip', 'march', 'gallop'][n]!]: 12 }),
    );
    const series = seriesOf(row, { setting });
    const [[words, mend]] = told(rowOf(series, row), 'move-every-time') as [[string, string]];
    expect(words).toBe('Hops came in each of the last 4 sessions.');
    expect(mend).toMatch(/^take .* instead$/u);
    const three = seriesOf(row.slice(0, 3), { setting });
    expect(told(rowOf(three, row), 'move-every-time')).toEqual([]);
  });
});

describe('a move that grows', () => {
  const squat = BUILT_IN.get('squat')!;
  const step = stepOf(squat, ages);
  const [least, most] = squat.usual.range['5'];

  it('grows a step a week: a step more is told, and brought back', () => {
    const row = (amount: number) => [with_({ squat: least }), with_({ squat: amount })];
    const [fine, much] = [row(least + step), row(least + step + 1)];
    expect(told(rowOf(seriesOf(fine, { setting }), fine), 'too-big-a-step')).toEqual([]);
    const one = rowOf(seriesOf(much, { setting }), much);
    expect(told(one, 'too-big-a-step')).toEqual([
      [
        `Squats from ${least} on 2 March to ${least + step + 1}: more than one step a week.`,
        `make it ${least + step}`,
      ],
    ]);
    const mended = [much[0]!, mendInRow(much[1]!, noteOf(one, 'too-big-a-step').mend!)];
    expect(sumsOf(mended[1]!).most.squat).toBe(least + step);
    expect(told(rowOf(one.series, mended), 'too-big-a-step')).toEqual([]);
    // Two weeks on it may be two steps.
    const apart = [much[0]!, null, much[1]!];
    expect(told(rowOf(seriesOf(apart, { setting }), apart), 'too-big-a-step')).toEqual([]);
  });

  it('doesn’t grow after it was too hard', () => {
    const row = [with_({ squat: least }), with_({ squat: least + 1 })];
    const debrief = { length: null, effort: 'too hard', next: null } as const;
    const led = (effort: 'too hard' | 'right') =>
      withLed(
        seriesOf(row, { setting }),
        [ledOn(row[0]!, '2027-03-02', { debrief: { ...debrief, effort } })],
        () => BUILT_IN,
        (iso) => iso.slice(0, 10),
      );
    expect(told(rowOf(led('right'), row, '2027-03-03'), 'was-too-hard')).toEqual([]);
    expect(told(rowOf(led('too hard'), row, '2027-03-03'), 'was-too-hard')).toEqual([
      ['It was too hard on 2 March, and squats get harder still.', `make it ${least}`],
    ]);
  });

  it('stands on one ladder with its easier and harder forms', () => {
    const harder = BUILT_IN.get(squat.harder!)!;
    const row = [with_({ squat: least }), with_({ [harder.id]: 4 })];
    const [ladder] = laddersOf(rowOf(seriesOf(row), row).covered, BUILT_IN);
    expect(ladder!.rungs.map(({ move }) => move)).toEqual(['squat', harder.id]);
    const [first, second] = ladder!.rungs;
    expect(stepsBetween(first!, second!, BUILT_IN, ages)).toBe(1);
    expect(stepsBetween(second!, first!, BUILT_IN, ages)).toBe(0);
    expect([
      stepsAllowed('2027-03-02', '2027-03-04'),
      stepsAllowed('2027-03-02', '2027-03-23'),
    ]).toEqual([1, 3]);
  });

  it('has a next step within the age’s range, then the harder form, and a step down', () => {
    const next = (amount: number, effort: 'right' | 'too hard' | null = 'right') =>
      nextRung({ move: 'squat', amount }, effort, BUILT_IN, { from: 6, to: 6 });
    const range = squat.usual.range['6-7'];
    const up = stepOf(squat, { from: 6, to: 6 });
    expect(next(range[0])).toEqual({ move: 'squat', amount: range[0] + up });
    expect(next(range[1] - 1)).toEqual({ move: 'squat', amount: range[1] });
    expect(next(range[1]).move).toBe(squat.harder);
    expect(next(range[1], 'too hard')).toEqual({ move: 'squat', amount: range[1] - up });
    expect(most).toBeGreaterThan(least);
  });
});

describe('the row as a whole', () => {
  it('has both sides, and something lively', () => {
    const one = with_({ march: 20 });
    const left: Adventure = {
      ...withBeats(moveBeat([doseOf('stork-stand', 40, { unit: 'hold', sides: 'left' })])),
      id: 'adv_left',
    };
    const row = [one, left, left];
    const words = told(rowOf(seriesOf(row), row), 'one-side-more');
    expect(words).toHaveLength(1);
    expect(words[0]![0]).toMatch(/^More on the left over these weeks/u);
    expect(told(rowOf(seriesOf(row), row), 'little-lively')).toHaveLength(1);
    const lively = [with_({ 'jumping-jack': 60 }), with_({ 'cheetah-run': 60 })];
    expect(told(rowOf(seriesOf(lively), lively), 'little-lively')).toEqual([]);
  });

  it('is told of sides and of lively time only beyond their limits', () => {
    const row = [with_({ march: 20 }), with_({ march: 20 })];
    const whole = (given: Partial<SessionSums>) => {
      const plain = rowOf(seriesOf(row), row);
      const covered = plain.covered.map((one) => ({
        ...one,
        planned: { ...one.planned!, ...given },
      }));
      const rules = rowNotes({ ...plain, covered }).map(({ rule }) => rule);
      return (['one-side-more', 'little-lively'] as const).filter((rule) => rules.includes(rule));
    };
    const sides = (leftSeconds: number, rightSeconds: number) =>
      whole({ leftSeconds, rightSeconds, seconds: 0 });
    // In two sessions: a minute of both, and a fifth more of one than of the other.
    expect(sides(18, 12)).toEqual([]);
    expect(sides(18.1, 12)).toEqual(['one-side-more']);
    expect(sides(12, 18.1)).toEqual(['one-side-more']);
    expect(sides(40, 40)).toEqual([]);
    expect(sides(20, 9.9)).toEqual([]);
    const lively = (seconds: number) =>
      whole({
        leftSeconds: 0,
        rightSeconds: 0,
        seconds: 100,
        effortSeconds: [60, 20, 8, seconds, 0],
      });
    expect(lively(12)).toEqual([]);
    expect(lively(11.9)).toEqual(['little-lively']);
  });

  it('says which adventure is gone, and where nothing is planned', () => {
    const one = with_({ march: 20 }, 'Reeds');
    const kept = { title: 'Reeds', sums: sumsOf(one) };
    const series = seriesOf([one, null], {}, (n) => (n === 0 ? { kept } : {}));
    expect(told(rowOf(series, []), 'not-here')).toEqual([
      [
        '“Reeds” isn’t on your shelf any more. Its place and its numbers stay.',
        'choose another one',
      ],
    ]);
    expect(told(rowOf(series, [one]), 'not-here')).toEqual([]);
    expect(told(rowOf(series, [one]), 'gap')).toHaveLength(1);
  });
});
