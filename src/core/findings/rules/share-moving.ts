import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';

/** Shorter scripts are pieces of something. */
const LEAST_SECONDS = 240;
/**
 * The least share of a session in which children work or hold: in a room where turns are taken and
 * things fetched it is less than before a camera. Our own judgement, from sessions that were timed.
 */
const LEAST_SHARE = { 'in the room': 0.3, filmed: 0.35 } as const;

/** They move for too small a share of it. */
export function checkShare({ schedule, setting, work }: FindingContext): Seen[] {
  const { totalSeconds, cues } = schedule;
  const moving = work.reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0);
  const least = LEAST_SHARE[setting.place];
  if (totalSeconds < LEAST_SECONDS || moving >= totalSeconds * least || moving === 0) return [];
  const secondsOf = (...kinds: readonly string[]) =>
    cues.reduce(
      (sum, { kind, lengthSeconds }) => sum + (kinds.includes(kind) ? lengthSeconds : 0),
      0,
    );
  const others = {
    talking: secondsOf('say', 'ask'),
    showing: secondsOf('show', 'count-in'),
    throwing: secondsOf('draw'),
    resting: secondsOf('rest', 'drink', 'setup'),
  };
  const [largest = 'talking'] = Object.entries(others).sort(([, a], [, b]) => b - a)[0] ?? [];
  const params = {
    percent: Math.round((moving / totalSeconds) * 100),
    largest,
    minutes: Math.round(others[largest as keyof typeof others] / 6) / 10,
  };
  return [{ place: WHOLE, severity: 'think', params, fix: null }];
}
