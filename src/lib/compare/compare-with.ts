import { goto } from '$app/navigation';
import { resolve } from '$app/paths';
import type { Adventure } from '$core';
import { compare } from './compare-place.svelte';

/** Another version of an adventure on the shelf is laid beside it. */
export async function compareWithMine(theirs: Adventure): Promise<void> {
  compare.theirs = theirs;
  await goto(resolve('/desk/[id]/compare', { id: theirs.id }));
}
