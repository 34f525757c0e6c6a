import { z } from 'zod';
import { isCounted, type DoseUnit } from './dose';

/**
 * How something is led. `follow me`: they start with you, the line is said meanwhile, nothing is shown
 * first. `show, then do`: a move that is new is shown, then they do it. `by the clock`: all of it is
 * shown first, then the clock runs, with a count-in before timed work.
 */
export const LEDS = ['follow me', 'show, then do', 'by the clock'] as const;
export type Led = (typeof LEDS)[number];

/**
 * When moves that are new are shown: each just before it, all of them first, not at all; each `in the
 * rest` before it, as stations are; or each `in full`: a set by the leader, and then by all.
 */
export const SHOWINGS = ['each', 'first', 'none', 'in the rest', 'in full'] as const;
export type Showing = (typeof SHOWINGS)[number];

/** Each new move is shown before its own work. */
export function showsEach(show: Showing): boolean {
  return show === 'each' || show === 'in the rest' || show === 'in full';
}

const SHOWN: Readonly<Record<Led, Showing>> = {
  'follow me': 'none',
  'show, then do': 'each',
  'by the clock': 'first',
};

/** What a beat says of how it is led; null is as its chapter, its adventure or its way has it. */
export const ledShape = {
  led: z.enum(LEDS).nullable(),
  show: z.enum(SHOWINGS).nullable(),
  countIn: z.boolean().nullable(),
};
export type LedAsSaid = Readonly<{
  led: Led | null;
  show: Showing | null;
  countIn: boolean | null;
}>;
/** A beat that says nothing of it. */
export const AS_LED: LedAsSaid = { led: null, show: null, countIn: null };

/** "3-2-1-go" as it is really spoken. Common practice, measured over recordings. */
export const COUNT_IN_SECONDS = 1.8;

/**
 * How the presenter leads an adventure: `countIn` before every set (true), never (false), or as the way
 * of leading has it (null), and how long "3-2-1-go" takes.
 */
export const defaultsSchema = z.strictObject({
  led: z.enum(LEDS),
  countIn: z.boolean().nullable(),
  countInSeconds: z.number().min(0.5).max(10),
});
export type Defaults = Readonly<z.infer<typeof defaultsSchema>>;
export const USUAL_DEFAULTS: Defaults = {
  led: 'show, then do',
  countIn: null,
  countInSeconds: COUNT_IN_SECONDS,
};

/** How a beat is led, all told. */
export type HowLed = Readonly<{ led: Led; show: Showing; countIn: boolean | null }>;

/** The beat's own word first, then its chapter's, then the adventure's. */
export function howLed(
  defaults: Defaults,
  chapter: Readonly<{ led: Led | null }>,
  beat: Readonly<{ id: string }> & Partial<LedAsSaid>,
): HowLed {
  const led = beat.led ?? chapter.led ?? defaults.led;
  const usual = led === 'follow me' ? false : defaults.countIn;
  return { led, show: beat.show ?? SHOWN[led], countIn: beat.countIn ?? usual };
}

/** Whether work in this unit is counted in: timed work that goes by the clock, unless it is said. */
export function isCountedIn({ led, countIn }: HowLed, unit: DoseUnit): boolean {
  return countIn ?? (led === 'by the clock' && !isCounted(unit) && unit !== 'metres');
}
