import { isWork, type Cue } from './cue';
import type { Pace } from './pace';
import { speechSeconds } from './speech';

/** The lane of what is said: one stretch of it. `while`: the children move, drink or throw meanwhile. */
export type Saying = Readonly<{
  cueId: string;
  chapterId: string;
  beatId: string;
  part: string | null;
  text: string;
  startSeconds: number;
  lengthSeconds: number;
  when: 'before' | 'while' | 'after';
}>;

/** Everything that is said, in order, beside the cues that it is said in. */
export function sayingsOf(cues: readonly Cue[], pace: Pace): readonly Saying[] {
  return cues.flatMap((cue) => {
    const { id, chapterId, beatId, doing, text, startSeconds, lengthSeconds } = cue;
    const place = { cueId: id, chapterId, beatId, part: doing?.part ?? null };
    const own: Saying = {
      ...place,
      text,
      startSeconds,
      lengthSeconds: Math.min(lengthSeconds, speechSeconds(text, pace)),
      when: isWork(cue) ? 'while' : cue.sticksOut ? 'after' : 'before',
    };
    const during = cue.meanwhile
      .filter(({ goesOn }) => !goesOn)
      .map((piece): Saying => ({
        ...place,
        text: piece.text,
        startSeconds: startSeconds + piece.atSeconds,
        lengthSeconds: piece.lengthSeconds,
        when: 'while',
      }));
    return text.trim() && cue.kind !== 'draw' && cue.kind !== 'setup' ? [own, ...during] : during;
  });
}
