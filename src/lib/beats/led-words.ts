import { LEDS, SHOWINGS, type Led, type Showing } from '$core';

/** How something is led, as the presenter says it. */
export const LED_WORDS: Readonly<Record<Led, string>> = {
  'follow me': 'follow me: they start with you',
  'show, then do': 'show, then do',
  'by the clock': 'by the clock',
};
export const LED_CHOICES = LEDS.map((led) => [led, LED_WORDS[led]] as const);

/** When moves that are new are shown. */
const SHOWING_WORDS: Readonly<Record<Showing, string>> = {
  each: 'new moves shown just before',
  first: 'new moves shown first, all of them',
  none: 'nothing shown',
  'in the rest': 'each shown in the rest before it',
  'in full': 'my go, then yours',
};
export const SHOWING_CHOICES = SHOWINGS.map((show) => [show, SHOWING_WORDS[show]] as const);

export const COUNT_IN_CHOICES = [
  [true, 'counted in each time'],
  [false, 'no count-in'],
] as const;

/** What a way of leading brings with it: what is shown, and whether it is counted in. */
export const BY_ITSELF: Readonly<Record<Led, Readonly<{ show: string; countIn: string }>>> = {
  'follow me': { show: SHOWING_WORDS.none, countIn: 'no count-in' },
  'show, then do': { show: SHOWING_WORDS.each, countIn: 'no count-in' },
  'by the clock': { show: SHOWING_WORDS.first, countIn: 'timed work counted in' },
};
