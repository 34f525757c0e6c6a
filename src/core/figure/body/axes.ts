import { turned, type Vec } from './vec';

/** Three directions of a part of the body. */
export type Axes = Readonly<{ left: Vec; up: Vec; front: Vec }>;

/** Turned about an axis, all three. */
export const spunAll = ({ left, up, front }: Axes, axis: Vec, degrees: number): Axes => ({
  left: turned(left, axis, degrees),
  up: turned(up, axis, degrees),
  front: turned(front, axis, degrees),
});
