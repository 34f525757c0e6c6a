import { z } from 'zod';
import type { DeepReadonly } from './deep-readonly';
import { actionSchema, stationSchema } from './action';
import {
  amountSchema,
  deviceSchema,
  drawRulesSchema,
  entrySchema,
  MOST_ENTRIES,
  WHEN_DRAWN,
} from './chance';
import { idSchema, lineSchema } from './text';

export { NO_GUISE } from './action';
export type { Action, Guise, Station } from './action';

/** Every kind of beat. */
export const BEAT_KINDS = ['tell', 'move', 'circuit', 'draw', 'chain', 'echo', 'drink'] as const;
export type BeatKind = (typeof BEAT_KINDS)[number];

/** When moves are shown: each just before it, all of them first, or not at all. */
export const SHOWINGS = ['each', 'first', 'none'] as const;
export type Showing = (typeof SHOWINGS)[number];

/**
 * What fitting may do with a beat: leave it as it stands, or take it out. Left out: its doses may
 * change within the usual, and it stays.
 */
const fit = z.enum(['stays', 'may go']).optional();

/** A line, or, with `waitSeconds`, a question and the time that children need to answer it. */
export const tellSchema = z.strictObject({
  kind: z.literal('tell'),
  id: idSchema('bt'),
  fit,
  text: lineSchema,
  waitSeconds: z.number().min(0).max(120).optional(),
});

/**
 * Actions in order, `rounds` times over. `flowing` runs them together: no showing, no count-in,
 * no change-over but getting down and up.
 */
export const moveBeatSchema = z.strictObject({
  kind: z.literal('move'),
  id: idSchema('bt'),
  fit,
  say: lineSchema,
  actions: z.array(actionSchema).max(60),
  rounds: z.int().min(1).max(20),
  restBetweenRoundsSeconds: z.number().min(0).max(600),
  flowing: z.boolean(),
  show: z.enum(SHOWINGS),
});

/**
 * Stations x rounds, each `workSeconds` of work and then `restSeconds` of rest. With
 * `drinkBetweenRoundsSeconds` above 0 a drink takes the place of the rest between two rounds.
 */
export const circuitSchema = z.strictObject({
  kind: z.literal('circuit'),
  id: idSchema('bt'),
  fit,
  say: lineSchema,
  stations: z.array(stationSchema).max(30),
  rounds: z.int().min(1).max(20),
  workSeconds: z.number().min(5).max(600),
  restSeconds: z.number().min(0).max(600),
  drinkBetweenRoundsSeconds: z.number().min(0).max(600),
  restAfterLast: z.boolean(),
  show: z.enum(SHOWINGS),
});

/**
 * Chance or a list names moves and amounts. `seed` makes the same draws again, on the server, in
 * the browser and in print.
 */
export const drawSchema = z.strictObject({
  kind: z.literal('draw'),
  id: idSchema('bt'),
  fit,
  say: lineSchema,
  device: deviceSchema,
  entries: z.array(entrySchema).max(MOST_ENTRIES),
  amount: amountSchema,
  rules: drawRulesSchema,
  drawn: z.enum(WHEN_DRAWN),
  seed: z.int().min(0).max(0xffff_ffff),
  show: z.enum(SHOWINGS),
});

/**
 * A chain that grows by a link each verse, all links so far done again. It is gone through once more
 * after the verses in `rehearseAfter`, and, with `perform`, whole at the end.
 */
export const chainSchema = z.strictObject({
  kind: z.literal('chain'),
  id: idSchema('bt'),
  fit,
  say: lineSchema,
  links: z.array(actionSchema).max(20),
  rehearseAfter: z.array(z.int().min(1).max(20)).max(20),
  perform: z.boolean(),
  performSay: lineSchema,
  show: z.enum(SHOWINGS),
});

/** A line of a rhyme, or a rhythm, with its action for so many beats. */
export const echoLineSchema = z.strictObject({
  ...stationSchema.shape,
  text: lineSchema,
  beats: z.int().min(1).max(64),
});
export type EchoLine = DeepReadonly<z.infer<typeof echoLineSchema>>;

/**
 * Lines on the beat, `times` over: a rhyme with an action on each line, or, with `echo`, a rhythm
 * that the leader does first and the children give back.
 */
export const echoSchema = z.strictObject({
  kind: z.literal('echo'),
  id: idSchema('bt'),
  fit,
  say: lineSchema,
  beatsPerMinute: z.int().min(40).max(180),
  lines: z.array(echoLineSchema).max(40),
  times: z.int().min(1).max(20),
  echo: z.boolean(),
});

export const drinkSchema = z.strictObject({
  kind: z.literal('drink'),
  id: idSchema('bt'),
  fit,
  text: lineSchema,
  seconds: z.number().min(5).max(600),
});

export const beatSchema = z.discriminatedUnion('kind', [
  tellSchema,
  moveBeatSchema,
  circuitSchema,
  drawSchema,
  chainSchema,
  echoSchema,
  drinkSchema,
]);
export type Beat = DeepReadonly<z.infer<typeof beatSchema>>;
export type Tell = Extract<Beat, { kind: 'tell' }>;
export type MoveBeat = Extract<Beat, { kind: 'move' }>;
export type Circuit = Extract<Beat, { kind: 'circuit' }>;
export type Chain = Extract<Beat, { kind: 'chain' }>;
export type Echo = Extract<Beat, { kind: 'echo' }>;
export type Draw = Extract<Beat, { kind: 'draw' }>;
export type Drink = Extract<Beat, { kind: 'drink' }>;
