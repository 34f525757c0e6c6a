import { describe, expect, it } from 'vitest';
import type { Move } from '../../model/move';
import { CATALOGUE } from '../../moves/catalogue';
import { lowestPoint, SIDES, type Body } from '../body/body';
import { figureSchema } from '../../model/figure';
import { figureOfMove } from './figure-of-move';
import { builtInFigure, FIGURE_SKETCHES } from '.';
import { beyondRange } from '../body/joint-angles';
import { farthest, momentAt, momentOfKey } from '../motion/motion';
import { SIZES } from '../body/proportions';
import { apart } from '../body/vec';

const FRAMES = Array.from({ length: 48 }, (_, n) => n / 48);
const FIGURES = CATALOGUE.map(({ id }) => [id, builtInFigure(id)!] as const);

describe('the figures of the catalogue', () => {
  it('are one for each move and no more', () => {
    expect(Object.keys(FIGURE_SKETCHES).sort()).toEqual(CATALOGUE.map(({ id }) => id).sort());
  });

  it('a move of one’s own is drawn whatever it says that it is like', () => {
    const move = (figure: Move['figure']) => ({
      id: 'constructor',
      family: 'breath' as const,
      figure,
    });
    const usual = builtInFigure('calm-breath');
    expect(figureOfMove(move(null))).toBe(usual);
    expect(figureOfMove(move({ kind: 'like', move: 'constructor' }))).toBe(usual);
    expect(figureOfMove(move({ kind: 'like', move: 'squat' }))).toBe(builtInFigure('squat'));
    expect(figureOfMove(move({ kind: 'icon', word: 'kite' }))).toBeNull();
  });

  it.each(FIGURES)('%s has two to six key poses that are a figure', (_id, figure) => {
    expect(figureSchema.safeParse(figure).error).toBeUndefined();
    expect(figure.keys.length).toBeGreaterThanOrEqual(2);
    expect(figure.keys.length).toBeLessThanOrEqual(6);
    expect(figure.keys[0]!.at).toBe(0);
    const times = figure.keys.map(({ at }) => at);
    expect([...times].sort((a, b) => a - b)).toEqual(times);
    expect(figure.best).toBeLessThan(figure.keys.length);
    expect(figure.hold ?? 0).toBeLessThan(figure.keys.length);
  });

  it.each(FIGURES)('%s keeps the length of every limb in every frame', (_id, figure) => {
    for (const phase of FRAMES) {
      const { body } = momentAt(figure, phase);
      for (const side of SIDES) {
        const { hip, knee, ankle, heel, toe } = body.legs[side];
        const { shoulder, elbow, hand } = body.arms[side];
        expect(apart(hip, knee)).toBeCloseTo(SIZES.thigh, 6);
        expect(apart(knee, ankle)).toBeCloseTo(SIZES.shin, 6);
        expect(apart(shoulder, elbow)).toBeCloseTo(SIZES.upperArm, 6);
        expect(apart(elbow, hand)).toBeCloseTo(SIZES.forearm, 6);
        expect(apart(body.hips, hip)).toBeCloseTo(SIZES.halfHips, 6);
        expect(apart(heel, toe)).toBeCloseTo(SIZES.foot - 0.042, 6);
      }
      expect(apart(body.hips, body.belly)).toBeCloseTo(SIZES.belly, 6);
      expect(apart(body.belly, body.chest)).toBeCloseTo(SIZES.chest, 6);
      expect(apart(body.chest, body.head)).toBeCloseTo(SIZES.neck + SIZES.headRadius, 6);
    }
  });

  it.each(FIGURES)('%s stands on the ground, unless it is in the air', (_id, figure) => {
    for (const phase of FRAMES) {
      const { body, pose } = momentAt(figure, phase);
      expect(Math.abs(lowestPoint(body) - pose.air)).toBeLessThan(0.012);
    }
  });

  it.each(FIGURES)('%s bends no joint beyond a child’s range', (_id, figure) => {
    for (const phase of FRAMES) expect(beyondRange(momentAt(figure, phase).body)).toEqual([]);
  });

  it.each(FIGURES)('%s goes on smoothly, and closes its loop', (_id, figure) => {
    const fine = 240;
    let before: Body = momentAt(figure, 0).body;
    for (let n = 1; n <= fine; n += 1) {
      const { body } = momentAt(figure, n / fine);
      // A tenth of the height in a two-hundred-and-fortieth of a loop would be a jump.
      expect(farthest(before, body)).toBeLessThan(0.1);
      before = body;
    }
    expect(farthest(before, momentOfKey(figure, 0).body)).toBeLessThan(1e-9);
  });
});
