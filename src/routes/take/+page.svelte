<!-- An adventure that came in a link: looked at before it is taken in. -->
<script lang="ts">
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import type { Adventure } from '$core';
  import { compareWithMine } from '$lib/compare/compare-with';
  import { apartFrom } from '$lib/plan/ask-to-read';
  import { ownMoves } from '$lib/store/own-move-store.svelte';
  import { shelf } from '$lib/store/shelf.svelte';
  import SentAdventure from '$lib/take/SentAdventure.svelte';

  /** What stands behind the "#": no server sees it. Another link in the same tab is another adventure. */
  let fragment = $state(location.hash.slice(1));

  const mineOf = (id: string) => shelf.records.find((record) => record.id === id)?.document ?? null;

  async function take(adventure: Adventure) {
    const id = await shelf.takeIn(apartFrom(ownMoves.list, adventure));
    await goto(resolve('/desk/[id]', { id }));
  }
</script>

<svelte:window onhashchange={() => (fragment = location.hash.slice(1))} />
<svelte:head><title>From a link · Arrup</title></svelte:head>

<main id="main" tabindex="-1" class="mx-auto max-w-3xl px-4 pb-24 text-lg sm:px-6">
  {#key fragment}<SentAdventure
      {fragment}
      {mineOf}
      ontake={take}
      oncompare={compareWithMine}
    />{/key}
</main>
