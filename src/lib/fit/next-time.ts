import { copyAdventure, titleOf, type Debrief, type FitTarget } from '$core';
import { readAdventure } from '$lib/store/adventure-rows';
import { newId } from '$lib/store/new-id';
import { preferences } from '$lib/store/preference-store.svelte';
import { shelf } from '$lib/store/shelf.svelte';
import { onStore } from '$lib/store/written';
import { askToFit } from './ask-to-fit';

/** What an answer after a session leads on to: a copy of the adventure, made in another way. */
export type NextTime = Readonly<{ word: string; copy: string; target: FitTarget }>;

/** What could be done next time, after what was said of this one; nothing where it was right. */
export function nextTimes({ effort, length }: Debrief, slotSeconds: number): readonly NextTime[] {
  const minutes = Math.round(slotSeconds / 60);
  const slot = { seconds: slotSeconds };
  return [
    effort === 'too hard' &&
      ({ word: 'Make a gentler copy', copy: 'gentler', target: { mood: 'gentler' } } as const),
    effort === 'too easy' &&
      ({ word: 'Make a livelier copy', copy: 'livelier', target: { mood: 'livelier' } } as const),
    length === 'too long' &&
      ({ word: `Fit a copy to ${minutes} min`, copy: `${minutes} min`, target: slot } as const),
    length === 'too short' &&
      ({ word: `Fill ${minutes} min in a copy`, copy: `${minutes} min`, target: slot } as const),
  ].filter((one) => one !== false);
}

/**
 * Makes such a copy and puts it on the shelf; gives its id, and whether it came all the way. Null where the
 * adventure is not in this browser any more. Rejects where it can't be worked out.
 */
export async function copyForNextTime(
  adventureId: string,
  { copy, target }: NextTime,
): Promise<Readonly<{ id: string; met: boolean }> | null> {
  const record = await onStore((db) => readAdventure(db, adventureId));
  if (!record) return null;
  const adventure = record.document;
  const { setting } = adventure;
  const asked = askToFit({ adventure, setting, pace: preferences.pace, target }, () => {});
  const result = await asked.result;
  const made = copyAdventure(result.adventure, `${titleOf(adventure)} (${copy})`, newId);
  return { id: await shelf.takeIn(made), met: result.met };
}
