import { describe, expect, it } from 'vitest';
import { unroll } from '../../schedule/unroll';
import { circuit, doseOf, moveBeat, withBeats } from '../../testing/make';
import { check } from '../check';
import type { Beat } from '../../beats';

const told = (...beats: readonly Beat[]) => {
  const script = withBeats(...beats);
  return check(script, script.setting, unroll(script)).filter(
    ({ rule }) => rule === 'neighbours-same',
  );
};
const named = (name: string, amount: number) => {
  const action = doseOf('squat', amount);
  return { ...action, guise: { ...action.guise, name } };
};

describe('the same move twice in a row', () => {
  it.each([
    [
      'one straight after the other',
      [moveBeat([doseOf('squat', 8)]), moveBeat([doseOf('squat', 8)])],
      1,
    ],
    [
      'as a station and then by itself',
      [circuit(['march', 'squat']), moveBeat([doseOf('squat', 8)])],
      1,
    ],
    [
      'with another between',
      [moveBeat([doseOf('squat', 8), doseOf('hop', 4), doseOf('squat', 8)])],
      0,
    ],
    [
      'on one side, then on the other',
      [
        moveBeat([doseOf('hop', 4, { sides: 'left' })]),
        moveBeat([doseOf('hop', 4, { sides: 'right' })]),
      ],
      0,
    ],
    [
      'faster',
      [moveBeat([doseOf('squat', 8)]), moveBeat([doseOf('squat', 8, { tempo: ['fast'] })])],
      0,
    ],
    [
      'the next rung of a ladder',
      [moveBeat([named('low step', 4)]), moveBeat([named('high step', 6)])],
      0,
    ],
    [
      'under another name, as much',
      [moveBeat([named('low step', 4)]), moveBeat([named('high step', 4)])],
      1,
    ],
  ] as const)('%s', (_, beats, count) => {
    expect(told(...beats)).toHaveLength(count);
  });
});
