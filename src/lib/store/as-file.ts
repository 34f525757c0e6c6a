import { fileNameOf, serializeArrupJson, type Adventure } from '$core';

/** A file to keep. */
export type KeptFile = Readonly<{ name: string; mediaType: string; content: string }>;

const JSON_TYPE = 'application/json';

/** An adventure as its own file. */
export const adventureFile = (adventure: Adventure): KeptFile => ({
  name: fileNameOf(adventure, 'json'),
  mediaType: JSON_TYPE,
  content: serializeArrupJson(adventure),
});

/** Anything else of the store as plain JSON, for people to read. */
export const jsonFile = (name: string, value: unknown): KeptFile => ({
  name,
  mediaType: JSON_TYPE,
  content: JSON.stringify(value, null, 2),
});
