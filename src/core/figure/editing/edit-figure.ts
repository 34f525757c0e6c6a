import { FEWEST_POSES, MOST_POSES, type Figure, type Prop } from '../../model/figure';
import type { Pose } from '../../model/pose';

const evenly = (poses: readonly Pose[]): Figure['keys'] =>
  poses.map((pose, n) => ({ at: Math.round((n / poses.length) * 1000) / 1000, pose }));

/** Props with a place for each key pose of so many. */
const spelledOut = (props: readonly Prop[], count: number): readonly Prop[] =>
  props.map((prop) => ({
    ...prop,
    places: Array.from({ length: count }, (_, n) => prop.places[n % prop.places.length]!),
  }));

/** The figure with another pose in the place of one of its own. */
export const withPose = (figure: Figure, key: number, pose: Pose): Figure => ({
  ...figure,
  keys: figure.keys.map((one, n) => (n === key ? { ...one, pose } : one)),
});

/**
 * The figure with one pose twice, the second to be changed. Poses are evenly apart from then on. The
 * same figure where it has as many as it may have.
 */
export function addPose(figure: Figure, after: number): Figure {
  const { keys, props, marks, hold, best } = figure;
  if (keys.length >= MOST_POSES) return figure;
  const twice = <T>(list: readonly T[]) =>
    list.flatMap((one, n) => (n === after ? [one, one] : [one]));
  const later = (key: number) => (key > after ? key + 1 : key);
  return {
    ...figure,
    keys: evenly(twice(keys).map(({ pose }) => pose)),
    props: spelledOut(props, keys.length).map((prop) => ({ ...prop, places: twice(prop.places) })),
    marks: marks.map((mark) => ({ ...mark, key: later(mark.key) })),
    hold: hold === null ? null : later(hold),
    best: later(best),
  };
}

/** The figure without one of its poses; the same figure where it would have too few. */
export function takePose(figure: Figure, key: number): Figure {
  const { keys, props, marks, hold, best } = figure;
  if (keys.length <= FEWEST_POSES) return figure;
  const without = <T>(list: readonly T[]) => list.filter((_, n) => n !== key);
  const earlier = (one: number) => (one > key ? one - 1 : Math.min(one, keys.length - 2));
  return {
    ...figure,
    keys: evenly(without(keys).map(({ pose }) => pose)),
    props: spelledOut(props, keys.length).map((prop) => ({
      ...prop,
      places: without(prop.places),
    })),
    marks: marks
      .filter((mark) => mark.key !== key)
      .map((mark) => ({ ...mark, key: earlier(mark.key) })),
    hold: hold === null ? null : earlier(hold),
    best: earlier(best),
  };
}
