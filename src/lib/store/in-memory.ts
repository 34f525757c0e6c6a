import { parseAdventure } from '$core';
import { adventureFile, jsonFile, type KeptFile } from './as-file';
import { openDocuments } from './tended';

/** Everything that lies open on this page, as files: what is saved and what is not. */
export function openAsFiles(): readonly KeptFile[] {
  return openDocuments().map((document) => {
    const parsed = parseAdventure(document);
    return parsed.ok ? adventureFile(parsed.value) : jsonFile(`${document.id}.json`, document);
  });
}
