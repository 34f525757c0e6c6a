/** A beat without some of what it may have: what is not said of it is not there at all. */
export function without<B extends object, Key extends keyof B>(
  beat: B,
  ...gone: readonly Key[]
): Omit<B, Key> {
  const kept = Object.entries(beat).filter(([key]) => !gone.some((one) => one === key));
  return Object.fromEntries(kept) as Omit<B, Key>;
}
