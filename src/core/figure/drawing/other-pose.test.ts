import { describe, expect, it } from 'vitest';
import type { MarkKind } from '../../model/figure';
import { builtInFigure } from '../catalogue';
import { momentOfKey } from '../motion/motion';
import { boxOf } from './boxes';
import { partsOf } from './figure-parts';
import { besideOther } from './other-pose';
import { pictureOfFigure, LINE_PAINTS } from './paint-picture';

const nod = builtInFigure('head-nod')!;
const withMark = (kind: MarkKind) => ({ ...nod, marks: [{ kind, key: nod.best }] });
const own = (kind: MarkKind) => partsOf(momentOfKey(withMark(kind), nod.best));
const still = (kind: MarkKind) => besideOther(momentOfKey(withMark(kind), nod.best), {});

describe('a still with another key pose', () => {
  it.each([
    ['the pose before', 0],
    ['the pose after', 0],
    ['from the pose before', -1],
    ['from the first pose', -1],
    ['to the pose after', 1],
  ] as const)('%s', (kind, side) => {
    const [left, , right] = boxOf(own(kind));
    const [outLeft, , outRight] = boxOf(still(kind));
    // Behind, it takes hardly any room; beside, it takes more than half of a child's width.
    const wide = (right - left) / 2;
    expect(left - outLeft > wide).toBe(side < 0);
    expect(outRight - right > wide).toBe(side > 0);
  });

  it('has it in one tone, without outlines, behind the child', () => {
    const more = still('the pose before').length - own('the pose before').length;
    expect(more).toBeGreaterThan(4);
    for (const { outlined, shapes } of still('the pose before').slice(0, more)) {
      expect(outlined).toBe(false);
      expect(new Set(shapes.map(({ paint }) => paint))).toEqual(new Set(['shade']));
    }
    expect(still('the pose before').slice(more)).toEqual(own('the pose before'));
  });

  it('beside, has it with its outlines, so that it is seen where there are nothing but lines', () => {
    const more = still('from the pose before').length - own('from the pose before').length;
    const tone = still('from the pose before').slice(0, more - 1);
    expect(tone.length).toBeGreaterThan(4);
    for (const { outlined } of tone) expect(outlined).toBe(true);
    const depths = tone.map(({ depth }) => depth);
    expect(depths).toEqual([...depths].sort((a, b) => a - b));
  });

  it('shows the first pose where that is asked for, whichever is the best', () => {
    const figure = builtInFigure('lie-and-stand')!;
    const [mark] = figure.marks;
    expect(mark).toEqual({ kind: 'from the first pose', key: figure.best });
    // Who stood up is at least as tall as a child; who lies is not.
    const lying = partsOf(momentOfKey(figure, figure.best));
    const both = besideOther(momentOfKey(figure, figure.best), {});
    expect(boxOf(lying)[1]).toBeGreaterThan(-0.6);
    expect(boxOf(both)[1]).toBeLessThan(-0.95);
  });

  it('is only for one that stands alone', () => {
    const jack = builtInFigure('jumping-jack')!;
    const plain = { ...jack, marks: [] };
    const more = (poses: number) =>
      pictureOfFigure(jack, poses, LINE_PAINTS).strokes.length -
      pictureOfFigure(plain, poses, LINE_PAINTS).strokes.length;
    expect(more(1)).toBeGreaterThan(10);
    expect(more(2)).toBe(0);
  });

  it('is nothing new where no mark asks for it', () => {
    const moment = momentOfKey(builtInFigure('squat')!, 0);
    expect(besideOther(moment, {})).toEqual(partsOf(moment));
  });
});
