<!-- The whole adventure as a link, and as a code for a camera where it is short enough. -->
<script lang="ts">
  import { codeFragment, linkFragment, LONG_LINK_CHARACTERS, type Adventure } from '$core';
  import { resolve } from '$app/paths';
  import Copy from '@lucide/svelte/icons/copy';
  import { qrOf } from './qr-path';

  const { adventure }: { adventure: Adventure } = $props();

  const address = `${location.origin}${resolve('/take')}`;
  const link = $derived(`${address}#${linkFragment(adventure)}`);
  const code = $derived.by(() => {
    const digits = codeFragment(adventure);
    return digits === null ? null : qrOf(address, digits);
  });
  let copied = $state<'yes' | 'no' | null>(null);
  let field: HTMLInputElement;

  async function copy() {
    try {
      await navigator.clipboard.writeText(link);
      copied = 'yes';
    } catch {
      // Not allowed here: it's marked, and the keyboard copies it.
      field.select();
      copied = 'no';
    }
  }
</script>

<div class="mt-4 rounded-2xl border border-line bg-raised p-4 sm:p-5" data-link-panel>
  <p>
    The whole adventure is in the link, {link.length.toLocaleString('en-GB')} signs long. Nothing of it
    reaches a server: whoever opens the link looks at it first, and then takes it in.
    {#if link.length > LONG_LINK_CHARACTERS}
      Some messengers cut links of more than {LONG_LINK_CHARACTERS.toLocaleString('en-GB')} signs: an
      email keeps it whole, and a file always does.
    {/if}
  </p>
  <div class="mt-3 flex flex-wrap gap-2">
    <input
      bind:this={field}
      class="input min-w-0 flex-1 basis-56"
      readonly
      value={link}
      aria-label="The link"
      onfocus={(event) => event.currentTarget.select()}
    />
    <button type="button" class="btn-quiet border border-line" onclick={copy}>
      <Copy size={18} aria-hidden="true" />Copy it
    </button>
  </div>
  <p class="mt-1 min-h-6 text-soft" role="status">
    {copied === 'yes'
      ? 'Copied.'
      : copied === 'no'
        ? 'This browser doesn’t let it be copied: it’s marked, so press Ctrl+C.'
        : ''}
  </p>
  {#if code}
    <svg
      class="mt-2 block w-full max-w-[36rem] rounded-lg bg-white"
      viewBox="0 0 {code.width} {code.width}"
      shape-rendering="crispEdges"
      role="img"
      aria-label="The link as a code for a camera"
      data-code
    >
      <rect width="100%" height="100%" fill="#fff" />
      <path d={code.path} fill="#000" />
    </svg>
    <p class="mt-2 text-soft">
      For a camera beside you. Show it large, and hold the phone so that the code fills its picture.
    </p>
  {:else}
    <p class="mt-2">
      There’s too much in it for a code that a camera can read: send the link or a file instead.
    </p>
  {/if}
</div>
