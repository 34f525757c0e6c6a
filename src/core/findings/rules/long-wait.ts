import type { AgeBand } from '../../model/ages';
import { relaySums } from '../../beats/relay';
import { changeBeat } from '../../document/edit';
import { DEFAULT_PACE } from '../../cues/pace';
import { childrenIn } from '../../model/setting';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** Longest that a child waits for its turn, in seconds. Our own judgement. */
export const WAIT_SECONDS: Readonly<Record<AgeBand, number>> = { '3-4': 30, '5': 45, '6-7': 60 };

/** A relay in which whoever has come back waits long until it's their turn again. */
export function checkWaits({ beats, setting, book, band }: FindingContext): Seen[] {
  const children = childrenIn(setting);
  const most = WAIT_SECONDS[band];
  return [...beats.values()].flatMap((beat): Seen[] => {
    if (beat.kind !== 'relay' || beat.atOnce === null || beat.atOnce >= children) return [];
    const { tripSeconds } = relaySums(beat, { setting, book, pace: DEFAULT_PACE });
    const waitOf = (atOnce: number) => (Math.ceil(children / atOnce) - 1) * tripSeconds;
    const seconds = waitOf(beat.atOnce);
    if (seconds <= most) return [];
    // With all of them at once nobody waits at all.
    let more = beat.atOnce + 1;
    while (waitOf(more) > most) more += 1;
    const atOnce = more < children ? more : null;
    return [
      {
        place: { beatId: beat.id, part: null },
        severity: 'think',
        params: { thing: beat.thing || 'things', seconds: Math.round(seconds), most, more },
        fix: (now) =>
          changeBeat(now, beat.id, (one) => (one.kind === 'relay' ? { ...one, atOnce } : one)),
      },
    ];
  });
}
