import { relaySums } from '../../beats/relay';
import { changeBeat } from '../../document/edit';
import { DEFAULT_PACE } from '../../cues/pace';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** Longest that a relay may be given. */
const MOST_SECONDS = 600;

/** A relay by the clock in which not all things can be there in time, as the sums of fetching have it. */
export function checkRelays({ beats, setting, book }: FindingContext): Seen[] {
  return [...beats.values()].flatMap((beat): Seen[] => {
    if (beat.kind !== 'relay' || beat.limitSeconds === null) return [];
    const sums = relaySums(beat, { setting, book, pace: DEFAULT_PACE });
    const { secondsNeeded, brought } = sums;
    if (secondsNeeded <= beat.limitSeconds) return [];
    const limit = secondsNeeded <= MOST_SECONDS ? secondsNeeded : null;
    return [
      {
        place: { beatId: beat.id, part: null },
        severity: 'mend',
        params: {
          thing: beat.thing || 'things',
          things: beat.things,
          there: brought,
          seconds: beat.limitSeconds,
          needed: secondsNeeded,
        },
        fix: (now) =>
          changeBeat(now, beat.id, (one) =>
            one.kind === 'relay' ? { ...one, limitSeconds: limit } : one,
          ),
      },
    ];
  });
}
