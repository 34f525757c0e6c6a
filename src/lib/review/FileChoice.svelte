<!-- A file that is chosen, or dropped here: its name, and a way to take another. -->
<script lang="ts">
  import type { Component } from 'svelte';
  import X from '@lucide/svelte/icons/x';

  type Props = {
    icon: Component<{ size?: number; 'aria-hidden'?: 'true' }>;
    title: string;
    hint: string;
    accept: string;
    file: File | null;
  };
  let { icon: Icon, title, hint, accept, file = $bindable() }: Props = $props();
  let input: HTMLInputElement;
  let over = $state(false);

  function drop(event: DragEvent) {
    event.preventDefault();
    over = false;
    file = event.dataTransfer?.files[0] ?? file;
  }
</script>

<div
  role="group"
  aria-label={title}
  class={[
    'relative flex min-h-28 flex-col justify-center rounded-2xl border-2 border-dashed p-4',
    over ? 'border-lamp bg-sunk' : 'border-line',
  ]}
  ondragover={(event) => {
    event.preventDefault();
    over = true;
  }}
  ondragleave={() => (over = false)}
  ondrop={drop}
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
    <button type="button" class="min-h-6 underline" onclick={() => input.click()}
      >{file ? 'Choose another' : 'Choose a file'}</button
    ><span class="text-soft">, or drop it here</span>
  </p>
  <input
    bind:this={input}
    type="file"
    {accept}
    class="hidden"
    aria-label={title}
    onchange={() => {
      file = input.files?.[0] ?? file;
      input.value = '';
    }}
  />
</div>
