<!-- Something is looked at before it is taken in: a window over the page, left by Escape too. -->
<script lang="ts">
  import type { Snippet } from 'svelte';

  type Props = {
    /** The id of its heading. */
    labelledby: string;
    oncancel: () => void;
    class: string;
    children: Snippet;
  };
  const { labelledby, oncancel, class: look, children }: Props = $props();

  let dialog: HTMLDialogElement;
  $effect(() => dialog.showModal());
</script>

<dialog
  bind:this={dialog}
  class={[
    'm-auto max-h-[92dvh] rounded-2xl border border-line bg-page text-ink backdrop:bg-black/50',
    look,
  ]}
  aria-labelledby={labelledby}
  oncancel={(event) => {
    event.preventDefault();
    oncancel();
  }}
>
  {@render children()}
</dialog>
