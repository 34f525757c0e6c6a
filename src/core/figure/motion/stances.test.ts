import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../../moves/catalogue';
import { lowestPoint, SIDES } from '../body/body';
import { under } from '../body/contacts';
import { HEIGHT_METRES, THICK } from '../body/proportions';
import { apart, minus, type Vec } from '../body/vec';
import { builtInFigure } from '../catalogue';
import { inMotion } from './flight';
import { groundIn, momentIn } from './going';

/** A centimetre for a child of 1.10 m. */
const CM = 0.01 / HEIGHT_METRES;
const FRAMES = 96;

const GOING = CATALOGUE.map((move) => {
  const figure = builtInFigure(move.id)!;
  const motion = inMotion(figure, move.secondsPerRep['5']);
  const wanted = (move.metresPerRep * figure.reps) / HEIGHT_METRES;
  return [move.id, { figure, motion, wanted }] as const;
});
const bodyIn = (motion: (typeof GOING)[number][1]['motion'], share: number) =>
  momentIn(motion, share).body;

/** Shares of a loop between two key poses, the first included. */
function sharesFrom(keys: readonly Readonly<{ at: number }>[], n: number): readonly number[] {
  const [from, to] = [keys[n]!.at, keys[n + 1]?.at ?? 1];
  return Array.from({ length: 13 }, (_, k) => from + (to - from) * Math.min(k / 12, 0.9999));
}

describe('what stands', () => {
  it.each(GOING)('of %s sinks nowhere and floats nowhere', (_id, { motion }) => {
    const lows = Array.from({ length: FRAMES }, (_, n) => {
      const { body, pose } = momentIn(motion, n / FRAMES);
      return { low: lowestPoint(body) - pose.air, flies: pose.air !== 0 };
    });
    const off = lows.flatMap(({ low, flies }, n) =>
      low > -CM && (flies || low < CM) ? [] : [`${low} at ${n}`],
    );
    expect(off).toEqual([]);
  });

  it.each(GOING)('of %s stays on the ground and in its place, whole stances long', (_id, going) => {
    const { motion } = going;
    const { stances, figure } = motion;
    if (!stances) return;
    for (const limb of ['leg', 'hand'] as const) {
      for (const side of SIDES) {
        stances.spans[limb][side].forEach((span, n) => {
          if (span.kind !== 'stays') return;
          const places = sharesFrom(figure.keys, n).map((share): Vec => {
            const at = under(bodyIn(motion, share), span.end, side);
            expect(Math.abs(at[1]), `${limb} ${side} of ${n}, height`).toBeLessThan(CM);
            return minus(at, stances.drift(share));
          });
          for (const place of places)
            expect(apart(place, places[0]!), `${limb} ${side} of ${n}, place`).toBeLessThan(CM);
        });
      }
    }
  });

  it('is a good part of all: feet and hands that stay, by far most of what is down', () => {
    const spans = GOING.flatMap(([, { motion }]) => {
      const { stances } = motion;
      if (!stances) return [];
      return SIDES.flatMap((side) =>
        stances.spans.leg[side].filter(
          (_, n, all) =>
            stances.downs.leg[side][n] && stances.downs.leg[side][(n + 1) % all.length],
        ),
      );
    });
    const stay = spans.filter(({ kind }) => kind === 'stays').length;
    expect(spans.length).toBeGreaterThan(900);
    expect(stay / spans.length).toBeGreaterThan(0.85);
  });
});

/** Those whose feet trail over the floor, or who roll over it. */
const TRAILS = ['seal-drag', 'snake-slide', 'forward-roll', 'over-shoulder-roll', 'log-roll'];
const travelling = GOING.filter(
  ([id, { figure, motion }]) => figure.travels !== 'none' && motion.stances && !TRAILS.includes(id),
);

describe('who travels', () => {
  it.each(travelling)('%s: a foot that is down goes with the ground', (_id, going) => {
    const { motion, figure, wanted } = going;
    const ground = groundIn(motion, wanted)!;
    const way: Vec =
      figure.travels === 'aside' ? [1, 0, 0] : [0, 0, figure.travels === 'forward' ? -1 : 1];
    // In a loop each foot stands once; who jumps stands once for both.
    const jumps = motion.flights.length > 0;
    const stance = Math.abs(ground.loop) / (jumps ? 1 : 2);
    const shares = Array.from({ length: 2 * FRAMES + 1 }, (_, n) => n / 2 / FRAMES);
    const bodies = shares.map((share) => bodyIn(motion, share));
    const gone = shares.map((share) => ground.goneAt(share));
    for (const side of SIDES) {
      for (const end of ['heel', 'toe'] as const) {
        let slid = 0;
        for (let n = 0; n < 2 * FRAMES; n += 1) {
          const [foot, later] = [bodies[n]!.legs[side], bodies[n + 1]!.legs[side]];
          const [a, b] = [foot[end], later[end]];
          // The end that it stands on: the other one turns about it.
          const bears = a[1] < Math.min(foot.heel[1], foot.toe[1]) + CM / 5;
          if (!bears || Math.max(a[1], b[1]) > THICK.sole + CM) continue;
          const moved = minus(b, a);
          slid += Math.abs(
            moved[0] * way[0] + moved[2] * way[2] - Math.abs(gone[n + 1]! - gone[n]!),
          );
        }
        // A twentieth of a stance, or the last of a landing: four centimetres.
        expect(slid, `${end} ${side}`).toBeLessThan(Math.max(stance / 20, 4 * CM));
      }
    }
  });
});
