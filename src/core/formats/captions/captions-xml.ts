import type { CaptionLine } from '../../log/reviewed';
import { spokenOnly } from './caption-marks';
import { clockSeconds } from './clock-time';

type Element = Readonly<{ given: string; inner: string }>;

/** The elements of these names, in order; each goes to its end or to the next one's start. */
function elements(text: string, names: string): readonly Element[] {
  const pieces = text.split(new RegExp(`<(?=(?:${names})[\\s>])`, 'iu')).slice(1);
  const end = new RegExp(`</(?:${names})>`, 'iu');
  return pieces.flatMap((piece) => {
    const opened = piece.indexOf('>');
    if (opened < 0) return [];
    const inner = piece.slice(opened + 1).split(end, 1)[0]!;
    return [{ given: piece.slice(0, opened), inner }];
  });
}

function attributes(text: string): ReadonlyMap<string, string> {
  return new Map(
    [...text.matchAll(/([\w:]+)\s*=\s*(?:"([^"]*)"|'([^']*)')/gu)].map((match) => [
      match[1]!.toLowerCase(),
      match[2] ?? match[3] ?? '',
    ]),
  );
}

/** A time of timed text: a clock, "12.5s", "300ms", ticks, or a bare number in `bare` a second. */
function seconds(text: string | undefined, bare: number, ticks: number): number {
  if (text === undefined) return NaN;
  const amount = /^(\d+(?:\.\d+)?)(ms|s|m|h|t)?$/u.exec(text.trim());
  if (!amount) return clockSeconds(text);
  const value = Number(amount[1]);
  const each = { ms: 1e-3, s: 1, m: 60, h: 3600, t: 1 / ticks }[amount[2] ?? ''] ?? 1 / bare;
  return value * each;
}

/** Captions in XML: timed text of broadcasters (`begin`, `end`), and of players (`t`, `d`, `start`, `dur`). */
export function linesOfXml(text: string): readonly CaptionLine[] {
  if (!/^\s*</u.test(text)) return [];
  const ticks = Number(/tickRate\s*=\s*"(\d+)"/u.exec(text)?.[1] ?? 10_000_000);
  return elements(text, 'p|text|cue').flatMap(({ given, inner }) => {
    const has = attributes(given);
    // "t" and "d" are thousandths, "start" and "dur" seconds.
    const bare = has.has('t') ? 1000 : 1;
    const startSeconds = seconds(has.get('begin') ?? has.get('t') ?? has.get('start'), bare, ticks);
    if (Number.isNaN(startSeconds)) return [];
    const lasts = seconds(has.get('dur') ?? has.get('d'), bare, ticks);
    const ends = seconds(has.get('end'), bare, ticks);
    const endSeconds = Number.isNaN(ends) ? startSeconds + (Number.isNaN(lasts) ? 4 : lasts) : ends;
    const words: string[] = [];
    const wordSeconds: number[] = [];
    for (const word of elements(inner, 's|span')) {
      const after = seconds(attributes(word.given).get('t') ?? '0', 1000, ticks);
      for (const one of spokenOnly(word.inner).split(' ').filter(Boolean)) {
        words.push(one);
        wordSeconds.push(startSeconds + (Number.isNaN(after) ? 0 : after));
      }
    }
    const said = spokenOnly(inner.replace(/<br\s*\/?>/giu, ' '));
    const timed = words.length > 0 && bare === 1000 && words.join(' ') === said;
    return [{ startSeconds, endSeconds, text: said, wordSeconds: timed ? wordSeconds : null }];
  });
}
