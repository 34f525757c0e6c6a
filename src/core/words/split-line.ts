/** The last of these breaks that leaves a piece short enough: a sentence, a clause, a word. */
const BREAKS = [/[.!?…][”"’')]*\s/gu, /[,;:–—]\s/gu, /\s/gu];

/** A text in pieces of at most `most` characters, broken where it hurts least; nothing is lost. */
export function splitLine(text: string, most: number): readonly string[] {
  const pieces: string[] = [];
  let rest = text.trim();
  while (rest.length > most) {
    const opening = rest.slice(0, most + 1);
    const ends = BREAKS.map((one) => {
      const last = [...opening.matchAll(one)].at(-1);
      return last ? last.index + last[0].length : 0;
    });
    // A sentence is worth half a piece; a word without an end is broken where it must be.
    const at = ends.find((end) => end > most / 2) ?? ends.find((end) => end > 0) ?? most;
    pieces.push(rest.slice(0, at).trim());
    rest = rest.slice(at).trim();
  }
  return rest ? [...pieces, rest] : pieces;
}
