import { mount } from 'svelte';
import { parseCarried } from '$core';
import { preferences } from '$lib/store/preference-store.svelte';
import '../../app.css';
import TakeAlong from './TakeAlong.svelte';

/** The page that leads itself: it reads what lies in it, and shows the Stage. */
const carried = parseCarried(document.getElementById('carried')?.textContent ?? '');
if (carried.ok) {
  const { pace, look } = carried.value;
  void preferences.change({ pace, look });
}
mount(TakeAlong, {
  target: document.getElementById('stage')!,
  props: { carried: carried.ok ? carried.value : null },
});
