import { lengthInWords } from '$core';

/** What a change does to the clock: "12 s longer"; empty where it does nothing. */
export function longerInWords(seconds: number): string {
  const whole = Math.round(seconds);
  if (whole === 0) return '';
  return `${lengthInWords(Math.abs(whole))} ${whole > 0 ? 'longer' : 'shorter'}`;
}
