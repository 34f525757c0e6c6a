import type { Cue } from './cue';

/** When each beat (or chapter) begins, in seconds, for those that have a cue. */
export function startsBy(
  cues: readonly Cue[],
  key: 'beatId' | 'chapterId',
): ReadonlyMap<string, number> {
  const starts = new Map<string, number>();
  for (const cue of cues) if (!starts.has(cue[key])) starts.set(cue[key], cue.startSeconds);
  return starts;
}
