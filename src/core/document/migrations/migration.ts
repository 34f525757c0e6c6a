/** One step from a version to the next. Append-only: a released migration never changes. */
export type Migration = Readonly<{
  from: number;
  /** Plain JSON in, plain JSON out; pure. */
  migrate: (document: Readonly<Record<string, unknown>>) => Record<string, unknown>;
}>;
