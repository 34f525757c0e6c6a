import { lengthInWords, type Finding } from '$core';

export type Params = Finding['params'];
/** What a rule's notes say. */
export type Words = Readonly<{
  /** What a colleague would pencil in the margin. */
  note: (params: Params) => string;
  /** What the mend does, as its button says; where there is one. */
  mend?: (params: Params) => string;
  /** Several of them, as the step says that mends them all. */
  many?: string;
  /** What only a person can do, where there is no mend. */
  yours?: (params: Params) => string;
}>;

/** A length as a note tells it. */
export const seconds = (value: string | number | undefined) => lengthInWords(Number(value));
