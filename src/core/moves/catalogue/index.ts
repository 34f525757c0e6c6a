import type { Move } from '../../model/move';
import { BREATH, FLOOR, SEATED, SHAPES, STRETCHES } from './floor-and-calm';
import { BALANCING, HANDLING, RHYTHM } from './on-the-spot';
import { TRAVELLING } from './travelling';

/** Every built-in move, by family. */
export const CATALOGUE: readonly Move[] = [
  ...TRAVELLING,
  ...BALANCING,
  ...HANDLING,
  ...RHYTHM,
  ...FLOOR,
  ...SHAPES,
  ...STRETCHES,
  ...BREATH,
  ...SEATED,
];
