<!-- What is kept but can't be read by this build: it stays as it is, and can be saved as a file. -->
<script lang="ts">
  import { aside, type StoreName } from '$lib/store/aside.svelte';
  import Download from '@lucide/svelte/icons/download';
  import { download } from './download';

  const { stores }: { stores: readonly StoreName[] } = $props();

  const WORDS: Readonly<Record<StoreName, readonly [one: string, many: string]>> = {
    adventures: ['adventure', 'adventures'],
    runs: ['session', 'sessions'],
    moves: ['move of yours', 'moves of yours'],
    presets: ['kept place', 'kept places'],
    preferences: ['set of your choices', 'sets of your choices'],
  };
  const found = $derived(aside.in(stores));
  const counted = $derived(
    stores
      .map((store) => [store, found.filter((one) => one.store === store).length] as const)
      .filter(([, count]) => count > 0)
      .map(([store, count]) => `${count} ${WORDS[store][count === 1 ? 0 : 1]}`)
      .join(' and '),
  );
  const isOne = $derived(found.length === 1);
  const isNewer = $derived(found.every(({ problem }) => problem?.code === 'newer-version'));
  const [it, its] = $derived(isOne ? ['it', 'It’s'] : ['them', 'They’re']);

  function save() {
    const text = JSON.stringify(
      found.map(({ store, key, raw }) => ({ store, key, raw })),
      null,
      2,
    );
    download('arrup-kept-aside.json', 'application/json', text);
  }
</script>

{#if found.length > 0}
  <div class="my-4 flex flex-wrap items-center gap-x-6 gap-y-2 border-l-4 border-pencil py-2 pl-4">
    <p class="max-w-2xl">
      {#if isNewer}
        {counted}
        {isOne ? 'was' : 'were'} made by a newer Arrup: update this one to read {it}.
      {:else}
        {counted} can’t be read: something in {it} is missing or broken.
      {/if}
      {its} kept as {isOne ? 'it is' : 'they are'}, and nothing writes over {it}.
    </p>
    <button type="button" class="btn-quiet border border-line" onclick={save}>
      <Download size={18} aria-hidden="true" />Save {it} as a file
    </button>
  </div>
{/if}
