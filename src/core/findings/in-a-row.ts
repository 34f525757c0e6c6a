import { cueEndSeconds, type Cue, type Doing } from '../cues/cue';
import type { Move } from '../model/move';
import { childrenIn, type Setting } from '../model/setting';
import { moveIn, type MoveBook } from '../moves/move-book';
import type { Seen, Severity } from './finding';

/** A turn of work with its move, and the seconds between the one before and it. */
export type Turn = Readonly<{ cue: Cue; doing: Doing; move: Move; gapSeconds: number }>;

const ON_THE_SPOT = /\b(?:on the spot|in place|where (?:you|they) (?:are|stand))\b/iu;

/** The move as it is done here: on the spot a child who jogs stays where it is. */
const asDone = (move: Move, note: string): Move =>
  move.space !== 'spot' && ON_THE_SPOT.test(note) ? { ...move, space: 'spot' } : move;

/** All turns of work as they follow one another. */
export function turnsOf(work: readonly Cue[], book: MoveBook): readonly Turn[] {
  return work.flatMap((cue, n): Turn[] => {
    if (!cue.doing) return [];
    const before = work[n - 1];
    const gapSeconds = before ? cue.startSeconds - cueEndSeconds(before) : Infinity;
    const move = asDone(moveIn(book, cue.doing.move), cue.doing.note);
    return [{ cue, doing: cue.doing, move, gapSeconds }];
  });
}

/** From this level of effort on it is lively. Our own judgement. */
export const LIVELY = 4;

/** Fewer than these don't run into one another so easily, and find back by themselves. Our own judgement. */
export const MANY_CHILDREN = 6;

/** The first turn in which many children run freely all over the room; undefined where there is none. */
export function firstRun({
  setting,
  turns,
}: Readonly<{ setting: Setting; turns: readonly Turn[] }>): Turn | undefined {
  if (childrenIn(setting) < MANY_CHILDREN) return undefined;
  return turns.find(
    ({ move }) => move.family === 'travelling' && move.space === 'room' && move.effort >= LIVELY,
  );
}

/** Turns that follow one another with less than `withinSeconds` between, for as long as they are alike. */
export function stretchesOf(
  turns: readonly Turn[],
  isAlike: (turn: Turn) => boolean,
  withinSeconds: number,
): readonly (readonly Turn[])[] {
  const stretches: Turn[][] = [];
  let isOn = false;
  for (const turn of turns) {
    const goesOn = isAlike(turn);
    if (goesOn && isOn && turn.gapSeconds < withinSeconds) stretches.at(-1)!.push(turn);
    else if (goesOn) stretches.push([turn]);
    isOn = goesOn;
  }
  return stretches;
}

/** Seconds from the start of a stretch to its end. */
export const secondsOf = (stretch: readonly Turn[]): number =>
  cueEndSeconds(stretch.at(-1)!.cue) - stretch[0]!.cue.startSeconds;

/** Seconds of work in a stretch. */
export const workOf = (stretch: readonly Turn[]): number =>
  stretch.reduce((sum, { cue }) => sum + cue.lengthSeconds, 0);

/** A finding at a turn, named as the script calls it. */
export function seenAt(
  { cue, doing }: Turn,
  severity: Severity,
  params: Seen['params'],
  fix: Seen['fix'] = null,
): Seen {
  return {
    place: { beatId: cue.beatId, part: doing.part },
    severity,
    params: { name: doing.name, ...params },
    fix,
  };
}
