<!-- It is over: how long it was, what was won together, and what can be done now. -->
<script lang="ts">
  import { clockOf, lengthInWords } from '$core';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import type { Snippet } from 'svelte';
  import type { StageSession } from './stage.svelte';

  type Props = { session: StageSession; after: Snippet<[StageSession]> };
  const { session, after }: Props = $props();
  /** How far it came, where it was ended by hand. */
  const at = $derived(session.cue && clockOf(session.position));

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
  {@render after(session)}
</main>
