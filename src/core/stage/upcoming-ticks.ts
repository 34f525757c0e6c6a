import { ticksOf, type Tick } from './counting';
import { isTapped, waitsAtEnd, type Leading } from './leading';

/** A sound at its exact clock time. `key` is the same whenever the same sound is asked for again. */
export type UpcomingTick = Readonly<{ atClock: number; sound: Tick['sound']; key: string }>;

/**
 * Every sound of a running session in clock time [from, to), across the ends of cues. None while
 * it does not run; none past the end of a line that waits for the leader.
 */
export function upcomingTicks(leading: Leading, from: number, to: number): readonly UpcomingTick[] {
  if (leading.status !== 'running') return [];
  const { anchor, cues, visits } = leading;
  const upcoming: UpcomingTick[] = [];
  const clockAt = (scheduleSeconds: number) => anchor.clock + (scheduleSeconds - anchor.schedule);
  for (let index = leading.index; index < cues.length; index += 1) {
    const cue = cues[index]!;
    if (clockAt(cue.startSeconds) >= to) break;
    const visit = visits.length + index - leading.index;
    const tapped = isTapped(leading, cue);
    ticksOf(cue).forEach(({ intoSeconds, sound }, nth) => {
      // The leader's own taps are the count.
      if (tapped && sound === 'count') return;
      const atClock = clockAt(cue.startSeconds + intoSeconds);
      if (atClock >= from && atClock < to) {
        upcoming.push({ atClock, sound, key: `${visit}.${cue.id}.${nth}` });
      }
    });
    if (waitsAtEnd(leading, index)) break;
  }
  return upcoming;
}
