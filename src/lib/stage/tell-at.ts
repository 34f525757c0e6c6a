import { beatsOf, type Adventure, type Cue, type Tell } from '$core';

/** The line that a cue says; null for a cue of another kind of beat. */
export function tellAt(adventure: Adventure, { beatId }: Cue): Tell | null {
  const beat = beatsOf(adventure).find(({ id }) => id === beatId);
  return beat?.kind === 'tell' ? beat : null;
}
