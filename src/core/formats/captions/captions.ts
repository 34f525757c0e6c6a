import { problem, type Result } from '../../model/problem';
import type { CaptionLine } from '../../log/reviewed';
import { linesOfJson } from './captions-json';
import { linesOfText } from './captions-text';
import { linesOfXml } from './captions-xml';
import { withoutRepeats } from './rolling';

/** Most characters of a caption file: an hour of one with a time for every word has about a million. */
export const MAX_CAPTION_CHARACTERS = 2_000_000;
/** Longest recording, in seconds: four hours. */
const MOST_SECONDS = 4 * 3600;

/** The kinds of captions that are read. What is in the file decides, not its name. */
export const CAPTION_FORMATS = ['vtt', 'srt', 'xml', 'json', 'text'] as const;

const LINES = [linesOfJson, linesOfXml, linesOfText];

/**
 * The lines of a caption file with their times, in order: WebVTT, SubRip, timed text in XML or JSON,
 * lyrics with times, a text with a time before each line. Rolling captions of a machine are told
 * once. Problems: `too-large`, `no-captions` (nothing with a time is in it).
 */
export function readCaptions(text: string): Result<readonly CaptionLine[]> {
  if (text.length > MAX_CAPTION_CHARACTERS) {
    return { ok: false, problems: [problem('too-large', [], { most: MAX_CAPTION_CHARACTERS })] };
  }
  const plain = text.replace(/^\uFEFF/u, '').replace(/\r\n?/gu, '\n');
  let lines: readonly CaptionLine[] = [];
  for (const read of LINES) {
    lines = read(plain).filter(
      ({ startSeconds, text: said }) => startSeconds >= 0 && startSeconds < MOST_SECONDS && said,
    );
    if (lines.length > 0) break;
  }
  if (lines.length === 0) return { ok: false, problems: [problem('no-captions')] };
  const inOrder = [...lines].sort((a, b) => a.startSeconds - b.startSeconds);
  return { ok: true, value: ended(withoutRepeats(inOrder)) };
}

/** Each line ends when the next begins at the latest, and after it has begun. */
function ended(lines: readonly CaptionLine[]): readonly CaptionLine[] {
  return lines.map((line, index) => {
    const next = lines[index + 1]?.startSeconds ?? Infinity;
    const until = Math.min(line.endSeconds, MOST_SECONDS, Math.max(next, line.startSeconds + 0.05));
    return { ...line, endSeconds: Math.max(until, line.startSeconds + 0.05) };
  });
}
