<!-- A button that asks for a file. The same file may be asked for again. -->
<script lang="ts">
  import { FileUpload } from '@skeletonlabs/skeleton-svelte';
  import type { Snippet } from 'svelte';

  type Props = {
    /** What a screen reader calls the field. */
    label: string;
    /** As in an input: endings and media types. */
    accept: string;
    class: string;
    disabled?: boolean;
    onfile: (file: File) => void;
    children: Snippet;
  };
  const { label, accept, class: look, disabled = false, onfile, children }: Props = $props();
</script>

<FileUpload
  {disabled}
  class="contents"
  acceptedFiles={[]}
  onFileAccept={({ files }) => {
    if (files[0]) onfile(files[0]);
  }}
>
  <FileUpload.Trigger class={look}>{@render children()}</FileUpload.Trigger>
  <FileUpload.HiddenInput {accept} aria-label={label} />
</FileUpload>
