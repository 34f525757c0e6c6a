import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { unroll } from '../schedule/unroll';
import { arbitraryAdventure } from '../testing/arbitrary';
import { doseOf, drawBeat, moveBeat, withBeats } from '../testing/make';
import { countAt, ticksOf } from './counting';
import {
  back,
  elapsedSeconds,
  finish,
  go,
  isEndedEarly,
  next,
  pause,
  prepareLeading,
  schedulePosition,
  skipBeat,
  tick,
  unfinish,
  wasEndedEarly,
  type Leading,
} from './leading';
import { restoreLeading, savedLeadingSchema, saveLeading } from './saved-leading';

const { cues, totalSeconds } = unroll(
  withBeats(
    { kind: 'tell', id: 'bt_hello', text: 'Hello to all the post carriers of the marsh today' },
    moveBeat([doseOf('hop', 5, { sides: 'each', amounts: [5, 7], restSeconds: 10 })], {
      countIn: true,
    }),
    { kind: 'drink', id: 'bt_drink', text: 'Sip', seconds: 30 },
  ),
);

const begin = (lines: Leading['lines'] = 'run on') => go(prepareLeading(cues, { lines }), 100);
const real = (leading: Leading) => leading.visits.reduce((sum, v) => sum + v.lengthSeconds, 0);

