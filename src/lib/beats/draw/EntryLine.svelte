<!-- A line of the table: what is on the device, and the move, or moves in order, that it means. -->
<script lang="ts">
  import {
    newAction,
    capital,
    doseForMove,
    doseInWords,
    MOST_FOLLOWING,
    moveOf,
    type Action,
    type Draw,
    type Entry,
    type LetterIdea,
    type Move,
    type MoveBook,
    type Setting,
  } from '$core';
  import EntryMark from '$lib/chance/EntryMark.svelte';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import { newId } from '$lib/store/new-id';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import DoseSentence from '../DoseSentence.svelte';
  import type { Ideas } from '../editor-props';
  import GuiseFields from '../GuiseFields.svelte';
  import MovePicker from '$lib/moves/MovePicker.svelte';
  import LetterIdeas from './LetterIdeas.svelte';

  type Props = {
    beat: Draw;
    entry: Entry;
    index: number;
    name: string;
    book: MoveBook;
    setting: Setting;
    active: boolean;
    follows: boolean;
    /** This line is being worked on. */
    open: boolean;
    ideas: Ideas;
    change: (entry: Entry, key?: string) => void;
    onremove?: () => void;
    leave: () => void;
  };
  const {
    beat,
    entry,
    index,
    name,
    book,
    setting,
    active,
    follows,
    open,
    ideas,
    change,
    onremove,
    leave,
  }: Props = $props();

  const device = $derived(beat.device);
  const actions = $derived([entry.action, ...entry.then]);

  function changeAction(nth: number, part: Partial<Action>, key?: string) {
    if (nth === 0) change({ ...entry, action: { ...entry.action, ...part } }, key);
    else {
      const then = entry.then.map((one, n) => (n === nth - 1 ? { ...one, ...part } : one));
      change({ ...entry, then }, key && `${nth}.${key}`);
    }
  }
  const setMove = (nth: number, action: Action, move: Move) =>
    changeAction(nth, { move: move.id, dose: doseForMove(action.dose, move, setting.ages) });
  function add(move: Move) {
    change({ ...entry, then: [...entry.then, newAction(move, setting.ages, newId)] });
  }
  function takeIdea({ move, picture }: LetterIdea) {
    const dose = doseForMove(entry.action.dose, move, setting.ages);
    const guise = { ...entry.action.guise, name: capital(picture), picture, sound: '' };
    changeAction(0, { move: move.id, dose, guise });
  }
</script>

<span class="min-w-8 pt-0.5"><EntryMark {device} {entry} {index} /></span>
<div
  class={[
    'min-w-0 flex-1',
    !active && 'flex flex-wrap items-center gap-x-1.5 leading-5 wrap-anywhere',
  ]}
>
  {#if active}
    {#if device.kind === 'calls'}
      <input
        class="inline-word min-w-12"
        aria-label="What is called, {index + 1}"
        maxlength="60"
        placeholder="the call"
        value={entry.label}
        oninput={(event) => change({ ...entry, label: event.currentTarget.value }, 'label')}
        onblur={leave}
      />
    {:else if device.kind === 'spinner'}
      <span class="text-soft"
        >as wide as
        <InlineNumber
          value={entry.weight}
          label="Width of sector {index + 1}"
          min={0}
          max={100}
          onchange={(weight) => change({ ...entry, weight }, 'weight')}
        /></span
      >
    {:else if device.kind === 'letters' && open && entry.label}
      <LetterIdeas {beat} {entry} {ideas} ontake={takeIdea} />
    {/if}
    {#each actions as action, nth (action.id)}
      <GuiseFields
        part={action}
        {book}
        {setting}
        {active}
        {follows}
        {open}
        held={action.dose.unit === 'hold'}
        {ideas}
        onguise={(guise, key) => changeAction(nth, { guise }, key)}
        onmove={(move) => setMove(nth, action, move)}
        onalso={(also) => changeAction(nth, { also })}
        onremove={nth === 0
          ? onremove
          : () => change({ ...entry, then: entry.then.filter(({ id }) => id !== action.id) })}
        onleave={leave}
      >
        <DoseSentence
          dose={action.dose}
          move={moveOf(book, action)}
          ages={setting.ages}
          active={nth > 0 || (beat.amount.from === 'dose' && beat.rules.eachSeconds === null)}
          onchange={(dose, key) => changeAction(nth, { dose }, key)}
        />
      </GuiseFields>
    {/each}
    {#if open && entry.then.length < MOST_FOLLOWING}
      <MovePicker
        {book}
        text="and then…"
        label="What follows {name}"
        class="ml-1 underline"
        onpick={add}
      />
    {/if}
  {:else}
    <MovePicture move={moveOf(book, entry.action)} size={36} />
    {#if device.kind !== 'letters' && device.kind !== 'die' && entry.label && entry.label !== name}<span
        class="text-soft">{entry.label}</span
      >{/if}
    <b class="font-heading">{name}</b>
    {#if beat.amount.from === 'dose' && actions.length === 1}{doseInWords(entry.action.dose)}{/if}
  {/if}
</div>
