import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../moves/catalogue';
import { mostTogether } from './crowded';
import { fetchSums, HANDLE_SECONDS } from './fetch';
import { atOnce } from './how-many';

const move = (id: string) => CATALOGUE.find((one) => one.id === id)!;
const HALL = { lengthMetres: 12, widthMetres: 9 };

describe('mostTogether', () => {
  it('any number may stand and reach; who jumps or swings a bat needs a spot', () => {
    expect(mostTogether(move('tall-reach'), HALL)).toBeNull();
    const spots = atOnce('spot', HALL);
    expect(mostTogether(move('jumping-jack'), HALL)).toBe(Math.floor(spots * 1.25));
    expect(mostTogether(move('bat-tap'), HALL)).toBe(Math.floor(spots * 1.25));
  });
  it('in lanes three go one after another; all over the floor a few too many are too many', () => {
    expect(move('bear-walk').space).toBe('lane');
    expect(mostTogether(move('bear-walk'), HALL)).toBe(Math.floor(atOnce('lane', HALL) * 3 * 1.25));
    const room = CATALOGUE.find(({ space }) => space === 'room')!;
    expect(mostTogether(room, HALL)).toBe(Math.floor(atOnce('room', HALL) * 1.15));
  });
  it('one child may always go, however small the floor', () => {
    expect(mostTogether(move('bear-walk'), { lengthMetres: 1, widthMetres: 1 })).toBe(3);
  });
});

describe('fetchSums', () => {
  // By hand: 6 m at 2 m/s is 3 s one way, 6 s there and back, and a second for picking up and putting down each.
  const given = { children: 4, things: 12, metres: 6, seconds: 24, metresPerSecond: 2 };
  it('is trips times children', () => {
    expect(fetchSums(given)).toEqual({
      tripSeconds: 8,
      trips: 3,
      brought: 12,
      enough: true,
      secondsNeeded: 24,
      mostMetres: 6,
      mostThings: 12,
    });
    expect(HANDLE_SECONDS).toBe(1);
  });
  it('a second less is a trip less', () => {
    expect(fetchSums({ ...given, seconds: 23 })).toMatchObject({
      trips: 2,
      brought: 8,
      enough: false,
      secondsNeeded: 24,
      mostThings: 8,
    });
  });
  it('a thing more is a trip more for all; nobody brings more than there is', () => {
    expect(fetchSums({ ...given, things: 13 })).toMatchObject({ enough: false, secondsNeeded: 32 });
    expect(fetchSums({ ...given, things: 5 })).toMatchObject({ brought: 5, secondsNeeded: 16 });
  });
  it('without children, without time and without speed', () => {
    expect(fetchSums({ ...given, children: 0 })).toMatchObject({ brought: 0, enough: false });
    expect(fetchSums({ ...given, seconds: 1 })).toMatchObject({ trips: 0, mostMetres: 0 });
    for (const metresPerSecond of [0, -1, NaN])
      expect(() => fetchSums({ ...given, metresPerSecond })).toThrow(RangeError);
  });
});
