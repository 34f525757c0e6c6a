import { describe, expect, it } from 'vitest';
import {
  AS_LED,
  howLed,
  isCountedIn,
  showsEach,
  SHOWINGS,
  USUAL_DEFAULTS,
  type HowLed,
} from './led';

const beat = { id: 'bt', ...AS_LED };

describe('howLed', () => {
  it('is as the beat has it, else its chapter, else its adventure', () => {
    expect(howLed(USUAL_DEFAULTS, { led: null }, beat)).toEqual({
      led: 'show, then do',
      show: 'each',
      countIn: null,
    });
    expect(howLed(USUAL_DEFAULTS, { led: 'by the clock' }, beat)).toEqual({
      led: 'by the clock',
      show: 'first',
      countIn: null,
    });
    expect(howLed(USUAL_DEFAULTS, { led: 'by the clock' }, { ...beat, led: 'follow me' })).toEqual({
      led: 'follow me',
      show: 'none',
      countIn: false,
    });
  });
  it('nobody counts in where they follow, unless the beat says so', () => {
    const defaults = { ...USUAL_DEFAULTS, countIn: true };
    expect(howLed(defaults, { led: 'follow me' }, beat).countIn).toBe(false);
    expect(howLed(defaults, { led: 'follow me' }, { ...beat, countIn: true }).countIn).toBe(true);
    expect(howLed(defaults, { led: null }, beat).countIn).toBe(true);
    expect(howLed(defaults, { led: null }, { ...beat, countIn: false }).countIn).toBe(false);
  });
  it('what the beat says of showing goes before what its way of leading does', () => {
    expect(howLed(USUAL_DEFAULTS, { led: null }, { ...beat, show: 'in full' }).show).toBe(
      'in full',
    );
  });
});

it('each new move is shown before its own work in three of the ways', () => {
  expect(SHOWINGS.filter(showsEach)).toEqual(['each', 'in the rest', 'in full']);
});

describe('isCountedIn', () => {
  const how = (given: Partial<HowLed>): HowLed => ({
    led: 'by the clock',
    show: 'first',
    countIn: null,
    ...given,
  });
  it('timed work by the clock is; what is counted, and what goes so far, is not', () => {
    expect(isCountedIn(how({}), 'seconds')).toBe(true);
    expect(isCountedIn(how({}), 'hold')).toBe(true);
    expect(isCountedIn(how({}), 'reps')).toBe(false);
    expect(isCountedIn(how({}), 'metres')).toBe(false);
    expect(isCountedIn(how({ led: 'show, then do' }), 'seconds')).toBe(false);
  });
  it('what was said goes before that', () => {
    expect(isCountedIn(how({ countIn: true }), 'reps')).toBe(true);
    expect(isCountedIn(how({ countIn: false }), 'seconds')).toBe(false);
  });
});
