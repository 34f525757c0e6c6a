/** A chance as sessions of ten, 1 to 10: what happens at all is never told as none. */
export function tenthsOf(chance: number): number {
  return Math.min(10, Math.max(1, Math.round(chance * 10)));
}
