<!-- After a session: how it went, what to remember, and where to go from here. -->
<script lang="ts">
  import { resolve } from '$app/paths';
  import NextTimeLinks from '$lib/logbook/NextTimeLinks.svelte';
  import { onMount } from 'svelte';
  import Debrief from './Debrief.svelte';
  import type { StageSession } from './stage.svelte';

  const { session }: { session: StageSession } = $props();

  /** What it told of the presenter's pace is known to every clock from now on. */
  onMount(() => {
    void import('$lib/review/learn').then(({ learnFromRuns }) => learnFromRuns());
  });
</script>

{#if session.runId}
  <Debrief debrief={session.debrief} onchange={(said) => session.setDebrief(said)} />
  <label class="w-full max-w-2xl text-left">
    <span class="text-xl">What to remember</span>
    <textarea
      class="mt-1 textarea field-sizing-content min-h-20 w-full text-xl"
      maxlength="5000"
      placeholder="Type it, or speak it with the microphone of your keyboard"
      value={session.note}
      oninput={(event) => session.setNote(event.currentTarget.value)}></textarea>
  </label>
{/if}
<p class="flex flex-wrap justify-center gap-4">
  {#if session.runId}
    <NextTimeLinks
      adventureId={session.adventure.id}
      debrief={session.debrief}
      slotSeconds={session.adventure.setting.slotSeconds}
      large
    />
    <a class="btn-lamp px-7! py-3! text-2xl" href={resolve('/logbook/[id]', { id: session.runId })}>
      Look at it in the logbook
    </a>
  {/if}
  <a class="btn-quiet px-6! py-3! text-2xl" href={resolve('/')}>To the shelf</a>
</p>
