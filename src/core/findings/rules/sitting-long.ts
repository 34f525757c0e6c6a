import type { AgeBand } from '../../model/ages';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { beatOf, forSeconds, insertBefore } from '../mending';

/** Longest that they listen without moving, in seconds. Our own judgement. */
export const LISTEN_SECONDS: Readonly<Record<AgeBand, number>> = { '3-4': 60, '5': 75, '6-7': 90 };
const SHAKE_SECONDS = 8;
const RESTFUL: ReadonlySet<string> = new Set(['cool-down', 'calm', 'goodbye', 'drink']);

/** Listening and watching for too long at a stretch, outside the calm chapters. */
export function checkSitting({ adventure, schedule, band, chapters }: FindingContext): Seen[] {
  const most = adventure.limits.listeningSeconds ?? LISTEN_SECONDS[band];
  const seen: Seen[] = [];
  let still = 0;
  let told = false;
  for (const { effort, lengthSeconds, kind, chapterId, beatId } of schedule.cues) {
    const rests = kind === 'drink' || kind === 'rest' || RESTFUL.has(chapters.get(chapterId)!.kind);
    if (effort > 1 || rests) {
      [still, told] = [0, false];
      continue;
    }
    still += lengthSeconds;
    if (still <= most || told) continue;
    told = true;
    seen.push({
      place: { beatId, part: null },
      severity: 'think',
      params: { seconds: Math.round(still), most },
      fix: (now, newId) =>
        insertBefore(now, beatId, [
          beatOf('shake-out', forSeconds(SHAKE_SECONDS), newId, 'follow me'),
        ]),
    });
  }
  return seen;
}
