import { z } from 'zod';
import { actionSchema } from './action';
import type { DeepReadonly } from './deep-readonly';
import { idSchema, slugSchema } from './text';

export const DIE_SIDES = [4, 6, 8, 10, 12, 20] as const;
export const MOST_ENTRIES = 60;
export const MOST_DRAWS = 200;
export const MOST_FOLLOWING = 6;
export const EACH_SECONDS = { least: 3, most: 120 } as const;

export type DieSides = (typeof DIE_SIDES)[number];
export const dieSidesSchema = z.union([
  z.literal(4),
  z.literal(6),
  z.literal(8),
  z.literal(10),
  z.literal(12),
  z.literal(20),
]);
export const diceSchema = z.int().min(1).max(4);

/** What of a deck means an entry: the cards of its suit, all court cards, or the jokers. */
export const CARDS = ['suit', 'courts', 'jokers'] as const;

/**
 * A line of the table: what an outcome means. `label` is what is on the face, sector, suit, letter
 * or spot. `faces` are the totals of the dice that mean it. `weight` is how wide its sector is. `cards` says
 * which cards of a deck mean it; court cards and jokers with an entry of their own have no number,
 * and are done as its dose says. `then` are moves that follow in a sequence, each by its own dose.
 */
export const entrySchema = z.strictObject({
  id: idSchema('en'),
  label: z.string().max(60),
  faces: z.array(z.int().min(1).max(80)).max(80),
  weight: z.number().min(0).max(1000),
  cards: z.enum(CARDS),
  action: actionSchema,
  then: z.array(actionSchema).max(MOST_FOLLOWING),
});
export type Entry = DeepReadonly<z.infer<typeof entrySchema>>;

const sum = {
  times: z.int().min(1).max(20),
  plus: z.int().min(-20).max(100),
  /** Floor and ceiling of the amount. */
  least: z.int().min(1).max(600),
  most: z.int().min(1).max(600),
  /** The children's sum is asked, with a wait, before it is told. */
  ask: z.boolean(),
};

/**
 * Where the amount comes from: each entry's own dose, the outcome's value (pips, rank), another die,
 * or the room: the metres from its middle to the entry's spot. A drawn number makes the amount: the amount is `value x times + plus` within floor and ceiling, and takes the place of the
 * dose's own; past 20 it is done in tens.
 */
export const amountSchema = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('dose') }),
  z.strictObject({ from: z.literal('outcome'), ...sum }),
  z.strictObject({
    from: z.literal('number die'),
    sides: dieSidesSchema,
    dice: diceSchema,
    ...sum,
  }),
  z.strictObject({ from: z.literal('room') }),
]);
export type AmountRule = DeepReadonly<z.infer<typeof amountSchema>>;
/** An amount that is made of a number that was drawn. */
export type SumRule = Exclude<AmountRule, { from: 'dose' | 'room' }>;
export function isSum(amount: AmountRule): amount is SumRule {
  return amount.from === 'outcome' || amount.from === 'number die';
}

export const RETURNS = ['back', 'out', 'bag', 'in order'] as const;
/** Who draws: the children in turn, the presenter, or the screen at a tap. */
export const THROWERS = ['child', 'presenter', 'on screen'] as const;
export const REPEATS = ['keep', 'again', 'stand-in'] as const;

/**
 * `returns`: what was drawn goes back; stays out; stays out until all were drawn, and then all go
 * back (a bag); or the entries simply come in order. `onRepeat`: the same entry twice running is
 * kept, drawn again, or done as the stand-in; `thirdInARow` says what the third is then.
 * `mostOfOne`: no entry comes more often. `mostAhead`: no entry comes so many times more often than
 * another, which is a fair share without a bag's last one that everybody knows. `noPattern`: a run
 * of two to four is not drawn twice over. `stop`: after so many draws, after a time, or when all
 * entries were seen. `between`: the group travels for a random time within a range and freezes; it
 * `tightens` where the times go from the longest to the shortest. `eachSeconds`: by the clock, straight on: a draw
 * takes so long, all told, whatever its move's own dose.
 */
export const drawRulesSchema = z.strictObject({
  returns: z.enum(RETURNS),
  onRepeat: z.enum(REPEATS),
  standIn: actionSchema.nullable(),
  thirdInARow: z.enum(['original', 'stand-in']),
  mostOfOne: z.int().min(1).max(MOST_DRAWS).nullable(),
  mostAhead: z.int().min(1).max(20).nullable(),
  noPattern: z.boolean(),
  stop: z.discriminatedUnion('after', [
    z.strictObject({ after: z.literal('draws'), draws: z.int().min(1).max(MOST_DRAWS) }),
    z.strictObject({ after: z.literal('seconds'), seconds: z.int().min(10).max(3600) }),
    z.strictObject({ after: z.literal('all seen'), most: z.int().min(1).max(MOST_DRAWS) }),
  ]),
  between: z
    .strictObject({
      move: slugSchema,
      leastSeconds: z.int().min(1).max(120),
      mostSeconds: z.int().min(1).max(120),
      tightens: z.boolean(),
    })
    .nullable(),
  thrower: z.enum(THROWERS),
  eachSeconds: z.int().min(EACH_SECONDS.least).max(EACH_SECONDS.most).nullable(),
});
export type DrawRules = DeepReadonly<z.infer<typeof drawRulesSchema>>;

/** Draws of a film are made beforehand, from the beat's own seed; live ones anew each time. */
export const WHEN_DRAWN = ['live', 'beforehand'] as const;
