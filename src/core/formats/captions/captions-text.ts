import type { CaptionLine } from '../../log/reviewed';
import { CLOCK_TIME, clockSeconds } from './clock-time';
import { spokenOnly } from './caption-marks';

/** Two times: "00:01.000 --> 00:04.000", "0:00:01.00,0:00:04.00". */
const SPAN = new RegExp(
  String.raw`^\s*\[?(${CLOCK_TIME})\]?\s*(?:-{1,3}>|→|,|–|-|\t|\s)\s*\[?(${CLOCK_TIME})\]?(.*)$`,
  'u',
);
/** One time at the start of a line, alone or before its words: "[00:12.30] …", "0:12". */
const MOMENT = new RegExp(String.raw`^\s*[[(]?(${CLOCK_TIME})[\])]?\s*[-–|:]?\s*(.*)$`, 'u');
/** A table of a speech reader: milliseconds, milliseconds, words. */
const MILLISECONDS = /^(\d{1,9})\t(\d{1,9})\t(.*)$/u;
/** A time between the words of a line, as WebVTT has it. */
const INSIDE = new RegExp(String.raw`<(${CLOCK_TIME})>`, 'u');

/** Places of a caption on the screen: "align:start position:0%". */
const PLACES = /^(?:\s+(?:align|position|line|size|vertical|region):\S+)+/u;
/** Blocks of WebVTT that are not captions. */
const NOT_SAID = /^(?:NOTE|STYLE|REGION)\b/u;
/** How long a line lasts that only says when it begins. */
const USUAL_SECONDS = 4;

type Open = { startSeconds: number; endSeconds: number; text: string[] };

/** The words of a line and when each begins, where times stand between them. */
function timedInside(open: Open): CaptionLine {
  const raw = open.text.join('\n');
  if (!INSIDE.test(raw)) {
    const { startSeconds, endSeconds } = open;
    return { startSeconds, endSeconds, text: spokenOnly(raw), wordSeconds: null };
  }
  const words: string[] = [];
  const wordSeconds: number[] = [];
  let now = open.startSeconds;
  for (const piece of raw.split(new RegExp(INSIDE.source, 'gu')).entries()) {
    const [index, text] = piece;
    // What was split at comes back at every second place.
    if (index % 2 === 1) now = clockSeconds(text);
    else {
      for (const word of spokenOnly(text).split(' ').filter(Boolean)) {
        words.push(word);
        wordSeconds.push(now);
      }
    }
  }
  const { startSeconds, endSeconds } = open;
  return { startSeconds, endSeconds, text: words.join(' '), wordSeconds };
}

/** Captions in lines of text. What stands before the first time, and numbers of captions, is left out. */
export function linesOfText(text: string): readonly CaptionLine[] {
  const found: Open[] = [];
  let open: Open | null = null;
  let skipping = false;
  const lines = text.split('\n');
  const begin = (startSeconds: number, endSeconds: number, words: string) => {
    open = { startSeconds, endSeconds, text: words.trim() ? [words] : [] };
    found.push(open);
  };
  const isTime = (line: string | undefined) => line !== undefined && SPAN.test(line);
  lines.forEach((line, index) => {
    if (line.trim() === '') {
      skipping = false;
      return;
    }
    const table = MILLISECONDS.exec(line);
    const span = table ? null : SPAN.exec(line);
    if (table) begin(Number(table[1]) / 1000, Number(table[2]) / 1000, table[3]!);
    else if (span) {
      skipping = false;
      begin(clockSeconds(span[1]!), clockSeconds(span[2]!), span[3]!.replace(PLACES, ''));
    } else if (skipping || NOT_SAID.test(line)) skipping = true;
    // A caption's number or name stands just before its times.
    else if (isTime(lines[index + 1])) return;
    else {
      const moment = MOMENT.exec(line);
      if (moment) begin(clockSeconds(moment[1]!), Infinity, moment[2]!);
      else open?.text.push(line);
    }
  });
  return found.map((one, index) => {
    const next = found[index + 1]?.startSeconds ?? Infinity;
    const until = Number.isFinite(one.endSeconds)
      ? one.endSeconds
      : Math.min(next, one.startSeconds + Math.max(USUAL_SECONDS, one.text.join(' ').length / 12));
    return timedInside({ ...one, endSeconds: until });
  });
}
