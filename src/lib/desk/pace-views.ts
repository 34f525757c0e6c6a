import type { PaceView } from '$core';

/** How a session is timed that somebody else leads, as it follows its length. */
export const PACE_VIEW_WORDS: Readonly<Record<PaceView, string>> = {
  usual: 'in a usual pace',
  slower: 'for a slower colleague',
  brisk: 'for a brisker colleague',
};
