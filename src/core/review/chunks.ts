import type { CountAloud } from './counting-aloud';
import { pairOf, termOf } from './terms';
import type { TimedWord } from './timed-word';
import type { SpeechSpan } from './voices';

/** A stretch of a recording that is not divided any further: a few words, or a while without any. */
export type Chunk = Readonly<{
  startSeconds: number;
  /** What was said in it, as it is compared: words and pairs of them. */
  terms: readonly string[];
  /** How well something new begins here, in nats: after a pause, with "next", not within a count. */
  opens: number;
}>;

/** Longest stretch with words, and without, in seconds. */
const LONGEST = 2.2;
const LONGEST_SILENT = 3;
/** A pause that parts what is said, in seconds; one after which something new may well begin. */
const PAUSE = 0.6;
const LONG_PAUSE = 1.8;
/** What a pause, a longer one, an opening word and a count are worth there, in nats. Our own judgement. */
const OPENS = { pause: 0.35, longPause: 0.6, opener: 0.5, inCount: -2 } as const;

/** Words that something new begins with. */
const OPENERS = new Set(
  'next now okay ok alright right so then well lets let ready finally last first come great good lovely hello hi welcome time'.split(
    ' ',
  ),
);

/** Where a stretch begins: with a word, in a silence, or at a time that somebody set. */
type Start = Readonly<{ seconds: number; opens: number }>;

/** What there is to hear of a recording. */
export type Heard = Readonly<{
  words: readonly TimedWord[];
  voices: readonly SpeechSpan[];
  endSeconds: number;
}>;

/** Without words, something may begin wherever somebody begins to speak. */
function startsOfVoices(voices: readonly SpeechSpan[], words: readonly TimedWord[]): Start[] {
  if (words.length > 0) return [];
  return voices.map(([from], n) => {
    const pause = from - (voices[n - 1]?.[1] ?? 0);
    return { seconds: from, opens: pause > LONG_PAUSE ? OPENS.longPause : OPENS.pause };
  });
}

/** Where stretches with words begin. */
function startsOfWords(words: readonly TimedWord[], counts: readonly CountAloud[]): Start[] {
  const inCount = (seconds: number) =>
    counts.some((count) => seconds > count.startSeconds + 0.01 && seconds <= count.endSeconds);
  const starts: Start[] = [];
  words.forEach(({ text, startSeconds }, index) => {
    const before = words[index - 1];
    const pause = startSeconds - (before?.endSeconds ?? 0);
    const isOpener = OPENERS.has(text) && !OPENERS.has(before?.text ?? '');
    const since = startSeconds - (starts.at(-1)?.seconds ?? -Infinity);
    if (pause <= PAUSE && since <= LONGEST && !isOpener) return;
    const afterPause = pause > LONG_PAUSE ? OPENS.longPause : pause > PAUSE ? OPENS.pause : 0;
    const opens =
      afterPause + (isOpener ? OPENS.opener : 0) + (inCount(startSeconds) ? OPENS.inCount : 0);
    starts.push({ seconds: startSeconds, opens });
  });
  return starts;
}

/** Where silence is divided: nobody says when what is done without words begins. */
function startsInSilence(words: readonly TimedWord[], endSeconds: number): Start[] {
  const starts: Start[] = [];
  const edges = [...words.map(({ startSeconds }) => startSeconds), endSeconds];
  edges.forEach((until, index) => {
    const from = words[index - 1]?.endSeconds ?? 0;
    for (let at = from + 0.3; until - at > LONGEST_SILENT * 1.5; at += LONGEST_SILENT) {
      starts.push({ seconds: at, opens: 0 });
    }
  });
  return starts;
}

/**
 * What was said, divided where a pause or an opening word is and after 2.2 s at the latest, with silence
 * divided too, from 0 to `endSeconds`. `cuts` are further times, in seconds, at which something may begin.
 */
export function chunksOf(
  { words, voices, endSeconds }: Heard,
  counts: readonly CountAloud[],
  cuts: readonly number[] = [],
): readonly Chunk[] {
  const starts = [
    { seconds: 0, opens: 0 },
    ...startsOfWords(words, counts),
    ...startsInSilence(words, endSeconds),
    ...startsOfVoices(voices, words),
    ...cuts.map((seconds) => ({ seconds, opens: 0 })),
  ]
    .sort((a, b) => a.seconds - b.seconds || b.opens - a.opens)
    .filter(({ seconds }, n, all) => n === 0 || seconds > all[n - 1]!.seconds);
  const chunks = starts.map(({ seconds, opens }) => ({
    startSeconds: seconds,
    terms: [] as string[],
    opens,
  }));
  let index = 0;
  let last: Readonly<{ term: string; endSeconds: number }> | null = null;
  for (const { text, startSeconds, endSeconds: until } of words) {
    while (index + 1 < chunks.length && chunks[index + 1]!.startSeconds <= startSeconds) index += 1;
    const term = termOf(text);
    if (term === null) continue;
    const { terms } = chunks[index]!;
    terms.push(term);
    if (last && startSeconds - last.endSeconds < LONG_PAUSE) terms.push(pairOf(last.term, term));
    last = { term, endSeconds: until };
  }
  return chunks;
}
