<script lang="ts">
  import { ACTED, OTHERS, TIMINGS, type Acted, type Others, type Tell } from '$core';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import LineArea from '$lib/ui/LineArea.svelte';
  import type { EditorProps } from '../editor-props';
  import { without } from '../without';

  const { beat, active, change, leave }: EditorProps<'tell'> = $props();

  const WAIT_SECONDS = TIMINGS.questionWait.usual;
  const asks = $derived(beat.waitSeconds !== undefined);

  function setText(text: string) {
    change({ ...beat, text }, 'text');
  }
  /** The line with something set, and without what is not said of it any more. */
  function set(part: Partial<Tell>, ...gone: readonly (keyof Tell)[]) {
    change(without({ ...beat, ...part }, ...gone) as Tell);
  }
  const setAsks = (yes: boolean) =>
    yes ? set({ waitSeconds: WAIT_SECONDS }) : set({}, 'waitSeconds', 'check');
  const setTo = (to: Others | null) => (to === null ? set({}, 'to') : set({ to }, 'acted'));
  const setActed = (acted: Acted | null) => (acted === null ? set({}, 'acted') : set({ acted }));
  const ACTED_WORDS: Readonly<Record<Acted, string>> = {
    2: 'act it out gently',
    3: 'act it out, lively',
    4: 'act it out, hard at work',
  };
</script>

<div class={active ? '' : 'flex flex-wrap items-baseline gap-x-3'}>
  <LineArea
    value={beat.text}
    label={asks ? 'Question' : 'Line to say'}
    placeholder="What you say"
    class={active ? 'text-lg' : 'w-auto! max-w-full text-lg'}
    onchange={setText}
    onleave={leave}
  />
  {#if asks}
    <p class="pl-1 leading-6 text-soft">
      then wait
      <InlineNumber
        value={beat.waitSeconds!}
        label="Seconds to wait for answers"
        min={0}
        max={60}
        onchange={(waitSeconds) => change({ ...beat, waitSeconds }, 'wait')}
      /> s for answers{active || beat.check ? ': ' : ''}
      {#if active || beat.check}
        <InlineChoice
          value={beat.check ?? false}
          label="What the answers are for"
          choices={[
            [false, 'then go on'],
            [true, 'a check of their bodies'],
          ] as const}
          onchange={(check) => (check ? set({ check: true }, 'to', 'acted') : set({}, 'check'))}
        />
      {/if}
      {#if active}
        <button type="button" class="ml-3 underline" onclick={() => setAsks(false)}
          >no waiting</button
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
</div>
{#if active || beat.to || beat.acted}
  <p class="pl-1 text-soft">
    Said to
    <InlineChoice
      value={beat.to ?? null}
      label="Whom it is said to"
      choices={[[null, 'the children'], ...OTHERS.map((one) => [one, `the ${one}`] as const)]}
      onchange={setTo}
    />{#if !beat.to}, who
      <InlineChoice
        value={beat.acted ?? null}
        label="What they do meanwhile"
        choices={[[null, 'listen'], ...ACTED.map((one) => [one, ACTED_WORDS[one]] as const)]}
        onchange={setActed}
      />{/if}.
  </p>
{/if}
