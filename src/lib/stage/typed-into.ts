import type { TypedDraws, TypedOutcome } from '$core';

type Typed = NonNullable<ReturnType<TypedDraws['get']>>;

/** The draws that were typed with one more in its place; what was left open stays as it was. */
export function typedInto(before: Typed, nth: number, { outcome, number }: TypedOutcome): Typed {
  const list = [...before];
  while (list.length < nth) list.push(null);
  const open = { outcome: null, number: null };
  list[nth] = {
    ...(list[nth] ?? open),
    ...(outcome !== null && { outcome }),
    ...(number !== null && { number }),
  };
  return list;
}
