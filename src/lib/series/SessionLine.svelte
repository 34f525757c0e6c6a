<!-- One session of the row: its day in the margin, what is led, and what there is to say of it. -->
<script lang="ts">
  import {
    changeSession,
    countsOf,
    dayInWords,
    isGap,
    lengthInWords,
    removeSession,
    rowMendInWords,
    rowNoteInWords,
    shiftFrom,
    takesPlace,
    type Session,
  } from '$core';
  import { resolve } from '$app/paths';
  import { dragHandle } from 'svelte-dnd-action';
  import ChevronDown from '@lucide/svelte/icons/chevron-down';
  import ChevronUp from '@lucide/svelte/icons/chevron-up';
  import Play from '@lucide/svelte/icons/play';
  import GapProposals from './GapProposals.svelte';
  import SessionDetails from './SessionDetails.svelte';
  import type { SeriesWork } from './series-work.svelte';
  import { tip } from '$lib/ui/parts/tip';

  type Props = {
    work: SeriesWork;
    session: Session;
    at: number;
    onmove: (by: number) => void;
  };
  const { work, session, at, onmove }: Props = $props();

  const covered = $derived(work.row.covered[at]!);
  const isOpen = $derived(work.open === session.id);
  const isHere = $derived(work.adventures.has(session.adventureId ?? ''));
  const state = $derived(
    !takesPlace(session)
      ? 'falls out'
      : session.led
        ? 'led'
        : session.adventureId === null
          ? 'open'
          : 'planned',
  );
  const seconds = $derived(countsOf(covered)?.seconds ?? 0);
  /** A gap says of itself that nothing is planned: no note besides. */
  const notes = $derived(work.notesOf(session.id).filter(({ rule }) => rule !== 'gap'));
  const change = (changed: Parameters<typeof changeSession>[2], said = '', name = '') =>
    work.change(
      changeSession(work.series, session.id, changed),
      said,
      name && `${name} ${session.id}`,
    );
  const EFFORT = { 'too hard': 'too hard', 'too easy': 'too easy', right: 'just right' } as const;
  const afterwards = $derived.by(() => {
    const debrief = session.led?.debrief;
    return [
      debrief?.effort && EFFORT[debrief.effort],
      debrief?.length && debrief.length !== 'right' && debrief.length,
    ]
      .filter(Boolean)
      .join(', ');
  });
</script>

<div
  class="grid gap-x-6 gap-y-1 border-t border-line py-3 md:grid-cols-[11.75rem_minmax(0,1fr)_minmax(0,19rem)]"
  data-session={session.id}
  data-state={state}
