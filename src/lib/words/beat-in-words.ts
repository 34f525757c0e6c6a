import { beatLabel, lineOfBeat, tellAsWritten, type Beat, type MoveBook } from '$core';

/** A beat as it is typed, with what is said first. */
export function beatInWords(beat: Beat, book: MoveBook): string {
  if (beat.kind === 'tell') return tellAsWritten(beat);
  const line = lineOfBeat(beat, book) || beatLabel(beat, book);
  return 'say' in beat && beat.say ? `“${beat.say}” ${line}` : line;
}
