import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { withAmounts } from '../model/dose';
import { FACTORY, circuit, doseOf, moveBeat, withBeats } from '../testing/make';
import { arbitraryAdventure } from '../testing/arbitrary';
import { type Cue, cueEndSeconds } from '../cues/cue';
import { DEFAULT_PACE } from '../cues/pace';
import { unroll } from './unroll';

const work = (cues: readonly Cue[]) => cues.filter((c) => c.kind === 'work' || c.kind === 'hold');
const lengthOf = (cues: readonly Cue[], ...kinds: Cue['kind'][]) =>
  cues.filter((c) => kinds.includes(c.kind)).reduce((sum, c) => sum + c.lengthSeconds, 0);

describe('worked sums (docs/facts.md, "Worked sums")', () => {
  const bare = { show: 'none', say: '' } as const;

  it('makes a circuit of 7 stations x 2 rounds x (45 + 15) s last 840 s', () => {
    const beat = circuit(7, {
      ...bare,
      rounds: 2,
      workSeconds: 45,
      restSeconds: 15,
      restAfterLast: true,
    });
    expect(lengthOf(unroll(withBeats(beat)).cues, 'work', 'rest')).toBe(840);
  });

  it('makes it 825 s without the last rest', () => {
    const beat = circuit(7, {
      ...bare,
      rounds: 2,
      workSeconds: 45,
      restSeconds: 15,
      restAfterLast: false,
    });
    const schedule = unroll(withBeats(beat));
    expect(lengthOf(schedule.cues, 'work', 'rest')).toBe(825);
    expect(schedule.totals.all.workSeconds).toBe(630);
  });

  it('makes ten moves of ten, one of them on each leg, 110', () => {
    const beat = moveBeat(
      Array.from({ length: 10 }, (_, n) => doseOf('squat', 10, n === 3 ? { sides: 'each' } : {})),
    );
    expect(unroll(withBeats(beat)).totals.all.reps).toBe(110);
  });

  it('makes 20 timed turns of 30 s last 600 s', () => {
    const turns = Array.from({ length: 20 }, () => 30);
    const beat = moveBeat([doseOf('march', 30, { unit: 'seconds', amounts: turns })]);
    expect(unroll(withBeats(beat)).totals.all.workSeconds).toBe(600);
  });
});

describe('unroll', () => {
  it('does every set on each side and each way, in that order', () => {
    const dose = { sides: 'each', ways: 2, amounts: [4, 6] } as const;
    const { cues } = unroll(withBeats(moveBeat([doseOf('side-step', 4, dose)])));
    const turns = work(cues).map(({ doing }) => [doing!.amount, doing!.side, doing!.way.n]);
    expect(turns).toEqual([
      [4, 'left', 1],
      [4, 'left', 2],
      [4, 'right', 1],
      [4, 'right', 2],
      [6, 'left', 1],
      [6, 'left', 2],
      [6, 'right', 1],
      [6, 'right', 2],
    ]);
  });

  it('leads a rep at the tempo of the youngest, or at the presenter’s own', () => {
    const adventure = withBeats(moveBeat([doseOf('squat', 10)]));
    const at = (from: number, pace = DEFAULT_PACE) =>
      unroll(adventure, { ...adventure.setting, ages: { from, to: 7 } }, pace).totals.all
        .workSeconds;
    expect(at(5)).toBeCloseTo(16, 9); // 1.6 s a squat: common practice
    expect(at(3)).toBeCloseTo(19.2, 9);
    expect(at(5, { ...DEFAULT_PACE, secondsPerRep: { squat: 2 } })).toBe(20);
  });

  // 167 words a minute: docs/facts.md, "Timing as recorded".
  it('says 167 words in a minute, and gives every question its wait', () => {
    const text = Array.from({ length: 167 }, () => 'reed').join(' ');
    const seconds = (said: string, waitSeconds?: number) =>
      unroll(
        withBeats({
          kind: 'tell',
          id: 'bt_1',
          text: said,
          ...(waitSeconds === undefined ? {} : { waitSeconds }),
        }),
      );
    expect(seconds(text).totalSeconds).toBeCloseTo(60, 6);
    expect(seconds(`${text}?`, 3).totalSeconds).toBeCloseTo(63, 6);
    expect(seconds(text, 3).cues[0]!.kind).toBe('ask');
    // A question on the way is waited for too; the last one as the presenter has it.
    expect(seconds(`Reed? ${text.slice(5)}`).totalSeconds).toBeCloseTo(62, 6);
    expect(seconds(`Reed? ${text.slice(5)}?`, 3).totalSeconds).toBeCloseTo(65, 6);
  });

  it('takes longer to change to the floor, longer still to lie down, and more with kit', () => {
    const changeTo = (move: string) => {
      const beat = moveBeat([doseOf('squat', 5), doseOf(move, 5)], { show: 'none' });
      return lengthOf(unroll(withBeats(beat)).cues, 'change');
    };
    expect(changeTo('lunge')).toBe(1.5);
    expect(changeTo('bear-walk')).toBe(4);
    expect(changeTo('sit-up')).toBe(5);
    expect(changeTo('ball-toss-catch')).toBe(5.5);
  });

  it('splits a station with two sides in halves, so that neither is left out', () => {
    const { totals } = unroll(withBeats(circuit(['lunge'], { workSeconds: 30, rounds: 2 })));
    expect(totals.bySide.get('left')!.workSeconds).toBe(30);
    expect(totals.bySide.get('right')!.workSeconds).toBe(30);
  });

  it('puts a drink between rounds in the place of the rest', () => {
    const beat = circuit(3, { rounds: 2, restSeconds: 10, drinkBetweenRoundsSeconds: 30 });
    const { cues } = unroll(withBeats(beat));
    expect(cues.filter((cue) => cue.kind === 'drink').map((c) => c.lengthSeconds)).toEqual([30]);
    expect(lengthOf(cues, 'rest')).toBe(40);
  });

  it('counts landings by reps, and estimates them for timed work', () => {
    const landings = (...dose: Parameters<typeof doseOf>) =>
      unroll(withBeats(moveBeat([doseOf(...dose)])), FACTORY.setting(6)).totals.all.landings;
    expect(landings('jumping-jack', 10)).toBe(20);
    expect(landings('jumping-jack', 15, { unit: 'seconds' })).toBe(30);
    expect(landings('squat', 10)).toBe(0);
  });

  it('is empty for an adventure with no beats', () => {
    expect(unroll(withBeats())).toMatchObject({ cues: [], totalSeconds: 0 });
  });

  it('names a move that is not there', () => {
    expect(() => unroll(withBeats(moveBeat([doseOf('no-such-move', 3)])))).toThrow(/no-such-move/);
  });
});

