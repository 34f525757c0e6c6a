import { FILE_FORMATS, fileNameOf, parseAdventure, serializeArrupJson } from '$core';
import { openDocuments } from './tended';
import type { TroubleFile } from './troubles.svelte';

/** Everything that lies open on this page, as files: what is saved and what is not. */
export function openAsFiles(): readonly TroubleFile[] {
  return openDocuments().map((document) => {
    const parsed = parseAdventure(document);
    if (parsed.ok) {
      return {
        name: fileNameOf(parsed.value, 'json'),
        mediaType: FILE_FORMATS.json.mediaType,
        content: serializeArrupJson(parsed.value),
      };
    }
    const content = JSON.stringify(document, null, 2);
    return { name: `${document.id}.json`, mediaType: 'application/json', content };
  });
}
