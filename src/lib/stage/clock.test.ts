import { describe, expect, it } from 'vitest';
import { StageClock } from './clock';

describe('the stage’s clock', () => {
  it('goes from the browser’s clock to the audio clock and back without a jump', () => {
    let browser = 50;
    const audio = { currentTime: 3, state: 'suspended' };
    const clock = new StageClock(() => browser);
    clock.attach(audio);
    expect(clock.now()).toBe(50);
    audio.state = 'running';
    expect(clock.now()).toBe(50);
    audio.currentTime = 4.5;
    browser = 60;
    expect(clock.now()).toBe(51.5);
    expect(clock.audioTimeOf(52)).toBe(5);
    audio.state = 'interrupted';
    browser = 61;
    expect(clock.now()).toBeCloseTo(51.5, 9);
    expect(clock.audioTimeOf(52)).toBeNull();
    browser = 62;
    expect(clock.now()).toBeCloseTo(52.5, 9);
  });

  it('never goes back', () => {
    let browser = 10;
    const clock = new StageClock(() => browser);
    clock.now();
    browser = 9;
    expect(clock.now()).toBe(10);
  });

  it('runs a rehearsal faster', () => {
    let browser = 1;
    const clock = new StageClock(() => browser, 8);
    const before = clock.now();
    browser = 2;
    expect(clock.now() - before).toBe(8);
  });
});
