export type Json = Readonly<Record<string, unknown>>;

const isJson = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** An object changed, each object of a list changed; anything else is left for the check. */
export function each(value: unknown, change: (one: Json) => Json): unknown {
  if (Array.isArray(value)) return value.map((one: unknown) => (isJson(one) ? change(one) : one));
  return isJson(value) ? change(value) : value;
}

/** Every beat of a document changed as its kind says; one of a kind that is not named stays as it is. */
export function eachBeat(
  document: Json,
  byKind: Readonly<Record<string, (beat: Json) => Json>>,
): Json {
  const changed = (beat: Json): Json => {
    const change = typeof beat.kind === 'string' ? byKind[beat.kind] : undefined;
    return change ? change(beat) : beat;
  };
  return {
    ...document,
    chapters: each(document.chapters, (chapter) => ({
      ...chapter,
      beats: each(chapter.beats, changed),
    })),
  };
}
