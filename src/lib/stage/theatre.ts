import { prefersReducedMotion } from 'svelte/motion';
import { preferences } from '$lib/store/preference-store.svelte';

/** Draws fall before their eyes; who wants less motion, or quick throws, sees them lie at once. */
export const hasTheatre = (): boolean =>
  preferences.current.throws === 'shown' && !prefersReducedMotion.current;
