<!-- How long it is, beside the slot; and what is done at home, where something is. -->
<script lang="ts">
  import { besideSlot, clockOf, lengthInShort, lengthTold } from '$core';
  import { preferences } from '$lib/store/preference-store.svelte';
  import type { Desk } from './desk.svelte';
  import { PACE_VIEW_WORDS } from './pace-views';

  type Props = {
    desk: Desk;
    /** Only the length itself. */
    short?: boolean;
  };
  const { desk, short = false }: Props = $props();

  const whose = $derived(
    preferences.othersPace ? ` ${PACE_VIEW_WORDS[preferences.othersPace.view]}` : '',
  );

  const slotSeconds = $derived(desk.adventure.setting.slotSeconds);
  const inShort = $derived(lengthInShort(desk.told));
  const more = $derived(lengthTold(desk.told).slice(inShort.length).replace(/^, /u, ''));
  const over = $derived(desk.told.seconds - slotSeconds);
</script>

<span
  class={[over > 0.5 && 'text-pencil', !short && 'leading-6']}
  data-told={short ? null : lengthTold(desk.told)}
  aria-label="Length"
>
  <b class="font-heading text-xl font-extrabold">{inShort}</b>{#if !short}<span
      class={over > 0.5 ? 'font-semibold' : 'text-soft'}
      ><span class="joint">{more ? ', ' : '; '}</span>{more ? `${more}; ` : ''}{besideSlot(
        desk.told,
        slotSeconds,
      )}{whose}</span
    >{/if}
</span>
{#if !short && desk.home !== null}
  <span class="pl-3 text-soft">at home</span>
  <b data-home-length>{clockOf(desk.home)}</b>
{/if}
