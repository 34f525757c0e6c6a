import type { FindingContext } from '../context';
import type { Seen } from '../finding';

const SPOTTED = /\bspotted\b/iu;
/** One leads, one stands by. */
const LEAST_GROWN_UPS = 2;

/** A move that wants somebody standing by, and there is nobody but the leader. */
export function checkSpotter({ parts, setting }: FindingContext): Seen[] {
  if (setting.place === 'in the room' && setting.grownUps >= LEAST_GROWN_UPS) return [];
  return parts
    .filter(({ move }) => move.cautions.some((caution) => SPOTTED.test(caution)))
    .map(({ beat, part, move }) => ({
      place: { beatId: beat.id, part: part.id },
      severity: 'stop',
      params: { name: part.guise.name || move.name },
      fix: null,
    }));
}
