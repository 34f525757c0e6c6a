/** Seconds as a clock, "1:05" or "1:02:07", rounded to whole seconds; a minus sign if negative. */
export function clockOf(seconds: number): string {
  const whole = Math.round(Math.abs(seconds));
  const sign = seconds < 0 && whole > 0 ? '−' : '';
  const two = (n: number) => String(n).padStart(2, '0');
  const [hours, minutes, rest] = [
    Math.floor(whole / 3600),
    Math.floor(whole / 60) % 60,
    whole % 60,
  ];
  return hours > 0
    ? `${sign}${hours}:${two(minutes)}:${two(rest)}`
    : `${sign}${minutes}:${two(rest)}`;
}

/** A length in words: "48 s", "2 min", "1 min 15 s", rounded to whole seconds. */
export function lengthInWords(seconds: number): string {
  const whole = Math.round(seconds);
  const [minutes, rest] = [Math.floor(whole / 60), whole % 60];
  if (minutes === 0) return `${rest} s`;
  return rest === 0 ? `${minutes} min` : `${minutes} min ${rest} s`;
}

/** "2", "min": 120; seconds where it says no unit. */
export function inSeconds(amount: string, unit = ''): number {
  return Number(amount) * (unit.toLowerCase().startsWith('min') ? 60 : 1);
}
