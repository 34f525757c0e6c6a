import { expect, it } from 'vitest';
import { cubeNet, type OnNet } from './cube-net';

type Vec = readonly [number, number, number];
/** A face as it lies in space once the net is folded: where it looks, and where its edges are. */
type Folded = Readonly<{ normal: Vec; right: Vec; down: Vec }>;
const minus = ([x, y, z]: Vec): Vec => [-x || 0, -y || 0, -z || 0];

/** Folding by a right angle along each edge that two faces of the net share. */
function fold(lying: boolean): ReadonlyMap<number, Folded> {
  const { faces } = cubeNet(lying);
  const folded = new Map<number, Folded>();
  const lay = (pips: number, place: Folded) => {
    if (folded.has(pips)) return;
    folded.set(pips, place);
    const { normal, right, down } = place;
    const [x, y] = faces.find((face) => face.pips === pips)!.at;
    const beside = (dx: number, dy: number) =>
      faces.find(({ at }) => at[0] === x + dx && at[1] === y + dy)?.pips;
    const steps: readonly (readonly [number | undefined, Folded])[] = [
      [beside(1, 0), { normal: right, right: minus(normal), down }],
      [beside(-1, 0), { normal: minus(right), right: normal, down }],
      [beside(0, 1), { normal: down, right, down: minus(normal) }],
      [beside(0, -1), { normal: minus(down), right, down: normal }],
    ];
    for (const [next, to] of steps) if (next !== undefined) lay(next, to);
  };
  lay(2, { normal: [0, 0, 1], right: [1, 0, 0], down: [0, 1, 0] });
  return folded;
}

/** An edge of the cube is where the two faces that look these ways meet. */
const edgeOf = (a: Vec, b: Vec) => [a.join(), b.join()].sort().join(' | ');

it.each([false, true])(
  'folds into a cube whose opposite faces add up to seven (lying: %s)',
  (lying) => {
    const folded = fold(lying);
    expect(new Set([...folded.values()].map(({ normal }) => normal.join())).size).toBe(6);
    for (const [pips, { normal }] of folded) {
      const [opposite] = [...folded].find(([, one]) => one.normal.join() === minus(normal).join())!;
      // Opposite faces of a Western die add up to 7 (docs/facts.md, Formats).
      expect(pips + opposite).toBe(7);
    }
  },
);

it.each([false, true])('each edge that the net does not join has one tab (lying: %s)', (lying) => {
  const { faces, tabs } = cubeNet(lying);
  const folded = fold(lying);
  const middle = (points: readonly OnNet[]) =>
    [0, 1].map((axis) => (points[0]![axis]! + points.at(-1)![axis]!) / 2);
  const edges = tabs.map((tab) => {
    const [mx, my] = middle(tab);
    const face = faces.find(({ at: [x, y] }) => Math.hypot(mx! - x - 0.5, my! - y - 0.5) < 0.6)!;
    const { normal, right, down } = folded.get(face.pips)!;
    const [dx, dy] = [mx! - face.at[0] - 0.5, my! - face.at[1] - 0.5];
    const beyond =
      Math.abs(dx) > 0.25 ? (dx > 0 ? right : minus(right)) : dy > 0 ? down : minus(down);
    return edgeOf(normal, beyond);
  });
  const joined = faces.flatMap(({ pips, at }) =>
    faces
      .filter(({ at: other }) => Math.hypot(at[0] - other[0], at[1] - other[1]) === 1)
      .map((other) => edgeOf(folded.get(pips)!.normal, folded.get(other.pips)!.normal)),
  );
  expect(new Set([...edges, ...joined]).size).toBe(12);
  expect(edges).toHaveLength(new Set(edges).size);
  expect(edges.filter((edge) => joined.includes(edge))).toEqual([]);
});
