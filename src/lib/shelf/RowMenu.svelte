<!-- What is seldom done to an adventure, behind one word. Fetched when it is first asked for. -->
<script lang="ts">
  import { Menu, Portal } from '@skeletonlabs/skeleton-svelte';

  type Props = {
    /** Whose menu it is. */
    title: string;
    choices: readonly Readonly<{ word: string; run: () => void }>[];
    onclose: () => void;
  };
  const { title, choices, onclose }: Props = $props();
</script>

<Menu
  defaultOpen
  aria-label="More for {title}"
  onSelect={({ value }) => choices.find(({ word }) => word === value)?.run()}
  onOpenChange={({ open }) => {
    if (!open) onclose();
  }}
>
  <Menu.Trigger class="btn-quiet text-soft" aria-label="More for {title}">More</Menu.Trigger>
  <Portal>
    <Menu.Positioner class="z-30!">
      <Menu.Content
        class="min-w-48 rounded-xl border border-line bg-raised p-1 text-ink shadow-lg outline-none"
      >
        {#each choices as { word } (word)}
          <Menu.Item
            value={word}
            class="block cursor-pointer rounded-lg px-3 py-1.5 data-highlighted:bg-lamp data-highlighted:text-on-lamp"
            ><Menu.ItemText>{word}</Menu.ItemText></Menu.Item
          >
        {/each}
      </Menu.Content>
    </Menu.Positioner>
  </Portal>
</Menu>
