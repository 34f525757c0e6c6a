import type { Adventure } from '../../document/adventure';
import { parseAdventure, withoutChecksum } from '../../document/parse-adventure';
import { checksum } from '../../words/checksum';
import { problem, type Result } from '../../model/problem';

/** 2 MiB, in characters of text: some thousand beats. */
export const MAX_FILE_CHARACTERS = 2 * 1024 * 1024;

const sumOf = (document: unknown) => checksum(JSON.stringify(document));

/** An adventure as it goes into files and links: its checksum is of all that stands before it. */
export const withChecksum = (adventure: Adventure): Adventure & Readonly<{ checksum: string }> => ({
  ...adventure,
  checksum: sumOf(adventure),
});

/**
 * The text of a `.arrup.json` file, indented so that people can read and compare it; its checksum comes
 * last, and is of all that stands before it.
 */
export function serializeArrupJson(adventure: Adventure): string {
  return `${JSON.stringify(withChecksum(adventure), null, 2)}\n`;
}

/** Whether the text of a file is as it was written; one that has no checksum is taken to be. */
export function isAsWritten(text: string): boolean {
  try {
    const file = JSON.parse(text.replace(/^\uFEFF/u, '')) as Readonly<{ checksum?: unknown }>;
    return file.checksum === undefined || file.checksum === sumOf(withoutChecksum(file));
  } catch {
    return false;
  }
}

/** The adventure in the text of a `.arrup.json` file, or what is wrong with it and where. */
export function parseArrupJson(text: string): Result<Adventure> {
  if (text.length > MAX_FILE_CHARACTERS) {
    return { ok: false, problems: [problem('too-large', [], { most: MAX_FILE_CHARACTERS })] };
  }
  let value: unknown;
  try {
    value = JSON.parse(text.replace(/^\uFEFF/u, ''));
  } catch {
    return { ok: false, problems: [problem('not-json')] };
  }
  return parseAdventure(value);
}
