import { MOST_AT_ONCE, type Asked, type Dose } from '../model/dose';
import { MAX_NOTE } from '../model/action';
import { inSeconds } from '../words/clock';
import { wordsToDigits } from '../words/numbers';
import { headEnd, HIDDEN_TEXT, HIDDEN_TEXTS, revealed, revealedTexts } from './said';
import { LIMB } from './dose-reader';
import { AGE_NAMES } from './dose-words';
import { doseIn } from './words-of';

/*
 * What stands beside the plain numbers of a dose in a typed line: amounts by age, "as long as you can",
 * directions, a note in brackets, lines of the story between the sets. Each is taken out of the line,
 * and the rest is read as ever.
 */

/** What was taken out of a line. What was not there is missing. */
export type Asides = {
  asked?: Asked;
  /** Unit of the amounts by age, as it was typed; empty where none was. */
  agesUnit?: string;
  directions?: readonly string[];
  atOnce?: Dose['atOnce'];
  note?: string;
  between?: readonly string[];
  /** The dose to do at home, in words. */
  home?: string;
};

const AGE_OF = new Map(Object.entries(AGE_NAMES).map(([age, word]) => [word, Number(age)]));
const AGE_WORD = [...AGE_OF.keys()].join('|');
const AMOUNT = String.raw`(?:\d+|[a-z]+(?:[ -][a-z]+)?)`;
const UNIT = '(?:\\s*(s|secs?|seconds?|min|minutes?|reps?|steps?|times|m|metres?)\\b)?';
const ONE_AGE = String.raw`\b(?:for |the )?(${AGE_WORD})(?: do| hold)?:?\s+(${AMOUNT})${UNIT}`;
const BY_AGE = new RegExp(
  String.raw`(?:\b(\d+)\s*x\s*)?${ONE_AGE}(?:[\s,;/]*(?:and )?${ONE_AGE})*`,
  'iu',
);

const digitsOf = (text: string) => Number(wordsToDigits(text.toLowerCase().split(/[\s-]+/u))[0]);

/** A text that is amounts by age and nothing else. */
export function isByAge(text: string): boolean {
  const found: Asides = {};
  return text !== '' && /^[\s,.]*$/u.test(takeAges(text, found)) && found.asked !== undefined;
}

/** "fours 20 s, fives 40 s": what each age is asked for. */
function takeAges(text: string, found: Asides): string {
  const match = BY_AGE.exec(text);
  if (!match) return text;
  let unit = '';
  const ages = [...match[0].matchAll(new RegExp(ONE_AGE, 'giu'))].map(([, word, amount, own]) => {
    unit = own ?? unit;
    const age = AGE_OF.get(word!.toLowerCase())!;
    return { age, amount: inSeconds(String(digitsOf(amount!)), own) };
  });
  const isPlain = ages.every(({ amount }) => Number.isInteger(amount) && amount > 0);
  const once = new Set(ages.map(({ age }) => age)).size === ages.length;
  if (!isPlain || !once || ages.length < 2) return text;
  found.asked = { as: 'by age', ages: ages.sort((a, b) => a.age - b.age) };
  found.agesUnit = unit;
  return text.replace(match[0], match[1] ? ` , ${match[1]} sets , ` : ' , ');
}

const OPEN = [
  /\bas (?:long|many|much) as (?:you|they|each of you) (?:can|like|want|wish)\b/iu,
  /\bonce more if (?:you|they) (?:like|want)\b/iu,
  /\bhowever (?:long|many) (?:you|they) (?:like|want)\b/iu,
  /\b(?:you|they|I) (?:say|choose|decide) how (?:many|long)\b/iu,
  /\bat (?:your|their|my) own choice\b/iu,
] as const;

function takeOpen(text: string, found: Asides): string {
  const said = new RegExp(String.raw`,?\s*\basked\s+(${HIDDEN_TEXT})`, 'u').exec(text);
  if (said) {
    found.asked = { as: 'open', words: revealed(said[1]!) };
    return text.replace(said[0], ' ');
  }
  const [least, from] = /,?\s*\basked from (\d+)\b/u.exec(text) ?? [];
  if (least) {
    found.asked = { as: 'range', least: Number(from) };
    return text.replace(least, ' ');
  }
  for (const phrase of OPEN) {
    const [words] = phrase.exec(text) ?? [];
    if (!words) continue;
    found.asked = { as: 'open', words };
    return text.replace(words, ' , ');
  }
  return text;
}

const GROUP = '(?:(?: of)? (?:the|your|our) (?:group|class|children|others)| of (?:them|you))?';
const BY_TURNS = new RegExp(
  String.raw`,?\s*\b(?:(?:in turns(?: of)?,? )?(half|\d+|[a-z]+)${GROUP} at (?:a time|once)|(one by one|one after (?:another|the other)))\b`,
  'iu',
);
/** "4 at a time", "half the group at a time", "one by one". */
function takeTurns(text: string, found: Asides): string {
  const match = BY_TURNS.exec(text);
  if (!match) return text;
  const many = match[2] ? 1 : match[1]!.toLowerCase() === 'half' ? 'half' : digitsOf(match[1]!);
  const isMany = many === 'half' || (Number.isInteger(many) && many >= 1 && many <= MOST_AT_ONCE);
  if (!isMany) return text;
  found.atOnce = many;
  return text.replace(match[0], ' ');
}

