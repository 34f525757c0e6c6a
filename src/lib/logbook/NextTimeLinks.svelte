<!-- What follows from a session: open it, lead it again, or a copy that is gentler, livelier or as long as it should be. -->
<script lang="ts">
  import type { Debrief } from '$core';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { copyForNextTime, nextTimes, type NextTime } from '$lib/fit/next-time';
  import { notices } from '$lib/ui/notices.svelte';

  type Props = { adventureId: string; debrief: Debrief; slotSeconds: number; large?: boolean };
  const { adventureId, debrief, slotSeconds, large = false }: Props = $props();

  let making = $state(false);
  const choices = $derived(nextTimes(debrief, slotSeconds));
  const look = $derived(
    large ? 'btn-quiet border border-line px-6! py-3! text-2xl' : 'btn-quiet border border-line',
  );

  async function make(choice: NextTime) {
    making = true;
    try {
      const made = await copyForNextTime(adventureId, choice);
      if (!made) {
        notices.say('The adventure isn’t in this browser any more, so there’s nothing to copy.');
        return;
      }
      await goto(resolve('/desk/[id]', { id: made.id }));
      notices.say(
        made.met
          ? 'A copy for next time. The one you led is as it was.'
          : 'A copy for next time, as close as its moves allow. The one you led is as it was.',
      );
    } catch (reason) {
      notices.say(`That didn’t work: ${reason instanceof Error ? reason.message : String(reason)}`);
    } finally {
      making = false;
    }
  }
</script>

{#each choices as choice (choice.word)}
  <button
    type="button"
    class={[look, 'font-semibold']}
    disabled={making}
    onclick={() => make(choice)}>{choice.word}</button
  >
{/each}
<a class={look} href={resolve('/desk/[id]', { id: adventureId })}>Open it</a>
<a class={look} href={resolve('/stage/[id]', { id: adventureId })}>Lead it again</a>
