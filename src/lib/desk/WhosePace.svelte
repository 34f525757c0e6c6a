<!-- In whose pace the session is timed: one's own, or a colleague's who takes over. -->
<script lang="ts">
  import { counted, paceAs } from '$core';
  import { resolve } from '$app/paths';
  import { preferences } from '$lib/store/preference-store.svelte';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import type { Desk } from './desk.svelte';
  import { PACE_VIEW_WORDS } from './pace-views';

  const { desk }: { desk: Desk } = $props();

  /** Most sessions that told of any one thing. */
  const sessions = $derived(
    Math.max(0, ...preferences.current.learned.map((figure) => figure.sessions)),
  );
  const mine = $derived(
    sessions > 0
      ? `in your pace, from ${counted(sessions, 'session', 'sessions')}`
      : 'in your pace',
  );
</script>

<p class="mb-3">
  Timed
  <InlineChoice
    value={preferences.othersPace?.view ?? 'mine'}
    label="In whose pace it’s timed"
    choices={[
      ['mine', mine],
      ['usual', PACE_VIEW_WORDS.usual],
      ['slower', PACE_VIEW_WORDS.slower],
      ['brisk', PACE_VIEW_WORDS.brisk],
    ] as const}
    onchange={(view) => {
      preferences.othersPace = view === 'mine' ? null : { view, pace: paceAs(view) };
      desk.timeAnew();
    }}
  />.
  <a class="text-soft" href={resolve('/settings')}>Your pace</a>
</p>
