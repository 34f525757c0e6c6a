import type { Posture } from '../model/move';

type Origin = 'common practice, measured over recordings' | 'common practice' | 'our own judgement';

/** A usual value, and what it seldom falls below or passes: eight in ten lie between. */
export type Timing = Readonly<{ usual: number; least: number; most: number; origin: Origin }>;

const measured = (usual: number, least: number, most: number): Timing => ({
  usual,
  least,
  most,
  origin: 'common practice, measured over recordings',
});
const judged = (usual: number, least: number, most: number): Timing => ({
  usual,
  least,
  most,
  origin: 'our own judgement',
});

/**
 * Every constant of the clock in one place, in seconds unless it says otherwise. The measured ones come
 * from recordings of presenters at work, with no published source.
 */
export const TIMINGS = {
  /** Words a minute while only talking. */
  wordsPerMinute: measured(167, 141, 194),
  /** The shortest time that any spoken line takes. */
  shortestLine: judged(0.8, 0.4, 1.5),
  /** Waiting for answers after a question. */
  questionWait: measured(2, 1.5, 3),
  /** "3-2-1-go", where it is spoken. */
  countIn: measured(1.8, 1.2, 3),
  /** A new move shown, where no words for it are written: its talk is in it. */
  showUnwritten: measured(12.7, 7, 40),
  /** A new move shown, where what is said is written: at least so long, or its words. */
  show: judged(4, 2, 10),
  /** Once more with the eyes on the leader, where it was talked through already. */
  look: judged(1.5, 0.5, 4),
  /** From one move to the next on the feet, where nothing is said. */
  changeOver: measured(1.5, 0, 3),
  /** To the floor or up from it. */
  changeToFloor: measured(4, 3, 5),
  changeToLying: measured(5, 3, 6),
  /** More, to fetch something or put it back. */
  fetchKit: judged(4, 2, 8),
  /** Getting into a hold, so that its clock starts with everyone in it. */
  holdReady: judged(2, 1, 4),
  /** Swapping legs or arms. */
  swap: judged(2, 1, 3),
  /** Turning round at the far end. */
  turn: judged(1, 0.5, 2),
  /** A set done slowly, or fast: shares of the usual seconds a rep. */
  slowTempo: judged(1.5, 1.3, 2),
  fastTempo: judged(0.7, 0.5, 0.85),
  /** Where they go by turns: from one group's end to the next one's start. */
  nextGo: judged(3, 2, 6),
  drink: { usual: 30, least: 20, most: 45, origin: 'common practice' },
  /** Setting out, fetching, putting away; a film that waits. */
  setUp: judged(30, 15, 60),
  /** A child gets up, throws, fetches it and reads it out; with a sum to do. */
  childThrow: measured(12, 9, 15),
  childThrowWithSum: measured(25, 20, 30),
  presenterThrow: measured(3, 2, 4),
  screenThrow: judged(3, 2, 4),
  /** Reading the next one out, or calling it. */
  readOut: judged(2, 1, 3),
} as const satisfies Readonly<Record<string, Timing>>;
export type TimingName = keyof typeof TIMINGS;

/** Normal deviates between which eight in ten lie are so far from the middle. */
const EIGHT_IN_TEN = 1.2816;

/** Standard deviation of a timing as a share of what is usual. */
export function spreadOf({ usual, least, most }: Timing): number {
  return (most - least) / (2 * EIGHT_IN_TEN * usual);
}

/** A circuit's usual work and rest. Common practice: timed work 20-45 s, rests 10-15 s. */
export const CIRCUIT_WORK_SECONDS = 30;
export const CIRCUIT_REST_SECONDS = 15;
/** Metres that a step covers, if the move does not say. Our own judgement. */
export const STEP_METRES = 0.4;

type Level = 'up' | 'low' | 'lying';

function levelOf(posture: Posture): Level {
  if (posture === 'lying') return 'lying';
  return posture === 'standing' || posture === 'crouching' ? 'up' : 'low';
}

/** Seconds to get from one posture to another; 0 on one level. */
export function postureSeconds(from: Posture, to: Posture): number {
  const levels = [levelOf(from), levelOf(to)];
  if (levels[0] === levels[1]) return 0;
  return (levels.includes('lying') ? TIMINGS.changeToLying : TIMINGS.changeToFloor).usual;
}
