<!-- Where a page has failed: what lies open is saved as files, and the way back. -->
<script lang="ts">
  import { resolve } from '$app/paths';
  import { openAsFiles } from '$lib/store/in-memory';
  import Download from '@lucide/svelte/icons/download';
  import { download } from './download';

  type Props = { title: string; reason: string; again?: () => void };
  const { title, reason, again }: Props = $props();

  const files = openAsFiles();
</script>

<main id="main" tabindex="-1" class="mx-auto max-w-3xl px-6 py-24">
  <h1 class="text-3xl">{title}</h1>
  <p class="mt-3 text-lg">{reason}</p>
  {#if files.length > 0}
    <p class="mt-3 text-lg">What was open is still in memory. Save it before you go on.</p>
  {/if}
  <p class="mt-6 flex flex-wrap gap-3">
    {#each files as { name, mediaType, content } (name)}
      <button type="button" class="btn-lamp" onclick={() => download(name, mediaType, content)}>
        <Download size={20} aria-hidden="true" />Save {name}
      </button>
    {/each}
    {#if again}
      <button type="button" class="btn-quiet border border-line" onclick={again}>Try again</button>
    {/if}
    <a class="btn-quiet border border-line" href={resolve('/')} data-sveltekit-reload>
      To the shelf
    </a>
  </p>
</main>
