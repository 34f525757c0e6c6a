import { lossesOf, type Adventure } from '$core';
import { loadSoundBook } from '$lib/language/sound-book';

/*
 * A reader of scripts is large: this is fetched when a script has been written.
 */

/** Most beats that are named; of more it says how many. */
const MOST_NAMED = 3;

/** What a script has left behind, in a sentence; empty where it is the whole adventure. */
export async function lossesInWords(adventure: Adventure): Promise<string> {
  const losses = lossesOf(adventure, await loadSoundBook().catch(() => null));
  if (losses.length === 0) return '';
  const named = losses
    .slice(0, MOST_NAMED)
    .map(({ of, what }) => `${what.join(', ')}${of ? ` of “${of}”` : ''}`);
  const more = losses.length - named.length;
  const others = more > 0 ? `; and some of ${more} more` : '';
  return `The script has no words for: ${named.join('; ')}${others}. The adventure’s own file has all of it.`;
}
