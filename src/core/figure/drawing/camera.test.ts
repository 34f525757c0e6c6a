import { describe, expect, it } from 'vitest';
import { bodyOf } from '../body/contacts';
import { builtInFigure } from '../catalogue';
import { cameraOf, flipFor } from './camera';

const bestOf = (id: string) => {
  const { view, keys, best } = builtInFigure(id)!;
  return { view, body: bodyOf(keys[best]!.pose) };
};

describe('the side of the screen that a figure moves', () => {
  it.each(['left', 'right'] as const)('from in front, the lifted foot is at the %s', (side) => {
    const { view, body } = bestOf('stork-stand');
    expect(view).toBe('front');
    const camera = cameraOf(view, flipFor(view, side));
    const lifted = body.legs.R.ankle[1] > body.legs.L.ankle[1] ? body.legs.R : body.legs.L;
    const across = camera(lifted.knee).x - camera(body.hips).x;
    expect(Math.sign(across)).toBe(side === 'right' ? 1 : -1);
  });

  it.each(['left', 'right'] as const)('from the side, it faces %s', (side) => {
    const { view, body } = bestOf('lunge');
    const camera = cameraOf('side', flipFor('side', side));
    const nose = camera([body.head[0], body.head[1], body.head[2] + 1]).x - camera(body.head).x;
    expect(Math.sign(nose)).toBe(side === 'right' ? 1 : -1);
    expect(['side', 'corner']).toContain(view);
  });
});
