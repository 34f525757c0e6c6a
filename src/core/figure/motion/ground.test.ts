import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../../moves/catalogue';
import { SIDES } from '../body/body';
import { HEIGHT_METRES } from '../body/proportions';
import { builtInFigure } from '../catalogue';
import { inMotion } from './flight';
import { groundIn, momentIn } from './going';

const travelling = CATALOGUE.flatMap((move) => {
  const figure = builtInFigure(move.id)!;
  if (figure.travels === 'none') return [];
  const motion = inMotion(figure, move.secondsPerRep['5']);
  const wanted = (move.metresPerRep * figure.reps) / HEIGHT_METRES;
  const ground = groundIn(motion, wanted)!;
  return [[move.id, { figure, motion, ground, wanted }] as const];
});

describe('the ground under who travels', () => {
  it.each(travelling)('of %s never goes the other way, and joins up', (_id, { figure, ground }) => {
    const way = figure.travels === 'backward' ? -1 : 1;
    let before = 0;
    for (let n = 0; n <= 60; n += 1) {
      const gone = ground.goneAt(n / 60) * way;
      expect(gone).toBeGreaterThanOrEqual(before - 1e-9);
      before = gone;
    }
    expect(ground.goneAt(0)).toBeCloseTo(0, 12);
    expect(ground.goneAt(1)).toBeCloseTo(ground.loop, 9);
  });

  it('goes with the foot that is planted: a walk, a march forward', () => {
    const { motion, ground } = travelling.find(([id]) => id === 'walk')![1];
    let slid = 0;
    for (let n = 0; n < 40; n += 1) {
      const [from, to] = [n / 80, (n + 1) / 80];
      const [before, after] = [from, to].map((share) => momentIn(motion, share).body.legs);
      const moved = SIDES.flatMap((side) =>
        (['heel', 'toe'] as const).map((end) => before![side][end][2] - after![side][end][2]),
      );
      const gone = ground.goneAt(to) - ground.goneAt(from);
      slid += Math.min(...moved.map((one) => Math.abs(one - gone)));
    }
    // A heel or a toe is where it was on the ground: in a step it slides less than a tenth of it.
    expect(slid).toBeLessThan(ground.goneAt(0.5) / 10);
  });

  it('goes by in the air where both feet jump: as far as the move takes them', () => {
    for (const id of ['two-foot-jump', 'frog-jump', 'broad-jump']) {
      const { ground, wanted, motion } = travelling.find(([one]) => one === id)![1];
      expect(ground.loop).toBeCloseTo(wanted, 6);
      const { from, to } = motion.flights[0]!;
      const inAir = ground.goneAt(to) - ground.goneAt(from);
      expect(inAir / ground.loop).toBeGreaterThan(0.85);
    }
  });

  it('goes by evenly under wheels, as far as a push takes them', () => {
    const { ground, wanted } = travelling.find(([id]) => id === 'wheels-push')![1];
    expect(ground.loop).toBeCloseTo(wanted, 6);
    expect(ground.goneAt(0.25)).toBeCloseTo(wanted / 4, 6);
  });

  it('is none for who stays', () => {
    const figure = builtInFigure('squat')!;
    expect(groundIn(inMotion(figure, 2), 1)).toBeNull();
  });
});