describe('any adventure', () => {
  it('has cues end to end from 0, each with some length, ids used once', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (adventure) => {
        const { cues, totalSeconds } = unroll(adventure);
        let end = 0;
        for (const cue of cues) {
          expect(cue.startSeconds).toBeCloseTo(end, 6);
          expect(cue.lengthSeconds).toBeGreaterThan(0);
          end = cueEndSeconds(cue);
        }
        expect(totalSeconds).toBeCloseTo(end, 6);
        expect(new Set(cues.map((cue) => cue.id)).size).toBe(cues.length);
      }),
    );
  });

  it('has totals that are the sums of its cues, whichever way they are divided', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (adventure) => {
        const { cues, totals, totalSeconds } = unroll(adventure);
        const sum = (key: 'lengthSeconds' | 'reps' | 'landings') =>
          cues.reduce((all, cue) => all + cue[key], 0);
        expect(totals.all.seconds).toBeCloseTo(totalSeconds, 6);
        expect(totals.all.reps).toBe(sum('reps'));
        expect(totals.all.landings).toBe(sum('landings'));
        const levels = totals.all.effortSeconds.reduce((all, seconds) => all + seconds, 0);
        expect(levels).toBeCloseTo(totals.all.seconds, 6);
        for (const part of [totals.byChapter, totals.byBeat]) {
          const seconds = [...part.values()].reduce((all, one) => all + one.seconds, 0);
          expect(seconds).toBeCloseTo(totalSeconds, 6);
        }
        for (const part of [totals.byMove, totals.bySide]) {
          const reps = [...part.values()].reduce((all, one) => all + one.reps, 0);
          expect(reps).toBe(totals.all.reps);
        }
      }),
    );
  });

  it('does twice the work when every dose is doubled', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (given) => {
        // Draws, chains, rhymes and relays have work that is not a dose's.
        const chapters = given.chapters.map((chapter) => ({
          ...chapter,
          beats: chapter.beats.filter(
            ({ kind }) => !['draw', 'chain', 'echo', 'relay'].includes(kind),
          ),
        }));
        const adventure = { ...given, chapters };
        const doubled = {
          ...adventure,
          chapters: adventure.chapters.map((chapter) => ({
            ...chapter,
            beats: chapter.beats.map((beat) => {
              if (beat.kind === 'circuit') {
                const byRound = beat.byRound.map((round) => ({
                  ...round,
                  workSeconds: round.workSeconds && round.workSeconds * 2,
                }));
                return { ...beat, byRound, workSeconds: beat.workSeconds * 2 };
              }
              if (beat.kind !== 'move') return beat;
              const actions = beat.actions.map((action) => ({
                ...action,
                dose: withAmounts(
                  action.dose,
                  action.dose.amounts.map((n) => n * 2),
                ),
              }));
              return { ...beat, actions };
            }),
          })),
        };
        const [once, twice] = [unroll(adventure).totals.all, unroll(doubled).totals.all];
        expect(twice.reps).toBe(once.reps * 2);
        // Cue lengths are whole milliseconds: half a millisecond a turn may be rounded away.
        const turns = work(unroll(adventure).cues).length;
        expect(Math.abs(twice.workSeconds - once.workSeconds * 2)).toBeLessThanOrEqual(
          turns * 0.0011,
        );
      }),
    );
  });
});
