<!-- Worlds of other stories on the shelf: their cast, words and colours join this one. -->
<script lang="ts">
  import { withWorld, type World } from '$core';
  import { worldsOnShelf } from '$lib/store/worlds';
  import type { Desk } from './desk.svelte';
  import { tip } from '$lib/ui/parts/tip';

  const { desk }: { desk: Desk } = $props();

  /** A world has this many buttons at most: those that were worked on last. */
  const SHOWN = 4;
  let worlds = $state.raw<readonly World[]>([]);
  worldsOnShelf().then(
    (found) => (worlds = found),
    () => {},
  );
  const named = (text: string) => text.trim().toLowerCase();
  /** Worlds that this story could go on in: none that it has all of already, and no other world than its own. */
  const open = $derived(
    worlds
      .filter((world) => {
        const own = named(desk.adventure.world.name);
        if (own !== '' && own !== named(world.name)) return false;
        const joined = withWorld(desk.adventure, world).world;
        return JSON.stringify(joined) !== JSON.stringify(desk.adventure.world);
      })
      .slice(0, SHOWN),
  );
</script>

{#if open.length > 0}
  <p class="flex flex-wrap items-center gap-2 py-1 leading-normal" data-worlds>
    <span class="text-soft">Go on in</span>
    {#each open as world (world.name)}
      <button
        type="button"
        class="btn-quiet max-w-full border! border-line! text-left"
        {@attach tip('Its cast, words and colours join this story. What you have stays.')}
        onclick={() => desk.edit((now) => withWorld(now, world))}>{world.name}</button
      >
    {/each}
  </p>
{/if}
