import { z } from 'zod';
import { DRINK_SECONDS } from '../cues/timing';
import { lineSchema } from '../model/text';
import { lengthInWords } from '../words/clock';
import { beatBase } from './beat-base';
import { NO_PARTS, PLAIN, type BeatFile } from './beat-file';
import { EMPTY_ROW } from './sheet-row';

const LENGTH = { least: 5, most: 600 } as const;

/** A drink. Its line is said while they drink: it takes no time of its own. */
const schema = z.strictObject({
  ...beatBase('drink'),
  text: lineSchema,
  seconds: z.number().min(LENGTH.least).max(LENGTH.most),
});
export type Drink = Readonly<z.infer<typeof schema>>;
export type DrinkReading = Readonly<{ kind: 'drink'; seconds: number }>;

const TYPED =
  /^(?:drinks?|water|drinks? break|water break|sip)(?:\s+(\d+)\s*(s|sec|seconds|min|minutes)?)?$/iu;

export const drink: BeatFile<Drink, DrinkReading> = {
  ...PLAIN,
  ...NO_PARTS,
  schema,
  spoken: ({ text }) => [text],
  label: () => 'Drink',
  inWords: ({ seconds }) => lengthInWords(seconds),
  read: (line) => {
    const match = TYPED.exec(line.replace(/[.!]$/u, ''));
    if (!match) return null;
    if (!match[1]) return { kind: 'drink', seconds: DRINK_SECONDS };
    const said = Number(match[1]) * (match[2]?.startsWith('min') ? 60 : 1);
    return { kind: 'drink', seconds: Math.min(LENGTH.most, Math.max(LENGTH.least, said)) };
  },
  make: ({ seconds }, { newId }) => ({ kind: 'drink', id: newId('bt'), text: '', seconds }),
  readBack: ({ seconds }) => `A drink, ${lengthInWords(seconds)}`,
  line: ({ seconds }) => `drink ${seconds} s`,
  cues: ({ seconds, text }, score) => score.add('drink', seconds, text),
  rows: ({ text, seconds }) => [
    { ...EMPTY_ROW, say: text, name: 'Drink', dose: lengthInWords(seconds) },
  ],
};
