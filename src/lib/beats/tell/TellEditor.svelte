<script lang="ts">
  import { TIMINGS } from '$core';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import LineArea from '$lib/ui/LineArea.svelte';
  import type { EditorProps } from '../editor-props';

  const { beat, active, change, leave }: EditorProps<'tell'> = $props();

  const WAIT_SECONDS = TIMINGS.questionWait.usual;
  const asks = $derived(beat.waitSeconds !== undefined);

  function setText(text: string) {
    change({ ...beat, text }, 'text');
  }
  function setAsks(yes: boolean) {
    const { kind, id, text } = beat;
    const line = { kind, id, text };
    change(yes ? { ...line, waitSeconds: WAIT_SECONDS } : line);
  }
</script>

<LineArea
  value={beat.text}
  label={asks ? 'Question' : 'Line to say'}
  placeholder="What you say"
  class="text-lg"
  onchange={setText}
  onleave={leave}
/>
{#if asks}
  <p class="pl-1 text-soft">
    then wait
    <InlineNumber
      value={beat.waitSeconds!}
      label="Seconds to wait for answers"
      min={0}
      max={60}
      onchange={(waitSeconds) => change({ ...beat, waitSeconds }, 'wait')}
    /> s for answers
    {#if active}
      <button type="button" class="ml-3 underline" onclick={() => setAsks(false)}>no waiting</button
      >
    {/if}
  </p>
{:else if active && beat.text.trim().endsWith('?')}
  <p class="pl-1 text-soft">
    <button type="button" class="underline" onclick={() => setAsks(true)}>
      A question? Wait {WAIT_SECONDS} s for answers
    </button>
  </p>
{/if}
