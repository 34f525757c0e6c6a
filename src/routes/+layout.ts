import { preferences } from '$lib/store/preference-store.svelte';
import { shelf } from '$lib/store/shelf.svelte';

// What a presenter makes lives in the browser's own store: there is nothing to render on a server.
export const ssr = false;
export const prerender = false;

/**
 * What is chosen once for all places is known before the first is drawn: nothing changes its face. A
 * first visit may begin anywhere: the demo is there. A store that can't be opened is told by the place.
 */
export async function load(): Promise<void> {
  await preferences.load().catch(() => undefined);
  await shelf.welcome().catch(() => undefined);
}
