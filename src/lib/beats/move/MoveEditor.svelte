<script lang="ts">
  import { newAction, doseForMove, moveOf, type Action, type Move } from '$core';
  import { newId } from '$lib/store/new-id';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import ActionMore from '../ActionMore.svelte';
  import DoseSentence from '../DoseSentence.svelte';
  import type { EditorProps } from '../editor-props';
  import LedSentence from '../LedSentence.svelte';
  import GuiseFields from '../GuiseFields.svelte';
  import MovePicker from '$lib/moves/MovePicker.svelte';
  import SayFirst from '../SayFirst.svelte';

  const { beat, book, setting, ideas, led, active, change, leave }: EditorProps<'move'> = $props();

  const follows = $derived((beat.led ?? led) === 'follow me');

  const unusual = $derived(
    beat.rounds > 1 ||
      beat.led !== null ||
      beat.show !== null ||
      beat.countIn !== null ||
      beat.points !== undefined,
  );

  function changeAction(action: Action, key?: string) {
    const actions = beat.actions.map((one) => (one.id === action.id ? action : one));
    change({ ...beat, actions }, key && `${action.id}.${key}`);
  }
  function setMove(action: Action, move: Move) {
    const dose = doseForMove(action.dose, move, setting.ages);
    changeAction({ ...action, move: move.id, dose });
  }
  function add(move: Move) {
    change({ ...beat, actions: [...beat.actions, newAction(move, setting.ages, newId)] });
  }
  function take(action: Action) {
    change({ ...beat, actions: beat.actions.filter(({ id }) => id !== action.id) });
  }
</script>

<SayFirst
  say={beat.say}
  label="What you say before these moves"
  open={active && beat.actions.length > 1}
  onchange={(say) => change({ ...beat, say }, 'say')}
  onleave={leave}
/>
<div
  class={beat.actions.length > 1 ? (active ? 'flex flex-col gap-3' : 'flex flex-col gap-1') : ''}
>
  {#each beat.actions as action (action.id)}
    <GuiseFields
      part={action}
      {book}
      {setting}
      {active}
      held={action.dose.unit === 'hold'}
      {follows}
      {ideas}
      onguise={(guise, key) => changeAction({ ...action, guise }, key)}
      onmove={(move) => setMove(action, move)}
      onalso={(also) => changeAction({ ...action, also })}
      onremove={beat.actions.length > 1 ? () => take(action) : undefined}
      onleave={leave}
    >
      <DoseSentence
        dose={action.dose}
        move={moveOf(book, action)}
        ages={setting.ages}
        {active}
        onchange={(dose, key) => changeAction({ ...action, dose }, key)}
      />
      <ActionMore
        {action}
        move={moveOf(book, action)}
        ages={setting.ages}
        {active}
        onchange={changeAction}
        onleave={leave}
      />
    </GuiseFields>
  {/each}
</div>
{#if active || unusual}
  <p class="mt-1 pl-1 leading-8 text-soft">
    {#if active || beat.rounds > 1}Done
      <InlineNumber
        value={beat.rounds}
        label="Rounds"
        max={20}
        onchange={(rounds) => change({ ...beat, rounds }, 'rounds')}
      />
      {beat.rounds === 1 ? 'time' : 'times'} through{#if beat.rounds > 1}, rest
        <InlineNumber
          value={beat.restBetweenRoundsSeconds}
          label="Seconds of rest between rounds"
          min={0}
          max={300}
          step={5}
          onchange={(seconds) => change({ ...beat, restBetweenRoundsSeconds: seconds }, 'rest')}
        /> s between{/if}.{/if}
    <LedSentence {beat} {led} {active} {change} />
    {#if active}
      <MovePicker
        {book}
        text="and then…"
        label="Another move"
        class="ml-2 underline"
        onpick={add}
      />
    {/if}
  </p>
{/if}
