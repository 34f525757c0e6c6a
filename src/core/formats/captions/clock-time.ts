/** A time as captions write it: hours where there are any, and thousandths after a point or a comma. */
export const CLOCK_TIME = String.raw`(?:\d{1,3}:)?\d{1,3}:\d{2}(?:[.,:]\d{1,3})?`;

/** Seconds of such a time; NaN for what is none. "1:02.5" is 62.5. */
export function clockSeconds(text: string): number {
  const match = /^(?:(\d{1,3}):)?(\d{1,3}):(\d{2})(?:[.,:](\d{1,3}))?$/u.exec(text.trim());
  if (!match) return NaN;
  const [, hours = '0', minutes = '0', seconds = '0', part = ''] = match;
  return (
    Number(hours) * 3600 + Number(minutes) * 60 + Number(seconds) + (part ? Number(`0.${part}`) : 0)
  );
}
