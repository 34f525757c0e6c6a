<script lang="ts">
  import { clockOf, lengthInWords } from '$core';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import { resolve } from '$app/paths';
  import NextTimeLinks from '$lib/logbook/NextTimeLinks.svelte';
  import { onMount } from 'svelte';
  import Debrief from './Debrief.svelte';
  import type { StageSession } from './stage.svelte';

  type Props = { session: StageSession };
  const { session }: Props = $props();
  /** How far it came, where it was ended by hand. */
  const at = $derived(session.cue && clockOf(session.position));

  /** What it told of the presenter's pace is known to every clock from now on. */
  onMount(() => {
    void import('$lib/review/learn').then(({ learnFromRuns }) => learnFromRuns());
  });

  const over = $derived(session.elapsed - session.adventure.setting.slotSeconds);
</script>

<main
  id="main"
  tabindex="-1"
  class="flex min-h-dvh flex-col items-center justify-center gap-6 p-8 text-center"
>
  <h1 class="text-7xl font-extrabold max-sm:text-5xl">Well led!</h1>
  {#if session.endedEarly}
    <p class="flex flex-wrap items-center justify-center gap-4 text-2xl" data-ended>
      You ended at {at}, before the script did.
      <button
        type="button"
        class="btn-quiet border-2 border-ink px-6! py-3! text-2xl font-bold"
        onclick={() => session.backToIt()}
      >
        <ArrowLeft size={28} aria-hidden="true" />Go back to it
      </button>
    </p>
  {/if}
  <p class="max-w-3xl text-3xl" data-result>
    {lengthInWords(session.elapsed)}{over > 0
      ? `, ${lengthInWords(over)} over the slot.`
      : ', within the slot.'}
  </p>
  {#if session.points > 0}
    <p class="text-2xl">{session.points} points, all of you together.</p>
  {/if}
  {#if session.teamPoints.some((points) => points > 0)}
    <p class="text-2xl">
      Team one {session.teamPoints[0]}, team two {session.teamPoints[1]}:
      {session.teamPoints[0] + session.teamPoints[1]} points together.
    </p>
  {/if}
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
      <a
        class="btn-lamp px-7! py-3! text-2xl"
        href={resolve('/logbook/[id]', { id: session.runId })}
      >
        Look at it in the logbook
      </a>
    {/if}
    <a class="btn-quiet px-6! py-3! text-2xl" href={resolve('/')}>To the shelf</a>
  </p>
</main>
