import { countWords } from '../words/count-words';
import type { Pace } from './pace';
import { plainSpeechSeconds } from './speech';

/** Something said while a cue runs: its words, and when they begin in it. Lengths in seconds. */
export type Piece = Readonly<{
  text: string;
  atSeconds: number;
  lengthSeconds: number;
  /** It was begun in the cue before. */
  goesOn: boolean;
}>;

/** A piece is read at a glance: so many words at most. Our own judgement. */
const MOST_WORDS = 12;

/** A text behind its sentences, its clauses, and at last its words, so that no piece is longer. */
function cut(text: string, at: readonly RegExp[]): string[] {
  if (countWords(text) <= MOST_WORDS) return [text];
  const [first, ...others] = at;
  if (first) return text.split(first).flatMap((one) => cut(one, others));
  const words = text.split(/\s+/u);
  const count = Math.ceil(words.length / MOST_WORDS);
  const each = Math.ceil(words.length / count);
  return Array.from({ length: count }, (_, n) => words.slice(n * each, (n + 1) * each).join(' '));
}

/**
 * A text in pieces that are read at a glance, none of its words lost: at the ends of sentences, then at
 * commas, then anywhere. Short ones stand together.
 */
export function inPieces(text: string): readonly string[] {
  const sentences = text.trim().split(/(?<=[.!?…][”"’')]*)\s+/u);
  const pieces: string[] = [];
  for (const piece of sentences.flatMap((one) => cut(one, [/(?<=[,;:–—])\s+/u]))) {
    if (!piece) continue;
    const before = pieces.at(-1);
    const longer = before === undefined ? piece : `${before} ${piece}`;
    // Short sentences are read together: what flickers is not read at all.
    const isShort = countWords(longer) <= MOST_WORDS;
    if (isShort || countWords(before ?? piece) === 0) pieces.splice(-1, 1, longer);
    else pieces.push(piece);
  }
  return pieces;
}

/** A stretch of time in which words can be said: how much of it is free, and from when on. */
export type Room = Readonly<{ freeSeconds: number; fromSeconds: number }>;

/** Words laid over rooms: the pieces that begin in each of them, and what sticks out at the end. */
export type Laid = Readonly<{
  pieces: readonly (readonly Piece[])[];
  rest: string;
  restSeconds: number;
}>;

/** The first words of a piece and the last ones, by the share of its time that is left over. */
function parted(text: string, share: number): readonly [said: string, left: string] {
  const words = text.split(/\s+/u);
  const left = Math.min(words.length, Math.max(1, Math.round(words.length * share)));
  return [
    words.slice(0, words.length - left).join(' '),
    words.slice(words.length - left).join(' '),
  ];
}

/**
 * Lays words over rooms in order, one after another as they are said. A piece may run on from one room
 * into the next; what is said after the last one ends is left over, with its seconds.
 */
export function layWords(text: string, rooms: readonly Room[], pace: Pace): Laid {
  const pieces: Piece[][] = rooms.map(() => []);
  const rest: string[] = [];
  let restSeconds = 0;
  let at = 0;
  let used = 0;
  for (const piece of inPieces(text)) {
    const seconds = plainSpeechSeconds(piece, pace);
    while (at < rooms.length && rooms[at]!.freeSeconds - used <= 1e-9) [at, used] = [at + 1, 0];
    const parts: (readonly [room: number, atSeconds: number, lengthSeconds: number])[] = [];
    let left = seconds;
    while (at < rooms.length && left > 1e-9) {
      const { freeSeconds, fromSeconds } = rooms[at]!;
      const taken = Math.min(left, freeSeconds - used);
      if (taken > 0) parts.push([at, fromSeconds + used, taken]);
      left -= taken;
      used += taken;
      if (left > 1e-9) [at, used] = [at + 1, 0];
    }
    const isOver = left > 1e-9;
    const [said, late] =
      isOver && parts.length > 0 ? parted(piece, left / seconds) : [piece, piece];
    parts.forEach(([room, atSeconds, lengthSeconds], n) => {
      pieces[room]!.push({ text: said, atSeconds, lengthSeconds, goesOn: n > 0 });
    });
    if (isOver) rest.push(late);
    restSeconds += isOver ? left : 0;
  }
  return { pieces, rest: rest.join(' '), restSeconds };
}

/** What is being said at a moment of a cue, and what comes next; empty where nothing is. */
export function piecesAt(
  pieces: readonly Piece[],
  intoSeconds: number,
): Readonly<{ now: string; next: string }> {
  const index = pieces.findLastIndex(({ atSeconds }) => atSeconds <= intoSeconds + 1e-6);
  return { now: pieces[index]?.text ?? '', next: pieces[index + 1]?.text ?? '' };
}
