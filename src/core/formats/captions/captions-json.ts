import type { CaptionLine } from '../../log/reviewed';
import { spokenOnly } from './caption-marks';
import { clockSeconds } from './clock-time';

type Row = Readonly<Record<string, unknown>>;
const isRow = (value: unknown): value is Row =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Names that files have for the same thing, and how many of it make a second. */
const STARTS = {
  tStartMs: 1000,
  startMs: 1000,
  start_ms: 1000,
  start: 1,
  startTime: 1,
  begin: 1,
  from: 1,
};
const ENDS = { endMs: 1000, end_ms: 1000, end: 1, endTime: 1, to: 1 };
const LENGTHS = { dDurationMs: 1000, durationMs: 1000, duration: 1, dur: 1 };
const TEXTS = ['text', 'utf8', 'content', 'transcript', 'word'];
/** Deepest that lists are looked for. */
const DEEPEST = 5;

function timeIn(row: Row, names: Readonly<Record<string, number>>): number {
  for (const [name, each] of Object.entries(names)) {
    const value = row[name];
    if (typeof value === 'number') return value / each;
    if (typeof value === 'string') {
      const read = /^\d+(\.\d+)?$/u.test(value) ? Number(value) / each : clockSeconds(value);
      if (!Number.isNaN(read)) return read;
    }
  }
  return NaN;
}

const textIn = (row: Row) => {
  const name = TEXTS.find((one) => typeof row[one] === 'string');
  return name === undefined ? null : String(row[name]);
};

/** The pieces of a line that have times of their own, where all of them have. */
function piecesIn(row: Row, startSeconds: number): readonly (readonly [string, number])[] | null {
  const list = [row.segs, row.words].find(Array.isArray) as readonly unknown[] | undefined;
  if (!list) return null;
  return list.filter(isRow).flatMap((piece) => {
    const after = piece.tOffsetMs;
    const own = timeIn(piece, STARTS);
    const at = Number.isNaN(own)
      ? startSeconds + (typeof after === 'number' ? after / 1000 : 0)
      : own;
    const words = spokenOnly(textIn(piece) ?? '')
      .split(' ')
      .filter(Boolean);
    return words.map((word) => [word, at] as const);
  });
}

function lineOf(row: Row): CaptionLine | null {
  const startSeconds = timeIn(row, STARTS);
  if (Number.isNaN(startSeconds)) return null;
  const pieces = piecesIn(row, startSeconds);
  const text = textIn(row);
  if (text === null && !pieces) return null;
  const lasts = timeIn(row, LENGTHS);
  const ends = timeIn(row, ENDS);
  const last = pieces?.at(-1)?.[1] ?? startSeconds;
  const endSeconds = !Number.isNaN(ends)
    ? ends
    : startSeconds + (Number.isNaN(lasts) ? last - startSeconds + 2 : lasts);
  if (pieces && pieces.length > 0) {
    return {
      startSeconds,
      endSeconds,
      text: pieces.map(([word]) => word).join(' '),
      wordSeconds: pieces.map(([, at]) => at),
    };
  }
  return { startSeconds, endSeconds, text: spokenOnly(text ?? ''), wordSeconds: null };
}

/** So many of a list are looked into. */
const MOST_LOOKED_INTO = 50;

/** The longest list of lines with times that is anywhere in a document. */
function longest(value: unknown, depth: number): readonly CaptionLine[] {
  if (depth > DEEPEST) return [];
  const isList = Array.isArray(value);
  if (!isList && !isRow(value)) return [];
  const within: readonly unknown[] = isList ? value : Object.values(value);
  const lines = isList ? within.flatMap((row) => (isRow(row) ? (lineOf(row) ?? []) : [])) : [];
  if (lines.length > 0) return lines;
  const looked = isList ? within.slice(0, MOST_LOOKED_INTO) : within;
  return looked.reduce<readonly CaptionLine[]>((best, one) => {
    const found = longest(one, depth + 1);
    return found.length > best.length ? found : best;
  }, []);
}

/** Captions in JSON, of players and of speech readers. */
export function linesOfJson(text: string): readonly CaptionLine[] {
  if (!/^\s*[[{]/u.test(text)) return [];
  try {
    return longest(JSON.parse(text) as unknown, 0);
  } catch {
    return [];
  }
}
