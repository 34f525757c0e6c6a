/**
 * Chance that a standard normal number is at most `z`, good to 1e-7: Abramowitz and Stegun,
 * Handbook of Mathematical Functions (1964), formula 26.2.17.
 */
export function normalBelow(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const terms = [0.31938153, -0.356563782, 1.781477937, -1.821255978, 1.330274429];
  const density = Math.exp(-(z ** 2) / 2) / Math.sqrt(2 * Math.PI);
  const above = density * terms.reduce((sum, term, n) => sum + term * t ** (n + 1), 0);
  return z >= 0 ? 1 - above : above;
}