const GOING = new RegExp(String.raw`,?\s*\bgoing\s+(${HIDDEN_TEXTS})`, 'u');
function takeDirections(text: string, found: Asides): string {
  const going = GOING.exec(text);
  if (!going) return text;
  found.directions = revealedTexts(going[1]!);
  return text.replace(going[0], ' ');
}

const ONES = '(?:bigger|older|big|smaller|younger|little) ones';
const SOME_ONLY = new RegExp(
  String.raw`,?\s*\b((?:only )?(?:the )?${ONES}(?: only)?|(?:only (?:the )?)(?:${AGE_WORD})|(?:${AGE_WORD}) only)\b`,
  'iu',
);

/** Words that say how much and nothing else: "10", "each side". */
const isOnlyDose = (words: string) => words.trim() === '' || doseIn(words).unread.length === 0;

/** A note in brackets, or for whom it is; a dose in brackets is only a dose. */
function takeNote(text: string, found: Asides): string {
  const match = /\(([^()]*)\)/u.exec(text);
  if (match) {
    const inside = revealed(match[1]!);
    const isOther = /\d/u.test(inside) && /\d/u.test(text.replace(match[0], ''));
    if (isOnlyDose(match[1]!) && !isOther) return text.replace(match[0], ` ${inside} `);
    found.note = inside.slice(0, MAX_NOTE);
    return text.replace(match[0], ' ');
  }
  const some = SOME_ONLY.exec(text);
  if (!some) return text;
  // "the bigger ones on one foot" says how as well as who.
  const tail = new RegExp(String.raw`^\s+((?:on|with|in|from|to|without)\b[^,:;()]*)`, 'iu').exec(
    text.slice(some.index + some[0].length),
  );
  found.note = [some[1]!, tail?.[1]?.trim() ?? ''].filter(Boolean).join(' ');
  return text.replace(some[0] + (tail?.[0] ?? ''), ' ');
}

function takeBetween(text: string, found: Asides): string {
  const match = new RegExp(String.raw`,?\s*\bbetween\s+(${HIDDEN_TEXTS})`, 'u').exec(text);
  if (!match) return text;
  found.between = revealedTexts(match[1]!);
  return text.replace(match[0], ' ');
}

function takeHome(text: string, found: Asides): string {
  const match = /,?\s*\b(?:and |then )?at home:?\s+(.+)$/iu.exec(text);
  if (!match) return text;
  found.home = match[1]!;
  return text.slice(0, match.index);
}

/** Home first: what stands behind it belongs to it. */
const TAKERS = [
  takeHome,
  takeBetween,
  takeTurns,
  takeAges,
  takeNote,
  takeOpen,
  takeDirections,
] as const;

/** What a text says beside its plain numbers, and the text without it. */
export function takeAsides(text: string): Readonly<{ rest: string; found: Asides }> {
  const found: Asides = {};
  const rest = TAKERS.reduce((left, take) => take(left, found), text);
  return { rest, found };
}

/** What stands behind a name in the story, and the name without it. */
export function takeAfterName(name: string): Readonly<{ rest: string; found: Asides }> {
  const found: Asides = {};
  return { rest: takeBetween(takeHome(name, found), found).trim(), found };
}

const TEMPO = '(?:slow|slowly|usual|normal|fast|quick|quickly)';
const WAY = '(?:forwards?|back(?:wards?)?|left|right)';

/** "Then" begins no new move in these: it is one thing done in two ways. */
const ONE_THING: readonly (readonly [RegExp, string])[] = [
  [new RegExp(String.raw`\bone (${LIMB}),? then the other(?: ${LIMB})?\b`, 'giu'), 'each $1'],
  [
    new RegExp(
      String.raw`,?\s+then (?:swap(?: ${LIMB}s?| over)?|the other ${LIMB}|change ${LIMB}s?)\b`,
      'giu',
    ),
    ' each side',
  ],
  [new RegExp(String.raw`\b(${TEMPO}),?\s+then\s+(?=${TEMPO}\b)`, 'giu'), '$1, '],
  [new RegExp(String.raw`\b(${WAY}),?\s+then\s+(?=${WAY}\b)`, 'giu'), '$1 and '],
];

/** "the bigger ones: 10 hops": whom it is for stands first. */
const FOR_SOME = new RegExp(
  String.raw`^(?:only |for )?((?:the )?(?:${ONES}|${AGE_WORD}))(?: only)?:\s+`,
  'iu',
);

/** A line in which "slow, then fast" and "left then right" are one thing, whatever is said after it. */
export function joinThens(line: string): string {
  const opened = line.replace(FOR_SOME, '$1 only, ');
  const end = headEnd(opened);
  const head = ONE_THING.reduce((text, [from, to]) => text.replace(from, to), opened.slice(0, end));
  return head + opened.slice(end);
}
