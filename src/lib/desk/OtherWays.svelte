<!-- Beside a line that is said, what it could have them do; beside one that is done, to just say it. -->
<script lang="ts">
  import { isBeat, readLine, saidInstead, type Beat } from '$core';
  import MessageCircle from '@lucide/svelte/icons/message-circle';
  import ReadingMark from '$lib/plan/ReadingMark.svelte';
  import type { Desk } from './desk.svelte';
  import { takeAs } from './put-in';

  const { desk, beat }: { desk: Desk; beat: Beat } = $props();

  /** A line is read again whenever it changes: what it asks for now, if anything. */
  const ways = $derived.by(() => {
    if (beat.kind !== 'tell' || beat.to || beat.acted || beat.check) return [];
    const { others, ...read } = readLine(beat.text, desk.lineTools);
    return [read, ...others].filter(({ reading }) => isBeat(reading) && reading.kind !== 'tell');
  });
  const said = $derived(beat.kind === 'tell' ? '' : saidInstead(beat, desk.book));
</script>

{#if ways.length > 0 || said}
  <p class="mt-1 -ml-1 flex flex-wrap gap-2" data-other-ways>
    {#each ways as way (way.says)}
      <button
        type="button"
        class="btn-quiet max-w-full border! border-line! text-left"
        onclick={() => takeAs(desk, beat.id, way.reading)}
      >
        <ReadingMark reading={way} /><span>do this: {way.says}</span>
      </button>
    {/each}
    {#if said}
      <button
        type="button"
        class="btn-slight text-soft hover:text-ink"
        onclick={() => takeAs(desk, beat.id, { kind: 'tell', text: said, unread: [] })}
      >
        <MessageCircle size={16} aria-hidden="true" />just say it
      </button>
    {/if}
  </p>
{/if}
