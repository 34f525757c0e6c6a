import { z } from 'zod';
import { speechSeconds } from '../cues/speech';
import { TIMINGS } from '../cues/timing';
import { lineSchema } from '../model/text';
import { beatBase } from './beat-base';
import { NO_PARTS, PLAIN, shortened, type BeatFile } from './beat-file';
import { EMPTY_ROW } from './sheet-row';

/** A line, or, with `waitSeconds`, a question and the time that children need to answer it. */
const schema = z.strictObject({
  ...beatBase('tell'),
  text: lineSchema,
  waitSeconds: z.number().min(0).max(120).optional(),
});
export type Tell = Readonly<z.infer<typeof schema>>;

/** A line to say. `unread`: words in it that kept it from being a move. */
export type TellReading = Readonly<{
  kind: 'tell';
  text: string;
  waitSeconds?: number;
  unread: readonly string[];
}>;

/** More words than this, and a line that names a move is plainly prose, not a slip. */
const MOST_SLIPS = 3;

/** A line to say, with time for answers if it asks something. */
export function tellOf(text: string, unread: readonly string[] = []): TellReading {
  const asks = text.endsWith('?') && unread.length === 0;
  return {
    kind: 'tell',
    text,
    ...(asks ? { waitSeconds: TIMINGS.questionWait.usual } : {}),
    unread,
  };
}

export const tell: BeatFile<Tell, TellReading> = {
  ...PLAIN,
  isLed: false,
  ...NO_PARTS,
  schema,
  spoken: ({ text }) => [text],
  label: ({ text }) => shortened(text) || 'An empty line',
  inWords: ({ waitSeconds }) => (waitSeconds === undefined ? '' : `wait ${waitSeconds} s`),
  // Whatever no other kind understands is said.
  read: (line) => tellOf(line),
  make: ({ text, waitSeconds }, { newId }) => ({
    kind: 'tell',
    id: newId('bt'),
    text,
    ...(waitSeconds === undefined ? {} : { waitSeconds }),
  }),
  readBack: ({ waitSeconds, unread }) => {
    if (waitSeconds !== undefined) return `A question, with ${waitSeconds} s for answers`;
    return unread.length > 0 && unread.length <= MOST_SLIPS
      ? `A line to say. As a move, “${unread.join(' ')}” is not understood`
      : 'A line to say';
  },
  line: () => null,
  cues: ({ text, waitSeconds }, score) => {
    // Questions on the way are waited for as usual, the last one as the presenter has it.
    const said = text.replace(/\?(?=[”"’')\s]*$)/u, '');
    const seconds = speechSeconds(said, score.pace);
    if (waitSeconds === undefined) score.add('say', seconds, text);
    else score.add('ask', seconds + waitSeconds, text);
  },
  rows: (beat) => [{ ...EMPTY_ROW, say: beat.text, dose: tell.inWords(beat) }],
};