describe('leading a session', () => {
  it('at the very end of a cue the next one is on', () => {
    const [first] = cues;
    const led = begin();
    expect(tick(led, 100 + first!.lengthSeconds).index).toBe(1);
    expect(tick(led, 100 + first!.lengthSeconds - 1e-6).index).toBe(0);
  });

  it('enters every cue at its exact time, however late the ticks come', () => {
    for (const step of [0.016, 0.7, 13, 10_000]) {
      let leading = begin();
      for (let n = 1; leading.status !== 'done'; n += 1) leading = tick(leading, 100 + n * step);
      expect(leading.visits.map((visit) => visit.cueId)).toEqual(cues.map((cue) => cue.id));
      leading.visits.forEach((visit, n) => {
        expect(visit.startSeconds).toBeCloseTo(cues[n]!.startSeconds, 9);
        expect(visit.cutShort).toBe(false);
      });
      expect(elapsedSeconds(leading, 99_999)).toBeCloseTo(totalSeconds, 9);
    }
  });

  it('keeps exact time over a two-hour session with pauses', () => {
    const long = unroll(
      withBeats(
        moveBeat([doseOf('march', 36, { unit: 'seconds', amounts: Array(20).fill(36) })], {
          rounds: 10,
          show: 'none',
        }),
      ),
    );
    let leading = go(prepareLeading(long.cues, { lines: 'run on' }), 0);
    let now = 0;
    let paused = 0;
    while (leading.status !== 'done') {
      now += 0.1;
      leading = tick(leading, now);
      if (Math.round(now * 10) % 9000 === 0 && leading.status === 'running') {
        leading = go(pause(leading, now), now + 7);
        now += 7;
        paused += 7;
      }
    }
    expect(long.totalSeconds).toBeGreaterThan(7200);
    expect(elapsedSeconds(leading, now)).toBeCloseTo(long.totalSeconds + paused, 5);
  });

  it('stands still while it is paused', () => {
    const paused = pause(begin(), 101);
    expect(schedulePosition(paused, 500)).toBe(1);
    const on = go(paused, 500);
    expect(schedulePosition(on, 501)).toBe(2);
    expect(elapsedSeconds(on, 501)).toBe(401);
  });

  it('goes on to the next cue and back again', () => {
    const second = next(begin(), 101);
    expect(second.index).toBe(1);
    expect(second.visits[0]).toMatchObject({ lengthSeconds: 1, cutShort: true });
    expect(schedulePosition(second, 101)).toBe(cues[1]!.startSeconds);
    expect(back(second, 102).index).toBe(0);
    expect(back(second, 104).index).toBe(1);
    expect(schedulePosition(back(second, 104), 104)).toBe(cues[1]!.startSeconds);
  });

  it('stays paused when the leader leafs through a paused session', () => {
    const leafed = next(pause(begin(), 101), 150);
    expect(leafed).toMatchObject({ status: 'paused', index: 1 });
    expect(schedulePosition(leafed, 400)).toBe(cues[1]!.startSeconds);
  });

  it('waits at the end of a line until the leader goes on, if it is asked to', () => {
    const waiting = tick(begin('wait for me'), 150);
    expect(waiting).toMatchObject({ status: 'waiting', index: 0 });
    const on = next(waiting, 160);
    expect(on).toMatchObject({ status: 'running', index: 1 });
    expect(on.visits[0]).toMatchObject({ lengthSeconds: 60, cutShort: false });
  });

  it('has a sum on until the leader goes on, where it is asked to', () => {
    const sum = {
      from: 'number die',
      sides: 6,
      dice: 1,
      times: 2,
      plus: 0,
      least: 1,
      most: 60,
      ask: true,
    } as const;
    const rules = { stop: { after: 'draws', draws: 1 } } as const;
    const { cues: drawn } = unroll(withBeats(drawBeat(3, { amount: sum, rules })));
    const at = drawn.findIndex(({ kind, doing }) => kind === 'ask' && doing !== null);
    expect(at).toBeGreaterThan(0);
    const led = (sums: Leading['sums']) =>
      tick(go(prepareLeading(drawn, { lines: 'run on', sums }), 0), 10_000);
    expect(led('run on').status).toBe('done');
    expect(led('wait for me')).toMatchObject({ status: 'waiting', index: at });
    expect(next(led('wait for me'), 10_001)).toMatchObject({ status: 'running', index: at + 1 });
    const saved = saveLeading(led('wait for me'), 10_000);
    expect(restoreLeading(drawn, saved, 0, 0).sums).toBe('wait for me');
  });

  it('can be led to the end with nothing but next', () => {
    let leading = prepareLeading(cues, { lines: 'wait for me' });
    for (let n = 0; n <= cues.length; n += 1) leading = next(leading, n);
    expect(leading.status).toBe('done');
    expect(leading.visits.map((visit) => visit.cueId)).toEqual(cues.map((cue) => cue.id));
  });

  it('ends early with what was done', () => {
    const ended = finish(next(begin(), 102), 103);
    expect(ended.status).toBe('done');
    expect(ended.visits).toHaveLength(2);
    expect(real(ended)).toBe(3);
    expect(finish(prepareLeading(cues, { lines: 'run on' }), 5)).toMatchObject({
      status: 'done',
      visits: [],
    });
  });

  it('goes back to where it was ended by hand, paused, as if nothing had been', () => {
    const before = next(begin(), 102);
    const ended = finish(before, 103);
    expect(isEndedEarly(ended)).toBe(true);
    expect(wasEndedEarly(saveLeading(ended, 110), cues)).toBe(true);
    const again = unfinish(ended, 120);
    expect(again).toMatchObject({ status: 'paused', index: 1, enteredAt: 102 });
    expect(again.visits).toEqual(before.visits);
    expect(schedulePosition(again, 120)).toBe(schedulePosition(before, 103));
  });

  it('came to its end where its last cue was left by hand, skipped or waited out', () => {
    const whole = (step: (leading: Leading, now: number) => Leading) => {
      let leading = begin('wait for me');
      for (let n = 0; leading.status !== 'done'; n += 1) leading = step(leading, 101 + n);
      return leading;
    };
    for (const step of [next, skipBeat]) {
      const led = whole(step);
      expect(isEndedEarly(led)).toBe(false);
      expect(wasEndedEarly(saveLeading(led, 500), cues)).toBe(false);
      expect(unfinish(led, 500)).toBe(led);
    }
    expect(isEndedEarly(finish(prepareLeading(cues, { lines: 'run on' }), 5))).toBe(false);
  });

  it('has nothing to lead when there are no cues', () => {
    expect(prepareLeading([], { lines: 'run on' }).status).toBe('done');
  });

  it('accounts for every second, whatever the leader presses', () => {
    const press = fc.constantFrom(tick, go, pause, next, back);
    const presses = fc.array(fc.tuple(press, fc.double({ min: 0, max: 30, noNaN: true })), {
      maxLength: 60,
    });
    fc.assert(
      fc.property(arbitraryAdventure, presses, (adventure, list) => {
        const all = unroll(adventure).cues;
        fc.pre(all.length > 0);
        let now = 50;
        let leading = go(prepareLeading(all, { lines: 'run on' }), now);
        for (const [action, wait] of list) leading = action(leading, (now += wait));
        leading = finish(leading, now);
        let end = 0;
        for (const visit of leading.visits) {
          expect(visit.startSeconds).toBeCloseTo(end, 6);
          end = visit.startSeconds + visit.lengthSeconds;
        }
        expect(end).toBeLessThanOrEqual(now - 50 + 1e-6);
      }),
    );
  });
});

