<!-- Finds words in the script: in what is said, in names, in moves. -->
<script lang="ts">
  import { beatLabel, calledIn, partsOfBeat, spokenLines } from '$core';
  import type { Desk } from './desk.svelte';

  const { desk }: { desk: Desk } = $props();

  let query = $state('');
  const MOST = 60;
  const plain = (text: string) => text.normalize('NFKD').toLowerCase();
  const wanted = $derived(plain(query.trim()));
  /** Every line with what can be found of it; read anew only when the script is another. */
  const lines = $derived(
    desk.adventure.chapters.flatMap(({ beats }) =>
      beats.map((beat) => ({
        beat,
        texts: [
          ...spokenLines(beat),
          ...partsOfBeat(beat).map((part) => calledIn(desk.book, part)),
          beatLabel(beat, desk.book),
        ],
      })),
    ),
  );
  const found = $derived(
    wanted === ''
      ? []
      : lines.flatMap(({ beat, texts }) => {
          const text = texts.find((one) => plain(one).includes(wanted));
          return text === undefined ? [] : [{ id: beat.id, text }];
        }),
  );
  function keydown(event: KeyboardEvent) {
    const [first] = found;
    if (event.key === 'Enter' && first) desk.focusNext = first.id;
  }
</script>

<label class="block">
  <span class="text-soft">Find in the script</span>
  <!-- svelte-ignore a11y_autofocus -->
  <input
    class="mt-1 w-full rounded border-2 border-line bg-page px-3 py-1.5"
    type="search"
    autofocus
    bind:value={query}
    onkeydown={keydown}
  />
</label>
{#if wanted}
  <p class="mt-2 text-soft" role="status">
    {found.length === 0
      ? 'Nothing in the script has that.'
      : found.length === 1
        ? 'One line.'
        : `${found.length} lines.`}
  </p>
  <ul class="mt-1">
    {#each found.slice(0, MOST) as { id, text } (id)}
      <li class="border-t border-line">
        <button
          type="button"
          class="flex w-full gap-3 py-1.5 text-left hover:bg-sunk"
          onclick={() => (desk.focusNext = id)}
          onpointerenter={() => (desk.pointedId = id)}
          onpointerleave={() => (desk.pointedId = null)}
        >
          <span class="text-soft tabular">{desk.rows.clocks.get(id)}</span>
          <span class="line-clamp-2 min-w-0">{text}</span>
        </button>
      </li>
    {/each}
  </ul>
{/if}
