<!-- What is in a link: how long it is, its land, its lines, what is needed. Or why it can't be read. -->
<script lang="ts">
  import {
    adventureInLink,
    differencesOf,
    hasBeats,
    kitInWords,
    kitListOf,
    lengthInShort,
    moveBookOf,
    timed,
    titleOf,
    type Adventure,
  } from '$core';
  import { resolve } from '$app/paths';
  import Download from '@lucide/svelte/icons/download';
  import { preferences } from '$lib/store/preference-store.svelte';
  import Terrain from '$lib/terrain/Terrain.svelte';
  import { beatInWords } from '$lib/words/beat-in-words';
  import { problemInWords } from '$lib/words/problem-words';

  type Props = {
    fragment: string;
    /** The one that is on the shelf already, by its id. */
    mineOf: (id: string) => Adventure | null;
    ontake: (adventure: Adventure) => Promise<void>;
    oncompare: (adventure: Adventure) => Promise<void>;
  };
  const { fragment, mineOf, ontake, oncompare }: Props = $props();

  const read = $derived(fragment ? adventureInLink(fragment) : null);
  const adventure = $derived(read?.ok ? read.value : null);
  const book = $derived(adventure && moveBookOf(adventure));
  const schedule = $derived(adventure && timed(adventure, adventure.setting, preferences.pace));
  const kit = $derived(adventure ? kitListOf(adventure, adventure.setting).map(kitInWords) : []);
  const ages = $derived(adventure?.setting.ages);
  const mine = $derived(adventure && mineOf(adventure.id));
  const isSame = $derived(mine && adventure && differencesOf(mine, adventure).length === 0);
  let taking = $state(false);
  let trouble = $state('');

  async function take() {
    if (!adventure) return;
    taking = true;
    try {
      await ontake(adventure);
    } catch (reason) {
      trouble = `It couldn’t be put on your shelf: ${reason instanceof Error ? reason.message : String(reason)}`;
      taking = false;
    }
  }
</script>

{#if adventure && book && schedule && ages}
  <p class="pt-8 text-soft">
    {#if isSame}
      You have this adventure on your shelf already, just as it is here.
    {:else if mine}
      Somebody sent you another version of an adventure on your shelf.
    {:else}
      Somebody sent you this adventure. It isn’t on your shelf yet.
    {/if}
  </p>
  <h1 class="mt-1 text-4xl wrap-break-word">{titleOf(adventure)}</h1>
  <p class="mt-1">
    {ages.from === ages.to ? `Age ${ages.from}` : `Ages ${ages.from} to ${ages.to}`},
    {lengthInShort(schedule.told)}{kit.length > 0 ? `, with ${kit.join(', ')}` : ''}.
  </p>
  {#if adventure.world.want}<p class="mt-1">{adventure.world.want}</p>{/if}
  <p class="mt-5 flex flex-wrap gap-3">
    {#if isSame}
      <a class="btn-lamp text-lg" href={resolve('/desk/[id]', { id: adventure.id })}>Open mine</a>
    {:else}
      {#if mine}
        <button type="button" class="btn-lamp text-lg" onclick={() => oncompare(adventure)}>
          Lay both side by side
        </button>
      {/if}
      <button
        type="button"
        class={mine ? 'btn-quiet border border-line' : 'btn-lamp text-lg'}
        disabled={taking}
        onclick={take}
      >
        <Download size={22} aria-hidden="true" />{mine
          ? 'Put it beside mine'
          : 'Put it on my shelf'}
      </button>
      <a class="btn-quiet border border-line" href={resolve('/')}>No, thank you</a>
    {/if}
  </p>
  {#if trouble}<p class="mt-2 font-semibold text-pencil" role="alert">{trouble}</p>{/if}
  {#if hasBeats(adventure)}
    <div class="mt-6">
      <Terrain cues={schedule.cues} chapters={adventure.chapters} small height={70} />
    </div>
  {/if}
  {#each adventure.chapters as chapter (chapter.id)}
    <h2 class="mt-5 text-xl">{chapter.title}</h2>
    <ol class="list-decimal pl-6 text-base">
      {#each chapter.beats as beat (beat.id)}
        <li class="wrap-break-word">{beatInWords(beat, book)}</li>
      {/each}
    </ol>
  {/each}
{:else}
  <h1 class="pt-8 text-4xl">
    {fragment ? 'This link can’t be opened' : 'There’s nothing in this link'}
  </h1>
  {#if read && !read.ok}
    <ul class="mt-4 list-disc pl-6" role="alert">
      {#each read.problems as problem, n (n)}<li>{problemInWords(problem)}</li>{/each}
    </ul>
    <p class="mt-3">Nothing here has changed.</p>
  {:else}
    <p class="mt-4">
      A link with an adventure in it is made in Prep, under “To take elsewhere”. All that belongs to
      it has to be in the link: perhaps its end was cut off.
    </p>
  {/if}
  <p class="mt-5"><a class="btn-quiet border border-line" href={resolve('/')}>To the shelf</a></p>
{/if}
