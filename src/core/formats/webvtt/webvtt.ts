import { capital } from '../../words/capital';
import { askedInWords, unitWord } from '../../language/dose-words';
import type { Adventure } from '../../document/adventure';
import { isWork, type Cue } from '../../cues/cue';
import type { Schedule } from '../../schedule/unroll';

/** A caption: two lines of about forty signs are read at a glance. Common practice. */
const MOST_SIGNS = 84;

/** Words under the picture, from when to when, in seconds. */
export type Caption = Readonly<{ startSeconds: number; endSeconds: number; text: string }>;

/** 00:01:02.345, as W3C WebVTT has it. */
function timestamp(seconds: number): string {
  const ms = Math.round(seconds * 1000);
  const two = (n: number) => String(n).padStart(2, '0');
  const whole = Math.floor(ms / 1000);
  return `${two(Math.floor(whole / 3600))}:${two(Math.floor(whole / 60) % 60)}:${two(whole % 60)}.${String(ms % 1000).padStart(3, '0')}`;
}

/** One line without the signs that WebVTT takes for its own. */
const plain = (text: string) =>
  text
    .replace(/\s+/gu, ' ')
    .trim()
    .replace(/&/gu, '&amp;')
    .replace(/</gu, '&lt;')
    .replace(/>/gu, '&gt;');

/** Texts with their times, in seconds, as a WebVTT file. */
export function serializeTimedText(captions: readonly Caption[]): string {
  const cues = captions
    .map((one) => ({ ...one, text: plain(one.text) }))
    // A cue ends after it begins, and says something.
    .filter(({ startSeconds, endSeconds, text }) => endSeconds - startSeconds >= 0.001 && text)
    .map(
      ({ startSeconds, endSeconds, text }, n) =>
        `${n + 1}\n${timestamp(startSeconds)} --> ${timestamp(endSeconds)}\n${text}\n`,
    );
  return `WEBVTT\n\n${cues.join('\n')}`;
}

/** A long text in pieces at its words, each with its share of the time by its length. */
function pieces({ startSeconds, endSeconds, text }: Caption): Caption[] {
  const parts: string[] = [];
  for (const word of text.split(/\s+/u).filter(Boolean)) {
    const last = parts.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= MOST_SIGNS) {
      parts[parts.length - 1] = `${last} ${word}`;
    } else parts.push(word);
  }
  const all = parts.reduce((sum, { length }) => sum + length, 0);
  let done = 0;
  const at = (signs: number) => startSeconds + ((endSeconds - startSeconds) * signs) / all;
  return parts.map((part) => {
    const start = at(done);
    done += part.length;
    return { startSeconds: start, endSeconds: at(done), text: part };
  });
}

/** What is heard or called at a cue; empty where there is nothing to write under the picture. */
function spoken({ kind, text, doing }: Cue): string {
  if (text) return kind === 'swap' ? capital(text) : text;
  if (!doing) return kind === 'drink' ? 'Time for a drink.' : '';
  const name = capital(doing.name);
  const side = doing.side === 'any' ? '' : `, ${doing.side} side`;
  if (kind === 'count-in') return `${name}${side}. Three, two, one, go!`;
  if (isWork({ kind })) {
    const amount = Math.round(doing.amount * 10) / 10;
    const way = doing.direction && `, ${doing.direction}`;
    const asked = doing.asked
      ? askedInWords(doing.asked, doing.unit, amount)
      : `${amount} ${unitWord(doing.unit, amount)}`;
    return `${name}${side}${way}: ${asked}.`;
  }
  if (kind === 'swap') return 'Swap sides.';
  return kind === 'rest' ? 'Rest.' : '';
}

/** What is done, and the words said meanwhile, each at its own time: the first with what is done. */
function captionsOf(cue: Cue): readonly Caption[] {
  const { startSeconds, lengthSeconds, meanwhile } = cue;
  const endSeconds = startSeconds + lengthSeconds;
  const begun = meanwhile.filter(({ goesOn }) => !goesOn);
  const [first, ...others] = begun.map(({ text, atSeconds }, n): Caption => {
    const next = begun[n + 1];
    const end = next ? startSeconds + next.atSeconds : endSeconds;
    return { startSeconds: startSeconds + atSeconds, endSeconds: end, text };
  });
  if (!first) return [{ startSeconds, endSeconds, text: spoken(cue) }];
  return [{ ...first, startSeconds, text: `${spoken(cue)} ${first.text}`.trim() }, ...others];
}

/** The planned captions of a film: what is said, and what is done, at its time; none is empty. */
export function plannedCaptions({ cues }: Pick<Schedule, 'cues'>): readonly Caption[] {
  return cues.flatMap((cue) => captionsOf(cue).flatMap(pieces));
}

/** The planned captions as a WebVTT file. */
export const serializeCaptions = (schedule: Pick<Schedule, 'cues'>): string =>
  serializeTimedText(plannedCaptions(schedule));

/** The chapters of a film, each to the start of the next; one without a cue is left out. */
export function plannedChapters(
  { chapters }: Pick<Adventure, 'chapters'>,
  { cues, totalSeconds }: Pick<Schedule, 'cues' | 'totalSeconds'>,
): readonly Caption[] {
  const starts = chapters.flatMap(({ id, title, kind }) => {
    const first = cues.find(({ chapterId }) => chapterId === id);
    return first ? [{ startSeconds: first.startSeconds, text: title.trim() || capital(kind) }] : [];
  });
  return starts.map((one, n) => ({
    ...one,
    endSeconds: starts[n + 1]?.startSeconds ?? totalSeconds,
  }));
}

/** The chapters of a film as a WebVTT file. */
export const serializeChapters = (
  adventure: Pick<Adventure, 'chapters'>,
  schedule: Pick<Schedule, 'cues' | 'totalSeconds'>,
): string => serializeTimedText(plannedChapters(adventure, schedule));
