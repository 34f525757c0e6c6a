<script lang="ts">
  import { hasBeats } from '$core';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import Brain from '@lucide/svelte/icons/brain';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import Play from '@lucide/svelte/icons/play';
  import { addDays, format } from 'date-fns';
  import SaveState from '$lib/desk/SaveState.svelte';
  import CautionsSection from '$lib/prep/CautionsSection.svelte';
  import ElsewhereSection from '$lib/prep/ElsewhereSection.svelte';
  import FilesSection from '$lib/prep/FilesSection.svelte';
  import KitSection from '$lib/prep/KitSection.svelte';
  import { prep } from '$lib/prep/prep-place';
  import PrintPack from '$lib/prep/PrintPack.svelte';
  import RoomSection from '$lib/prep/RoomSection.svelte';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { tellDraftNews } from '$lib/ui/draft-news';
  import NotHere from '$lib/ui/NotHere.svelte';

  const { data } = $props();
  const draft = $derived(data.draft);
  /** Nine tomorrow morning, until the presenter says when. */
  let startsAt = $state(format(addDays(new Date(), 1), "yyyy-MM-dd'T'09:00"));

  $effect(() => {
    if (!draft) return;
    return prep.enter(draft, (news) =>
      tellDraftNews(
        news,
        (id) => void goto(resolve('/prep/[id]', { id }), { replaceState: true, noScroll: true }),
      ),
    );
  });

  const adventure = $derived(draft?.document ?? null);
  const choices = $derived(
    adventure && {
      setting: adventure.setting,
      pace: preferences.pace,
      paper: preferences.current.paper,
      ink: preferences.current.ink,
      unit: preferences.current.unit,
      look: preferences.current.look,
      backs: preferences.current.backs,
      madeBy: preferences.current.madeBy,
      startsAt,
    },
  );
</script>

<svelte:head><title>Prep: {adventure?.title || 'an adventure'} · Arrup</title></svelte:head>

{#if draft && adventure && choices}
  <main id="main" tabindex="-1" class="mx-auto max-w-6xl px-4 pt-4 pb-24 sm:px-6">
    <div class="flex flex-wrap items-center justify-between gap-x-6 gap-y-1">
      <a class="-ml-3 btn-quiet" href={resolve('/desk/[id]', { id: adventure.id })}>
        <ArrowLeft size={18} aria-hidden="true" />Desk
      </a>
      <div class="flex items-center gap-4">
        <SaveState {draft} />
        {#if hasBeats(adventure)}
          <a class="btn-lamp" href={resolve('/stage/[id]', { id: adventure.id })}>
            <Play size={20} aria-hidden="true" />Lead it
          </a>
        {/if}
      </div>
    </div>
    <h1 class="mt-2 text-4xl">Ready for the morning</h1>
    <p class="mt-1 flex flex-wrap items-center gap-x-5 gap-y-1 text-lg text-soft">
      {adventure.title || 'An adventure without a title yet'}
      {#if hasBeats(adventure)}
        <a class="-ml-2 btn-quiet text-base" href={resolve('/rehearse/[id]', { id: adventure.id })}>
          <Brain size={18} aria-hidden="true" />Rehearse it by heart
        </a>
      {/if}
    </p>
    <div class="mt-6 grid gap-x-12 gap-y-10 lg:grid-cols-2">
      <div class="flex min-w-0 flex-col gap-9">
        <KitSection {draft} />
        <CautionsSection {adventure} />
      </div>
      <div class="flex min-w-0 flex-col gap-9">
        <RoomSection {draft} />
        <ElsewhereSection {draft} />
      </div>
    </div>
    <div class="mt-12 border-t border-line pt-6"><PrintPack {adventure} {choices} /></div>
    <div class="mt-12 border-t border-line pt-6">
      <FilesSection {adventure} {choices} onstart={(at) => (startsAt = at)} />
    </div>
  </main>
{:else}
  <NotHere what="adventure" />
{/if}
