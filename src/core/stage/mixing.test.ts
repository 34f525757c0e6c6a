import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mixerOf, type Sounding } from './mixing';
import { ATTACK_SECONDS, QUIET_LEVEL } from './voices';

const RATE = 8000;
const sounds: fc.Arbitrary<Sounding[]> = fc.array(
  fc.record({
    atSeconds: fc.double({ min: 0, max: 2, noNaN: true }),
    voice: fc.record({
      hertz: fc.integer({ min: 100, max: 1000 }),
      seconds: fc.double({ min: 0.02, max: 0.6, noNaN: true }),
      level: fc.double({ min: 0.1, max: 1, noNaN: true }),
    }),
  }),
  { maxLength: 12 },
);
const rendered = (all: readonly Sounding[], cuts: readonly number[], samples = 3 * RATE) => {
  const mix = mixerOf(all, RATE);
  const track = new Float32Array(samples);
  const ends = [...cuts.filter((cut) => cut > 0 && cut < samples), samples].sort((a, b) => a - b);
  let from = 0;
  for (const end of ends) {
    const block = new Float32Array(end - from);
    mix(from, block);
    track.set(block, from);
    from = end;
  }
  return track;
};

describe('sounds mixed a block at a time', () => {
  it('are the same however the time is cut into blocks', () => {
    fc.assert(
      fc.property(sounds, fc.array(fc.nat(3 * RATE), { maxLength: 8 }), (all, cuts) => {
        const whole = rendered(all, []);
        expect(rendered(all, cuts).every((one, n) => one === whole[n])).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it('begin at the sample nearest to their moment, and end when their tone is over', () => {
    const voice = { hertz: 500, seconds: 0.1, level: 0.8 };
    const track = rendered([{ atSeconds: 0.50004, voice }], [7, 4001]);
    const heard = [...track].flatMap((one, n) => (one === 0 ? [] : [n]));
    // The first sample of a tone is its nought; 0.50004 s is nearest to sample 4000.
    expect(heard[0]).toBe(4001);
    expect(heard.at(-1)).toBeLessThan(4000 + 0.1 * RATE);
    expect(Math.max(...track)).toBeGreaterThan(0.5);
    expect(Math.max(...track)).toBeLessThanOrEqual(0.8);
  });

  it('rise at once and fade evenly to where nobody hears them', () => {
    const voice = { hertz: 400, seconds: 0.4, level: 0.8 };
    const track = rendered([{ atSeconds: 0, voice }], []);
    /** The loudest of one swing, which takes a four-hundredth of a second, around a moment. */
    const loudest = (seconds: number) => {
      const middle = Math.round(seconds * RATE);
      return Math.max(...track.slice(middle - RATE / 800, middle + RATE / 800).map(Math.abs));
    };
    expect(loudest(ATTACK_SECONDS + 0.002)).toBeGreaterThan(0.7);
    // An even fall in decibels: half-way between the two, it's their geometric mean.
    const halfway = ATTACK_SECONDS + (voice.seconds - ATTACK_SECONDS) / 2;
    const mean = Math.sqrt(voice.level * QUIET_LEVEL);
    expect(loudest(halfway) / mean).toBeGreaterThan(0.85);
    expect(loudest(halfway) / mean).toBeLessThan(1.15);
    expect(loudest(0.397) / QUIET_LEVEL).toBeLessThan(1.4);
    expect(loudest(0.397) / QUIET_LEVEL).toBeGreaterThan(0.7);
  });

  it('never go beyond full loudness, however many there are', () => {
    const voice = { hertz: 400, seconds: 0.3, level: 1 };
    const many = Array.from({ length: 9 }, () => ({ atSeconds: 0.1, voice }));
    expect(Math.max(...rendered(many, []).map(Math.abs))).toBe(1);
    expect(rendered([], [])).toEqual(new Float32Array(3 * RATE));
  });
});
