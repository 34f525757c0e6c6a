import { learnPace, moveBookOf, sightingsOf } from '$core';
import { ownMoves } from '$lib/store/own-move-store.svelte';
import { preferences } from '$lib/store/preference-store.svelte';
import { runs } from '$lib/store/run-store.svelte';

/** What all sessions of this browser tell of the presenter's pace is worked out anew, and kept. */
export async function learnFromRuns(): Promise<void> {
  await runs.load();
  await runs.whole();
  const book = moveBookOf({ moves: ownMoves.list });
  // Newest first, as they are listed.
  const learned = learnPace(runs.list.map((run) => sightingsOf(run, book)));
  const before = JSON.stringify(preferences.current.learned);
  if (JSON.stringify(learned) !== before) await preferences.change({ learned: [...learned] });
}
