import { go, pause, prepareLeading, unroll } from '$core';
import { doseOf, moveBeat, withBeats } from '../../core/testing/make';
import { describe, expect, it } from 'vitest';
import { StageMusic } from './music';

const { cues } = unroll(
  withBeats(
    moveBeat([doseOf('march', 20, { unit: 'seconds' }), doseOf('squat', 5)], { show: 'none' }),
  ),
);

describe('music of one’s own', () => {
  it('plays while they work by the clock, and stops for everything else', () => {
    const music = new StageMusic();
    const heard: string[] = [];
    const player = {
      paused: true,
      play: async () => {
        player.paused = false;
        heard.push('play');
      },
      pause: () => {
        player.paused = true;
        heard.push('pause');
      },
    };
    music.own = player;
    const led = go(prepareLeading(cues, { lines: 'run on' }), 0);
    const at = (kind: string, move: string) =>
      cues.findIndex((cue) => cue.kind === kind && cue.doing?.move === move);
    const march = { ...led, index: at('work', 'march') };
    music.update({ ...led, index: at('count-in', 'march') }, 1, null);
    music.update(march, 2, null);
    music.update(march, 3, null);
    expect(heard).toEqual(['play']);
    music.update(pause(march, 4), 4, null);
    music.update(march, 5, null);
    music.update({ ...led, index: at('work', 'squat') }, 6, null);
    expect(heard).toEqual(['play', 'pause', 'play', 'pause']);
  });
});
