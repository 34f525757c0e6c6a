<!-- The page that leads itself: the Stage of one adventure, with nothing around it. -->
<script lang="ts">
  import type { Carried } from '$core';
  import Printer from '@lucide/svelte/icons/printer';
  import RotateCcw from '@lucide/svelte/icons/rotate-ccw';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import NoticeBar from '$lib/ui/NoticeBar.svelte';
  import { planStage } from '$lib/stage/stage-plan';
  import StageRoom from '$lib/stage/StageRoom.svelte';
  import { newSeed } from '$lib/store/new-id';
  import TakePrint from './TakePrint.svelte';

  type Props = { carried: Carried | null };
  const { carried }: Props = $props();

  const KEEPS_NOTHING = {
    keep: () => Promise.resolve(),
    newRunId: () => 'run_here',
    noteLed: () => {},
    ownMusic: () => Promise.resolve(null),
  };
  /** Each leading has draws of its own. */
  const newPlan = () =>
    carried &&
    planStage(carried.adventure, carried.pace, {
      seed: newSeed(),
      left: null,
      keeping: KEEPS_NOTHING,
    });
  let plan = $state.raw(newPlan());
  let forChildren = $state(false);
</script>

{#if carried && plan}
  <div class="print:hidden">
    {#key plan}
      <StageRoom {plan} speed={1} {forChildren}>
        {#snippet links()}
          <span class="px-3 py-2 text-lg">
            {#if carried.madeBy}Made by {carried.madeBy}.{/if}
            It shows, counts and keeps the time: say what you read, and do what you see. The screen is
            for
            <InlineChoice
              value={forChildren}
              label="Who looks at the screen"
              choices={[
                [false, 'whoever leads'],
                [true, 'the children: pictures and counts only'],
              ] as const}
              onchange={(chosen) => (forChildren = chosen)}
            />.
          </span>
          <button type="button" class="btn-quiet text-lg" onclick={() => window.print()}>
            <Printer size={22} aria-hidden="true" />Print it
          </button>
        {/snippet}
        {#snippet after()}
          <button
            type="button"
            class="btn-lamp px-7! py-3! text-2xl"
            onclick={() => (plan = newPlan())}
          >
            <RotateCcw size={26} aria-hidden="true" />Once more
          </button>
        {/snippet}
      </StageRoom>
    {/key}
  </div>
  <TakePrint adventure={carried.adventure} schedule={plan.schedule} madeBy={carried.madeBy} />
  <NoticeBar />
{:else}
  <main id="main" class="mx-auto max-w-2xl p-8">
    <h1 class="text-4xl font-extrabold">This page is broken</h1>
    <p class="mt-4 text-xl">
      The adventure in it can’t be read: part of the file is missing, or it was changed on its way.
      Ask for it once more.
    </p>
  </main>
{/if}
