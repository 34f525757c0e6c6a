import { describe, expect, it } from 'vitest';
import { figureSchema, type Figure, type View } from '../../model/figure';
import { figures } from '../../testing/figure-checks';
import { builtInFigure } from '../catalogue';
import { momentOfKey } from '../motion/motion';
import { boxOf } from './boxes';
import { cameraOf } from './camera';
import { marksOf } from './marks';
import { besideOther } from './other-pose';

const see = { front: cameraOf('front'), side: cameraOf('side') };
const standing = builtInFigure('squat')!;
/** A mark of somebody who moves, as it is seen, and where the body is. */
function marked(id: string, kind: string, view: View & keyof typeof see, key = 0) {
  const base = builtInFigure(id)!;
  const figure: Figure = { ...base, view, travels: 'none', hold: null, marks: [{ kind, key }] };
  const moment = momentOfKey(figure, key);
  const parts = marksOf(moment, see[view]);
  const [left, top, right, bottom] = boxOf(parts);
  const at = (place: readonly [number, number, number]) => see[view](place);
  return { parts, body: moment.body, at, left, top, right, bottom };
}

describe('marks around a child', () => {
  it('a voice is on both sides of who faces us, and ahead of who is seen from the side', () => {
    const front = marked('roar', 'voice', 'front', 1);
    expect(front.left).toBeLessThan(front.at(front.body.head).x - 0.15);
    expect(front.right).toBeGreaterThan(front.at(front.body.head).x + 0.15);
    const side = marked('roar', 'voice', 'side', 1);
    expect(side.left).toBeGreaterThan(side.at(side.body.head).x + 0.1);
  });

  it.each(['prints', 'zigzag'] as const)('%s are on the ground below who goes', (kind) => {
    const { top, left, right, body, at } = marked('walk', kind, 'side');
    expect(top).toBeGreaterThan(0.03);
    const { x } = at(body.hips);
    expect((left + right) / 2).toBeCloseTo(x, 1);
  });

  it('toes are up at the toes and heels at the heels', () => {
    const toes = marked('walk', 'toes up', 'side');
    const heels = marked('walk', 'heels up', 'side');
    // Ahead is to the right: the farthest arrow is beyond the toe that is ahead, or the heel behind.
    const { legs } = toes.body;
    expect(toes.right).toBeGreaterThan(Math.max(toes.at(legs.L.toe).x, toes.at(legs.R.toe).x));
    expect(heels.left).toBeLessThan(Math.min(heels.at(legs.L.heel).x, heels.at(legs.R.heel).x));
  });

  it('a roll goes over forward, or back over', () => {
    const tip = (kind: 'over' | 'back over') => {
      const { parts, left, right } = marked('forward-roll', kind, 'side', 1);
      // The tip of an arrow is where its short strokes meet: the middle one of the last stroke's points.
      const shape = parts[0]!.shapes.at(-1)!;
      const [x] = shape.kind === 'oval' ? shape.at : shape.points[1]!;
      return x > (left + right) / 2;
    };
    expect(tip('over')).toBe(true);
    expect(tip('back over')).toBe(false);
  });

  it('between hands and a ball there is an arrow only where there is room for one', () => {
    expect(marked('ball-bounce-catch', 'under the hands', 'side', 2).parts).toHaveLength(1);
    expect(marked('bear-walk', 'under the hands', 'side').parts).toEqual([]);
  });

  it('a ball that bounces comes from the hands and goes up again', () => {
    const { left, right, top, body, at } = marked('bounce-pass', 'bounced way', 'side', 2);
    expect(left).toBeGreaterThan(at(body.arms.R.hand).x);
    expect(right - left).toBeGreaterThan(0.5);
    expect(top).toBeGreaterThan(at(body.arms.R.hand).y - 0.2);
  });

  it('what a foot glides from lies behind it, and a lifted foot glides nowhere', () => {
    const both = marked('shuffle', 'glide', 'side');
    expect(both.right).toBeLessThan(
      Math.max(both.at(both.body.legs.L.toe).x, both.at(both.body.legs.R.toe).x),
    );
    const shapes = (id: string) => marked(id, 'glide', 'side').parts.flatMap((part) => part.shapes);
    expect(shapes('shuffle')).toHaveLength(2);
    expect(shapes('march')).toHaveLength(1);
  });

  it('a swing of arms is an arrow with two tips at each', () => {
    const { parts } = marked('arm-swing', 'swinging arms', 'side');
    expect(parts[0]!.shapes).toHaveLength(8);
  });

  it('every key pose that has a mark of its own shows it', () => {
    expect(standing.marks).toEqual([]);
    for (const id of ['hopscotch', 'conductor', 'swim-stroke', 'scissor-jump', 'candle-fingers'])
      expect(
        marked(id, builtInFigure(id)!.marks[0]!.kind, 'front', builtInFigure(id)!.marks[0]!.key)
          .parts,
      ).toHaveLength(1);
  });

  it('every mark of the catalogue is drawn somehow, at its key pose', () => {
    for (const [id, figure] of figures)
      for (const mark of figure.marks) {
        const one = { ...figure, travels: 'none' as const, hold: null, marks: [mark] };
        const bare = { ...one, marks: [] };
        const still = (of: Figure) => besideOther(momentOfKey(of, mark.key), {});
        expect([id, mark.kind, JSON.stringify(still(one)) !== JSON.stringify(still(bare))]).toEqual(
          [id, mark.kind, true],
        );
      }
  });

  it.each(['sparkles', 'constructor', 'toString'])(
    'a mark that nobody knows isn’t drawn: %s',
    (kind) => {
      const bare = { ...standing, hold: null, marks: [] };
      const one = { ...bare, marks: [{ kind, key: 0 }] };
      expect(figureSchema.safeParse(one).success).toBe(true);
      expect(besideOther(momentOfKey(one, 0), {})).toEqual(besideOther(momentOfKey(bare, 0), {}));
    },
  );
});
