/** One draw that counts. */
export type Drawn = Readonly<{
  /** Index of the outcome in the urn, and of the entry that it means. */
  outcome: number;
  entry: number;
  value: number | null;
  /** The stand-in is done in place of the entry. */
  standIn: boolean;
}>;

/** A draw with everything that chance has a say in. */
export type ResolvedDraw = Drawn &
  Readonly<{
    /** The number that the amount was made of (pips, rank, number die), and the amount. */
    number: number | null;
    amount: number | null;
    /** What is done came never before in this beat: it is told in full. */
    isFirst: boolean;
    /** Seconds of travelling before it; 0 for none. */
    betweenSeconds: number;
  }>;
