<!-- How moves grow over the weeks: each time it comes, in which form and how much, and what is next. -->
<script lang="ts">
  import { dayInShort, laddersOf, nextRung, type Ladder } from '$core';
  import { steady } from './steady';
  import type { SeriesWork } from './series-work.svelte';
  import { tip } from '$lib/ui/parts/tip';

  const { work }: { work: SeriesWork } = $props();

  const MOST = 12;
  /** Older times than these are history. */
  const LAST = 8;
  const ages = $derived(work.series.setting.ages);
  const asBefore = steady<Ladder>();
  const ladders = $derived(
    laddersOf(work.row.covered, work.book)
      .slice(0, MOST)
      .map(({ root, rungs }) => asBefore(root, { root, rungs: rungs.slice(-LAST) })),
  );
  const nameOf = (id: string) => work.book.get(id)?.plural ?? id;
</script>

{#if ladders.length > 0}
  <ul class="mt-2" data-ladders>
    {#each ladders as { root, rungs } (root)}
      {@const last = rungs.at(-1)!}
      {@const effort = work.series.sessions[last.session]?.led?.debrief?.effort ?? null}
      {@const next = nextRung(last, effort, work.book, ages)}
      {@const isMore = next.move !== last.move || next.amount !== last.amount}
      <li class="flex flex-wrap items-end gap-x-4 gap-y-1 border-t border-line py-2">
        <span class="w-44 font-semibold break-words">{nameOf(root)}</span>
        <span class="flex flex-wrap items-end gap-1.5">
          {#each rungs as rung, n (rung.session)}
            <span
              class="rounded-t-md border-b-2 border-water bg-sunk px-2 text-center tabular"
              style:padding-bottom="{rung.level * 8}px"
              {@attach tip(dayInShort(rung.day))}
              ><b>{rung.amount}</b>{#if rung.move !== (rungs[n - 1]?.move ?? root)}<span
                  class="block text-sm text-soft">{nameOf(rung.move)}</span
                >{/if}</span
            >
          {/each}
        </span>
        {#if isMore}
          <span class="text-soft"
            >next: {next.amount}{next.move === last.move ? '' : ` ${nameOf(next.move)}`}{effort ===
            'too hard'
              ? ', for it was too hard'
              : ''}</span
          >
        {/if}
      </li>
    {/each}
  </ul>
{:else}
  <p class="text-soft">A move that comes in two sessions or more shows here how it grows.</p>
{/if}
