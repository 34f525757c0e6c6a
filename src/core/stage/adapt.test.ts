import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cueEndSeconds, isWork } from '../cues/cue';
import { DEFAULT_PACE } from '../cues/pace';
import { resolveDraws } from '../schedule/resolve-draws';
import { unroll } from '../schedule/unroll';
import type { Adventure } from '../document/adventure';
import { arbitraryAdventure } from '../testing/arbitrary';
import { doseOf, echoBeat, moveBeat, withBeats } from '../testing/make';
import type { Dose } from '../model/dose';
import { moveBookOf, moveIn } from '../moves/move-book';
import { adapt, adaptAll } from './adapt';
import { ADAPTATIONS, type Adaptation } from './adaptation';
import type { LedWay } from './led-way';

function wayOf(adventure: Adventure): LedWay {
  const { setting } = adventure;
  const draws = resolveDraws(adventure, setting, DEFAULT_PACE);
  const { cues } = unroll(adventure, setting, DEFAULT_PACE, draws);
  return { context: { adventure, setting, pace: DEFAULT_PACE }, draws, cues };
}

const script = withBeats(
  moveBeat([doseOf('squat', 9, { amounts: [9, 9], restSeconds: 10 })]),
  moveBeat([doseOf('plank', 12, { unit: 'hold' })]),
  moveBeat([doseOf('march', 60, { unit: 'seconds' })]),
  { kind: 'tell', id: 'bt_end', text: 'And home we go.' },
);
const way = wayOf(script);
const at = (kind: string, move: string, nth = 0) =>
  way.cues.filter((cue) => cue.kind === kind && cue.doing?.move === move)[nth]!;
const change = (what: Adaptation['what'], cueId: string, more: Partial<Adaptation> = {}) =>
  adapt(way, { cueId, intoSeconds: 0, what, seconds: 0, ...more });
const work = (led: LedWay | null, move: string) =>
  (led?.cues ?? []).filter((cue) => isWork(cue) && cue.doing?.move === move);
const lengthOf = ({ cues }: LedWay) => cueEndSeconds(cues.at(-1)!);

