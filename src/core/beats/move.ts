import { z } from 'zod';
import { TOLD } from '../cues/score';
import { addAction, addSets, firstDoing } from '../cues/sets';
import { doseInWords } from '../language/dose-words';
import { actionSchema } from '../model/action';
import type { DeepReadonly } from '../model/deep-readonly';
import { doseTotal } from '../model/dose';
import { lineSchema } from '../model/text';
import { calledIn } from '../moves/move-book';
import { dosesFor, nearestDose, SET_COST, shareCost } from '../moves/other-doses';
import { ledBase } from './beat-base';
import { PLAIN, partsIn, shortened, saidTo, type BeatFile, type Way } from './beat-file';
import { actionRow, roundsInWords, rowsAfter } from './sheet-row';

/** How often a beat goes through its moves. */
export const ROUNDS = { least: 1, most: 20 } as const;

/** Actions in order, `rounds` times over. */
const schema = z.strictObject({
  ...ledBase('move'),
  say: lineSchema,
  actions: z.array(actionSchema).max(60),
  rounds: z.int().min(ROUNDS.least).max(ROUNDS.most),
  restBetweenRoundsSeconds: z.number().min(0).max(600),
});
export type MoveBeat = DeepReadonly<z.infer<typeof schema>>;

export const move: BeatFile<MoveBeat> = {
  ...PLAIN,
  ...partsIn('actions'),
  schema,
  hasOwnDoses: () => true,
  spoken: ({ say, actions }) => [say, ...actions.flatMap(saidTo)],
  label: ({ actions }, book) => {
    const names = actions.map((action) => calledIn(book, action));
    return shortened(names.join(', ')) || 'No moves yet';
  },
  inWords: ({ actions, rounds }) =>
    actions.map(({ dose }) => doseInWords(dose)).join('; ') + roundsInWords(rounds),

  cues: (beat, score) => {
    score.say(beat.say);
    const first = { n: 1, of: beat.rounds };
    const isShownFirst = score.how.show === 'first';
    if (isShownFirst) {
      for (const action of beat.actions) score.show(action, firstDoing(score, action, first));
    }
    for (const action of beat.actions) {
      const doing = firstDoing(score, action, first);
      addAction(score, action, doing, isShownFirst ? TOLD : undefined);
    }
    for (let n = 2; n <= beat.rounds; n += 1) {
      score.add('rest', beat.restBetweenRoundsSeconds, '');
      for (const action of beat.actions) {
        const doing = firstDoing(score, action, { n, of: beat.rounds });
        score.getTo(score.move(action), doing);
        addSets(score, action, doing);
      }
    }
  },
  rows: ({ say, actions, rounds }, book) =>
    rowsAfter(
      say,
      actions.map((one) => actionRow(book, one, roundsInWords(rounds))),
    ),

  ways: (beat, ages, book) => {
    // All actions of a beat move together: each by its own nearest dose to the same share.
    const [lead, ...others] = beat.actions;
    if (!lead) return [];
    return dosesFor(lead, ages, book).map((dose): Way<MoveBeat> => {
      const share = doseTotal(dose) / doseTotal(lead.dose);
      const setsApart = Math.abs(dose.amounts.length - lead.dose.amounts.length);
      const actions = [
        { ...lead, dose },
        ...others.map((one) => ({ ...one, dose: nearestDose(one, share, ages, book) })),
      ];
      return [{ ...beat, actions }, shareCost(share) + setsApart * SET_COST];
    });
  },
  forAges: (beat, { part }) => ({ ...beat, actions: beat.actions.map((one) => part(one)) }),
};
