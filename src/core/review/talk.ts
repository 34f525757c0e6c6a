import type { CountAloud } from './counting-aloud';
import type { TimedWord } from './timed-word';

/** A stretch in which somebody talks without a pause. */
type Speech = Readonly<{ startSeconds: number; endSeconds: number; words: number }>;

/** A pause of this many seconds ends a stretch; shorter stretches are calls, not talk. Our own judgement. */
const PAUSE = 0.7;
const SHORTEST_TALK = 3;
const FEWEST_WORDS = 8;

/** Stretches of speech, in order. */
export function speechOf(words: readonly TimedWord[]): readonly Speech[] {
  const found: { startSeconds: number; endSeconds: number; words: number }[] = [];
  for (const { startSeconds, endSeconds } of words) {
    const last = found.at(-1);
    if (last && startSeconds - last.endSeconds <= PAUSE) {
      last.endSeconds = Math.max(last.endSeconds, endSeconds);
      last.words += 1;
    } else found.push({ startSeconds, endSeconds, words: 1 });
  }
  return found;
}

/** Words a minute while talking, without counts and calls; null where too little is said. */
export function talkPace(
  words: readonly TimedWord[],
  counts: readonly CountAloud[],
): number | null {
  const outside = words.filter(
    ({ startSeconds }) =>
      !counts.some(
        (count) => startSeconds >= count.startSeconds && startSeconds <= count.endSeconds,
      ),
  );
  const talk = speechOf(outside).filter(
    (one) => one.endSeconds - one.startSeconds >= SHORTEST_TALK && one.words >= FEWEST_WORDS,
  );
  const seconds = talk.reduce((sum, one) => sum + one.endSeconds - one.startSeconds, 0);
  const said = talk.reduce((sum, one) => sum + one.words, 0);
  return seconds > 0 ? Math.round((said * 60) / seconds) : null;
}
