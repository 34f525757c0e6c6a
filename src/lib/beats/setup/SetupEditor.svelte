<script lang="ts">
  import { listInWords, readList, SETUPS } from '$core';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import type { EditorProps } from '../editor-props';
  import Meanwhile from '../Meanwhile.svelte';

  const { beat, active, change, leave }: EditorProps<'setup'> = $props();

  const WORDS = {
    'pause the film': 'Pause the film here',
    'set out': 'Set out',
    'put away': 'Put away',
  } as const;
</script>

<p class="pl-1 text-lg leading-9">
  <span class="font-heading font-bold"
    ><InlineChoice
      value={beat.what}
      label="What is done now"
      choices={SETUPS.map((what) => [what, WORDS[what]] as const)}
      onchange={(what) =>
        change({ ...beat, what, things: what === 'pause the film' ? [] : beat.things })}
    /></span
  >
  {#if beat.what !== 'pause the film'}
    <input
      class="inline-word field-sizing-content min-w-24"
      aria-label="Which things"
      placeholder="4 cones, 2 mats"
      maxlength="200"
      value={listInWords(beat.things)}
      onchange={(event) =>
        change({ ...beat, things: [...readList(event.currentTarget.value, 12, 60)] }, 'things')}
      onblur={leave}
    />
  {/if}
  for
  <InlineNumber
    value={beat.seconds}
    label="Seconds for it"
    min={5}
    step={5}
    onchange={(seconds) => change({ ...beat, seconds }, 'seconds')}
  />
  s,
  <InlineChoice
    value={beat.helper}
    label="Who does it"
    choices={[
      [false, 'by you or the children'],
      [true, 'by a helper'],
    ] as const}
    onchange={(helper) => change({ ...beat, helper })}
  />
</p>
{#if active || beat.text}
  <Meanwhile
    text={beat.text}
    label="What you say until it is done"
    placeholder="What you say until it is done"
    open={active}
    onchange={(text) => change({ ...beat, text }, 'text')}
    onleave={leave}
  />
{/if}
