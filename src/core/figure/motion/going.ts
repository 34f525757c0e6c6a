import type { Figure } from '../../model/figure';
import { lerp, minus, size, times, type Vec } from '../body/vec';
import { groundOf, LEAST_GROUND, type Ground } from './ground';
import { momentAt, type Moment, type Pacing } from './motion';

/** A moment of a figure in motion is on the ground from one key to the next, or in the air. */
export type Motion = Pacing &
  Readonly<{
    figure: Figure;
    /** Shares of the loop in the air, and how high, in heights. */
    flights: readonly Readonly<{ from: number; to: number; air: number }>[];
  }>;

/** The moment of a figure in motion at a share of its loop. */
export const momentIn = (motion: Motion, phase: number): Moment =>
  momentAt(motion.figure, phase, motion);

/**
 * The ground under a figure in motion, for a loop that comes to `loopLength` where feet don't say how far it
 * goes, in heights; null for a figure that stays where it is.
 */
export function groundIn(motion: Motion, loopLength: number): Ground | null {
  const own = motion.flights.length === 0 ? motion.stances?.ground : null;
  if (own && Math.abs(own.loop) >= LEAST_GROUND) return own;
  return groundOf(motion.figure, (share) => momentIn(motion, share).body, loopLength);
}

/** Hair and hem come after where somebody was so long ago, in seconds. */
const AGO_SECONDS = 0.1;
/** A head that rolls over goes no further than this for its hair, in heights. */
const MOST_SWAY = 0.16;

const FRAMES = 48;
const heads = new WeakMap<Motion, readonly Vec[]>();
/** Where the head is at each frame of the loop: worked out once for each figure at a tempo. */
function headsOf(motion: Motion): readonly Vec[] {
  const known = heads.get(motion);
  if (known) return known;
  const made = Array.from({ length: FRAMES }, (_, n) => momentIn(motion, n / FRAMES).body.head);
  heads.set(motion, made);
  return made;
}

/** How far the head has come in a tenth of a second, at so many seconds of a tempo; in heights. */
export function swayIn(motion: Motion, elapsedSeconds: number, secondsPerRep: number): Vec {
  const all = headsOf(motion);
  const loop = secondsPerRep * motion.figure.reps;
  const at = (seconds: number): Vec => {
    const share = seconds / loop;
    const frame = (share - Math.floor(share)) * FRAMES;
    const n = Math.floor(frame) % FRAMES;
    return lerp(all[n]!, all[(n + 1) % FRAMES]!, frame - Math.floor(frame));
  };
  const way = minus(at(elapsedSeconds), at(elapsedSeconds - AGO_SECONDS));
  const far = size(way);
  return far > MOST_SWAY ? times(way, MOST_SWAY / far) : way;
}
