<!-- What is seldom done to an adventure, behind one word. Fetched when it is first asked for. -->
<script lang="ts">
  import { titleOf } from '$core';
  import { Menu, Portal } from '@skeletonlabs/skeleton-svelte';
  import { adventureFile } from '$lib/store/as-file';
  import type { AdventureRecord } from '$lib/store/db';
  import { shelf } from '$lib/store/shelf.svelte';
  import { trash } from '$lib/store/trash.svelte';
  import { download } from '$lib/ui/download';
  import { notices } from '$lib/ui/notices.svelte';

  type Props = {
    record: AdventureRecord;
    onopen: (id: string) => void;
    onclose: () => void;
  };
  const { record, onopen, onclose }: Props = $props();

  const title = $derived(titleOf(record.document));

  async function putBack(place: number | null) {
    const became = await trash.putBack(place);
    if (became === 'beside') notices.say('It’s come back since: the old one is beside it.');
    await shelf.refresh();
  }
  const CHOICES: readonly (readonly [word: string, run: () => void | Promise<void>])[] = [
    ['Make a copy', async () => onopen(await shelf.duplicate(record))],
    [
      'Save as a file',
      () => {
        const { name, mediaType, content } = adventureFile(record.document);
        download(name, mediaType, content);
      },
    ],
    [
      'Delete',
      async () => {
        const place = await shelf.remove(record.id);
        notices.say(`“${title}” is in the trash.`, { label: 'Undo', run: () => putBack(place) });
      },
    ],
  ];
</script>

<Menu
  defaultOpen
  aria-label="More for {title}"
  onSelect={({ value }) => void CHOICES.find(([word]) => word === value)?.[1]()}
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
        {#each CHOICES as [word] (word)}
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
