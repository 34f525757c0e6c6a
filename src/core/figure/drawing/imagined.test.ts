import { describe, expect, it } from 'vitest';
import { anyFigure } from '../../testing/figure-checks';
import fc from 'fast-check';
import type { Figure } from '../../model/figure';
import { SIZES } from '../body/proportions';
import { builtInFigure } from '../catalogue';
import { momentAt, momentOfKey } from '../motion/motion';
import { boxOf } from './boxes';
import { cameraOf } from './camera';
import { imaginedParts, isImagined } from './imagined';
import { marksOf } from './marks';
import type { FigurePart } from './figure-shape';

const front = cameraOf('front');
const side = cameraOf('side');
const imagined = (id: string, see = front, phase = 0): readonly FigurePart[] =>
  imaginedParts(momentAt(builtInFigure(id)!, phase), see);
const headOf = (id: string, see = front) => see(momentAt(builtInFigure(id)!, 0).body.head);

describe('what is imagined of an animal', () => {
  it('is there all along, and not only near the key pose of its mark', () => {
    for (const phase of [0, 0.2, 0.45, 0.7, 0.95])
      expect(imagined('bunny-hop', side, phase).length).toBeGreaterThan(0);
    expect(imagined('squat')).toEqual([]);
  });

  it('is pale within the line of a mark, so that nobody takes it for a thing to bring', () => {
    fc.assert(
      fc.property(anyFigure, fc.double({ min: 0, max: 1, noNaN: true }), (figure, phase) => {
        for (const { outlined, shapes } of imaginedParts(momentAt(figure, phase), side)) {
          expect(outlined).toBe(false);
          for (const { paint } of shapes) expect(['mark', 'shade']).toContain(paint);
        }
      }),
    );
  });

  it('has ears above the head and behind it, a beak before it', () => {
    const stork = imagined('stork-stand');
    expect(stork).toHaveLength(1);
    expect(stork[0]!.depth).toBeGreaterThan(headOf('stork-stand').depth);
    const [, top] = boxOf(imagined('pony-prance').slice(0, 1));
    expect(top).toBeLessThan(headOf('pony-prance').y - SIZES.headRadius);
    for (const { depth } of imagined('pony-prance'))
      expect(depth).toBeLessThan(headOf('pony-prance').depth);
  });

  it('a tail is behind who goes upright and who is on all fours', () => {
    for (const id of ['cheetah-run', 'cat-tread', 'dragon-crawl', 'gallop']) {
      const hips = side(momentAt(builtInFigure(id)!, 0).body.hips).x;
      // Seen from the side, ahead is to the right.
      const lefts = imagined(id, side).map((part) => boxOf([part])[0]);
      expect(Math.min(...lefts)).toBeLessThan(hips - 0.1);
    }
  });

  it('the near ear of an elephant is before its head from the side, neither from in front', () => {
    const depthOf = (see: typeof side) => headOf('elephant-walk', see).depth;
    const before = (see: typeof side) =>
      imagined('elephant-walk', see).filter(({ depth }) => depth > depthOf(see)).length;
    expect(before(side)).toBe(1);
    expect(before(front)).toBe(0);
  });

  it('is not drawn a second time among the marks of a key pose', () => {
    const figure: Figure = {
      ...builtInFigure('squat')!,
      hold: null,
      marks: [{ kind: 'bill', key: 0 }],
    };
    expect(marksOf(momentOfKey(figure, 0), side)).toEqual([]);
    expect(imaginedParts(momentOfKey(figure, 0), side)).toHaveLength(1);
    expect(isImagined('bill')).toBe(true);
    expect(isImagined('voice')).toBe(false);
  });
});
