import type { Points } from '$core';

/** The beat with points for something, or with none. */
export function withPoints<B extends { readonly points?: Points | undefined }>(
  beat: B,
  points: Points | undefined,
): B {
  if (points) return { ...beat, points };
  const without: { points?: Points | undefined } = { ...beat };
  delete without.points;
  return without as B;
}
