import { describe, expect, it } from 'vitest';
import { unroll } from '../schedule/unroll';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { callAt, callsOf } from './calls';
import { ticksOf } from './counting';

const workOf = (seconds: number) =>
  unroll(withBeats(moveBeat([doseOf('march', seconds, { unit: 'seconds' })]))).cues.find(
    ({ kind }) => kind === 'work',
  )!;

describe('calls while they work', () => {
  it('are half of the time, and ten seconds left', () => {
    const forty = workOf(40);
    expect(callsOf(forty)).toEqual([
      ['halfway', 20],
      ['ten left', 30],
    ]);
    expect([10, 20, 22.9, 23, 30, 39].map((into) => callAt(forty, into))).toEqual([
      null,
      'halfway',
      'halfway',
      null,
      'ten left',
      null,
    ]);
    const chimes = ticksOf(forty).filter(({ sound }) => sound === 'call');
    expect(chimes.map(({ intoSeconds }) => intoSeconds)).toEqual([20, 30]);
  });

  it('are one where half is about ten seconds, none where it is short or counted', () => {
    expect(callsOf(workOf(20))).toEqual([['ten left', 10]]);
    expect(callsOf(workOf(19))).toEqual([]);
    const counted = unroll(withBeats(moveBeat([doseOf('squat', 20)]))).cues;
    expect(counted.flatMap((cue) => callsOf(cue))).toEqual([]);
  });
});
