import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BARE } from '../model/setting';
import { atOnce, inRing, crowdingOf, SPOT_METRES } from './how-many';
import { fetchSums, HANDLE_SECONDS } from './fetch';

const room = (lengthMetres: number, widthMetres: number) => ({ lengthMetres, widthMetres });

describe('how many at once', () => {
  it('a hall of 10 by 8 metres: thirty on the spot, five lanes, thirteen all over', () => {
    expect(atOnce('spot', room(10, 8))).toBe(6 * 5);
    expect(atOnce('lane', room(8, 10))).toBe(5);
    expect(atOnce('room', room(10, 8))).toBe(13);
    expect(atOnce('lane', room(3, 3))).toBe(0);
    expect(atOnce('spot', room(0, 0))).toBe(0);
  });

  it('never puts two children nearer than an arm and a step, nor fewer into a larger room', () => {
    const metres = fc.double({ min: 0, max: 60, noNaN: true });
    fc.assert(
      fc.property(metres, metres, metres, (length, width, more) => {
        const spots = atOnce('spot', room(length, width));
        expect(spots * SPOT_METRES ** 2).toBeLessThanOrEqual(length * width + 1e-9);
        for (const space of ['spot', 'lane', 'room'] as const) {
          const larger = atOnce(space, room(length + more, width + more));
          expect(larger).toBeGreaterThanOrEqual(atOnce(space, room(length, width)));
        }
      }),
    );
  });

  it('a ring holds as many as stand a chord of an arm and a step apart', () => {
    // A regular hexagon has sides as long as its radius: six, where the ring is three metres across.
    expect(inRing(room(2 * SPOT_METRES + SPOT_METRES, 20))).toBe(6);
    expect(inRing(room(2, 2))).toBe(0);
    fc.assert(
      fc.property(fc.double({ min: 4, max: 60, noNaN: true }), (side) => {
        const count = inRing(room(side, side + 1));
        const chord = (n: number) => (side - SPOT_METRES) * Math.sin(Math.PI / n);
        expect(chord(count)).toBeGreaterThanOrEqual(SPOT_METRES - 1e-6);
        expect(chord(count + 1)).toBeLessThan(SPOT_METRES);
      }),
    );
  });

  it('sends a group in waves where it does not fit, and says where nobody fits', () => {
    const moves = [
      { name: 'squat', space: 'spot' },
      { name: 'hop', space: 'lane' },
    ] as const;
    const whole = { heightMetres: 3, floor: 'hard', wallFree: true, ...BARE } as const;
    const led = { group: 12, place: 'in the room' } as const;
    const hall = { room: { ...room(10, 8), ...whole }, ...led };
    expect(crowdingOf(moves, hall)).toEqual([
      { space: 'spot', moves: ['squat'], atOnce: 30, waves: 1 },
      { space: 'lane', moves: ['hop'], atOnce: 5, waves: 3 },
    ]);
    const none = crowdingOf(moves, { room: { ...room(1, 1), ...whole }, ...led });
    expect(none.map(({ waves }) => waves)).toEqual([0, 0]);
    // In front of a camera there is one child, however many are in the group.
    const filmed = crowdingOf(moves, { ...hall, place: 'filmed' });
    expect(filmed.map(({ waves }) => waves)).toEqual([1, 1]);
    // A stage that takes three metres of the hall takes its spots too.
    const noGoMetres = { front: 3, back: 0, left: 0, right: 0 };
    const staged = crowdingOf(moves, { ...hall, room: { ...hall.room, noGoMetres } });
    expect(staged.map((one) => one.atOnce)).toEqual([18, 3]);
  });
});

describe('fetch and sort', () => {
  const base = { children: 6, things: 12, metres: 5, seconds: 15, metresPerSecond: 2 };

  it('six children, 5 metres at 2 m/s, 15 seconds: two trips each, twelve things', () => {
    // By hand: 2 x 5 / 2 + 2 = 7 s a trip, two trips in 14 s.
    expect(fetchSums(base)).toEqual({
      tripSeconds: 7,
      trips: 2,
      brought: 12,
      enough: true,
      secondsNeeded: 14,
      mostMetres: 5.5,
      mostThings: 12,
    });
  });

  it('says truly what would make it come out: time, way, or number', () => {
    const counts = fc.integer({ min: 1, max: 60 });
    const sizes = fc.double({ min: 0.5, max: 30, noNaN: true });
    fc.assert(
      fc.property(
        counts,
        counts,
        sizes,
        sizes,
        sizes,
        (children, things, metres, seconds, speed) => {
          const asked = { children, things, metres, seconds, metresPerSecond: speed };
          const { enough, secondsNeeded, mostMetres, mostThings } = fetchSums(asked);
          expect(fetchSums({ ...asked, seconds: secondsNeeded + 1e-6 }).enough).toBe(true);
          expect(enough).toBe(mostThings >= things);
          if (mostMetres > 0) {
            expect(fetchSums({ ...asked, metres: mostMetres - 1e-6 }).enough).toBe(true);
          }
        },
      ),
    );
    expect(HANDLE_SECONDS).toBeGreaterThan(0);
    expect(() => fetchSums({ ...base, metresPerSecond: 0 })).toThrow(RangeError);
  });
});
