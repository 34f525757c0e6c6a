import { FILE_FORMATS, fileNameOf, serializeArrupJson, type Adventure } from '$core';

/** A file to keep. */
export type KeptFile = Readonly<{ name: string; mediaType: string; content: string }>;

/** An adventure as its own file. */
export const adventureFile = (adventure: Adventure): KeptFile => ({
  name: fileNameOf(adventure, 'json'),
  mediaType: FILE_FORMATS.json.mediaType,
  content: serializeArrupJson(adventure),
});

/** Anything else of the store as plain JSON, for people to read. */
export const jsonFile = (name: string, value: unknown): KeptFile => ({
  name,
  mediaType: 'application/json',
  content: JSON.stringify(value, null, 2),
});
