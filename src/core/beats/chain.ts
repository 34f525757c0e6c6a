import { z } from 'zod';
import type { Nth } from '../cues/cue';
import type { Score } from '../cues/score';
import { addSets, firstDoing } from '../cues/sets';
import { typedAmongOthers } from '../language/dosed';
import { doseInWords } from '../language/dose-words';
import { readLines, type LineTools, type Unread } from '../language/part-reader';
import type { ReadAction } from '../language/read-action';
import { actionSchema, type Action } from '../model/action';
import type { DeepReadonly } from '../model/deep-readonly';
import { AS_LED } from '../model/led';
import type { DoseUnit } from '../model/dose';
import { lineSchema } from '../model/text';
import { actionsOf } from './actions-of';
import { ledBase } from './beat-base';
import { PLAIN, partsIn, saidTo, type BeatFile } from './beat-file';
import { EMPTY_ROW, partRow } from './sheet-row';

/**
 * A chain that grows by a link each verse, all links so far done again. It is gone through once more
 * after the verses in `rehearseAfter`, and, with `perform`, whole at the end.
 */
const schema = z.strictObject({
  ...ledBase('chain'),
  say: lineSchema,
  links: z.array(actionSchema).max(20),
  rehearseAfter: z.array(z.int().min(1).max(20)).max(20),
  perform: z.boolean(),
  performSay: lineSchema,
});
export type Chain = DeepReadonly<z.infer<typeof schema>>;
export type ChainReading = Readonly<{ kind: 'chain'; actions: readonly ReadAction[] }>;

/** Short links: a chain of eight does each of them many times. Our own judgement. */
const LINK_AMOUNTS: Readonly<Record<DoseUnit, number>> = {
  reps: 2,
  steps: 4,
  seconds: 4,
  hold: 3,
  metres: 2,
};

/** `chain: squats, arm circles, hops`. */
function read(line: string, tools: LineTools): ChainReading | Unread | null {
  const match = /^chain\b(?:\s+\d+\s*beats?)?\s*:\s*(.+)$/iu.exec(line);
  if (!match) return null;
  const lines = readLines(match[1]!, tools);
  if ('unread' in lines) return lines;
  return {
    kind: 'chain',
    actions: lines.map(({ action }) => {
      const amounts = action.usualAmount ? [LINK_AMOUNTS[action.dose.unit]] : action.dose.amounts;
      return { ...action, dose: { ...action.dose, amounts } };
    }),
  };
}

/** Links one after another without a stop: only getting down and up comes between. */
function addLinks(score: Score, links: readonly Action[], verse: Nth): void {
  links.forEach((link, index) => {
    const doing = firstDoing(score, link, verse);
    const move = score.move(link);
    if (index === 0) {
      score.getTo(move, doing);
      score.countIn(doing);
    } else score.flowTo(move, doing);
    addSets(score, link, doing, false);
  });
}

/**
 * Verse n does the links 1 to n: n(n + 1) / 2 links in all, with the rehearsals and the performance
 * beside them.
 */
function cues(beat: Chain, score: Score): void {
  score.say(beat.say);
  const { links, rehearseAfter, perform, performSay } = beat;
  const isShownFirst = score.how.show === 'first';
  const of = links.length;
  if (isShownFirst) {
    for (const link of links) score.show(link, firstDoing(score, link, { n: 1, of }));
  }
  links.forEach((link, index) => {
    const verse = { n: index + 1, of };
    const doing = firstDoing(score, link, verse);
    if (!isShownFirst) score.explain(link, doing);
    const from = score.cues.length;
    addLinks(score, links.slice(0, index + 1), verse);
    score.sayMeanwhile(score.wordsDuring(link), from, doing);
    if (rehearseAfter.includes(index + 1)) addLinks(score, links.slice(0, index + 1), verse);
  });
  if (!perform || of === 0) return;
  score.say(performSay);
  addLinks(score, links, { n: of, of });
}

export const chain: BeatFile<Chain, ChainReading> = {
  ...PLAIN,
  ...partsIn('links'),
  schema,
  spoken: ({ say, performSay, links }) => [say, performSay, ...links.flatMap(saidTo)],
  label: ({ links }) => `Chain of ${links.length}`,
  inWords: ({ links, perform }) => {
    const n = links.length;
    return `${n} verses, ${(n * (n + 1)) / 2} links in all${perform ? ', then performed' : ''}`;
  },

  read,
  make: ({ actions }, { newId }) => ({
    kind: 'chain',
    id: newId('bt'),
    say: '',
    links: actionsOf(actions, newId),
    rehearseAfter: [3, 6].filter((n) => n < actions.length),
    perform: true,
    performSay: '',
    ...AS_LED,
  }),
  readBack: ({ actions }) => `A growing chain: ${actions.map(({ move }) => move.name).join(', ')}`,
  line: ({ links }, book) => `chain: ${links.map((one) => typedAmongOthers(book, one)).join(', ')}`,

  roundWord: 'Verse',
  cues,
  rows: (beat, book) => [
    { ...EMPTY_ROW, say: beat.say, name: 'Growing chain', dose: chain.inWords(beat) },
    ...beat.links.map((link, n) => {
      const row = partRow(book, link, doseInWords(link.dose));
      return { ...row, name: `${n + 1}: ${row.name}` };
    }),
  ],
};
