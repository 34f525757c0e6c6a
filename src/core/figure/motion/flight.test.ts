import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../../moves/catalogue';
import { SIDES, lowestPoint } from '../body/body';
import { beyondRange } from '../body/joint-angles';
import { HEIGHT_METRES, THICK } from '../body/proportions';
import { builtInFigure } from '../catalogue';
import { flightSeconds, GRAVITY, inMotion } from './flight';
import { momentIn, type Motion } from './going';
import { farthest, momentAt } from './motion';

const CM = 0.01 / HEIGHT_METRES;
const jumping = CATALOGUE.flatMap((move) => {
  const figure = builtInFigure(move.id)!;
  const each = move.secondsPerRep['5'];
  return inMotion(figure, each).flights.length > 0 ? [[move.id, figure, each] as const] : [];
});
/** Slower than usual, as usual, and faster. */
const TEMPOS = [1.6, 1, 0.7];
const secondsOf = ({ from, to }: Motion['flights'][number], loop: number) =>
  (to > from ? to - from : to - from + 1) * loop;
const into = ({ from, to }: Motion['flights'][number], share: number) =>
  from + (to > from ? to - from : to - from + 1) * share;

describe('flight', () => {
  it('is that of a thing thrown up: physics', () => {
    // 20 cm up and down again: 2 x sqrt(2 x 0.2 / 9.81) = 0.404 s.
    expect(flightSeconds(0.2 / HEIGHT_METRES)).toBeCloseTo(0.404, 3);
    expect(jumping.length).toBeGreaterThan(25);
  });

  it.each(jumping)('%s lasts so long and no longer, at any tempo', (_id, figure, each) => {
    for (const tempo of TEMPOS) {
      const loop = each * tempo * figure.reps;
      const { flights } = inMotion(figure, each * tempo);
      for (const flight of flights) {
        expect(secondsOf(flight, loop)).toBeCloseTo(flightSeconds(flight.air), 3);
        expect(flight.air).toBeLessThanOrEqual(
          Math.max(...figure.keys.map(({ pose }) => pose.air)),
        );
      }
      const all = flights.reduce((sum, flight) => sum + secondsOf(flight, loop), 0);
      expect(all).toBeLessThanOrEqual(0.6 * loop + 1e-9);
    }
  });

  it.each(jumping)('%s goes up and down as a thrown thing does', (_id, figure, each) => {
    const motion = inMotion(figure, each);
    for (const flight of motion.flights) {
      const half = flightSeconds(flight.air) / 2;
      for (const share of [0.1, 0.25, 0.5, 0.6, 0.9]) {
        const since = Math.abs(share - 0.5) * 2 * half;
        const height = flight.air - (GRAVITY * since * since) / 2 / HEIGHT_METRES;
        const { pose } = momentIn(motion, into(flight, share));
        expect(Math.abs(pose.air - height)).toBeLessThan(CM / 10);
      }
    }
  });

  it.each(jumping)('%s pushes off with straight legs on the floor', (_id, figure, each) => {
    const motion = inMotion(figure, each);
    for (const flight of motion.flights) {
      const { body } = momentIn(motion, flight.from);
      expect(Math.abs(lowestPoint(body))).toBeLessThan(CM);
      const pushes = SIDES.filter(
        (side) => Math.min(body.legs[side].toe[1], body.legs[side].heel[1]) < THICK.sole + CM,
      );
      expect(pushes.length).toBeGreaterThan(0);
      for (const side of pushes) {
        const { hip, knee, ankle } = body.legs[side];
        const thigh = Math.hypot(...hip.map((value, n) => value - knee[n]!));
        const shin = Math.hypot(...knee.map((value, n) => value - ankle[n]!));
        const leg = Math.hypot(...hip.map((value, n) => value - ankle[n]!));
        expect(leg / (thigh + shin)).toBeGreaterThan(0.97);
      }
    }
  });

  it.each(jumping)(
    '%s bends no joint too far, floats nowhere and never jerks',
    (_id, figure, each) => {
      const motion = inMotion(figure, each);
      const frames = Math.max(60, Math.round(each * figure.reps * 60));
      let before = momentIn(motion, 0).body;
      for (let n = 1; n <= frames; n += 1) {
        const { body, pose } = momentIn(motion, n / frames);
        expect(beyondRange(body)).toEqual([]);
        expect(Math.abs(lowestPoint(body) - pose.air)).toBeLessThan(0.02);
        expect(farthest(before, body)).toBeLessThan(0.2);
        before = body;
      }
    },
  );

  it('who stays on the ground, or stands on a step, moves as drawn', () => {
    for (const id of ['squat', 'step-up', 'bench-walk']) {
      const figure = builtInFigure(id)!;
      const motion = inMotion(figure, 2);
      expect(motion.flights).toEqual([]);
      expect(momentIn(motion, 0.3)).toEqual(momentAt(figure, 0.3));
    }
  });
});
