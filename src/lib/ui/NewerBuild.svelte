<!-- A newer build that waits: told in every place but on the Stage. -->
<script lang="ts">
  import { watchForNewerBuild } from './newer-build';

  let take = $state.raw<(() => Promise<void>) | null>(null);
  $effect(() => watchForNewerBuild((newer) => (take = newer)));
</script>

{#if take}
  <p
    class="flex flex-wrap items-center justify-center gap-x-4 gap-y-1 bg-lamp px-4 py-2 text-on-lamp print:hidden"
    role="status"
  >
    A new version of Arrup is there.
    <button type="button" class="min-h-6 font-semibold underline" onclick={() => void take?.()}>
      Take it now
    </button>
    <button type="button" class="min-h-6 underline" onclick={() => (take = null)}>Later</button>
  </p>
{/if}
