<script lang="ts">
  import {
    newAction,
    amountInWords,
    calledIn,
    dealt,
    DEVICE_KINDS,
    deviceFile,
    deviceInWords,
    DEVICES,
    doseForMove,
    DIE_SIDES,
    rulesInWords,
    stopInWords,
    usualRules,
    type Device,
    type Entry,
    type Move,
  } from '$core';
  import Expectation from '$lib/chance/Expectation.svelte';
  import Wheel from '$lib/chance/Wheel.svelte';
  import DeviceBoard from '$lib/chance/board/DeviceBoard.svelte';
  import { newId, newSeed } from '$lib/store/new-id';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import type { EditorProps } from '../editor-props';
  import HowOften from './HowOften.svelte';
  import LedSentence from '../LedSentence.svelte';
  import MovePicker from '$lib/moves/MovePicker.svelte';
  import Meanwhile from '../Meanwhile.svelte';
  import SayFirst from '../SayFirst.svelte';
  import AmountSentence from './AmountSentence.svelte';
  import DeckSentence from './DeckSentence.svelte';
  import DrawRules from './DrawRules.svelte';
  import EntryLine from './EntryLine.svelte';
  import Rule from './Rule.svelte';

  const { beat, book, setting, defaults, ideas, led, active, change, leave }: EditorProps<'draw'> =
    $props();

  const follows = $derived((beat.led ?? led) === 'follow me');

  /** The line of the table that is being worked on. */
  let openId = $state<string | null>(null);
  let moreOpen = $state(false);
  /** The lines as they stand on the page, for the keyboard to go to. */
  // eslint-disable-next-line svelte/prefer-svelte-reactivity -- nothing is drawn from it
  const lines = new Map<string, HTMLElement>();
  const device = $derived(beat.device);
  const names = $derived(
    beat.entries.map(({ action, then }) =>
      [action, ...then].map((one) => calledIn(book, one)).join(', then '),
    ),
  );
  const summary = $derived(
    [stopInWords(beat), amountInWords(beat.amount), ...rulesInWords(beat)].filter(Boolean),
  );

  function setDevice(next: Device) {
    const entries = dealt(next, beat.entries);
    const usual = usualRules(next, entries.length);
    const rules =
      next.kind === device.kind ? beat.rules : { ...beat.rules, returns: usual.returns };
    const { hasNumber } = deviceFile(next);
    const amount =
      beat.amount.from === 'outcome' && !hasNumber ? ({ from: 'dose' } as const) : beat.amount;
    change({ ...beat, device: next, entries, rules, amount });
  }
  function changeEntry(entry: Entry, key?: string) {
    const entries = beat.entries.map((one) => (one.id === entry.id ? entry : one));
    change({ ...beat, entries }, key && `${entry.id}.${key}`);
  }
  function setMove(entry: Entry, move: Move) {
    const dose = doseForMove(entry.action.dose, move, setting.ages);
    changeEntry({ ...entry, action: { ...entry.action, move: move.id, dose } });
  }
  function entryFor(move: Move): Entry {
    const action = newAction(move, setting.ages, newId);
    return { id: newId('en'), label: '', faces: [], weight: 1, cards: 'suit', action, then: [] };
  }
  function add(move: Move) {
    change({ ...beat, entries: dealt(device, [...beat.entries, entryFor(move)]) });
  }
  /** A total of the dice means this entry from now on, and no other. */
  function putFace(total: number, entryId: string) {
    const entries = beat.entries.map((entry) => {
      const others = entry.faces.filter((face) => face !== total);
      const faces = entry.id === entryId ? [...others, total].sort((a, b) => a - b) : others;
      return { ...entry, faces };
    });
    change({ ...beat, entries });
  }
  /** A total of the dice means a move of its own: in place of what was on it alone, else beside it. */
  function putNew(total: number, move: Move) {
    const alone = beat.entries.find(({ faces }) => faces.length === 1 && faces[0] === total);
    if (alone) return setMove(alone, move);
    const entry: Entry = { ...entryFor(move), faces: [total] };
    const others = beat.entries.map((one) => ({
      ...one,
      faces: one.faces.filter((face) => face !== total),
    }));
    change({ ...beat, entries: [...others, entry] });
  }
  function takeOut(entry: Entry) {
    const rest = beat.entries.filter(({ id }) => id !== entry.id);
    change({ ...beat, entries: dealt(device, rest) });
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
<p class={['pl-1 leading-8', active && 'mt-2']}>
  <span class="font-heading text-lg font-bold">{deviceInWords(beat)}</span>
  {#if !active}<span class="text-soft">{summary.join('; ')}</span>{/if}
</p>
{#if active}
  <div class="pl-1">
    <Rule asks="What can come?">
      <InlineChoice
        value={device.kind}
        label="Device"
        choices={DEVICE_KINDS.map((kind) => [kind, DEVICES[kind].choice] as const)}
        onchange={(kind) => setDevice(DEVICES[kind].begin(beat.entries.length))}
      />{#if device.kind === 'die'}:
        <InlineChoice
          value={device.dice}
          label="How many dice"
          choices={[
            [1, 'one'],
            [2, 'two, added up'],
            [3, 'three, added up'],
            [4, 'four, added up'],
          ] as const}
          onchange={(dice) => setDevice({ ...device, dice })}
        />, with
        <InlineChoice
          value={device.sides}
          label="Sides"
          choices={DIE_SIDES.map((sides) => [sides, `${sides} sides`] as const)}
          onchange={(sides) => setDevice({ ...device, sides })}
        />{:else if device.kind === 'deck'}&nbsp;<DeckSentence
          {beat}
          {device}
          ages={setting.ages}
          {book}
          {change}
        />{/if}
    </Rule>
    <div class="my-1">
      <DeviceBoard
        {beat}
        {names}
        {book}
        {setting}
        onpick={(id) => lines.get(id)?.querySelector('input')?.focus()}
        onput={putFace}
        onnew={putNew}
        onlabel={(entry, label) => changeEntry({ ...entry, label }, 'label')}
        onmove={setMove}
        onleave={leave}
      />
    </div>
    <Rule asks="How often?"><HowOften {beat} {change} /></Rule>
    <Rule asks="How much of it?"><AmountSentence {beat} {change} /></Rule>
  </div>
  <details class="pl-1" bind:open={moreOpen}>
    <summary class="w-fit cursor-pointer py-1 text-soft hover:text-ink">More rules</summary>
    {#if moreOpen}
      <DrawRules {beat} {book} {setting} {change}>
        <Rule
          asks="When is it drawn?"
          does={beat.drawn === 'live'
            ? 'Nobody knows what comes, not even you.'
            : 'You know what comes: for a film, or to prepare.'}
        >
          <InlineChoice
            value={beat.drawn}
            label="When it is drawn"
            choices={[
              ['live', 'as you lead'],
              ['beforehand', 'beforehand'],
            ] as const}
            onchange={(drawn) => change({ ...beat, drawn })}
          />{#if beat.drawn === 'beforehand'}
            <button
              type="button"
              class="ml-1 min-h-6 underline"
              onclick={() => change({ ...beat, seed: newSeed() })}>draw again</button
            >{/if}
        </Rule>
        <Rule asks="How do you lead it?">
          <LedSentence {beat} {led} {active} isDrawn {change} />
        </Rule>
      </DrawRules>
    {/if}
  </details>
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
  class={['flex gap-6', active ? 'mt-2' : 'cursor-pointer']}
  onclick={(event) => {
    if (active) return;
    event.currentTarget.closest('article')?.querySelector('textarea')?.focus();
  }}
>
  <ul class={['min-w-0 flex-1', !active && 'closed-list']}>
    {#each beat.entries as entry, index (entry.id)}
      <li
        onfocusin={() => (openId = entry.id)}
        {@attach (line) => {
          lines.set(entry.id, line);
          return () => void lines.delete(entry.id);
        }}
        class={[
          'flex',
          active ? 'items-start gap-3 border-t border-line py-2' : 'items-center gap-2',
        ]}
      >
        <EntryLine
          {beat}
          {entry}
          {index}
          name={names[index]!}
          {book}
          {setting}
          {active}
          {follows}
          open={openId === entry.id}
          {ideas}
          change={changeEntry}
          onremove={beat.entries.length > 1 ? () => takeOut(entry) : undefined}
          {leave}
        />
      </li>
    {/each}
  </ul>
  {#if !active && device.kind === 'spinner' && beat.entries.length > 0}
    <div class="hidden sm:block"><Wheel entries={beat.entries} {names} pixels={120} /></div>
  {/if}
</div>
{#if active || beat.meanwhile}
  <Meanwhile
    text={beat.meanwhile}
    label="What you say meanwhile, over all the draws"
    placeholder="What you say while they work, and while a child throws"
    open={active}
    onchange={(meanwhile) => change({ ...beat, meanwhile }, 'meanwhile')}
    onleave={leave}
  />
{/if}
{#if active}
  <MovePicker {book} text="and also…" label="Another move" class="ml-1 underline" onpick={add} />
{/if}
