<!-- An adventure as it was: each version can be looked at and taken back. -->
<script lang="ts">
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { beatLabel, lengthInShort, moveBookOf, timed, titleOf, type Adventure } from '$core';
  import { readAdventure, saveAdventure } from '$lib/store/adventure-rows';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { tabs } from '$lib/store/tabs';
  import { today } from '$lib/store/today';
  import { keepVersion, type Version } from '$lib/store/version-store';
  import { written } from '$lib/store/written';
  import Terrain from '$lib/terrain/Terrain.svelte';
  import NotHere from '$lib/ui/NotHere.svelte';
  import { notices } from '$lib/ui/notices.svelte';
  import { format } from 'date-fns';

  const { data } = $props();
  const now = $derived(data.now);
  let openId = $state<number | null>(null);

  const scheduleOf = (adventure: Adventure) =>
    timed(adventure, adventure.setting, preferences.pace);

  async function takeBack({ document, at }: Version) {
    if (!now) return;
    const { id } = now;
    await keepVersion(now, 'before going back');
    const saved = await written(`“${titleOf(document)}”`, async (db) => {
      const there = await readAdventure(db, id);
      return saveAdventure(db, { ...document, id }, there?.revision ?? 0, today());
    });
    tabs.tell({ type: 'saved', id, revision: saved.revision });
    notices.say(
      `It’s as it was on ${format(at, 'd MMMM, HH:mm')}. What it was until now is a version too.`,
    );
    await goto(resolve('/desk/[id]', { id }));
  }
</script>

<svelte:head><title>Earlier versions · Arrup</title></svelte:head>

{#if !now}
  <NotHere what="adventure" />
{:else}
  <main id="main" tabindex="-1" class="mx-auto max-w-3xl px-4 pb-24 text-lg sm:px-6">
    <h1 class="pt-8 text-4xl">Earlier versions</h1>
    <p class="mt-1 text-soft">
      Of <a href={resolve('/desk/[id]', { id: now.id })}>{titleOf(now)}</a>: how each day ended, and
      how it was before something changed much of it. A colleague sent it back?
      <a href={resolve('/desk/[id]/compare', { id: now.id })}>Lay both side by side</a>.
    </p>
    {#if data.versions.length === 0}
      <p class="mt-8 border-t border-line pt-8 font-heading text-2xl">
        There’s none yet. The first comes when you write here on another day.
      </p>
    {/if}
    <ul class="mt-6">
      {#each data.versions as version (version.id)}
        {@const { document, at, why } = version}
        {@const { cues, told } = scheduleOf(document)}
        {@const book = moveBookOf(document)}
        <li class="border-t border-line py-5">
          <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
            <h2 class="flex-1 basis-56 text-xl">
              {format(at, 'd MMMM yyyy, HH:mm')}
              <span class="text-base font-normal text-soft">{why}, {lengthInShort(told)}</span>
            </h2>
            <button
              type="button"
              class="btn-quiet border border-line"
              aria-expanded={openId === version.id}
              onclick={() => (openId = openId === version.id ? null : version.id)}
            >
              Look at it
            </button>
            <button type="button" class="btn-lamp" onclick={() => takeBack(version)}>
              Take it back
            </button>
          </div>
          <Terrain {cues} chapters={document.chapters} small height={70} />
          {#if openId === version.id}
            {#each document.chapters as chapter (chapter.id)}
              <h3 class="mt-3 font-semibold">{chapter.title}</h3>
              <ol class="list-decimal pl-6 text-base">
                {#each chapter.beats as beat (beat.id)}<li>{beatLabel(beat, book)}</li>{/each}
              </ol>
            {/each}
          {/if}
        </li>
      {/each}
    </ul>
  </main>
{/if}
