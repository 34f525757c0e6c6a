import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { unroll } from '../schedule/unroll';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { answered, askedNow, promptsOf, startRehearsal, takenBack } from './rehearsing';

const adventure = withBeats(
  { kind: 'tell', id: 'bt_1', text: 'The fog comes.' },
  moveBeat([doseOf('squat', 5), doseOf('march', 10)]),
);
const prompts = promptsOf(adventure, unroll(adventure).cues);

describe('what is to be known by heart', () => {
  it('is every line and every move in order, each asked after the one before it', () => {
    expect(prompts.map(({ name, say, after }) => [name || say, after])).toEqual([
      ['The fog comes.', ''],
      ['squat', 'The fog comes.'],
      ['march', 'squat'],
    ]);
    expect(prompts[1]).toMatchObject({ chapter: 'The way', dose: '5 reps', moveId: 'squat' });
  });
});

describe('a rehearsal from memory', () => {
  const through = (knew: readonly boolean[]) =>
    knew.reduce((now, knows) => answered(now, knows), startRehearsal(prompts));

  it('ends when all of it is known', () => {
    const done = through([true, true, true]);
    expect(askedNow(done)).toBeNull();
    expect([done.round, done.ever]).toEqual([1, []]);
  });

  it('asks again for what was forgotten, in order, until nothing is', () => {
    const second = through([false, true, false]);
    expect(second.round).toBe(2);
    expect(second.queue.map(({ key }) => key)).toEqual([prompts[0]!.key, prompts[2]!.key]);
    const third = answered(answered(second, true), false);
    expect([third.round, askedNow(third)?.key]).toEqual([3, prompts[2]!.key]);
    const done = answered(third, true);
    expect(askedNow(done)).toBeNull();
    expect(done.ever.map(({ key }) => key)).toEqual([prompts[0]!.key, prompts[2]!.key]);
    expect(answered(done, false)).toEqual(done);
  });

  it('an answer that is taken back leaves no trace', () => {
    fc.assert(
      fc.property(fc.array(fc.boolean(), { maxLength: 1 }), fc.boolean(), (before, knew) => {
        const now = through(before);
        expect(takenBack(answered(now, knew))).toEqual(now);
      }),
    );
    expect(takenBack(startRehearsal(prompts))).toEqual(startRehearsal(prompts));
  });
});
