import { type Dose, type DoseUnit, type Tempo } from '../model/dose';
import { numberRead } from '../words/numbers';

/** What a text says of a dose. What it leaves open is missing. */
export type DoseRead = Readonly<{
  dose: Partial<Dose>;
  /** Numbers with no unit beside them: the move decides what they count. */
  openAmounts: readonly number[] | null;
  sets: number | null;
  rounds: number | null;
  eachWay: boolean;
  /** "each" alone: each side of what has sides, each child of all else. */
  each: boolean;
  /** "5 times": what is counted is how often, also of what is usually held. */
  times: boolean;
  /** Words that mean nothing here. */
  unread: readonly string[];
}>;

type Found = { -readonly [Key in keyof Dose]?: Dose[Key] } & {
  open?: readonly number[];
  /** "each way": there and back, or round both ways, as the move is. */
  eachWay?: boolean;
  each?: boolean;
  times?: boolean;
  sets?: number;
  rounds?: number;
};
type Phrase = readonly [RegExp, (found: Found, match: RegExpMatchArray) => void];

const FILLER: ReadonlySet<string> = new Set(
  'a an the of and do please with for on at in to it go rep set time , . ; - – — & !'.split(' '),
);

const UNIT_OF: Readonly<Record<string, DoseUnit>> = {
  s: 'seconds',
  sec: 'seconds',
  second: 'seconds',
  min: 'seconds',
  minute: 'seconds',
  rep: 'reps',
  step: 'steps',
  pace: 'steps',
  m: 'metres',
  metre: 'metres',
  meter: 'metres',
};
/** The unit of a word for it, in any number; reps for "times". */
export function unitNamed(word: string): DoseUnit {
  return UNIT_OF[word.toLowerCase().replace(/(?<=..)s$/u, '')] ?? 'reps';
}
const UNIT = `(${Object.keys(UNIT_OF).join('|')})`;
/** What has two sides, in the singular. */
export const LIMB = '(?:side|leg|arm|hand|foot|knee)';
const LIST = String.raw`\d+(?:(?: ,)?(?: and)? \d+)*`;

const numbersIn = (text: string) => [...text.matchAll(/\d+/gu)].map(([digits]) => Number(digits));

function takeAmounts(found: Found, list: string, unit: string | undefined): void {
  if (!unit) {
    found.open = numbersIn(list);
    return;
  }
  const scale = unit.startsWith('min') ? 60 : 1;
  found.unit = UNIT_OF[unit]!;
  found.amounts = numbersIn(list).map((amount) => amount * scale);
}

const TEMPO = String.raw`(?:(?:getting |ever )?(?:faster|quicker)(?: and (?:faster|quicker))?|slow(?:ly)?|usual|normal|(?:as )?(?:fast|quick(?:ly)?)(?: as (?:you|they) can)?|(?:at )?\d+ (?:bpm|beat (?:a|per) minute)|at \d+(?! (?:s|sec|second|min|m|metre|a time)\b))`;

/** The tempo of a word or phrase for it: "slowly", "at 120 bpm". */
export function tempoNamed(word: string): Tempo {
  const [digits] = /\d+/u.exec(word) ?? [];
  if (digits) return numberRead(Math.round(Number(digits)));
  if (/faster|quicker/u.test(word)) return 'faster';
  if (word.startsWith('slow')) return 'slow';
  return word === 'usual' || word === 'normal' ? 'usual' : 'fast';
}

const DIRECTION =
  '(?:forward|backward|back|clockwise|anti ?clockwise|one way|the other way|the other)';

/** As it is said: "forwards", "back". */
function directionNamed(word: string): string {
  if (word === 'forward') return 'forwards';
  return word === 'backward' ? 'back' : word;
}

/** "4 forward, 4 back": the same in each direction. */
function takeEachWay(found: Found, [, amount, first, second]: RegExpMatchArray): void {
  found.directions = [directionNamed(first!), directionNamed(second!)];
  if (amount) found.open = [Number(amount)];
}

/** "15 to 20 s": planned with the most, the youngest do the least. */
function takeRange(found: Found, one: number, other: number, unit: string | undefined): void {
  const [least, most] = [Math.min(one, other), Math.max(one, other)];
  takeAmounts(found, String(most), unit);
  if (least === most) return;
  found.asked = { as: 'range', least: unit?.startsWith('min') ? least * 60 : least };
}

