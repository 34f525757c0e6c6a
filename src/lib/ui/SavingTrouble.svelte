<!-- What could not be saved, without icons, for it is part of every start: it stays at the top of the page until it is, with the way out beside it. -->
<script lang="ts">
  import { troubles, type Trouble } from '$lib/store/troubles.svelte';
  import { download } from './download';

  function save({ file }: Trouble) {
    if (!file) return;
    const { name, mediaType, content } = file();
    download(name, mediaType, content);
  }
  /** Whoever leaves now may lose something: the browser asks. */
  function leaving(event: BeforeUnloadEvent) {
    if (troubles.list.some(({ file }) => file)) event.preventDefault();
  }
</script>

<svelte:window onbeforeunload={leaving} />

{#if troubles.list.length > 0}
  <section
    class="sticky top-0 z-50 border-b-4 border-pencil bg-raised px-4 py-3 sm:px-6 print:hidden"
    role="alert"
    aria-label="Not saved"
  >
    {#each troubles.list as trouble (trouble.key)}
      <div class="mx-auto flex max-w-6xl flex-wrap items-center gap-x-4 gap-y-2">
        <p class="min-w-0 flex-1 basis-80 font-semibold">{trouble.text}</p>
        {#if trouble.file}
          <button type="button" class="btn-lamp" onclick={() => save(trouble)}>
            Save a file
          </button>
        {/if}
        {#if trouble.again}
          <button
            type="button"
            class="btn-quiet border border-line"
            onclick={() => void trouble.again?.()}
          >
            Try again
          </button>
        {/if}
      </div>
    {/each}
  </section>
{/if}
