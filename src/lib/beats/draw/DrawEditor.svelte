<script lang="ts">
  import {
    amountInWords,
    deviceInWords,
    doseForMove,
    doseInWords,
    DIE_SIDES,
    moveIn,
    NO_GUISE,
    rulesInWords,
    stopInWords,
    usualDose,
    usualRules,
    withFaces,
    type Device,
    type Entry,
    type Move,
  } from '$core';
  import EntryMark from '$lib/chance/EntryMark.svelte';
  import Expectation from '$lib/chance/Expectation.svelte';
  import Wheel from '$lib/chance/Wheel.svelte';
  import { newId, newSeed } from '$lib/store/new-id';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import DoseSentence from '../DoseSentence.svelte';
  import { SHOWING_WORDS, type EditorProps } from '../editor';
  import GuiseFields from '../GuiseFields.svelte';
  import MovePicker from '../MovePicker.svelte';
  import SayFirst from '../SayFirst.svelte';
  import AmountSentence from './AmountSentence.svelte';
  import { DEVICE_CHOICES, deviceOfKind } from './devices';
  import DrawRules from './DrawRules.svelte';

  const { beat, book, setting, defaults, ideas, active, change, leave }: EditorProps<'draw'> =
    $props();

  /** The line of the table that is being worked on. */
  let openId = $state<string | null>(null);
  const device = $derived(beat.device);
  const names = $derived(
    beat.entries.map(({ action }) => action.guise.name || moveIn(book, action.move).name),
  );
  const summary = $derived(
    [stopInWords(beat), amountInWords(beat.amount), ...rulesInWords(beat)].filter(Boolean),
  );
  const labelled = $derived(['deck', 'letters', 'calls'].includes(device.kind));

  function setDevice(next: Device) {
    const entries = withFaces(next, beat.entries);
    const usual = usualRules(next, entries.length);
    const rules =
      next.kind === device.kind ? beat.rules : { ...beat.rules, returns: usual.returns };
    const valued = next.kind === 'die' || next.kind === 'deck';
    const amount =
      beat.amount.from === 'outcome' && !valued ? ({ from: 'dose' } as const) : beat.amount;
    change({ ...beat, device: next, entries, rules, amount });
  }
  function changeEntry(entry: Entry, key?: string) {
    const entries = beat.entries.map((one) => (one.id === entry.id ? entry : one));
    change({ ...beat, entries }, key && `${entry.id}.${key}`);
  }
  const changeAction = (entry: Entry, action: Partial<Entry['action']>, key?: string) =>
    changeEntry({ ...entry, action: { ...entry.action, ...action } }, key);
  function setMove(entry: Entry, move: Move) {
    const dose = doseForMove(entry.action.dose, move, setting.ages);
    changeAction(entry, { move: move.id, dose });
  }
  function add(move: Move) {
    const dose = usualDose(move, setting.ages);
    const action = { id: newId('ac'), move: move.id, guise: NO_GUISE, dose };
    const entry: Entry = { id: newId('en'), label: '', faces: [], weight: 1, action };
    change({ ...beat, entries: withFaces(device, [...beat.entries, entry]) });
  }
  function takeOut(entry: Entry) {
    const rest = beat.entries.filter(({ id }) => id !== entry.id);
    change({ ...beat, entries: withFaces(device, rest) });
  }
</script>

<!-- Always there: it holds the keyboard while the rest opens and closes. -->
<SayFirst
  say={beat.say}
  label="What you say before the draws"
  open
  onchange={(say) => change({ ...beat, say }, 'say')}
  onleave={leave}