/** Phrases in the order in which they are looked for; each is taken out of the text once. */
const PHRASES: readonly Phrase[] = [
  [/\brest (?:of |for )?(\d+)(?: (?:sec|second|s)\b)?/u, (f, m) => (f.restSeconds = Number(m[1]))],
  [/\b(\d+) (?:sec|second|s) rest\b/u, (f, m) => (f.restSeconds = Number(m[1]))],
  [/\b(\d+) round\b/u, (f, m) => (f.rounds = Number(m[1]))],
  [
    /\bthere and back(?: again)?\b|(?<!\b(?:forward|left|up) )\band back(?: again)?\b/u,
    (f) => (f.ways = 2),
  ],
  [/\b(?:round )?(?:each|both) way\b/u, (f) => (f.eachWay = true)],
  [
    new RegExp(String.raw`\b${TEMPO}(?:(?: ,)?(?: and)? ${TEMPO})*(?: tempo)?`, 'u'),
    (f, m) => (f.tempo = m[0].match(new RegExp(TEMPO, 'gu'))!.map(tempoNamed)),
  ],
  [
    new RegExp(String.raw`\b(?:each|both|either) ${LIMB}\b|\bleft and right\b`, 'u'),
    (f) => (f.sides = 'each'),
  ],
  [
    new RegExp(String.raw`\b(?:the |your )?(left|right)(?: ${LIMB})?(?: only)?\b`, 'u'),
    (f, m) => (f.sides = m[1] as Dose['sides']),
  ],
  [/\bcount(?:ing|ed)? (?:back|down)(?:ward)?\b|\bbackward count\b/u, (f) => (f.count = 'back')],
  [
    new RegExp(
      String.raw`\b(?:(\d+) (?:time )?)?(${DIRECTION})(?: ,)?(?: and| then)? (?:\1 (?:time )?)?(${DIRECTION})\b`,
      'u',
    ),
    takeEachWay,
  ],
  [/(?<!\bon )\b(?:forward|backward|back)\b/u, (f, m) => (f.directions = [directionNamed(m[0])])],
  [
    new RegExp(String.raw`\b(?:(\d+) (?:x|set of|time) )?(\d+) to (\d+)(?: ${UNIT}\b)?`, 'u'),
    (f, m) => {
      if (m[1]) f.sets = Number(m[1]);
      takeRange(f, Number(m[2]), Number(m[3]), m[4]);
    },
  ],
  [
    new RegExp(String.raw`\b(\d+) (?:x|set of|time) (${LIST})(?: ${UNIT}\b)?`, 'u'),
    (f, m) => {
      f.sets = Number(m[1]);
      takeAmounts(f, m[2]!, m[3]);
    },
  ],
  [/\b(\d+) (?:set|goe|turn)\b|\bx (\d+) time\b/u, (f, m) => (f.sets = Number(m[1] ?? m[2]))],
  [new RegExp(String.raw`\b(${LIST}) ${UNIT}\b`, 'u'), (f, m) => takeAmounts(f, m[1]!, m[2])],
  [/\bhold\b|\bheld\b/u, (f) => (f.unit = 'hold')],
  [
    // "2 x march 45 s" is two sets, "10 x squats" is ten squats.
    /\b(\d+) x(?= \.)/u,
    (f, m) => {
      if (f.amounts) f.sets = Number(m[1]);
      else f.open = [Number(m[1])];
    },
  ],
  [/\beach\b(?=[\s.]*$)/u, (f) => (f.each = true)],
  [
    /\btwice\b/u,
    (f, { input = '' }) => {
      if (f.amounts || f.ways === 2 || /\d/u.test(input)) f.sets = 2;
      else f.open = [2];
    },
  ],
  [/\b(\d+) time\b(?=.*\d)/u, (f, m) => (f.sets = Number(m[1]))],
  [/\b(\d+) time\b(?<=\d.*\b\d+ time)/u, (f, m) => (f.sets = Number(m[1]))],
  [
    /\b(\d+) time\b/u,
    (f, m) => {
      // "to the wall and back 3 times": so many ways, not so many steps.
      if (f.amounts || f.ways === 2) f.sets = Number(m[1]);
      else {
        f.open = [Number(m[1])];
        f.times = true;
      }
    },
  ],
  [/\bx (\d+)\b(?<=\d.*\bx \d+)/u, (f, m) => (f.sets = Number(m[1]))],
  [new RegExp(String.raw`(?:\bx )?\b(${LIST})\b`, 'u'), (f, m) => takeAmounts(f, m[1]!, undefined)],
];

/** Reads a dose from plain words: lower case, digits for numbers, singular, commas apart. */
export function readDose(words: readonly string[]): DoseRead {
  const found: Found = {};
  let text = words.join(' ');
  for (const [pattern, take] of PHRASES) {
    const match = pattern.exec(text);
    if (!match) continue;
    take(found, match);
    // A mark stays, so that what stood around the phrase is not read as one.
    text = `${text.slice(0, match.index)} . ${text.slice(match.index + match[0].length)}`;
  }
  const { open, sets, rounds, eachWay = false, each = false, times = false, ...dose } = found;
  return {
    dose,
    openAmounts: open ?? null,
    sets: sets ?? null,
    rounds: rounds ?? null,
    eachWay,
    each,
    times,
    unread: text.split(' ').filter((word) => word && !FILLER.has(word)),
  };
}
