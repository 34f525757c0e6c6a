import { describe, expect, it } from 'vitest';
import { builtInFigure, FIGURE_SKETCHES } from '../catalogue';
import { apart, type Vec } from '../body/vec';
import type { Figure } from '../../model/figure';
import { momentAt } from './motion';

/** Moves in which something is thrown, kicked or rolled away. */
const AWAY = ['kick', 'overarm-throw', 'underarm-throw', 'ball-roll', 'chest-pass', 'seated-throw'];
const figureOf = (id: string): Figure => builtInFigure(id)!;
const thrownOf = ({ props }: Figure) =>
  props.findIndex(({ kind }) => kind === 'ball' || kind === 'bean bag');
/** The last part of the loop, in which what was thrown would come back. */
const rest = ({ keys }: Figure) => {
  const from = keys.at(-1)!.at;
  return Array.from({ length: 60 }, (_, n) => from + ((n + 0.5) * (1 - from)) / 60);
};

describe('what was thrown', () => {
  it.each(AWAY)('in %s goes on, fades, and is there again; it doesn’t float back', (id) => {
    const figure = figureOf(id);
    const nth = thrownOf(figure);
    const moments = rest(figure).map((phase) => momentAt(figure, phase));
    const seen = moments.map((one) => one.seen[nth]!);
    const hidden = seen.findIndex((one) => one === 0);
    expect(seen[0]).toBeGreaterThan(0.9);
    expect(seen.at(-1)).toBeGreaterThan(0.9);
    expect(hidden).toBeGreaterThan(10);
    const start = momentAt(figure, 0).props[nth]!;
    const far = moments.slice(0, hidden).map((one) => apart(one.props[nth]!, start));
    far.forEach((one, n) => expect(one).toBeGreaterThanOrEqual((far[n - 1] ?? 0) - 1e-9));
    // Where it's seen again it's at the hand, or where it lies.
    const again = moments.slice(hidden).filter((_, n) => seen[hidden + n]! > 0);
    const jumps = again.slice(1).map((one, n) => apart(one.props[nth]!, again[n]!.props[nth]!));
    expect(Math.max(...jumps)).toBeLessThan(0.12);
    expect(apart(moments.at(-1)!.props[nth]!, start)).toBeLessThan(0.12);
  });

  it('fades in no key pose, and nothing else fades at all', () => {
    for (const id of Object.keys(FIGURE_SKETCHES)) {
      const figure = figureOf(id);
      for (const { at } of figure.keys) {
        expect(
          momentAt(figure, at).seen.every((one) => one === 1),
          `${id} at ${at}`,
        ).toBe(true);
      }
    }
    for (const id of ['dribble', 'ball-bounce-catch', 'scarf-toss', 'bean-bag-pass', 'hoop-step']) {
      const figure = figureOf(id);
      const all = rest(figure).flatMap((phase) => momentAt(figure, phase).seen);
      expect(
        all.every((one) => one === 1),
        id,
      ).toBe(true);
    }
  });

  it('is drawn no farther away than a child is tall beyond its last place', () => {
    const origin: Vec = [0, 0, 0];
    for (const id of AWAY) {
      const figure = figureOf(id);
      const nth = thrownOf(figure);
      const last = momentAt(figure, figure.keys.at(-1)!.at).props[nth]!;
      for (const phase of rest(figure)) {
        const { props, seen } = momentAt(figure, phase);
        if (seen[nth]! > 0.05) expect(apart(props[nth]!, last)).toBeLessThan(1.7);
        expect(apart(props[nth]!, origin)).toBeLessThan(3.5);
      }
    }
  });
});