/>
<p class="pl-1 leading-8">
  <span class="font-heading text-lg font-bold">{deviceInWords(beat)}</span>
  {#if !active}<span class="text-soft">{summary.join('; ')}</span>{/if}
</p>
{#if active}
  <div class="pl-1 text-soft">
    <p class="leading-8">
      Drawn from
      <InlineChoice
        value={device.kind}
        label="Device"
        choices={DEVICE_CHOICES}
        onchange={(kind) => setDevice(deviceOfKind(kind, beat.entries.length))}
      />{#if device.kind === 'die'}&nbsp;with
        <InlineChoice
          value={device.sides}
          label="Sides"
          choices={DIE_SIDES.map((sides) => [sides, `${sides} sides`] as const)}
          onchange={(sides) => setDevice({ ...device, sides })}
        />,
        <InlineChoice
          value={device.dice}
          label="How many dice"
          choices={[
            [1, 'one'],
            [2, 'two, added up'],
            [3, 'three, added up'],
          ] as const}
          onchange={(dice) => setDevice({ ...device, dice })}
        />{:else if device.kind === 'deck'}&nbsp;from
        <InlineNumber
          value={device.lowest}
          label="Lowest card"
          max={device.highest}
          onchange={(lowest) => setDevice({ ...device, lowest: Math.round(lowest) })}
        />
        to
        <InlineNumber
          value={device.highest}
          label="Highest card"
          min={device.lowest}
          max={13}
          onchange={(highest) => setDevice({ ...device, highest: Math.round(highest) })}
        />{/if},
      <InlineChoice
        value={beat.show}
        label="When the moves are shown"
        choices={SHOWING_WORDS}
        onchange={(show) => change({ ...beat, show })}
      />.
      <InlineChoice
        value={beat.drawn}
        label="When it is drawn"
        choices={[
          ['live', 'Drawn as you lead'],
          ['beforehand', 'Drawn beforehand, for the film'],
        ] as const}
        onchange={(drawn) => change({ ...beat, drawn })}
      />{#if beat.drawn === 'beforehand'}
        <button
          type="button"
          class="ml-1 min-h-6 underline"
          onclick={() => change({ ...beat, seed: newSeed() })}>draw anew</button
        >{/if}.
    </p>
    <AmountSentence {beat} {change} />
    <DrawRules {beat} {book} {setting} {change} />
  </div>
  <Expectation
    {beat}
    {names}
    {book}
    {setting}
    {defaults}
    onkeep={(seed) => change({ ...beat, seed, drawn: 'beforehand' })}
  />
{/if}
<!-- A touch anywhere on the closed table opens it, as the line above does by keyboard. -->
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
<div
  class={['mt-2 flex gap-6', active ? 'flex-col-reverse sm:flex-row' : 'cursor-pointer']}
  onclick={(event) => {
    if (active) return;
    event.currentTarget.closest('article')?.querySelector('textarea')?.focus();
  }}
>
  <ul class="min-w-0 flex-1">
    {#each beat.entries as entry, index (entry.id)}
      {@const { action } = entry}
      <li
        onfocusin={() => (openId = entry.id)}
        class={['flex items-start gap-3', active ? 'border-t border-line py-2' : 'py-0.5']}
      >
        <span class="min-w-8 pt-0.5"><EntryMark {device} {entry} {index} /></span>
        <div class="min-w-0 flex-1">
          {#if active}
            {#if labelled}
              <input
                class="inline-word min-w-12"
                aria-label="What stands on it, {index + 1}"
                maxlength="60"
                placeholder="on it"
                value={entry.label}
                oninput={(event) =>
                  changeEntry({ ...entry, label: event.currentTarget.value }, 'label')}
                onblur={leave}
              />
            {/if}
            {#if device.kind === 'spinner'}
              <span class="text-soft"
                >as wide as
                <InlineNumber
                  value={entry.weight}
                  label="Width of sector {index + 1}"
                  min={0}
                  max={100}
                  onchange={(weight) => changeEntry({ ...entry, weight }, 'weight')}
                /></span
              >
            {/if}
            <GuiseFields
              part={action}
              {book}
              {active}
              open={openId === entry.id}
              {ideas}
              onguise={(guise, key) => changeAction(entry, { guise }, key)}
              onmove={(move) => setMove(entry, move)}
              onremove={beat.entries.length > 1 ? () => takeOut(entry) : undefined}
              onleave={leave}
            >
              <DoseSentence
                dose={action.dose}
                move={moveIn(book, action.move)}
                active={beat.amount.from === 'dose'}
                onchange={(dose, key) => changeAction(entry, { dose }, key)}
              />
            </GuiseFields>
          {:else}
            {#if labelled && device.kind !== 'letters' && entry.label && entry.label !== names[index]}<span
                class="text-soft">{entry.label}</span
              >{/if}
            <b class="font-heading">{names[index]}</b>
            {#if beat.amount.from === 'dose'}{doseInWords(action.dose)}{/if}
          {/if}
        </div>
      </li>
    {/each}
  </ul>
  {#if device.kind === 'spinner' && beat.entries.length > 0}
    <div class={active ? '' : 'hidden sm:block'}>
      <Wheel entries={beat.entries} {names} pixels={active ? 190 : 120} />
    </div>
  {/if}
</div>
{#if active}
  <MovePicker {book} text="and also…" label="Another move" class="ml-1 underline" onpick={add} />
{/if}
