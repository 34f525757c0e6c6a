<!-- The second lane: what is said while they do it. It stands beside the work and takes no time. -->
<script lang="ts">
  import MessageCircle from '@lucide/svelte/icons/message-circle';
  import type { Snippet } from 'svelte';
  import LineArea from '$lib/ui/LineArea.svelte';
  import { tip } from '$lib/ui/parts/tip';

  type Props = {
    text: string;
    label: string;
    placeholder?: string;
    /** The words can be typed also while there are none. */
    open: boolean;
    onchange: (text: string) => void;
    onleave: () => void;
    /** What is said meanwhile besides, first. */
    children?: Snippet;
  };
  const {
    text,
    label,
    placeholder = 'What you say while they do it',
    open,
    onchange,
    onleave,
    children,
  }: Props = $props();
</script>

<div class={['meanwhile', !open && 'closed']} data-meanwhile>
  <p class="tag" {@attach tip('Said while they do it')}>
    <MessageCircle size={14} aria-hidden="true" /><span>meanwhile</span>
  </p>
  <div>
    {@render children?.()}
    {#if text || open}
      <LineArea value={text} {label} {placeholder} class="italic" {onchange} {onleave} />
    {/if}
  </div>
</div>

<style>
  .meanwhile {
    border-left: 3px solid var(--water);
    border-radius: 0 0.5rem 0.5rem 0;
    padding-left: 0.5rem;
    background: var(--sunk);
  }
  .closed {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
  }
  .closed .tag {
    align-self: start;
    padding-top: 0.35rem;
  }
  .closed .tag span {
    position: absolute;
    overflow: hidden;
    width: 1px;
    height: 1px;
    clip-path: inset(50%);
  }
  .tag {
    display: flex;
    align-items: center;
    gap: 0.3rem;
    padding: 0.1rem 0.25rem 0;
    font-size: 0.8125rem;
    line-height: 1.4;
    color: var(--soft);
  }
</style>
