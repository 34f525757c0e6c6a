<script lang="ts">
  import { lengthInWords, type Beat } from '$core';
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import Copy from '@lucide/svelte/icons/copy';
  import GripVertical from '@lucide/svelte/icons/grip-vertical';
  import Plus from '@lucide/svelte/icons/plus';
  import Trash from '@lucide/svelte/icons/trash-2';
  import type { Component } from 'svelte';
  import { dragHandle } from 'svelte-dnd-action';
  import { EDITORS } from '$lib/beats/editors';
  import type { EditorProps } from '$lib/beats/editor-props';
  import { afterPress } from '$lib/ui/after-press';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import { keyedNotes } from '$lib/findings/words';
  import PencilNote from '$lib/findings/PencilNote.svelte';
  import type { Desk } from './desk.svelte';
  import OtherWays from './OtherWays.svelte';
  import type { SheetRow } from './sheet.svelte';

  type Props = { desk: Desk; row: SheetRow };
  const { desk, row }: Props = $props();

  const beat = $derived(row.beat);
  const Editor = $derived(EDITORS[beat.kind] as Component<EditorProps<Beat['kind']>>);
  const active = $derived(desk.activeId === beat.id);
  const { number, seconds, reps, notes } = $derived(row);
  let element: HTMLElement;

  $effect(() => {
    if (desk.focusNext !== beat.id) return;
    desk.focusNext = null;
    element.querySelector<HTMLElement>('textarea, input')?.focus();
    element.scrollIntoView({ block: 'nearest' });
  });

  function keydown(event: KeyboardEvent) {
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      const by = event.key === 'ArrowUp' ? -1 : 1;
      if (event.altKey) desk.shift(beat.id, by);
      else if (event.ctrlKey) desk.focusNext = desk.neighbour(beat.id, by);
      else return;
    } else if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) desk.insertAfter(beat.id);
    else if ((event.key === 'Delete' || event.key === 'Backspace') && event.altKey)
      desk.remove(beat.id);
    else return;
    event.preventDefault();
  }
  function close() {
    if (desk.activeId === beat.id) desk.activeId = null;
    desk.draft.closeStep();
  }
  function left({ relatedTarget, target }: FocusEvent) {
    if (relatedTarget instanceof Node) {
      if (!element.contains(relatedTarget)) afterPress(closeUnlessBack);
      return;
    }
    // Nothing took the keyboard: a touch elsewhere, or the field went and another takes its place.
    setTimeout(() => {
      const went = target instanceof Node && !target.isConnected;
      if (!went && !element.contains(document.activeElement)) close();
    });
  }
  function closeUnlessBack() {
    if (!element?.contains(document.activeElement)) close();
  }
  const FIT_CHOICES = [
    ['free', 'fitting may change it'],
    ['stays', 'fitting leaves it as it is'],
    ['may go', 'fitting may leave it out'],
  ] as const;
  const TOOL = 'btn-quiet text-soft hover:text-ink min-h-0! py-0.5! px-2!';
</script>

<!-- Keys of the row work from any field within it. -->
<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<article
  bind:this={element}
  class={[
    'grid grid-cols-[4.5rem_minmax(0,1fr)] rounded-lg py-2 sm:grid-cols-[6rem_minmax(0,1fr)] lg:grid-cols-[6rem_minmax(0,1fr)_16rem]',
    active && 'bg-raised shadow-[0_0_0_1px_var(--line)]',
    !active && desk.pointedId === beat.id && 'bg-sunk',
  ]}
  data-beat={beat.id}
  aria-label="Beat {number}: {beat.kind}"
  onkeydown={keydown}
  onfocusin={() => (desk.activeId = beat.id)}
  onfocusout={left}
  onpointerenter={() => (desk.pointedId = beat.id)}
  onpointerleave={() => (desk.pointedId = null)}
>
  <div class="flex items-start justify-end gap-1 pr-4">
    <span
      use:dragHandle
      class="mt-1 cursor-grab rounded text-soft opacity-40 hover:opacity-100 focus:opacity-100"
      aria-label="Move beat {number}: Enter, then arrow keys"
    >
      <GripVertical size={18} aria-hidden="true" />
    </span>
    <span class="pt-0.5 text-soft tabular">{desk.sheet.clocks.get(row.beat.id)}</span>
  </div>
  <div class="beat min-w-0">
    <Editor
      {beat}
      {active}
      book={desk.sheet.book}
      setting={desk.sheet.setting}
      defaults={desk.sheet.defaults}
      led={row.led}
      ideas={desk.ideas}
      change={(next, key) => desk.changeBeat(next, key)}
      leave={() => desk.draft.closeStep()}
    />
    {#if active}
      <OtherWays {desk} {beat} />
      <div class="mt-1 -ml-1 flex flex-wrap" role="group" aria-label="This beat">
        <button
          type="button"
          class={TOOL}
          title="Ctrl+Enter"
          onclick={() => desk.insertAfter(beat.id)}
        >
          <Plus size={16} aria-hidden="true" />line below
        </button>
        <button type="button" class={TOOL} title="Alt+↑" onclick={() => desk.shift(beat.id, -1)}>
          <ArrowUp size={16} aria-hidden="true" />up
        </button>
        <button type="button" class={TOOL} title="Alt+↓" onclick={() => desk.shift(beat.id, 1)}>
          <ArrowDown size={16} aria-hidden="true" />down
        </button>
        <button type="button" class={TOOL} onclick={() => desk.duplicate(beat.id)}>
          <Copy size={16} aria-hidden="true" />again
        </button>
        <button type="button" class={TOOL} title="Alt+Delete" onclick={() => desk.remove(beat.id)}>
          <Trash size={16} aria-hidden="true" />delete
        </button>
        <span class="pl-2 text-soft">
          <InlineChoice
            value={beat.fit ?? 'free'}
            label="What fitting may do with this beat"
            choices={FIT_CHOICES}
            onchange={(value) => desk.setFit(beat.id, value)}
          />
        </span>
      </div>
    {/if}
  </div>
  <div class="col-start-2 pl-1 lg:col-start-3 lg:pr-4 lg:pl-6">
    <p class="text-soft tabular lg:pt-0.5 lg:text-right">
      {lengthInWords(seconds)}{#if reps > 0}, {reps} counted{/if}
    </p>
    {#each keyedNotes(notes) as { key, finding } (key)}
      <PencilNote {desk} {finding} />
    {/each}
  </div>
</article>

<style>
  /* The editors lay out their lanes by the room that the beat has. */
  .beat {
    container: beat / inline-size;
  }
</style>
