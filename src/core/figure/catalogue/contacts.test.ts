import { describe, expect, it } from 'vitest';
import { under } from '../body/contacts';
import { inMotion } from '../motion/flight';
import { momentIn } from '../motion/going';
import { momentAt } from '../motion/motion';
import { HEIGHT_METRES, SIZES, THICK } from '../body/proportions';
import { SIDES, type Body } from '../body/body';
import { CATALOGUE } from '../../moves/catalogue';
import { builtInFigure } from '.';

/** Within a centimetre for a child of 1.10 m. */
const CM = 0.01 / HEIGHT_METRES;
const above = {
  hips: ({ hips }: Body) => hips[1] - THICK.hips,
  back: ({ chest }: Body) => chest[1] - THICK.chest,
  head: ({ head }: Body) => head[1] - SIZES.headRadius,
  heels: ({ legs }: Body) => Math.max(legs.L.heel[1], legs.R.heel[1]) - THICK.sole,
} as const;
type Part = keyof typeof above;

describe('what lies on the ground lies on it', () => {
  it.each([
    ['lie-still', ['hips', 'back', 'head', 'heels']],
    ['leg-raise', ['hips', 'back', 'head']],
    ['long-sit-reach', ['hips']],
  ] as const satisfies readonly (readonly [string, readonly Part[]])[])(
    '%s, in every frame',
    (id, parts) => {
      const figure = builtInFigure(id)!;
      for (let n = 0; n < 48; n += 1) {
        const { body } = momentAt(figure, n / 48);
        for (const part of parts) {
          expect(Math.abs(above[part](body)), `${part} at ${n}`).toBeLessThan(CM);
        }
      }
    },
  );

  it('no head lifts who lies on back or tummy off the ground, whatever the move', () => {
    let frames = 0;
    for (const { id } of CATALOGUE) {
      const figure = builtInFigure(id)!;
      for (let n = 0; n < 48; n += 1) {
        const { body, pose } = momentAt(figure, n / 48);
        if (Math.abs(body.trunk.up[1]) > 0.03 || pose.floorL || pose.floorR || pose.air > 0)
          continue;
        const trunk = Math.min(above.hips(body), above.back(body), body.belly[1] - THICK.chest);
        if (above.head(body) > CM || Math.abs(body.trunk.front[1]) < 0.95) continue;
        // What lies on a knee or a foot does so on purpose.
        const low = SIDES.flatMap((side) => [
          body.legs[side].knee[1] - THICK.knee,
          body.legs[side].heel[1] - THICK.sole,
          body.legs[side].toe[1] - THICK.sole,
          body.arms[side].hand[1] - THICK.hand,
          body.arms[side].elbow[1] - THICK.elbow,
        ]);
        if (Math.min(...low) < CM / 2) continue;
        frames += 1;
        expect(trunk, `${id} at ${n}`).toBeLessThan(CM);
      }
    }
    expect(frames).toBeGreaterThan(40);
  });

  it('nobody stands on their head: something else bears in every frame', () => {
    // Who rolls over passes over the back of the head, for a moment.
    const rolls = ['forward-roll', 'over-shoulder-roll'];
    for (const { id, secondsPerRep } of CATALOGUE) {
      const motion = inMotion(builtInFigure(id)!, secondsPerRep['5']);
      const onHead = Array.from({ length: 48 }, (_, n) => momentIn(motion, n / 48)).filter(
        ({ body, pose }) => {
          const limbs = SIDES.flatMap((side) => [
            ...(['foot', 'knee', 'hand'] as const).map((end) => under(body, end, side)[1]),
            body.arms[side].elbow[1] - THICK.elbow,
          ]);
          const trunk = Math.min(above.hips(body), above.back(body), body.belly[1] - THICK.chest);
          return pose.air === 0 && Math.min(...limbs, trunk) > CM;
        },
      );
      expect(onHead.length, id).toBeLessThanOrEqual(rolls.includes(id) ? 3 : 0);
    }
  });
});
