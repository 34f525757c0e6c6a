import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changeParts, isLed, type Beat } from '../beats';
import type { Adventure } from '../document/adventure';
import { NO_GUISE } from '../model/action';
import { check } from '../findings/check';
import { moveBookOf, moveIn } from '../moves/move-book';
import { DEFAULT_PACE } from '../cues/pace';
import { unroll } from '../schedule/unroll';
import { arbitraryAdventure } from '../testing/arbitrary';
import { circuit, doseOf, moveBeat, withBeats } from '../testing/make';
import { adaptToAges } from './adapt-to-ages';
import { fitChoices } from './choices';
import { fit, FIT_SECONDS, MOOD_SHARE } from './fit';
import type { FitTarget } from './target';
import { problemsOf } from '../testing/problems-of';

const MOVES = ['march', 'squat', 'frog-jump', 'lunge', 'bear-walk', 'two-foot-jump'];
const script = (beats: number) =>
  withBeats(
    ...Array.from({ length: beats }, (_, n) => moveBeat([doseOf(MOVES[n % MOVES.length]!, 8)])),
  );
const fitted = (adventure: Adventure, target: FitTarget) =>
  fit(adventure, adventure.setting, DEFAULT_PACE, target);
const secondsOf = (adventure: Adventure) => unroll(adventure).totalSeconds;

describe('fitting to a slot', () => {
  it('makes a script shorter, and longer, to within a few seconds', () => {
    const adventure = script(10);
    for (const share of [0.9, 1.1, 1.3]) {
      const seconds = Math.round(secondsOf(adventure) * share);
      const result = fitted(adventure, { seconds });
      expect(result.met, String(share)).toBe(true);
      expect(Math.abs(secondsOf(result.adventure) - seconds)).toBeLessThanOrEqual(FIT_SECONDS);
      expect(result.changes.length).toBeGreaterThan(0);
    }
  });

  it('fits a long script too, changing few of its beats', () => {
    const adventure = script(60);
    for (const share of [0.9, 1.1]) {
      const result = fitted(adventure, { seconds: Math.round(secondsOf(adventure) * share) });
      expect(result.met, String(share)).toBe(true);
      expect(result.changes.length).toBeLessThan(30);
    }
  });

  it('says how far it has come: never back, and never more than all of it', () => {
    const adventure = script(60);
    for (const target of [
      { seconds: 9999 },
      { reps: 7 },
      { seconds: Math.round(secondsOf(adventure) * 0.8) },
    ]) {
      const heard: number[] = [];
      fit(adventure, adventure.setting, DEFAULT_PACE, target, (share) => heard.push(share));
      expect(heard.length).toBeGreaterThan(1);
      expect(heard.at(-1)).toBeGreaterThanOrEqual(0.6);
      expect(Math.max(...heard)).toBeLessThanOrEqual(1);
      expect(Math.min(...heard)).toBeGreaterThanOrEqual(0);
    }
  });

  it('touches nothing when the script fits already', () => {
    const adventure = script(5);
    const result = fitted(adventure, { seconds: secondsOf(adventure) + 3 });
    expect(result).toMatchObject({ met: true, changes: [] });
    expect(result.adventure).toBe(adventure);
  });

  it('says how far it can go when the target cannot be met, and goes there', () => {
    const adventure = script(4);
    const result = fitted(adventure, { seconds: 20 });
    expect(result.met).toBe(false);
    expect(result.after).toBeCloseTo(result.least, 3);
    expect(result.least).toBeGreaterThan(20);
  });

  it('keeps every dose within the usual range of the age', () => {
    const adventure = script(8);
    const result = fitted(adventure, { seconds: secondsOf(adventure) * 1.3 });
    const doses = check(result.adventure, adventure.setting, unroll(result.adventure)).filter(
      ({ rule, params }) => rule === 'dose-for-age' && params.above === 1,
    );
    expect(doses).toEqual([]);
  });

  it('fits a circuit by its rounds, work and rest', () => {
    const adventure = withBeats(circuit(['squat', 'march', 'plank'], { rounds: 2 }));
    const result = fitted(adventure, { seconds: 200 });
    expect(result.met).toBe(true);
    expect(result.changes[0]!.after).toMatchObject({ kind: 'circuit' });
  });

  // Words and rests are time in which the next thing is got to: they reach into the beat that follows.
  const wordless = (adventure: Adventure): Adventure => ({
    ...adventure,
    chapters: adventure.chapters.map((chapter) => ({
      ...chapter,
      beats: chapter.beats.map((beat): Beat => {
        const quiet = changeParts(beat, (part) => ({ ...part, guise: NO_GUISE }));
        if (quiet.kind === 'circuit') {
          return { ...quiet, say: '', led: 'follow me', show: null, restAfterLast: false };
        }
        if (quiet.kind === 'echo') return { ...quiet, say: '' };
        return isLed(quiet) ? { ...quiet, say: '', led: 'follow me', show: null } : quiet;
      }),
    })),
  });

  it('adds up: the whole is the sum of the choices and of what stays', () => {
    fc.assert(
      fc.property(arbitraryAdventure.map(wordless), fc.nat(), (adventure, seed) => {
        const { setting } = adventure;
        const choices = fitChoices(adventure, setting, DEFAULT_PACE);
        let sum = secondsOf(adventure);
        let changed = adventure;
        choices.forEach(({ options }, index) => {
          const option = options[(seed + index) % options.length]!;
          sum += option.seconds - options[0]!.seconds;
          changed = {
            ...changed,
            chapters: changed.chapters.map((chapter) => ({
              ...chapter,
              beats: chapter.beats.map((beat) =>
                beat.id === option.beat?.id ? option.beat : beat,
              ),
            })),
          };
        });
        expect(secondsOf(changed)).toBeCloseTo(sum, 3);
      }),
      { numRuns: 30 },
    );
  });
});

