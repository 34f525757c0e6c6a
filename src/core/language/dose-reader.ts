import type { Dose, DoseUnit } from '../model/dose';

/** What a text says of a dose. What it leaves open is missing. */
export type DoseRead = Readonly<{
  dose: Partial<Dose>;
  /** Numbers with no unit beside them: the move decides what they count. */
  openAmounts: readonly number[] | null;
  sets: number | null;
  rounds: number | null;
  /** Words that mean nothing here. */
  unread: readonly string[];
}>;

type Found = { -readonly [Key in keyof Dose]?: Dose[Key] } & {
  open?: readonly number[];
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
const UNIT = `(${Object.keys(UNIT_OF).join('|')})`;
const LIMB = '(?:side|leg|arm|hand|foot|knee)';
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

/** Phrases in the order in which they are looked for; each is taken out of the text once. */
const PHRASES: readonly Phrase[] = [
  [/\brest (?:of |for )?(\d+)(?: (?:sec|second|s)\b)?/u, (f, m) => (f.restSeconds = Number(m[1]))],
  [/\b(\d+) (?:sec|second|s) rest\b/u, (f, m) => (f.restSeconds = Number(m[1]))],
  [/\b(\d+) round\b/u, (f, m) => (f.rounds = Number(m[1]))],
  [/\bthere and back(?: again)?\b|\b(?:each|both) way\b/u, (f) => (f.ways = 2)],
  [
    new RegExp(String.raw`\b(?:each|both|either) ${LIMB}\b|\bleft and right\b`, 'u'),
    (f) => (f.sides = 'each'),
  ],
  [
    new RegExp(String.raw`\b(?:the |your )?(left|right)(?: ${LIMB})?(?: only)?\b`, 'u'),
    (f, m) => (f.sides = m[1] as Dose['sides']),
  ],
  [
    /\bcount(?:ing|ed)? (?:back|down)(?:ward)?\b|\bbackward(?: count)?\b/u,
    (f) => (f.count = 'back'),
  ],
  [
    new RegExp(String.raw`\b(\d+) (?:x|set of|time) (${LIST})(?: ${UNIT}\b)?`, 'u'),
    (f, m) => {
      f.sets = Number(m[1]);
      takeAmounts(f, m[2]!, m[3]);
    },
  ],
  [/\b(\d+) set\b|\bx (\d+) time\b/u, (f, m) => (f.sets = Number(m[1] ?? m[2]))],
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
  [/\btwice\b/u, (f) => (f.sets = 2)],
  [/\b(\d+) time\b(?=.*\d)/u, (f, m) => (f.sets = Number(m[1]))],
  [/(?<=\d.*)\b(\d+) time\b/u, (f, m) => (f.sets = Number(m[1]))],
  [/(?<=\d.*)\bx (\d+)\b/u, (f, m) => (f.sets = Number(m[1]))],
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
  const { open, sets, rounds, ...dose } = found;
  return {
    dose,
    openAmounts: open ?? null,
    sets: sets ?? null,
    rounds: rounds ?? null,
    unread: text.split(' ').filter((word) => word && !FILLER.has(word)),
  };
}