>
  <div class="flex items-start gap-2 tabular">
    {#if state === 'planned' || state === 'open'}
      <span
        use:dragHandle
        class="clip"
        {@attach tip('Drag it to another day by this')}
        aria-label="Session {at + 1}: Enter, then arrow keys, takes it to another day"
        >{at + 1}</span
      >
    {:else}<span class="clip cursor-default! text-soft" aria-hidden="true">{at + 1}</span>{/if}
    <p class="flex flex-wrap gap-x-2 md:block">
      <span class={['font-semibold', session.day < work.today && !session.led && 'text-soft']}
        >{dayInWords(session.day)}</span
      >
      <span class="text-soft md:block">{session.time}</span>
    </p>
  </div>
  <div class={['min-w-0', notes.length === 0 && 'md:col-span-2']}>
    <div class="flex items-baseline gap-x-3">
      <span
        class={[
          'dot shrink-0 translate-y-0.5',
          state === 'led' && 'dot-led',
          state === 'open' && 'dot-open',
          state === 'falls out' && 'dot-out',
        ]}
        aria-hidden="true"
      ></span>
      <span class="flex min-w-0 flex-wrap items-baseline gap-x-3 gap-y-1">
        {#if state === 'falls out'}
          <span class="text-lg text-soft">Falls out: {session.fallsOut}</span>
        {:else if isHere}
          <a
            class="min-w-0 font-heading text-xl font-bold break-words"
            href={resolve('/desk/[id]', { id: session.adventureId! })}>{covered.title}</a
          >
        {:else if session.adventureId === null && !session.led}
          <span class="text-xl text-soft italic">Still open</span>
        {:else}
          <span class="min-w-0 font-heading text-xl font-bold break-words"
            >{covered.title || 'An adventure that is gone'}</span
          >
        {/if}
        {#if seconds > 0 && state !== 'falls out'}
          <span class="text-soft tabular"
            >{lengthInWords(Math.round(seconds / 60) * 60)}{state === 'led'
              ? ', led'
              : ''}{afterwards ? `: ${afterwards}` : ''}</span
          >
        {/if}
      </span>
    </div>
    {#if session.lastTime}<p class="mt-1"><i>Last time:</i> {session.lastTime}</p>{/if}
    {#if session.nextTime}<p class="mt-1"><i>What comes next:</i> {session.nextTime}</p>{/if}
    <div class="mt-1 flex flex-wrap items-center gap-x-1">
      <button
        type="button"
        class={isGap(session) && !isOpen
          ? 'btn-quiet border border-line font-semibold'
          : '-ml-3 btn-quiet'}
        aria-expanded={isOpen}
        aria-label="{isGap(session) ? 'What shall we do' : 'Change'} on {dayInWords(session.day)}"
        onclick={() => (work.open = isOpen ? null : session.id)}
      >
        {isOpen ? 'Close' : isGap(session) ? 'What shall we do?' : 'Change'}
      </button>
      {#if isHere && state === 'planned'}
        <a
          class="btn-quiet"
          aria-label="Lead {covered.title}"
          href={resolve('/stage/[id]', { id: session.adventureId! })}
          ><Play size={16} aria-hidden="true" />Lead it</a
        >
      {/if}
      {#if state === 'led' && session.led}
        <a class="btn-quiet" href={resolve('/logbook/[id]', { id: session.led.runId })}>Its log</a>
      {:else if state !== 'falls out'}
        <button
          type="button"
          class="btn-quiet px-1!"
          aria-label="Earlier: {covered.title || 'the gap'} on {dayInWords(session.day)}"
          onclick={() => onmove(-1)}><ChevronUp size={18} aria-hidden="true" /></button
        >
        <button
          type="button"
          class="btn-quiet px-1!"
          aria-label="Later: {covered.title || 'the gap'} on {dayInWords(session.day)}"
          onclick={() => onmove(1)}><ChevronDown size={18} aria-hidden="true" /></button
        >
      {/if}
    </div>
  </div>
  {#if notes.length > 0}
    <ul class="flex flex-col gap-2 md:border-l-2 md:border-line md:pl-4" aria-label="Notes">
      {#each notes as note (note.rule + JSON.stringify(note.params))}
        <li class="text-pencil" data-rule={note.rule}>
          {rowNoteInWords(note)}
          {#if note.mend}
            <button
              type="button"
              class="min-h-6 text-left text-ink underline"
              onclick={() => void work.mend(note)}>{rowMendInWords(note.mend, note)}</button
            >
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
  {#if isOpen}
    <div class="mt-1 mb-2 rounded-xl bg-sunk p-4 md:col-span-2 md:col-start-2">
      {#if takesPlace(session) && !session.led}
        <GapProposals {work} {session} />
      {/if}
      <SessionDetails
        {work}
        {session}
        onchange={change}
        onremove={() => {
          work.open = null;
          work.change(
            removeSession(work.series, session.id),
            `${dayInWords(session.day)} is out of the row.`,
          );
        }}
        onshift={() =>
          work.change(
            shiftFrom(work.series, session.id, work.series.everyDays),
            'That one and all after it are later.',
          )}
      />
    </div>
  {/if}
</div>

<style>
  .clip {
    display: grid;
    flex: none;
    place-items: center;
    min-width: 1.8rem;
    min-height: 1.6rem;
    padding-inline: 0.15rem 0.45rem;
    clip-path: polygon(0 0, 78% 0, 100% 50%, 78% 100%, 0 100%);
    background: var(--sunk);
    line-height: 1;
    cursor: grab;
  }
  .clip:is(:hover, :focus-visible):not([aria-hidden]) {
    background: var(--lamp);
    color: var(--on-lamp);
  }
  @media (pointer: coarse) {
    .clip {
      min-width: 2.4rem;
      min-height: 2.75rem;
    }
  }
  .dot {
    display: inline-block;
    width: 0.95rem;
    height: 0.95rem;
    border-radius: 50%;
    border: 2.5px solid var(--water);
  }
  .dot-led {
    background: var(--water);
  }
  .dot-open {
    border-style: dotted;
  }
  .dot-out {
    border-radius: 0;
    border-width: 2.5px 0 0;
    height: 0.25rem;
  }
</style>
