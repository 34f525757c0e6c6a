<!-- A file that is chosen, or dropped here: its name, and a way to take another. -->
<script lang="ts">
  import type { Component } from 'svelte';
  import X from '@lucide/svelte/icons/x';
  import { FileUpload } from '@skeletonlabs/skeleton-svelte';

  type Props = {
    icon: Component<{ size?: number; 'aria-hidden'?: 'true' }>;
    title: string;
    hint: string;
    accept: string;
    file: File | null;
  };
  let { icon: Icon, title, hint, accept, file = $bindable() }: Props = $props();
</script>

<FileUpload
  acceptedFiles={[]}
  onFileAccept={({ files }) => {
    file = files[0] ?? file;
  }}
>
  <FileUpload.Dropzone
    disableClick
    role="group"
    tabindex={undefined}
    aria-label={title}
    class="relative flex min-h-28 flex-col justify-center rounded-2xl border-2 border-dashed border-line p-4 data-dragging:border-lamp data-dragging:bg-sunk"
  >
    <p class="flex items-center gap-2 font-heading text-lg font-bold">
      <Icon size={22} aria-hidden="true" />{title}
    </p>
    {#if file}
      <p class="mt-1 break-words" data-chosen>{file.name}</p>
      <button
        type="button"
        class="absolute top-2 right-2 btn-slight"
        aria-label="Don’t use {file.name}"
        onclick={() => (file = null)}><X size={18} aria-hidden="true" /></button
      >
    {:else}
      <p class="mt-1 text-soft">{hint}</p>
    {/if}
    <p class="mt-1">
      <FileUpload.Trigger class="min-h-6 underline"
        >{file ? 'Choose another' : 'Choose a file'}</FileUpload.Trigger
      ><span class="text-soft">, or drop it here</span>
    </p>
    <FileUpload.HiddenInput {accept} aria-label={title} />
  </FileUpload.Dropzone>
</FileUpload>