describe('words moved into the work', () => {
  const line = 'Down for the letter bag. It is full of birthday, and it is heavy.';
  const told = (move: string) =>
    moveBeat([{ ...doseOf(move, 20), guise: { ...NO_GUISE, line } }], { show: 'none' });

  it('come before any dose is touched, where they fit', () => {
    const adventure = withBeats(told('march'), told('arm-circle'));
    const { changes, met } = fitted(adventure, { seconds: secondsOf(adventure) - 8 });
    expect(met).toBe(true);
    for (const { before, after } of changes) {
      expect(after).toMatchObject({ actions: [{ guise: { line: '', meanwhile: line } }] });
      const doses = (beat: Beat) => beat.kind === 'move' && beat.actions.map(({ dose }) => dose);
      expect(doses(after!)).toEqual(doses(before));
    }
  });

  it('stay where they are in hard work', () => {
    const options = fitChoices(withBeats(told('burpee')), withBeats().setting, DEFAULT_PACE);
    for (const { beat } of options.flatMap((choice) => choice.options)) {
      expect(beat).toMatchObject({ actions: [{ guise: { line } }] });
    }
  });
});

describe('a promised total', () => {
  it('comes to exactly 100, sides counted', () => {
    const adventure = withBeats(
      ...['squat', 'frog-jump', 'hop', 'lunge', 'two-foot-jump', 'high-knees'].map((move) =>
        moveBeat([doseOf(move, 8, move === 'hop' ? { sides: 'each' } : {})]),
      ),
    );
    const result = fitted(adventure, { reps: 100 });
    expect(result).toMatchObject({ met: true, before: 56, after: 100 });
    expect(unroll(result.adventure).totals.all.reps).toBe(100);
  });

  it('is as good as trying every combination, on small scripts (brute force)', () => {
    const adventure = script(3);
    const choices = fitChoices(adventure, adventure.setting, DEFAULT_PACE);
    for (const reps of [20, 27, 34]) {
      let best = Infinity;
      for (const a of choices[0]!.options) {
        for (const b of choices[1]!.options) {
          for (const c of choices[2]!.options) {
            if (a.reps + b.reps + c.reps === reps) best = Math.min(best, a.cost + b.cost + c.cost);
          }
        }
      }
      const result = fitted(adventure, { reps });
      const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);
      const costs = result.changes.map(({ after }) => {
        const options = choices.flatMap((choice) => choice.options);
        return options.find((option) => same(option.beat, after))!.cost;
      });
      expect(result.met).toBe(true);
      expect(best).toBeLessThan(Infinity);
      expect(costs.reduce((sum, cost) => sum + cost, 0)).toBeLessThanOrEqual(best * 1.03 + 1e-9);
    }
  });
});

