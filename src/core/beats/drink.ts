import { z } from 'zod';
import { TIMINGS } from '../cues/timing';
import { saidInWords, splitGuise, typedSaid } from '../language/said';
import { NO_GUISE } from '../model/action';
import { lineSchema } from '../model/text';
import { inSeconds, lengthInWords } from '../words/clock';
import { numberRead } from '../words/numbers';
import { saidTogether } from '../words/said-together';
import { beatBase } from './beat-base';
import { NO_PARTS, PLAIN, type BeatFile, type LineFile } from './beat-file';
import { EMPTY_ROW, saidInRow } from './sheet-row';

const LENGTH = { least: 5, most: 600 } as const;

/** A drink. Its words are said while they drink. */
const schema = z.strictObject({
  ...beatBase('drink'),
  text: lineSchema,
  seconds: z.number().min(LENGTH.least).max(LENGTH.most),
});
export type Drink = Readonly<z.infer<typeof schema>>;
export type DrinkReading = Readonly<{ kind: 'drink'; seconds: number; text: string }>;

const TYPED =
  /^(?:drinks?|water|drinks? break|water break|sip)(?:\s+(\d+)\s*(s|secs?|seconds?|min|minutes?)?)?$/iu;

export const drink: BeatFile<Drink> = {
  ...PLAIN,
  isLed: false,
  ...NO_PARTS,
  schema,
  spoken: ({ text }) => [text],
  label: () => 'Drink',
  inWords: ({ seconds }) => lengthInWords(seconds),
  cues: ({ seconds, text }, score) => {
    score.add('drink', seconds, '');
    score.sayMeanwhile(text, score.cues.length - 1, null);
  },
  rows: ({ text, seconds }) => [
    {
      ...EMPTY_ROW,
      say: saidInRow({ line: '', meanwhile: text }),
      name: 'Drink',
      dose: lengthInWords(seconds),
    },
  ],
};

/** Its line as it is typed. */
export const drinkLine: LineFile<Drink, DrinkReading> = {
  read: (line) => {
    const { words, guise } = splitGuise(line);
    const match = TYPED.exec(words.trim().replace(/[.!]$/u, ''));
    if (!match) return null;
    const text = saidTogether(guise.line, guise.meanwhile);
    if (!match[1]) return { kind: 'drink', seconds: TIMINGS.drink.usual, text };
    return { kind: 'drink', seconds: numberRead(inSeconds(match[1], match[2])), text };
  },
  make: ({ seconds, text }, { newId }) => ({ kind: 'drink', id: newId('bt'), text, seconds }),
  readBack: ({ seconds, text }) =>
    `A drink, ${lengthInWords(seconds)}${saidInWords({ line: '', meanwhile: text })}`,
  line: ({ seconds, text }) =>
    `drink ${seconds} s${typedSaid({ ...NO_GUISE, meanwhile: text }, true)}`,
};
