import type { Asked, DoseUnit, Tempo } from '../model/dose';
import type { Effort } from '../model/move';
import type { Piece, Room } from './pieces';

export const CUE_KINDS = [
  'say',
  'ask',
  'show',
  'count-in',
  'work',
  'hold',
  'swap',
  'rest',
  'drink',
  'setup',
  'draw',
  'change',
] as const;
export type CueKind = (typeof CUE_KINDS)[number];

export type Side = 'left' | 'right' | 'any';

/** The n-th of so many, counted from 1. */
export type Nth = Readonly<{ n: number; of: number }>;

/** What a cue is about: one turn of one set of one action or station. */
export type Doing = Readonly<{
  /** Id of the action or station. */
  part: string;
  move: string;
  /** Moves that are done at the same time. */
  also: readonly string[];
  /** The guise's name, or the move's own. */
  name: string;
  /** What is to be known beside the name: "to the door". */
  note: string;
  picture: string;
  unit: DoseUnit;
  amount: number;
  /** How the amount is put to the children, where it is not one for all. */
  asked: Asked | null;
  /** Seconds from one count to the next, on average; 0 when nothing is counted. */
  secondsPerCount: number;
  tempo: Tempo;
  count: 'on' | 'back';
  side: Side;
  /** "forwards", "to the right"; empty where there is but one. */
  direction: string;
  set: Nth;
  round: Nth;
  way: Nth;
  /** Where they go by turns: which of the groups does it, the others wait. */
  go: Nth;
}>;

/**
 * A timed span, half-open: it begins at `startSeconds` and the next begins `lengthSeconds` later.
 * Reps, landings and effort are this cue's own and add up to the totals.
 */
export type Cue = Readonly<{
  id: string;
  kind: CueKind;
  chapterId: string;
  beatId: string;
  startSeconds: number;
  lengthSeconds: number;
  /** What the leader says or calls in it: it lasts as long as that. */
  text: string;
  /** What is said while it runs, in pieces: it takes no time of its own. */
  meanwhile: readonly Piece[];
  /** Words that were said meanwhile, and are longer than the work. */
  sticksOut: boolean;
  doing: Doing | null;
  effort: Effort;
  reps: number;
  landings: number;
}>;

/** Work or a hold: what children do, as against what lies around it. */
export function isWork({ kind }: Pick<Cue, 'kind'>): boolean {
  return kind === 'work' || kind === 'hold';
}

/** Work as one child has it: where a group goes by turns, the first go stands for all. */
export function isOwnWork(cue: Pick<Cue, 'kind' | 'doing'>): boolean {
  return isWork(cue) && (cue.doing?.go.n ?? 1) === 1;
}

/** Work whose reps or steps are counted, not seconds or metres. */
export function isCountedWork({ kind, doing }: Pick<Cue, 'kind' | 'doing'>): boolean {
  return kind === 'work' && doing !== null && doing.secondsPerCount > 0;
}

/** The end of a cue, in seconds from the start of the session. */
export function cueEndSeconds(cue: Pick<Cue, 'startSeconds' | 'lengthSeconds'>): number {
  return cue.startSeconds + cue.lengthSeconds;
}

/** Cues in which something can be said meanwhile; a throw only where a child makes it. */
const ROOM_FOR_WORDS: ReadonlySet<CueKind> = new Set([
  'work',
  'hold',
  'rest',
  'swap',
  'drink',
  'setup',
]);

export function isRoomForWords(kind: CueKind, overThrows: boolean): boolean {
  return ROOM_FOR_WORDS.has(kind) || (overThrows && kind === 'draw');
}

/** The end of a cue in which nothing is said yet. */
export function quietIn({ lengthSeconds, meanwhile }: Cue): Room {
  const last = meanwhile.at(-1);
  const fromSeconds = Math.min(lengthSeconds, last ? last.atSeconds + last.lengthSeconds : 0);
  return { freeSeconds: lengthSeconds - fromSeconds, fromSeconds };
}

/** Nothing is said meanwhile. */
export const NO_WORDS: readonly Piece[] = [];

/** What a cue that is not work asks of a child, on the five levels: 1 still, 2 moving a little. */
export const QUIET_EFFORT: Readonly<Record<CueKind, Effort>> = {
  say: 1,
  ask: 1,
  show: 1,
  'count-in': 1,
  work: 1,
  hold: 1,
  swap: 2,
  rest: 1,
  drink: 1,
  setup: 2,
  draw: 1,
  change: 2,
};
