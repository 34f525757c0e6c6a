import { DEFAULT_PACE, moveBookOf, unroll, type Cue } from '$core';
import { describe, expect, it } from 'vitest';
import { doseOf, FACTORY, moveBeat, withBeats } from '../../core/testing/make';
import { figureOfCue } from './cue-figure';

const book = moveBookOf({ moves: [] });
const setting = FACTORY.setting(5);
const cuesOf = (move: string, dose: Parameters<typeof doseOf>[2]) =>
  unroll(withBeats(moveBeat([doseOf(move, 4, dose)]))).cues;
const figure = (cue: Cue, move: string) => figureOfCue(cue, book.get(move)!, setting, DEFAULT_PACE);

describe('how the figure of a cue is shown', () => {
  it('counted work keeps step with its count, showing goes by its own clock', () => {
    const cues = cuesOf('squat', {});
    const [show, work] = ['show', 'work'].map((kind) => cues.find((cue) => cue.kind === kind)!);
    expect(figure(work!, 'squat')).toMatchObject({
      inStep: true,
      held: false,
      secondsPerRep: work!.doing!.secondsPerCount,
    });
    expect(figure(show!, 'squat')).toMatchObject({ inStep: false, secondsPerRep: 1.6 });
  });

  it('a hold is held, but shown as one comes into it', () => {
    const cues = cuesOf('stork-stand', { unit: 'hold', sides: 'each' });
    for (const cue of cues.filter(({ doing }) => doing !== null))
      expect(figure(cue, 'stork-stand').held).toBe(cue.kind !== 'show');
  });

  it('is changed over for one side only, of the two', () => {
    const holds = cuesOf('stork-stand', { unit: 'hold', sides: 'each' }).filter(
      ({ kind }) => kind === 'hold',
    );
    for (const cue of holds) {
      expect(figure(cue, 'stork-stand').flip).toBe(cue.doing!.side === 'right');
    }
    expect(holds.map(({ doing }) => doing!.side).sort()).toEqual(['left', 'right']);
  });
});
