<!-- Something is looked at before it is taken in: a window over the page, left by Escape too. -->
<script lang="ts">
  import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
  import type { Snippet } from 'svelte';

  type Props = {
    /** The id of its heading. */
    labelledby: string;
    oncancel: () => void;
    class: string;
    children: Snippet;
  };
  const { labelledby, oncancel, class: look, children }: Props = $props();
</script>

<Dialog
  open
  closeOnInteractOutside={false}
  onOpenChange={({ open }) => {
    if (!open) oncancel();
  }}
>
  <Portal>
    <Dialog.Backdrop class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Positioner class="fixed inset-0 z-40 flex items-center justify-center">
      <Dialog.Content
        aria-labelledby={labelledby}
        class={[
          'max-h-[92dvh] rounded-2xl border border-line bg-page text-lg text-ink outline-none',
          look,
        ]}
      >
        {@render children()}
      </Dialog.Content>
    </Dialog.Positioner>
  </Portal>
</Dialog>
