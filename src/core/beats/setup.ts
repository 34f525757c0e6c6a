import { z } from 'zod';
import { TIMINGS } from '../cues/timing';
import { saidInWords, splitGuise, typedSaid } from '../language/said';
import { NO_GUISE } from '../model/action';
import type { DeepReadonly } from '../model/deep-readonly';
import { lineSchema } from '../model/text';
import { capital } from '../words/capital';
import { inSeconds, lengthInWords } from '../words/clock';
import { numberRead } from '../words/numbers';
import { saidTogether } from '../words/said-together';
import { singularOf } from '../words/plurals';
import { beatBase } from './beat-base';
import {
  NO_PARTS,
  PLAIN,
  shortened,
  type BeatFile,
  type LineFile,
  type KitNeed,
} from './beat-file';
import { EMPTY_ROW, saidInRow } from './sheet-row';

/** The film waits, or things come out or go away in the middle of a session. */
export const SETUPS = ['pause the film', 'set out', 'put away'] as const;
export type SetupWhat = (typeof SETUPS)[number];

const LENGTH = { least: 5, most: 600 } as const;
const MOST_THINGS = 12;

/** Time to set out or fetch `things`, or to put them away; a `helper` does it. `text` is said meanwhile. */
const schema = z.strictObject({
  ...beatBase('setup'),
  what: z.enum(SETUPS),
  things: z.array(z.string().min(1).max(60)).max(MOST_THINGS),
  helper: z.boolean(),
  text: lineSchema,
  seconds: z.number().min(LENGTH.least).max(LENGTH.most),
});
export type Setup = DeepReadonly<z.infer<typeof schema>>;
export type SetupReading = Readonly<{
  kind: 'setup';
  what: SetupWhat;
  things: readonly string[];
  helper: boolean;
  text: string;
  seconds: number;
}>;

const TYPED = /^(pause(?: the film)?(?: here)?|(?:set|lay|get) out|put away|tidy away)\b(.*)$/iu;
const SECONDS = /\b(\d+)\s*(s|sec|secs|seconds?|min|minutes?)\b/iu;
const HELPER = /,?\s*\b(?:by )?(?:a |the )?(?:helpers?|grown-ups?)\b/iu;

function whatOf(words: string): SetupWhat {
  if (/^pause/iu.test(words)) return 'pause the film';
  return /out$/iu.test(words) ? 'set out' : 'put away';
}

/**
 * `pause the film 20 s: Fetch two cushions.`, `set out 4 cones, 2 mats 60 s, a helper`, `put away 4 cones
 * 30 s`. With nothing that says how long, "set out for the tower" is only said.
 */
function read(line: string): SetupReading | null {
  const { words, guise } = splitGuise(line);
  const match = TYPED.exec(words.trim().replace(/[.!]$/u, ''));
  if (!match) return null;
  const what = whatOf(match[1]!);
  const said = SECONDS.exec(match[2]!);
  const helper = HELPER.test(match[2]!);
  const rest = match[2]!.replace(SECONDS, ' ').replace(HELPER, ' ');
  const things = rest
    .split(/,|\band\b/iu)
    .map((one) => one.trim())
    .filter(Boolean);
  const pauses = what === 'pause the film';
  if (pauses ? things.length > 0 || !/film|here/iu.test(match[1]!) : !said) return null;
  const amount = said ? inSeconds(said[1]!, said[2]) : TIMINGS.setUp.usual;
  return {
    kind: 'setup',
    what,
    things,
    helper,
    text: saidTogether(guise.line, guise.meanwhile),
    seconds: numberRead(amount),
  };
}

type Named = Pick<Setup, 'what' | 'things'>;

/** "set out 4 cones, 2 mats". */
const front = ({ what, things }: Named) => [what, things.join(', ')].filter(Boolean).join(' ');

/** The same as it is called out: "Set out 4 cones, 2 mats". */
export function setupInWords({ what, things }: Named): string {
  return what === 'pause the film' ? 'Pause the film here' : capital(front({ what, things }));
}

const withHelper = ({ helper }: Pick<Setup, 'helper'>) => (helper ? ', a helper' : '');

/** "4 cones" is gathered as four of a "cone". */
function kitOf(thing: string): KitNeed {
  const [, count, name = thing] = /^(\d+)\s+(.+)$/u.exec(thing.trim()) ?? [];
  const one = { thing: singularOf(name) };
  return count === undefined ? one : { ...one, count: Number(count) };
}

export const setup: BeatFile<Setup> = {
  ...PLAIN,
  isLed: false,
  ...NO_PARTS,
  schema,
  spoken: ({ text }) => [text],
  label: (beat) => shortened(setupInWords(beat)),
  inWords: (beat) => lengthInWords(beat.seconds) + withHelper(beat),
  cues: (beat, score) => {
    score.add('setup', beat.seconds, setupInWords(beat));
    score.sayMeanwhile(beat.text, score.cues.length - 1, null);
  },
  rows: (beat) => [
    {
      ...EMPTY_ROW,
      say: saidInRow({ line: '', meanwhile: beat.text }),
      name: setupInWords(beat),
      dose: setup.inWords(beat),
    },
  ],
  kit: ({ what, things }) => (what === 'set out' ? things.map(kitOf) : []),
};

/** Its line as it is typed. */
export const setupLine: LineFile<Setup, SetupReading> = {
  read,
  make: (reading, { newId }) => ({ ...reading, things: [...reading.things], id: newId('bt') }),
  readBack: (reading) =>
    `${setupInWords(reading)}, ${lengthInWords(reading.seconds)}${withHelper(reading)}${saidInWords({ line: '', meanwhile: reading.text })}`,
  line: ({ what, things, helper, text, seconds }) => {
    const said = typedSaid({ ...NO_GUISE, meanwhile: text }, true);
    return `${front({ what, things })} ${seconds} s${withHelper({ helper })}${said}`;
  },
};
