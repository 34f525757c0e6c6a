import type { Cue, Doing } from '../cues/cue';
import { secondsPerRep } from '../cues/pace';
import { secondsInTempo } from '../cues/tempo';
import type { Tempo } from '../model/dose';
import type { Move } from '../model/move';
import type { DrawContext } from '../schedule/draw-cues';
import type { DrawsByBeat } from '../schedule/resolve-draws';

/** The way as it is led: the script, what was drawn, and the cues that come of them. */
export type LedWay = Readonly<{
  context: Omit<DrawContext, 'book'>;
  draws: DrawsByBeat;
  cues: readonly Cue[];
}>;

/** Seconds from one rep of a move to the next, for those who are led, in a tempo. */
export const eachOf = ({ context }: LedWay, move: Move, tempo: Tempo) =>
  secondsInTempo(tempo, secondsPerRep(move, context.setting.ages, context.pace));

/** Another cue of the same part, in this round or a later one. */
export const isSamePart = (cue: Cue, doing: Doing) =>
  cue.doing?.part === doing.part && cue.doing.round.n >= doing.round.n;
