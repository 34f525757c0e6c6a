import type { Move, Picture } from '$core';
import { SIGNS } from '$lib/pictures/move-pictures';
import type { Shown } from '../companions';

const SIGN_OF: Partial<Record<Shown['moment'], Picture>> = {
  drink: SIGNS.drink,
  rest: SIGNS.rest,
  change: SIGNS.change,
  setup: SIGNS.change,
  swap: SIGNS.change,
};

/** A long word goes over the whole width, so that it is large in one piece. */
const LONG_WORD = 9;
const isLong = (text: string) => text.split(/[\s-]/u).some(({ length }) => length >= LONG_WORD);
/** Many words have two lines and more: they take room from figure and count. */
const MANY_SIGNS = 22;

/** How the place for something that is done is shared out, and in what shape it is counted. */
export type DoingShape = Readonly<{
  counted: boolean;
  /** Beads for reps, a frame for a hold, a band for time. */
  count: 'beads' | 'band' | 'frame';
  sign: Picture | null;
  /** The sign stands there for itself, or small beside the figure. */
  signShown: boolean;
  pictured: boolean;
  wordy: boolean;
  long: boolean;
}>;

/** See `DoingShape`. */
export function shapeOfDoing(
  { moment, count, side }: Pick<Shown, 'moment' | 'count' | 'side'>,
  name: string,
  moves: readonly Move[],
): DoingShape {
  const sign = SIGN_OF[moment] ?? null;
  const isChange = (moment === 'change' || moment === 'swap') && side === null;
  const wordy = name.length >= MANY_SIGNS;
  return {
    counted: count !== null && moment !== 'calm',
    count: moment === 'reps' ? 'beads' : moment === 'hold' ? 'frame' : 'band',
    sign,
    signShown: sign !== null && (moves.length === 0 || isChange),
    pictured: moves.length > 0 || sign !== null,
    wordy,
    long: wordy || isLong(name),
  };
}
