/** What a draw looks like on the thing itself, large on the Stage. */
export type Thing =
  | Readonly<{ kind: 'dice'; sides: number; faces: readonly number[] }>
  | Readonly<{ kind: 'coin'; name: string }>
  /** A card: its suit by name, which of the suits it is, and what stands in its corner. */
  | Readonly<{ kind: 'card'; suit: string; entry: number; sign: string }>
  /** A wheel that stopped at the sector of this entry. */
  | Readonly<{ kind: 'wheel'; entry: number }>
  | Readonly<{ kind: 'letters'; text: string }>
  /** A spot in the room, or a colour or shape that is called. */
  | Readonly<{ kind: 'spot'; entry: number; label: string }>;

/**
 * Faces of so many dice that make a total, as even as they can be, the higher ones first: only the total
 * was drawn. Empty where no dice make it.
 */
export function facesOf(total: number, dice: number, sides: number): readonly number[] {
  if (total < dice || total > dice * sides) return [];
  return Array.from({ length: dice }, (_, n) => Math.ceil((total - n) / dice));
}