describe('a total that is kept', () => {
  const tens = (title: string, ...more: readonly Beat[]) => {
    const moves = ['squat', 'march', 'high-knees', 'lunge', 'hop', 'heel-kick'];
    const beats = Array.from({ length: 10 }, (_, n) =>
      moveBeat([doseOf(moves[n % moves.length]!, 10)]),
    );
    return { ...withBeats(...beats, ...more), title };
  };
  const amounts = ({ chapters }: Adventure) =>
    chapters[0]!.beats
      .slice(0, 10)
      .flatMap((beat) => (beat.kind === 'move' ? beat.actions[0]!.dose.amounts : []));

  it('a hundred that was promised stays a hundred, in tens, however long it may be', () => {
    const long = moveBeat([doseOf('march', 60, { unit: 'seconds' })]);
    const adventure = tens('100 moves for the lamp', long);
    const result = fitted(adventure, { seconds: secondsOf(adventure) - 15 });
    expect(result.met).toBe(true);
    expect(unroll(result.adventure).totals.all.reps).toBe(100);
    expect(amounts(result.adventure).every((amount) => amount % 10 === 0)).toBe(true);
  });

  it('without a promise they may become any number', () => {
    const adventure = tens('Moves for the lamp');
    const result = fitted(adventure, { seconds: secondsOf(adventure) - 30 });
    expect(amounts(result.adventure).some((amount) => amount % 10 !== 0)).toBe(true);
  });
});

describe('shaving', () => {
  it('is even: no beat is cut to the bone while others stay as they were', () => {
    const adventure = withBeats(
      ...Array.from({ length: 6 }, () => moveBeat([doseOf('squat', 12)], { show: 'none' })),
    );
    const { met, adventure: after } = fitted(adventure, { seconds: secondsOf(adventure) - 24 });
    expect(met).toBe(true);
    const counts = after.chapters[0]!.beats.map((beat) =>
      beat.kind === 'move' ? beat.actions[0]!.dose.amounts[0]! : 0,
    );
    // 24 s are 15 squats of 72: a beat that bore them alone would lose its six, and more.
    expect(Math.min(...counts)).toBeGreaterThanOrEqual(8);
  });
});

describe('what stays, what may go, and the shares', () => {
  it('leaves a beat alone that stays, and says how many do', () => {
    const stays = { ...moveBeat([doseOf('squat', 8)]), fit: 'stays' as const };
    const adventure = withBeats(stays, ...script(5).chapters[0]!.beats);
    const result = fitted(adventure, { seconds: secondsOf(adventure) * 1.2 });
    expect(result).toMatchObject({ met: true, kept: 1 });
    expect(result.adventure.chapters[0]!.beats[0]).toBe(stays);
  });

  it('leaves out what may go before it gives up', () => {
    const joke = { kind: 'tell' as const, id: 'bt_joke', fit: 'may go' as const };
    const text = 'Why did the goat wear one boot? '.repeat(8);
    const adventure = withBeats(...script(1).chapters[0]!.beats, { ...joke, text });
    const result = fitted(adventure, { seconds: 25 });
    expect(result.met).toBe(true);
    expect(result.changes).toContainEqual(
      expect.objectContaining({ beatId: 'bt_joke', after: null }),
    );
  });

  it('cuts the adventure before the warm-up, down to a sixth of the time', () => {
    const plain = script(12);
    const [chapter] = plain.chapters;
    const parts = [chapter!.beats.slice(0, 4), chapter!.beats.slice(4)];
    const adventure: Adventure = {
      ...plain,
      chapters: [
        { ...chapter!, id: 'ch_w', kind: 'warm-up', beats: parts[0]! },
        { ...chapter!, beats: parts[1]! },
      ],
    };
    const seconds = Math.round(secondsOf(adventure) * 0.82);
    const result = fitted(adventure, { seconds });
    const warm = unroll(result.adventure).totals.byChapter.get('ch_w')!.seconds;
    expect(result.met).toBe(true);
    expect(warm).toBeGreaterThanOrEqual(seconds / 6 - FIT_SECONDS);
  });
});

