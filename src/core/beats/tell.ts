import { z } from 'zod';
import { speechSeconds } from '../cues/speech';
import { TIMINGS } from '../cues/timing';
import type { Effort } from '../model/move';
import { lineSchema } from '../model/text';
import { beatBase } from './beat-base';
import { NO_PARTS, PLAIN, shortened, type BeatFile, type LineFile } from './beat-file';
import { EMPTY_ROW } from './sheet-row';

/** Whom a line is for, where it is not the children. */
export const OTHERS = ['grown-ups', 'helpers', 'camera'] as const;
export type Others = (typeof OTHERS)[number];

/** How hard children work who act out what is told: gently, lively, hard, on the levels of effort. */
export const ACTED = [2, 3, 4] as const;
export type Acted = (typeof ACTED)[number];

/**
 * A line, or, with `waitSeconds`, a question and the time that children need to answer it. `to` is whom
 * it is for, if not the children; with `acted` they act it out as it is told, at that level of effort.
 * `check`: a question about how their bodies are, whose answer may ask for a drink, a rest or less.
 */
const schema = z.strictObject({
  ...beatBase('tell'),
  text: lineSchema,
  waitSeconds: z.number().min(0).max(120).optional(),
  to: z.enum(OTHERS).optional(),
  acted: z.union([z.literal(2), z.literal(3), z.literal(4)]).optional(),
  check: z.literal(true).optional(),
});
export type Tell = Readonly<z.infer<typeof schema>>;

const ACTED_WORDS: Readonly<Record<Acted, string>> = {
  2: 'Acted out',
  3: 'Acted out, lively',
  4: 'Acted out, hard',
};
const TO = /^to (?:the |our |your )?(grown-?ups?|adults?|parents?|helpers?|camera)\s*:\s*(?=\S)/iu;
/** How they are, asked of their bodies. */
const CHECK =
  /^(?:body )?check(?: (?:in|of the body))?\s*:\s*(?=\S)|^(?=(?:(?:put )?(?:your )?hands? on your (?:heart|tummy|chest)|thumbs?\b|feel your (?:heart|breath))[^?]*\?)/iu;
const ACTED_OUT =
  /^(?:act(?:ed)? (?:it )?out|(?:everybody |all )?mimes?(?: it)?)(?:,? (gently|lively|hard))?\s*:\s*(?=\S)/iu;

function othersOf(word: string): Others {
  const lower = word.toLowerCase();
  return lower === 'camera' ? 'camera' : lower.startsWith('helper') ? 'helpers' : 'grown-ups';
}

type Front = Readonly<{ text: string; to?: Others; acted?: Acted; check?: true }>;

/** What stands before a line that is not simply told to the children, and the line. */
function readFront(text: string): Front {
  const to = TO.exec(text);
  if (to) return { text: text.slice(to[0].length), to: othersOf(to[1]!) };
  const check = CHECK.exec(text);
  if (check) return { text: text.slice(check[0].length), check: true };
  const acted = ACTED_OUT.exec(text);
  if (!acted) return { text };
  const level = { gently: 2, lively: 3, hard: 4 } as const;
  const word = (acted[1]?.toLowerCase() ?? 'gently') as keyof typeof level;
  return { text: text.slice(acted[0].length), acted: level[word] };
}

/** A line as it is written: "To the grown-ups: Stand behind your child." */
export function tellAsWritten({ text, to, acted, check }: Tell): string {
  if (check) return `Check: ${text}`;
  if (to) return `To the ${to}: ${text}`;
  return acted ? `${ACTED_WORDS[acted]}: ${text}` : text;
}

/** A line to say. `unread`: words in it that kept it from being a move. */
export type TellReading = Readonly<{
  kind: 'tell';
  text: string;
  waitSeconds?: number;
  to?: Others;
  acted?: Acted;
  check?: true;
  unread: readonly string[];
  /** It asks for more than a beat holds: so many are the most. */
  most?: number;
}>;

/** More words than this, and a line that names a move is plainly prose, not a slip. */
const MOST_SLIPS = 3;

/** A line to say, with time for answers if it asks something. */
export function tellOf(typed: string, unread: readonly string[] = []): TellReading {
  const front = readFront(typed);
  const asks = front.check || (front.text.endsWith('?') && unread.length === 0 && !front.to);
  const wait = asks ? { waitSeconds: TIMINGS.questionWait.usual } : {};
  return { kind: 'tell', ...front, ...wait, unread };
}

export const tell: BeatFile<Tell> = {
  ...PLAIN,
  isLed: false,
  ...NO_PARTS,
  schema,
  spoken: ({ text }) => [text],
  label: ({ text }) => shortened(text) || 'An empty line',
  inWords: ({ waitSeconds }) => (waitSeconds === undefined ? '' : `wait ${waitSeconds} s`),
  // Whatever no other kind understands is said.
  cues: ({ text, waitSeconds, acted }, score) => {
    const effort: Effort = acted ?? 1;
    // Questions on the way are waited for as usual, the last one as the presenter has it.
    const said = text.replace(/\?(?=[”"’')\s]*$)/u, '');
    const seconds = speechSeconds(said, score.pace);
    if (waitSeconds === undefined) score.add('say', seconds, text, { effort });
    else score.add('ask', seconds + waitSeconds, text, { effort });
  },
  rows: (beat) => [{ ...EMPTY_ROW, say: tellAsWritten(beat), dose: tell.inWords(beat) }],
};

/** Its line as it is typed. */
export const tellLine: LineFile<Tell, TellReading> = {
  read: (line) => tellOf(line),
  make: ({ text, waitSeconds, to, acted, check }, { newId }) => ({
    kind: 'tell',
    id: newId('bt'),
    text,
    ...(waitSeconds === undefined ? {} : { waitSeconds }),
    ...(to === undefined ? {} : { to }),
    ...(acted === undefined ? {} : { acted }),
    ...(check ? { check } : {}),
  }),
  readBack: ({ waitSeconds, to, acted, check, unread, most }) => {
    if (most) return `A line to say. To be done it’s too long: ${most} in one line is the most`;
    if (check) return 'A check: how are their bodies? A drink, a rest or less is a key away';
    if (to) return `A line to the ${to}`;
    if (acted) return `${ACTED_WORDS[acted]} by everybody as you tell it`;
    if (waitSeconds !== undefined) return `A question, with ${waitSeconds} s for answers`;
    return unread.length > 0 && unread.length <= MOST_SLIPS
      ? `A line to say. As a move, “${unread.join(' ')}” isn’t understood`
      : 'A line to say';
  },
  line: () => null,
};
