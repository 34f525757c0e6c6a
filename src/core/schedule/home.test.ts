import { describe, expect, it } from 'vitest';
import { plainDose } from '../model/dose';
import { NO_GUISE } from '../model/action';
import { circuit, doseOf, moveBeat, withBeats } from '../testing/make';
import { homeActions, homeSchedule } from './home';
import { unroll } from './unroll';

const shown = (move: string, here: number, home: number) => ({
  ...doseOf(move, here),
  guise: { ...NO_GUISE, name: 'puddle dip', line: 'Dip with me now.', meanwhile: 'Low, and low.' },
  home: plainDose('reps', home),
});

describe('what is for home', () => {
  const script = withBeats(
    moveBeat([shown('squat', 3, 10), doseOf('march', 8)]),
    circuit(['hop']),
    moveBeat([shown('lunge', 2, 6)], { rounds: 3, restBetweenRoundsSeconds: 20 }),
  );

  it('is what has a dose for home, in the order of the script', () => {
    expect(homeActions(script).map(({ move, home }) => [move, home.amounts])).toEqual([
      ['squat', [10]],
      ['lunge', [6]],
    ]);
  });

  it('as a session of its own takes as long as those doses, one after another', () => {
    const { cues, totalSeconds } = homeSchedule(script)!;
    // The same by hand: two moves that nobody shows, without the words.
    const plain = (move: string, amount: number) => doseOf(move, amount);
    const byHand = withBeats(
      moveBeat([plain('squat', 10), plain('lunge', 6)], { show: 'none', countIn: false }),
    );
    expect(totalSeconds).toBe(unroll(byHand).totalSeconds);
    const counts = cues.flatMap(({ doing }) => (doing ? [doing.amount] : []));
    expect(new Set(counts)).toEqual(new Set([10, 6]));
  });

  it('says nothing, shows nothing, and is called as the script calls it', () => {
    const { cues } = homeSchedule(script)!;
    expect(cues.every(({ kind }) => kind !== 'show')).toBe(true);
    expect(JSON.stringify(cues)).not.toMatch(/Dip with me|Low, and low/u);
    expect(cues.find(({ doing }) => doing)!.doing!.name).toBe('puddle dip');
  });

  it('is no session where nothing is for home, or where there are no chapters', () => {
    expect(homeSchedule(withBeats(moveBeat([doseOf('squat', 8)])))).toBeNull();
    expect(homeSchedule({ ...script, chapters: [] })).toBeNull();
    expect(homeActions(withBeats())).toEqual([]);
  });

  it('goes by a setting and a pace of its own', () => {
    const slow = homeSchedule(script, { ...script.setting, ages: { from: 3, to: 3 } })!;
    expect(slow.totalSeconds).toBeGreaterThan(homeSchedule(script)!.totalSeconds);
  });
});
