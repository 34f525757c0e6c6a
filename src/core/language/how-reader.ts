import { AS_LED, type Led, type LedAsSaid } from '../model/led';

type Found = { -readonly [Key in keyof LedAsSaid]?: LedAsSaid[Key] };

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
  [/\bshown? each\b/iu, (found) => (found.show = 'each')],
  [/\bnot shown\b|\bno showing\b/iu, (found) => (found.show = 'none')],
  [/\b(?:no|without(?: an?)?) count[- ]?in\b/iu, (found) => (found.countIn = false)],
  [/\b(?:with (?:an? )?)?count(?:ed)?[- ]?in\b(?! )/iu, (found) => (found.countIn = true)],
  [/^\s*count(?:ed)?[- ]?in,/iu, (found) => (found.countIn = true)],
];

/** What a typed line says of how it is led, and the line without it; null where it says nothing. */
export function takeHow(line: string): Readonly<{ how: Partial<LedAsSaid>; rest: string }> | null {
  // Only in front: what is said may say "follow me" too.
  const end = /:(?=\s|$)|(?:^|\s)(?:…|\.{3})/u.exec(line)?.index ?? line.length;
  let head = line.slice(0, end);
  const how: Found = {};
  for (const [phrase, take] of PHRASES) {
    if (!phrase.test(head)) continue;
    take(how);
    head = head.replace(phrase, ' ');
  }
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

const SHOWN = { each: 'shown each', first: 'shown first', none: 'not shown' } as const;

/** How a beat is led, where it is not as its kind usually is: as it is typed. */
export function howAsTyped(how: LedAsSaid, usual: LedAsSaid = AS_LED): readonly string[] {
  return [
    how.led === usual.led ? '' : (how.led ?? 'led as usual'),
    how.show === null ? '' : SHOWN[how.show],
    how.countIn === null ? '' : how.countIn ? 'count in' : 'no count-in',
  ].filter(Boolean);
}
