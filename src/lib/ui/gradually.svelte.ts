import { inGap } from '$lib/workers/in-gaps';

/**
 * How many entries of a long list are shown: the first screenful at once, the others a few at a time in
 * gaps. Called where effects may be made; `total` is read anew when it changes.
 */
export function gradually(
  total: () => number,
  { first = 24, step = 12 }: Readonly<{ first?: number; step?: number }> = {},
): Readonly<{ count: number }> {
  let count = $state(first);
  $effect(() => {
    if (count >= total()) return;
    return inGap(() => (count += step));
  });
  return {
    get count() {
      return count;
    },
  };
}
