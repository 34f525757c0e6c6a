import type { Cue } from '../../cues/cue';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';

/** Shorter scripts are pieces of something. */
const LEAST_SECONDS = 240;
/**
 * The usual share of a session in which children work or hold, by what fills most of its adventure: where
 * turns are taken and read out it is less than on a circuit. Our own judgement, from forty sound sessions.
 * (Half of a lesson in moderate to vigorous activity is an aim of physical-education guidance; from memory.)
 */
const USUAL_SHARE = { draw: 0.5, circuit: 0.6, chain: 0.6, others: 0.55 } as const;
/** So much less than usual is told. Our own judgement. */
const LEEWAY = 0.2;

const secondsIn = (cues: readonly Cue[]) =>
  cues.reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0);
const percentOf = (part: number, whole: number) =>
  whole === 0 ? 0 : Math.round((part / whole) * 100);

/** What fills most of the adventure. */
function shapeOf({ chapters, beats }: FindingContext, cues: readonly Cue[]) {
  const seconds = new Map<keyof typeof USUAL_SHARE, number>();
  for (const { chapterId, beatId, lengthSeconds } of cues) {
    const kind = beats.get(beatId)?.kind;
    if (chapters.get(chapterId)?.kind !== 'adventure' || kind === 'tell') continue;
    const shape = kind === 'draw' || kind === 'circuit' || kind === 'chain' ? kind : 'others';
    seconds.set(shape, (seconds.get(shape) ?? 0) + lengthSeconds);
  }
  const [most = ['others']] = [...seconds].sort(([, a], [, b]) => b - a);
  return most[0] as keyof typeof USUAL_SHARE;
}

/** They move for a much smaller share of it than is usual for its shape. */
export function checkShare(context: FindingContext): Seen[] {
  const { schedule, work, chapters } = context;
  const { totalSeconds, cues } = schedule;
  const moving = secondsIn(work);
  const usual = USUAL_SHARE[shapeOf(context, cues)];
  const isLeast = moving >= totalSeconds * (usual - LEEWAY);
  if (totalSeconds < LEAST_SECONDS || isLeast || moving === 0) return [];
  const isAdventure = ({ chapterId }: Cue) => chapters.get(chapterId)?.kind === 'adventure';
  const secondsOf = (...kinds: readonly string[]) =>
    secondsIn(cues.filter(({ kind }) => kinds.includes(kind)));
  const others = {
    talking: secondsOf('say', 'ask'),
    showing: secondsOf('show', 'count-in'),
    throwing: secondsOf('draw'),
    resting: secondsOf('rest', 'drink', 'setup'),
  };
  const [largest = 'talking'] = Object.entries(others).sort(([, a], [, b]) => b - a)[0] ?? [];
  const params = {
    percent: percentOf(moving, totalSeconds),
    adventure: percentOf(secondsIn(work.filter(isAdventure)), secondsIn(cues.filter(isAdventure))),
    usual: percentOf(usual, 1),
    largest,
    minutes: Math.round(others[largest as keyof typeof others] / 6) / 10,
  };
  return [{ place: WHOLE, severity: 'think', params, fix: null }];
}
