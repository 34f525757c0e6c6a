<script lang="ts">
  import type { SaveState } from '$lib/store/draft.svelte';

  const { draft }: { draft: { state: SaveState } } = $props();
  const WORDS = {
    saved: 'Saved in this browser',
    unsaved: 'Writing…',
    saving: 'Saving…',
    failed: 'Not saved yet',
  } as const;
</script>

<p
  class={['text-sm', draft.state === 'failed' ? 'font-bold text-pencil' : 'text-soft']}
  role="status"
  data-save={draft.state}
>
  {WORDS[draft.state]}
</p>
