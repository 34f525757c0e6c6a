<script lang="ts">
  import { clockOf, unroll, titleOf } from '$core';
  import { resolve } from '$app/paths';
  import { tick } from 'svelte';
  import Play from '@lucide/svelte/icons/play';
  import Terrain from '$lib/terrain/Terrain.svelte';
  import { preferences } from '$lib/store/preference-store.svelte';
  import type { AdventureRecord } from '$lib/store/db';
  import LengthOnShelf from './LengthOnShelf.svelte';

  type Props = {
    record: AdventureRecord;
    onopen: (id: string) => void;
  };
  const { record, onopen }: Props = $props();

  const adventure = $derived(record.document);
  const schedule = $derived(unroll(adventure, adventure.setting, preferences.pace));
  const title = $derived(titleOf(adventure));
  const ages = $derived(adventure.setting.ages);
  /** Dates come with the first adventure that was led: the first page carries none. */
  let led = $state('not led yet');
  $effect(() => {
    const { lastLedAt } = record;
    if (!lastLedAt) return;
    void import('date-fns/formatDistanceToNow').then(({ formatDistanceToNow }) => {
      led = `last led ${formatDistanceToNow(lastLedAt, { addSuffix: true })}`;
    });
  });
  const about = $derived(
    [
      ages.from === ages.to ? `age ${ages.from}` : `ages ${ages.from} to ${ages.to}`,
      adventure.setting.place,
      led,
    ].join(' · '),
  );
  let more = $state(false);
  let opener = $state<HTMLButtonElement>();
</script>

<li class="group grid gap-x-8 gap-y-2 border-t border-line py-6 md:grid-cols-[minmax(0,1fr)_20rem]">
  <div>
    <h2 class="text-2xl">
      <a href={resolve('/desk/[id]', { id: record.id })} class="decoration-2 underline-offset-4">
        {title}
      </a>
      {#if record.demo}
        <span class="ml-2 align-middle text-base font-medium text-pencil">demo</span>
      {/if}
    </h2>
    {#if adventure.world.want}<p class="mt-1 max-w-prose">{adventure.world.want}</p>{/if}
    <p class="mt-1 text-soft">
      {about}{adventure.world.name ? ` · ${adventure.world.name}` : ''}
    </p>
    <div class="mt-2 flex flex-wrap items-center gap-x-1">
      <a
        href={resolve('/desk/[id]', { id: record.id })}
        aria-label="Open {title}"
        class="btn-quiet border border-line font-semibold"
      >
        Open
      </a>
      <a href={resolve('/stage/[id]', { id: record.id })} class="btn-quiet font-semibold">
        <Play size={18} aria-hidden="true" />Lead it
      </a>
      {#if more}
        {#await import('./RowMenu.svelte') then { default: RowMenu }}
          <RowMenu
            {record}
            {onopen}
            onclose={() => {
              more = false;
              void tick().then(() => opener?.focus());
            }}
          />
        {/await}
      {:else}
        <button
          bind:this={opener}
          type="button"
          class="btn-quiet text-soft hover:text-ink"
          aria-haspopup="menu"
          aria-label="More for {title}"
          onclick={() => (more = true)}>More</button
        >
      {/if}
    </div>
  </div>
  <a
    href={resolve('/desk/[id]', { id: record.id })}
    class="block no-underline"
    tabindex="-1"
    aria-hidden="true"
  >
    <Terrain cues={schedule.cues} chapters={adventure.chapters} small height={84} />
    <p class="mt-1 flex justify-between tabular">
      <span class="font-heading text-xl font-bold"
        ><LengthOnShelf {adventure} pace={preferences.pace} /></span
      >
      <span class="text-soft">of {clockOf(adventure.setting.slotSeconds)}</span>
    </p>
  </a>
</li>