describe('a session that was lost', () => {
  it('goes on, paused, at the same place with its log whole and the gap as a pause', () => {
    const before = tick(next(begin(), 104), 106);
    const saved = savedLeadingSchema.parse(JSON.parse(JSON.stringify(saveLeading(before, 106))));
    const after = restoreLeading(cues, saved, 20, 3);
    expect(after.status).toBe('paused');
    expect(after.visits).toEqual(before.visits);
    expect(schedulePosition(after, 3)).toBeCloseTo(schedulePosition(before, 106), 9);
    expect(elapsedSeconds(after, 3)).toBeCloseTo(26, 9);
    const ended = finish(go(after, 4), 5);
    expect(real(ended)).toBeCloseTo(28, 9);
  });

  it('takes the nearest place if the script is shorter now', () => {
    const saved = saveLeading(next(begin(), 104), 106);
    const after = restoreLeading(cues.slice(0, 1), saved, 0, 0);
    expect(after.index).toBe(0);
  });
});

describe('counting', () => {
  const hop = cues.find((cue) => cue.kind === 'work')!;
  it('counts each rep from its first moment, and never past the last', () => {
    const counts = [0, 0.79, 0.8, 3.2, 3.99, 9].map((into) => countAt(hop, into));
    expect(counts).toEqual([1, 1, 2, 5, 5, 5]);
    const backwards = { ...hop, doing: { ...hop.doing!, count: 'back' as const } };
    expect([0, 0.8, 3.99].map((into) => countAt(backwards, into))).toEqual([5, 4, 1]);
  });

  it('shows the whole seconds left of a rest or a drink', () => {
    const drink = cues.find((cue) => cue.kind === 'drink')!;
    expect([0, 0.5, 29, 29.5, 30].map((into) => countAt(drink, into))).toEqual([30, 30, 1, 1, 0]);
  });

  it('ticks once for each rep after the first, at start + n x interval', () => {
    const ticks = ticksOf(hop);
    expect(ticks[0]).toEqual({ intoSeconds: 0, sound: 'go' });
    expect(ticks.slice(1).map((one) => one.intoSeconds)).toEqual(
      [0.8, 1.6, 0.8 + 2 * 0.8, 3.2].map((s) => expect.closeTo(s, 9)),
    );
  });

  it('counts in from three, a second each or as much faster as it is spoken', () => {
    const countIn = cues.find((cue) => cue.kind === 'count-in')!;
    const ticks = (lengthSeconds: number) =>
      ticksOf({ ...countIn, lengthSeconds }).map(({ intoSeconds }) => intoSeconds);
    expect(ticks(3)).toEqual([0, 1, 2]);
    expect(ticks(5)).toEqual([2, 3, 4]);
    const quick = ticks(1.8);
    expect(quick).toEqual([0, 0.6, 1.2].map((seconds) => expect.closeTo(seconds, 9)));
    expect(quick.map((into) => countAt({ ...countIn, lengthSeconds: 1.8 }, into + 0.1))).toEqual([
      3, 2, 1,
    ]);
  });

  it('never sounds outside its cue', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (adventure) => {
        for (const cue of unroll(adventure).cues) {
          for (const { intoSeconds } of ticksOf(cue)) {
            expect(intoSeconds).toBeGreaterThanOrEqual(0);
            expect(intoSeconds).toBeLessThan(cue.lengthSeconds + 1e-6);
          }
        }
      }),
    );
  });
});
