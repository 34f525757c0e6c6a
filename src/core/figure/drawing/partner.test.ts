import { describe, expect, it } from 'vitest';
import { builtInFigure } from '../catalogue';
import { momentAt, momentOfKey } from '../motion/motion';
import { partsOf } from './figure-parts';
import { LOOK_CHOICES } from './look-choices';
import { lookFor, LOOKS } from './looks';
import { inOneTone, partnerMoment } from './partner';

const figure = (id: string) => builtInFigure(id)!;

describe('whoever does it with the child', () => {
  it('is as far behind the mirror as the child is before it, and as high', () => {
    const moment = momentOfKey(figure('partner-mirror'), 1);
    const partner = partnerMoment(moment)!;
    const far = moment.props[0]![2];
    for (const side of ['L', 'R'] as const) {
      const [mine, theirs] = [moment.body.arms[side].hand, partner.body.arms[side].hand];
      expect(theirs[0]).toBeCloseTo(mine[0], 9);
      expect(theirs[1]).toBeCloseTo(mine[1], 9);
      expect(mine[2] + theirs[2]).toBeCloseTo(far, 9);
    }
    // They look at each other.
    expect(partner.body.skull.front[2]).toBeCloseTo(-moment.body.skull.front[2], 9);
  });
  it('on the see-saw is up while the child is down', () => {
    const seeSaw = figure('see-saw');
    for (const share of [0, 0.2, 0.5, 0.9]) {
      const partner = partnerMoment(momentAt(seeSaw, share))!;
      const later = momentAt(seeSaw, share + 0.5);
      expect(partner.body.hips[1]).toBeCloseTo(later.body.hips[1], 9);
    }
    const down = momentOfKey(seeSaw, 1);
    expect(partnerMoment(down)!.body.hips[1]).toBeGreaterThan(down.body.hips[1] + 0.1);
  });
  it.each([
    ['partner-row', 0],
    ['high-five', 1],
    ['see-saw', 1],
  ])('in %s has its hands where the child’s are', (id, key) => {
    const moment = momentOfKey(figure(id), key);
    const partner = partnerMoment(moment)!;
    const nearest = Math.min(
      ...(['L', 'R'] as const).map((side) =>
        Math.hypot(
          ...moment.body.arms[side].hand.map((at, n) => at - partner.body.arms[side].hand[n]!),
        ),
      ),
    );
    expect(nearest).toBeLessThan(0.12);
  });
  it('is drawn in one tone, with neither face nor laces; alone nobody else is drawn', () => {
    const moment = momentOfKey(figure('high-five'), 1);
    const alone = momentOfKey(figure('march'), 1);
    expect(partnerMoment(alone)).toBeNull();
    const tones = partsOf(moment).filter(({ shapes }) =>
      shapes.every(({ paint }) => paint === 'shade'),
    );
    // Two arms, two legs, trunk, head, and the shadows of both.
    expect(tones).toHaveLength(8);
    for (const part of partsOf(alone).map(inOneTone))
      expect(new Set(part.shapes.map(({ paint }) => paint)).size).toBeLessThanOrEqual(1);
  });
});

describe('who is in the pictures', () => {
  it('is the one that was chosen, else one of all, always the same for a move', () => {
    for (const { id } of LOOKS) expect(lookFor(id as never, 'squat').id).toBe(id);
    expect(lookFor('mixed', 'squat')).toBe(lookFor('mixed', 'squat'));
    const seen = new Set(Array.from({ length: 200 }, (_, n) => lookFor('mixed', `move-${n}`).id));
    expect(seen.size).toBe(LOOKS.length);
    expect(LOOK_CHOICES).toHaveLength(LOOKS.length + 1);
  });
});
