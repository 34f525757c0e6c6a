import type { AgeBand } from '../../model/ages';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { workOf, seenAt, stretchesOf } from '../in-a-row';

/** Seconds with weight on the hands before wrists want a rest. Our own judgement. */
const MOST_SECONDS: Readonly<Record<AgeBand, number>> = { '3-4': 30, '5': 40, '6-7': 60 };
/** Standing and watching how the next one goes is no rest for long. */
const BETWEEN_SECONDS = 25;
const MANY_PARTS = 3;
/** They are on their hands and knees, and no weight is on the wrists for long. */
const LIGHT: ReadonlySet<string> = new Set(['cat-stretch', 'quick-climb', 'burpee']);

/** Bear, crab and plank in a row: hands carry them for too long. */
export function checkHands(context: FindingContext): Seen[] {
  const most = MOST_SECONDS[context.band];
  const onHands = stretchesOf(
    context.turns,
    ({ move }) =>
      (move.posture === 'all fours' || /\b(?:crab|plank)\b/iu.test(move.name)) &&
      !LIGHT.has(move.id),
    BETWEEN_SECONDS,
  );
  return onHands
    .filter((stretch) => {
      const parts = new Set(stretch.map(({ doing }) => doing.part)).size;
      return parts >= MANY_PARTS || (parts > 1 && workOf(stretch) > most);
    })
    .map((stretch) =>
      seenAt(stretch.at(-1)!, 'mend', { seconds: Math.round(workOf(stretch)), most }),
    );
}
