<!-- Which move: its name, and, once it is touched, a search through the catalogue. -->
<script lang="ts">
  import { suggestMoves, type Move, type MoveBook } from '$core';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import { Combobox, useListCollection } from '@skeletonlabs/skeleton-svelte';

  type Props = {
    book: MoveBook;
    /** What stands there until a move is looked for. */
    text: string;
    label: string;
    class?: string;
    onpick: (move: Move) => void;
  };
  const { book, text, label, class: look = '', onpick }: Props = $props();

  const MOST = 40;
  let open = $state(false);
  let query = $state('');
  let trigger = $state<HTMLButtonElement>();

  const found = $derived(suggestMoves(book, query, MOST));
  const collection = $derived(
    useListCollection({
      items: [...found],
      itemToString: (move) => move.name,
      itemToValue: (move) => move.id,
    }),
  );

  function close() {
    open = false;
    query = '';
    requestAnimationFrame(() => trigger?.focus());
  }
  function pick(id: string | undefined) {
    const move = id === undefined ? undefined : book.get(id);
    close();
    if (move) onpick(move);
  }
</script>

{#if open}
  <Combobox
    class="inline-block"
    {collection}
    placeholder="frog, hop, stretch…"
    inputBehavior="autohighlight"
    openOnClick
    defaultOpen
    selectionBehavior="clear"
    onInputValueChange={(event) => (query = event.inputValue)}
    onValueChange={(event) => pick(event.value[0])}
    onOpenChange={(event) => {
      if (!event.open) close();
    }}
  >
    <Combobox.Control class="inline-block">
      <Combobox.Input
        class="w-56 rounded border-2 border-water bg-raised px-2 py-0.5"
        aria-label={label}
        autofocus
      />
    </Combobox.Control>
    <Combobox.Positioner class="z-30!">
      <Combobox.Content
        class="max-h-80 w-72 overflow-y-auto rounded-xl border border-line bg-raised p-1 shadow-lg"
      >
        {#each found as move (move.id)}
          <Combobox.Item
            item={move}
            class="flex cursor-pointer items-center justify-between gap-3 rounded-lg px-2 py-1 data-highlighted:bg-lamp data-highlighted:text-on-lamp"
          >
            <span class="flex min-w-0 items-center gap-2">
              <MovePicture {move} size={32} />
              <Combobox.ItemText>{move.name}</Combobox.ItemText>
            </span>
            <span class="text-sm">{move.family}</span>
          </Combobox.Item>
        {:else}
          <p class="px-3 py-2">There’s no move by that name.</p>
        {/each}
      </Combobox.Content>
    </Combobox.Positioner>
  </Combobox>
{:else}
  <button
    bind:this={trigger}
    type="button"
    class={['text-left', look || 'inline-word']}
    aria-label={text.endsWith('…') ? undefined : `${label}: ${text}`}
    onclick={() => (open = true)}
  >
    {text}
  </button>
{/if}
