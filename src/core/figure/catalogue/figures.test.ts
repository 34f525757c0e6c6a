import { describe, expect, it } from 'vitest';
import type { Move } from '../../model/move';
import { CATALOGUE } from '../../moves/catalogue';
import { lowestPoint, SIDES, type Body } from '../body/body';
import { figureSchema, type Figure } from '../../model/figure';
import { figureOfMove } from './figure-of-move';
import { builtInFigure, FIGURE_SKETCHES } from '.';
import { beyondRange } from '../body/joint-angles';
import { farthest, momentAt, momentOfKey, type Moment } from '../motion/motion';
import { SIZES } from '../body/proportions';
import { apart, type Vec } from '../body/vec';

const FRAMES = Array.from({ length: 48 }, (_, n) => n / 48);
const FIGURES = CATALOGUE.map(({ id }) => [id, builtInFigure(id)!] as const);
const moments = new Map<Figure, readonly Moment[]>();

/** A figure at all its frames, worked out once for what is looked at in them. */
function framesOf(figure: Figure): readonly Moment[] {
  const known = moments.get(figure) ?? FRAMES.map((phase) => momentAt(figure, phase));
  moments.set(figure, known);
  return known;
}

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
    let worst = 0;
    const keeps = (from: Vec, to: Vec, length: number) => {
      worst = Math.max(worst, Math.abs(apart(from, to) - length));
    };
    for (const { body } of framesOf(figure)) {
      for (const side of SIDES) {
        const { hip, knee, ankle, heel, toe } = body.legs[side];
        const { shoulder, elbow, hand } = body.arms[side];
        keeps(hip, knee, SIZES.thigh);
        keeps(knee, ankle, SIZES.shin);
        keeps(shoulder, elbow, SIZES.upperArm);
        keeps(elbow, hand, SIZES.forearm);
        keeps(body.hips, hip, SIZES.halfHips);
        keeps(heel, toe, SIZES.foot - 0.042);
      }
      keeps(body.hips, body.belly, SIZES.belly);
      keeps(body.belly, body.chest, SIZES.chest);
      keeps(body.chest, body.head, SIZES.neck + SIZES.headRadius);
    }
    expect(worst).toBeLessThan(1e-6);
  });

  it.each(FIGURES)('%s stands on the ground, unless it is in the air', (_id, figure) => {
    const off = framesOf(figure).map(({ body, pose }) => Math.abs(lowestPoint(body) - pose.air));
    expect(Math.max(...off)).toBeLessThan(0.012);
  });

  it.each(FIGURES)('%s bends no joint beyond a child’s range', (_id, figure) => {
    expect(framesOf(figure).flatMap(({ body }) => beyondRange(body))).toEqual([]);
  });

  it.each(FIGURES)('%s goes on smoothly, and closes its loop', (_id, figure) => {
    const fine = 240;
    let before: Body = momentAt(figure, 0).body;
    let jump = 0;
    for (let n = 1; n <= fine; n += 1) {
      const { body } = momentAt(figure, n / fine);
      jump = Math.max(jump, farthest(before, body));
      before = body;
    }
    // A tenth of the height in a two-hundred-and-fortieth of a loop would be a jump.
    expect(jump).toBeLessThan(0.1);
    expect(farthest(before, momentOfKey(figure, 0).body)).toBeLessThan(1e-9);
  });
});
