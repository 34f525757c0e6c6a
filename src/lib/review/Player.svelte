<!-- The recording itself, where it is at hand: it plays from the disk, and goes where it is asked to. -->
<script lang="ts">
  import { serializeTimedText, type CaptionLine } from '$core';
  import Film from '@lucide/svelte/icons/film';
  import FileChoice from './FileChoice.svelte';

  type Props = {
    file: File | null;
    lines: readonly CaptionLine[];
    /** Where it is, in seconds. */
    at: number;
  };
  let { file = $bindable(), lines, at = $bindable() }: Props = $props();
  let media = $state<HTMLMediaElement | null>(null);

  const isSound = $derived(file?.type.startsWith('audio') ?? false);
  /** Addresses of the file and its captions, as long as they are shown. */
  let address = $state('');
  let captions = $state('');
  $effect(() => {
    if (!file) return;
    const made = URL.createObjectURL(file);
    address = made;
    return () => URL.revokeObjectURL(made);
  });
  $effect(() => {
    const made = URL.createObjectURL(new Blob([serializeTimedText(lines)], { type: 'text/vtt' }));
    captions = made;
    return () => URL.revokeObjectURL(made);
  });

  /** Plays from a moment, if there is something to play. */
  export function playFrom(seconds: number) {
    if (!media) return;
    media.currentTime = Math.max(0, seconds);
    void media.play().catch(() => undefined);
  }
  export function toggle() {
    if (!media) return;
    if (media.paused) void media.play().catch(() => undefined);
    else media.pause();
  }
</script>

{#if file}
  <div class="overflow-hidden rounded-2xl bg-sunk">
    {#if isSound}
      <audio
        bind:this={media}
        class="w-full"
        controls
        src={address}
        ontimeupdate={() => (at = media?.currentTime ?? 0)}
      ></audio>
    {:else}
      <video
        bind:this={media}
        class="max-h-72 w-full"
        controls
        src={address}
        ontimeupdate={() => (at = media?.currentTime ?? 0)}
      >
        <track kind="captions" src={captions} srclang="en" label="Captions" />
      </video>
    {/if}
  </div>
{:else}
  <FileChoice
    icon={Film}
    title="Hear it again"
    hint="Choose the recording from your disk: a browser can’t remember where it was."
    accept="video/*,audio/*"
    bind:file
  />
{/if}
