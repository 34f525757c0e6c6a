<!-- The one place for everything to look at, beside the script: notes, what to expect, and the rest. -->
<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { Tabs } from '@skeletonlabs/skeleton-svelte';
  import BalanceView from '$lib/balance/BalanceView.svelte';
  import FitPanel from '$lib/fit/FitPanel.svelte';
  import ForecastPanel from '$lib/forecast/ForecastPanel.svelte';
  import NotesOnAll from '$lib/findings/NotesOnAll.svelte';
  import type { Desk } from './desk.svelte';
  import FindPanel from './FindPanel.svelte';
  import { LOOKS, type Look } from './looking.svelte';
  import WhosePace from './WhosePace.svelte';
  import StoryAndRoom from './StoryAndRoom.svelte';
  import { tip } from '$lib/ui/parts/tip';

  const { desk }: { desk: Desk } = $props();

  function keydown(event: KeyboardEvent) {
    if (event.key !== 'Escape' || event.defaultPrevented) return;
    event.stopPropagation();
    desk.closeLook();
  }
</script>

<!-- Escape closes it from wherever the keyboard is in it. -->
<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<div class="beside">
  <aside id="look" class="look" aria-label="What to look at" onkeydown={keydown}>
    <Tabs
      value={desk.looking.at}
      onValueChange={({ value }) => desk.looking.open(value as Look)}
      class="flex min-h-0 flex-1 flex-col"
    >
      <div class="flex items-start border-b border-line pl-2">
        <Tabs.List class="flex flex-1 flex-wrap">
          {#each LOOKS as [value, word] (value)}
            <Tabs.Trigger
              {value}
              class="h-9 px-1.5 text-[0.9375rem] text-soft hover:text-ink data-selected:font-bold data-selected:text-ink data-selected:shadow-[inset_0_-3px_0_var(--lamp)]"
              >{word}</Tabs.Trigger
            >
          {/each}
        </Tabs.List>
        <button
          type="button"
          class="btn-quiet"
          aria-label="Close what to look at"
          {@attach tip('Escape, or Ctrl+.')}
          onclick={() => desk.closeLook()}><X size={18} aria-hidden="true" /></button
        >
      </div>
      <div class="min-h-0 flex-1 overflow-y-auto p-4" data-look={desk.looking.at}>
        <Tabs.Content value="notes">
          {#if desk.looking.at === 'notes'}<NotesOnAll {desk} />{/if}
        </Tabs.Content>
        <Tabs.Content value="expect">
          {#if desk.looking.at === 'expect'}<WhosePace {desk} /><ForecastPanel {desk} />{/if}
        </Tabs.Content>
        <Tabs.Content value="balance">
          {#if desk.looking.at === 'balance'}
            <BalanceView
              schedule={desk.schedule}
              book={desk.book}
              youngest={desk.adventure.setting.ages.from}
            />
          {/if}
        </Tabs.Content>
        <Tabs.Content value="fit">
          {#if desk.looking.at === 'fit'}<FitPanel {desk} />{/if}
        </Tabs.Content>
        <Tabs.Content value="story">
          {#if desk.looking.at === 'story'}<StoryAndRoom {desk} />{/if}
        </Tabs.Content>
        <Tabs.Content value="find">
          {#if desk.looking.at === 'find'}<FindPanel {desk} />{/if}
        </Tabs.Content>
      </div>
    </Tabs>
  </aside>
</div>

<style>
  /* Over the margin where there is one; a sheet at the foot where there is none. The script stays where it is. */
  .look {
    position: fixed;
    z-index: 25;
    display: flex;
    flex-direction: column;
    background: var(--raised);
    inset: auto 0 0;
    height: min(60dvh, 34rem);
    border-top: 3px solid var(--ink);
  }
  @media (min-width: 64rem) and (min-height: 35rem) {
    .beside {
      position: sticky;
      top: 6.6rem;
      z-index: 15;
      height: 0;
    }
    .look {
      position: absolute;
      inset: 0 -1.5rem auto auto;
      /* The margin, and the edge of the page beside it. */
      width: clamp(21rem, calc(24vw + 1.5rem), 23.5rem);
      height: calc(100dvh - 6.6rem);
      border-top: 0;
      border-left: 2px solid var(--ink);
    }
  }
</style>
