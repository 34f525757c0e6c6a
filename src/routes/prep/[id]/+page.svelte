<script lang="ts">
  import { unroll, type Adventure } from '$core';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import Download from '@lucide/svelte/icons/download';
  import Play from '@lucide/svelte/icons/play';
  import Printer from '@lucide/svelte/icons/printer';
  import { EXPORTS, fileNameOf } from '$lib/prep/exports';
  import ElsewhereSection from '$lib/prep/ElsewhereSection.svelte';
  import KitSection from '$lib/prep/KitSection.svelte';
  import LetterStrip from '$lib/prep/LetterStrip.svelte';
  import RoomSection from '$lib/prep/RoomSection.svelte';
  import RunSheet from '$lib/prep/RunSheet.svelte';
  import { arrupDb } from '$lib/store/db';
  import { preferences } from '$lib/store/preferences.svelte';
  import { download } from '$lib/ui/download';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import NotHere from '$lib/ui/NotHere.svelte';

  let adventure = $state.raw<Adventure | null>(null);
  let missing = $state(false);

  const schedule = $derived(adventure && unroll(adventure, adventure.setting, preferences.pace));

  const strips = $derived(
    adventure?.chapters.flatMap(({ beats }) =>
      beats.flatMap((beat) =>
        beat.kind === 'draw' && beat.device.kind === 'letters' ? [beat] : [],
      ),
    ) ?? [],
  );

  $effect(() => {
    const { id } = page.params;
    if (!id) return;
    void arrupDb()
      .then((db) => db.get('adventures', id))
      .then((record) => {
        adventure = record?.document ?? null;
        missing = !record;
      });
  });
</script>

<svelte:head><title>Prep: {adventure?.title || 'an adventure'} · Arrup</title></svelte:head>

{#if missing}
  <NotHere what="adventure" />
{:else if adventure && schedule}
  {@const shown = adventure}
  <main
    class="mx-auto grid max-w-6xl gap-8 px-4 pt-4 pb-24 sm:px-6 lg:grid-cols-[17rem_minmax(0,1fr)] print:block print:max-w-none print:p-0"
  >
    <div class="print:hidden">
      <a class="-ml-3 btn-quiet" href={resolve('/desk/[id]', { id: adventure.id })}>
        <ArrowLeft size={18} aria-hidden="true" />Desk
      </a>
      <h1 class="mt-3 text-3xl">Ready for the morning</h1>
      <p class="mt-4 leading-8">
        The run sheet{strips.length > 0 ? ' and the letter strip' : ''}, on
        <InlineChoice
          value={preferences.current.paper}
          label="Paper"
          choices={[
            ['a4', 'A4 paper'],
            ['letter', 'Letter paper'],
          ] as const}
          onchange={(paper) => void preferences.change({ paper })}
        />.
      </p>
      <button type="button" class="mt-3 btn-lamp text-lg" onclick={() => print()}>
        <Printer size={22} aria-hidden="true" />Print it
      </button>
      <h2 class="mt-9 text-xl">Take it elsewhere</h2>
      <ul class="mt-2 flex flex-col items-start">
        {#each EXPORTS as format (format.id)}
          <li>
            <button
              type="button"
              class="-ml-3 btn-quiet text-left"
              onclick={() =>
                download(
                  fileNameOf(shown, format),
                  format.mediaType,
                  format.write(shown, shown.setting, preferences.pace),
                )}
            >
              <Download size={18} class="shrink-0" aria-hidden="true" />{format.label}
            </button>
          </li>
        {/each}
      </ul>
      {#if schedule.cues.length > 0}
        <a
          class="mt-6 -ml-3 btn-quiet font-semibold"
          href={resolve('/stage/[id]', { id: adventure.id })}
        >
          <Play size={18} aria-hidden="true" />Lead it
        </a>
      {/if}
    </div>
    <div class="min-w-0">
      <div class="mb-8 grid gap-x-10 gap-y-6 md:grid-cols-2 print:hidden">
        <KitSection {adventure} />
        <div class="flex flex-col gap-6">
          <RoomSection {adventure} />
          <ElsewhereSection {adventure} />
        </div>
      </div>
      <RunSheet {adventure} {schedule} paper={preferences.current.paper} />
      {#each strips as beat (beat.id)}
        <LetterStrip {adventure} {beat} paper={preferences.current.paper} />
      {/each}
    </div>
  </main>
{/if}