describe('changes on the fly', () => {
  it('fewer and more: by a third, from the set that is on, what is done stays done', () => {
    const squat = at('work', 'squat').id;
    expect(work(change('fewer', squat), 'squat').map((cue) => cue.doing!.amount)).toEqual([6, 6]);
    expect(work(change('more', squat), 'squat').map((cue) => cue.doing!.amount)).toEqual([12, 12]);
    const eight = at('work', 'squat').doing!.secondsPerCount * 8;
    const late = change('fewer', squat, { intoSeconds: eight });
    expect(work(late, 'squat').map((cue) => cue.doing!.amount)).toEqual([8, 6]);
  });

  it('easier: the form is shown, the set is begun again in it, the next sets are in it too', () => {
    const led = change('easier', at('work', 'squat').id)!;
    const easier = led.cues.slice(
      led.cues.findIndex(({ id }) => id === at('work', 'squat').id) + 1,
    );
    expect(easier[0]).toMatchObject({ kind: 'show', doing: { name: 'bob' } });
    expect(easier[1]).toMatchObject({ kind: 'work', doing: { move: 'bob', amount: 9 } });
    expect(work(led, 'bob')).toHaveLength(2);
    // As many as before, at the 0.8 s that a bob takes.
    expect(easier[1]!.lengthSeconds).toBeCloseTo(9 * 0.8, 6);
  });

  it('ten more seconds for what goes by the clock, once more, a rest, a drink', () => {
    const plank = at('hold', 'plank');
    expect(work(change('ten more', plank.id), 'plank')[0]!.lengthSeconds).toBe(22);
    expect(change('ten more', at('work', 'squat').id)).toBeNull();
    expect(work(change('again', plank.id), 'plank')).toHaveLength(2);
    const drunk = change('drink', plank.id)!;
    expect(lengthOf(drunk)).toBeCloseTo(lengthOf(way) + 30, 6);
    const rest = at('rest', 'squat');
    const rested = change('rest', rest.id)!;
    expect(rested.cues.find(({ id }) => id === rest.id)!.lengthSeconds).toBe(25);
  });

  it('makes no sense where there is nothing to change', () => {
    const line = way.cues.at(-1)!.id;
    for (const what of ['easier', 'harder', 'fewer', 'more', 'ten more', 'again'] as const) {
      expect(change(what, line), what).toBeNull();
    }
    expect(change('easier', 'cue_gone')).toBeNull();
  });

  it('shortens what comes after the beat that is on into the time that is left', () => {
    const squat = at('work', 'squat', 1);
    const left = lengthOf(way) - squat.startSeconds;
    const led = change('shorten', squat.id, { seconds: left - 12 })!;
    const now = lengthOf(led) - squat.startSeconds;
    expect(Math.abs(now - (left - 12))).toBeLessThanOrEqual(5);
    expect(work(led, 'squat')).toHaveLength(2);
  });

  it('whatever is changed, what was before stays, cues stay end to end, ids differ', () => {
    const kinds = fc.array(fc.tuple(fc.constantFrom(...ADAPTATIONS), fc.nat(), fc.nat(4)), {
      maxLength: 5,
    });
    fc.assert(
      fc.property(arbitraryAdventure, kinds, (any, picks) => {
        let led = wayOf(any);
        const made: Adaptation[] = [];
        for (const [what, where, into] of picks) {
          if (led.cues.length === 0) return;
          const index = where % led.cues.length;
          const cue = led.cues[index]!;
          const one = {
            cueId: cue.id,
            intoSeconds: Math.min(into, cue.lengthSeconds),
            what,
            seconds: 60,
          };
          const next = adapt(led, one);
          if (!next) continue;
          made.push(one);
          expect(next.cues.slice(0, index)).toEqual(led.cues.slice(0, index));
          expect(next.cues[index]).toMatchObject({ id: cue.id, startSeconds: cue.startSeconds });
          next.cues.forEach((each, n) => {
            const before = n === 0 ? 0 : cueEndSeconds(next.cues[n - 1]!);
            expect(each.startSeconds).toBeCloseTo(before, 6);
          });
          expect(new Set(next.cues.map(({ id }) => id)).size).toBe(next.cues.length);
          led = next;
        }
        expect(adaptAll(wayOf(any), made).cues).toEqual(led.cues);
      }),
      { numRuns: 60 },
    );
  });
});

describe('work in another form is work as the schedule has it', () => {
  const easierOf = (move: string, dose: Partial<Dose>, amount: number) => {
    const adventure = withBeats(moveBeat([doseOf(move, amount, dose)], { show: 'none' }));
    const way = wayOf(adventure);
    const work = way.cues.find(isWork)!;
    const led = adapt(way, { cueId: work.id, intoSeconds: 0, what: 'easier', seconds: 0 })!;
    const easier = moveIn(moveBookOf(adventure), move).easier!;
    const written = withBeats(moveBeat([doseOf(easier, amount, dose)], { show: 'none' }));
    return { now: led.cues.findLast(isWork)!, written: unroll(written).cues.find(isWork)! };
  };

  it.each([
    ['gallop', { unit: 'seconds' }, 20],
    ['gallop', { unit: 'metres' }, 10],
    ['frog-jump', { unit: 'reps' }, 8],
    ['plank', { unit: 'hold' }, 8],
  ] as const)('%s, %o', (move, dose, amount) => {
    const { now, written } = easierOf(move, dose, amount);
    expect(now.doing!.move).toBe(written.doing!.move);
    expect(now.lengthSeconds).toBeCloseTo(written.lengthSeconds, 3);
    expect([now.kind, now.effort, now.reps, now.landings]).toEqual([
      written.kind,
      written.effort,
      written.reps,
      written.landings,
    ]);
  });

  it('a rhyme keeps its beat', () => {
    const echo = echoBeat(['hop'], { beatsPerMinute: 100 });
    const adventure = withBeats(echo);
    const way = wayOf(adventure);
    const work = way.cues.find(isWork)!;
    const led = adapt(way, { cueId: work.id, intoSeconds: 0, what: 'easier', seconds: 0 })!;
    const now = led.cues.find((cue) => isWork(cue) && cue.doing!.move !== 'hop')!;
    expect(now.doing!.secondsPerCount).toBe(work.doing!.secondsPerCount);
    expect(now.lengthSeconds).toBe(work.lengthSeconds);
  });
});
