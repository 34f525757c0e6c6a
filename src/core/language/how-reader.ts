import { AS_LED, type Led, type LedAsSaid, type Showing } from '../model/led';
import { MOST_WORTH, type Points } from '../model/points';
import { within } from '../words/numbers';
import { headEnd, quoted, revealed } from './said';

/** How a beat is led, and what points are given for. */
export type HowSaid = Partial<LedAsSaid> & Readonly<{ points?: Points }>;
type Found = { -readonly [Key in keyof HowSaid]: HowSaid[Key] };

const LED_WORDS: readonly (readonly [RegExp, Led])[] = [
  [/\bfollow me\b/iu, 'follow me'],
  [/\bshow,? (?:and )?then do\b/iu, 'show, then do'],
  [/\bby the clock\b/iu, 'by the clock'],
];

/** Each takes its words out of the text. */
const PHRASES: readonly (readonly [RegExp, (found: Found) => void])[] = [
  ...LED_WORDS.map(([words, led]) => [words, (found: Found) => (found.led = led)] as const),
  [/^\s*straight into\b/iu, (found) => (found.led = 'follow me')],
  [/\bled as usual\b/iu, (found) => (found.led = null)],
  [/\b(?:all )?shown? first\b/iu, (found) => (found.show = 'first')],
  [/\bshown? (?:each )?in the rests?\b/iu, (found) => (found.show = 'in the rest')],
  [
    /\bmy (?:go|turn),? (?:and )?then yours\b|\b(?:a |the )?leader(?:’s|'s) go,? then (?:yours|theirs)\b|\bshown? in full\b/iu,
    (found) => (found.show = 'in full'),
  ],
  [/\bshown? each\b/iu, (found) => (found.show = 'each')],
  [/\bnot shown\b|\bno showing\b/iu, (found) => (found.show = 'none')],
  [/\b(?:no|without(?: an?)?) count[- ]?in\b/iu, (found) => (found.countIn = false)],
  [/\b(?:with (?:an? )?)?count(?:ed)?[- ]?in\b(?! )/iu, (found) => (found.countIn = true)],
  [/^\s*count(?:ed)?[- ]?in,/iu, (found) => (found.countIn = true)],
];

const WORTH = /\b(\d{1,3}) points? (?:for|when|if) ([^,:]+?)(?=,|\s+and\s+\d|$)/giu;
const SCORED_WORDS: readonly (readonly [RegExp, Points['who']])[] = [
  [/,?\s*\bin (?:two )?teams\b/iu, 'teams'],
  [/,?\s*\b(?:each )?against (?:yourself|yourselves|your own best|themselves)\b/iu, 'yourself'],
  [/,?\s*\ball together\b/iu, 'together'],
];

/** "5 points for an edge, 1 point for a tap, in teams": what points are for, and for whom. */
function takePoints(text: string): Readonly<{ points: Points | null; rest: string }> {
  const worth = [...text.matchAll(WORTH)].slice(0, MOST_WORTH).map(([, points, what]) => ({
    what: revealed(what!).slice(0, 40),
    points: within(Number(points), { least: 1, most: 100 }),
  }));
  if (worth.length === 0) return { points: null, rest: text };
  const [words, who] = SCORED_WORDS.find(([one]) => one.test(text)) ?? ['', 'together' as const];
  const rest = text
    .replace(WORTH, '')
    .replace(words, '')
    .replace(/\s+and\s*(?=,|$)/giu, '');
  return { points: { who, worth }, rest };
}

const SCORED_TYPED = { together: 'all together', teams: 'in teams', yourself: 'against yourself' };

/** Points as they are typed: "5 points for an edge, in teams". */
export function pointsAsTyped(points: Points | undefined): readonly string[] {
  if (!points) return [];
  const worth = points.worth.map(({ what, points: each }) => {
    const plain = /^[\p{L}\p{N} ’'-]+$/u.test(what) && !/\band \d/iu.test(what);
    return `${each} ${each === 1 ? 'point' : 'points'} for ${plain ? what : quoted(what)}`;
  });
  return [...worth, SCORED_TYPED[points.who]];
}

/** What a typed line says of how it is led, and the line without it; null where it says nothing. */
export function takeHow(line: string): Readonly<{ how: HowSaid; rest: string }> | null {
  // Only in front: what is said may say "follow me" too.
  const end = headEnd(line);
  let head = line.slice(0, end);
  const how: Found = {};
  for (const [phrase, take] of PHRASES) {
    if (!phrase.test(head)) continue;
    take(how);
    head = head.replace(phrase, ' ');
  }
  const scored = takePoints(head);
  head = scored.rest;
  if (scored.points) how.points = scored.points;
  if (Object.keys(how).length === 0) return null;
  const tidy = head
    .replace(/(?:\s*,)+\s*(?=,|$)/gu, '')
    .replace(/^[\s,]+/u, '')
    .replace(/\s+/gu, ' ');
  // "follow me: 10 squats": nothing but how it is led stands before the colon.
  const rest =
    tidy.trim() === '' ? line.slice(end).replace(/^:\s*/u, '') : tidy.trimEnd() + line.slice(end);
  return { how, rest };
}

/** "follow me" and nothing else: how a chapter is led. */
export function ledAlone(line: string): Led | null {
  const text = line.trim();
  const found = LED_WORDS.find(([words]) => words.test(text));
  return found && text.replace(found[0], '').trim() === '' ? found[1] : null;
}

/** A heading without the words for how its chapter is led, and the way. */
export function takeLed(title: string): Readonly<{ title: string; led: Led | null }> {
  for (const [words, led] of LED_WORDS) {
    const match = new RegExp(String.raw`[\s,:(–-]*${words.source}\s*\)?\s*$`, 'iu').exec(title);
    if (match && match.index > 0) return { title: title.slice(0, match.index).trim(), led };
  }
  return { title, led: null };
}

const SHOWN: Readonly<Record<Showing, string>> = {
  each: 'shown each',
  first: 'shown first',
  none: 'not shown',
  'in the rest': 'shown in the rest',
  'in full': 'my go, then yours',
};

/** How a beat is led, where it is not as its kind usually is: as it is typed. */
export function howAsTyped(how: LedAsSaid, usual: LedAsSaid = AS_LED): readonly string[] {
  return [
    how.led === usual.led ? '' : (how.led ?? 'led as usual'),
    how.show === null ? '' : SHOWN[how.show],
    how.countIn === null ? '' : how.countIn ? 'count in' : 'no count-in',
  ].filter(Boolean);
}
