/** To a tenth: seconds and metres as they are told and kept. */
export function toTenth(value: number): number {
  return Math.round(value * 10) / 10;
}

/** The middle of some values. Throws a RangeError for none. */
export function median(values: readonly number[]): number {
  if (values.length === 0) throw new RangeError('median: no values');
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  return Number.isInteger(half)
    ? (sorted[half - 1]! + sorted[half]!) / 2
    : sorted[Math.floor(half)]!;
}