describe('another mood, other ages', () => {
  it.each(['gentler', 'livelier'] as const)('%s at about the same length', (mood) => {
    const adventure = script(8);
    const result = fitted(adventure, { mood });
    const share = mood === 'gentler' ? 1 - MOOD_SHARE : 1 + MOOD_SHARE;
    expect(result.target).toBeCloseTo(result.before * share, 6);
    expect(result.changes.length).toBeGreaterThan(0);
    expect(result.met).toBe(true);
    const [before, after] = result.lengthSeconds;
    expect(Math.abs(after / before - 1)).toBeLessThan(0.2);
  });

  it('for threes: doses of their range, no move before its age, the length kept', () => {
    const adventure = {
      ...script(8),
      setting: { ...script(1).setting, ages: { from: 6, to: 7 } },
    };
    const hard = {
      ...adventure,
      chapters: adventure.chapters.map((chapter) => ({
        ...chapter,
        beats: [...chapter.beats, moveBeat([doseOf('burpee', 6)])],
      })),
    };
    const result = fitted(hard, { ages: { from: 3, to: 4 } });
    expect(result.adventure.setting.ages).toEqual({ from: 3, to: 4 });
    expect(JSON.stringify(result.adventure)).not.toContain('"burpee"');
    const { setting } = result.adventure;
    const wrong = check(result.adventure, setting, unroll(result.adventure)).filter(({ rule }) =>
      ['dose-for-age', 'before-age'].includes(rule),
    );
    expect(wrong).toEqual([]);
  });

  it('for sevens: what was half-way for threes is half-way for them', () => {
    const plain = withBeats(moveBeat([doseOf('squat', 6)]));
    const young = { ...plain, setting: { ...plain.setting, ages: { from: 3, to: 4 } } };
    const old = adaptToAges(young, { from: 7, to: 7 });
    const [beat] = old.chapters[0]!.beats;
    const { range } = moveIn(moveBookOf(young), 'squat').usual;
    const at = (amount: number, [least, most]: readonly [number, number]) =>
      (amount - least) / (most - least);
    const amount = beat!.kind === 'move' ? beat!.actions[0]!.dose.amounts[0]! : 0;
    const one = 1 / (range['6-7'][1] - range['6-7'][0]);
    expect(Math.abs(at(amount, range['6-7']) - at(6, range['3-4']))).toBeLessThanOrEqual(one);
  });

  it('never fails, and leaves a valid adventure, whatever the script and the wish', () => {
    const wish = fc.constantFrom<FitTarget>(
      { mood: 'gentler' },
      { mood: 'livelier' },
      { ages: { from: 3, to: 4 } },
      { ages: { from: 7, to: 7 } },
      { seconds: 200 },
      { reps: 60 },
    );
    fc.assert(
      fc.property(arbitraryAdventure, wish, (adventure, target) => {
        const heard: number[] = [];
        const { setting } = adventure;
        const result = fit(adventure, setting, DEFAULT_PACE, target, (share) => heard.push(share));
        expect(problemsOf(result.adventure)).toEqual([]);
        expect(heard.every((share) => share >= 0 && share <= 1)).toBe(true);
      }),
      { numRuns: 25 },
    );
  });
});
