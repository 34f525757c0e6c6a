/** Recordings that are made up: captions of a session that was led, with what was left out known. */
import { seededRandom, type Random } from '../chance/random';
import type { Adventure } from '../document/adventure';
import { type Cue, isCountedWork, isWork } from '../cues/cue';
import { numberWord } from '../words/numbers';
import type { CaptionLine } from '../log/reviewed';
import { segmentsOf } from '../review/segments';
import type { Segment } from '../review/listening';

/** How a made recording differs from its script. */
export type Made = Readonly<{
  seed: number;
  /** Segments that are left out, done twice, or changed about with the next, by their places. */
  leftOut?: readonly number[];
  twice?: readonly number[];
  swapped?: readonly number[];
  /** Share of words that a machine heard wrongly. */
  wrong?: number;
  /** Share of the words of a line that the presenter says as written, and of names that are said. */
  asWritten?: number;
  named?: number;
  countsAloud?: number;
  /** How much slower it is than planned, and how much each thing differs from that. */
  slower?: number;
  varies?: number;
  /** Words besides, a minute. */
  chatter?: number;
}>;

export type MadeRecording = Readonly<{
  lines: readonly CaptionLine[];
  endSeconds: number;
  segments: readonly Segment[];
  /** When each segment was begun, by its place; those left out are not in it. */
  starts: ReadonlyMap<number, number>;
}>;

/** What presenters say that is in no script. All of it is ours. */
const CHATTER =
  'okay everybody so lovely well done keep going good job nice and strong remember to breathe how are we doing fantastic wow look at you that is brilliant shall we try again who is still with me'.split(
    ' ',
  );
const LETTERS = 'abcdefghijklmnoprstuvw';

/** A word as a machine may have heard it: another one, or with other letters. */
function misheard(word: string, random: Random): string {
  if (random.share() < 0.5) return CHATTER[random.whole(0, CHATTER.length - 1)]!;
  const at = random.whole(0, Math.max(0, word.length - 1));
  return word.slice(0, at) + LETTERS[random.whole(0, LETTERS.length - 1)] + word.slice(at + 1);
}

/** What is said at a cue, and for counted work the count. */
function saidAt(cue: Cue, made: Required<Made>, random: Random): readonly string[] {
  const some = (text: string, share: number) =>
    text
      .toLowerCase()
      .split(/[^\p{L}\d’']+/u)
      .filter((word) => word && random.share() < share);
  const words = [...some(cue.text, made.asWritten)];
  if (cue.doing && (isWork(cue) || cue.kind === 'count-in') && random.share() < made.named) {
    words.unshift(...some(cue.doing.name, 1));
  }
  for (const { text } of cue.meanwhile) words.push(...some(text, made.asWritten));
  if (cue.kind === 'drink') words.push('time', 'for', 'a', 'drink');
  if (isCountedWork(cue) && cue.doing!.amount <= 19 && random.share() < made.countsAloud) {
    for (let n = 1; n <= cue.doing!.amount; n += 1) words.push(numberWord(n));
  }
  return words;
}

/** A session as it was led, told by its captions. */
export function madeRecording(
  adventure: Adventure,
  cues: readonly Cue[],
  known: ReadonlySet<string>,
  how: Made,
): MadeRecording {
  const made: Required<Made> = {
    leftOut: [],
    twice: [],
    swapped: [],
    wrong: 0.1,
    asWritten: 0.6,
    named: 0.85,
    countsAloud: 0.6,
    slower: 1.1,
    varies: 0.25,
    chatter: 30,
    ...how,
  };
  const random = seededRandom(made.seed);
  const segments = segmentsOf(adventure, cues, known);
  const order = segments.map((_, n) => n);
  for (const n of made.swapped) [order[n], order[n + 1]] = [order[n + 1]!, order[n]!];
  const lines: CaptionLine[] = [];
  const starts = new Map<number, number>();
  let now = random.whole(0, 6);
  const say = (words: readonly string[], from: number, to: number) => {
    const heard = words.map((word) =>
      random.share() < made.wrong ? misheard(word, random) : word,
    );
    for (let n = 0; n < heard.length; n += 7) {
      const each = (to - from) / Math.max(1, heard.length);
      const startSeconds = from + n * each;
      const text = heard.slice(n, n + 7).join(' ');
      lines.push({
        startSeconds,
        endSeconds: Math.min(to, startSeconds + 7 * each),
        text,
        wordSeconds: null,
      });
    }
  };
  for (const n of order) {
    if (made.leftOut.includes(n)) continue;
    for (let time = 0; time < (made.twice.includes(n) ? 2 : 1); time += 1) {
      const segment = segments[n]!;
      if (time === 0) starts.set(n, now);
      for (const cue of cues.slice(segment.fromCue, segment.toCue)) {
        const times = made.slower * Math.exp(made.varies * (random.share() * 2 - 1));
        const words = [...saidAt(cue, made, random)];
        const besides = (made.chatter * cue.lengthSeconds * times) / 60;
        for (let k = 0; k < besides && random.share() < 0.7; k += 1) {
          words.push(CHATTER[random.whole(0, CHATTER.length - 1)]!);
        }
        const length = Math.max(cue.lengthSeconds * times, words.length * 0.28);
        if (words.length > 0) say(words, now, now + length * 0.95);
        now += length;
      }
    }
  }
  return { lines, endSeconds: now + 2, segments, starts };
}
