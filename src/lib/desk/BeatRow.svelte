<script lang="ts">
  import { lengthInWords, placeBelow, type Beat } from '$core';
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import Copy from '@lucide/svelte/icons/copy';
  import Plus from '@lucide/svelte/icons/plus';
  import Trash from '@lucide/svelte/icons/trash-2';
  import { tick, type Component } from 'svelte';
  import { dragHandle } from 'svelte-dnd-action';
  import { EDITORS } from '$lib/beats/editors';
  import type { EditorProps } from '$lib/beats/editor-props';
  import { afterPress } from '$lib/ui/after-press';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import MarginNotes from '$lib/findings/MarginNotes.svelte';
  import type { Desk } from './desk.svelte';
  import OtherWays from './OtherWays.svelte';
  import { putBelow } from './put-in';
  import type { ScriptRow } from './script-rows.svelte';
  import { tip } from '$lib/ui/parts/tip';

  type Props = { desk: Desk; row: ScriptRow };
  const { desk, row }: Props = $props();

  const beat = $derived(row.beat);
  const Editor = $derived(EDITORS[beat.kind] as Component<EditorProps<Beat['kind']>>);
  const active = $derived(desk.activeId === beat.id);
  const { number, seconds, reps, notes } = $derived(row);
  /** Where a move would stand for what is said to the children, as long as it is nothing to act or to check. */
  const ideasAt = $derived(
    active && beat.kind === 'tell' && !beat.to && !beat.acted && !beat.check
      ? placeBelow(desk.adventure, beat.id)
      : null,
  );
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
  /** It opens as soon as somebody is at it: by the keyboard that came here, a press or a key. */
  function open(event: Event) {
    if (event.type === 'focusin' && desk.hushedId === beat.id) return;
    desk.hushedId = null;
    if (active) return;
    // What was pressed is done first; then the line opens, with the field that has the keyboard where it was.
    afterPress(() => {
      if (active || !element?.contains(document.activeElement)) return;
      const field = document.activeElement;
      const before = field?.getBoundingClientRect().top ?? 0;
      desk.activeId = beat.id;
      void tick().then(() => {
        const moved = (field?.getBoundingClientRect().top ?? before) - before;
        if (field?.isConnected && Math.abs(moved) > 1) scrollBy(0, moved);
      });
    });
  }
  /** A line that nobody is at is one stop of the Tab key, and its fields are there for a press. */
  $effect(() => {
    void beat;
    const fields = element.querySelectorAll<HTMLElement>(
      '.beat :is(input, select, textarea, button)',
    );
    fields.forEach((field, n) => {
      if (active || n === 0) field.removeAttribute('tabindex');
      else field.tabIndex = -1;
    });
  });
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
    ['free', '“Fit it” may change it'],
    ['stays', '“Fit it” leaves it alone'],
    ['may go', '“Fit it” may leave it out'],
  ] as const;
  const TOOLS = [
    { word: 'line below', keys: 'Ctrl+Enter', icon: Plus, run: () => desk.insertAfter(beat.id) },
    { word: 'up', keys: 'Alt+↑', icon: ArrowUp, run: () => desk.shift(beat.id, -1) },
    { word: 'down', keys: 'Alt+↓', icon: ArrowDown, run: () => desk.shift(beat.id, 1) },
    { word: 'again', keys: '', icon: Copy, run: () => desk.duplicate(beat.id) },
    { word: 'delete', keys: 'Alt+Delete', icon: Trash, run: () => desk.remove(beat.id) },
  ] as const;
</script>

<!-- Keys of the row work from any field within it. -->
<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<article
  bind:this={element}
  class={['row', active && 'active', desk.pointedId === beat.id && 'pointed']}
  data-beat={beat.id}
  aria-label="Beat {number}: {beat.kind}"
  onkeydown={keydown}
  onfocusin={open}
  oninput={open}
  onpointerdown={open}
  onfocusout={left}
  onpointerenter={() => (desk.pointedId = beat.id)}
  onpointerleave={() => (desk.pointedId = null)}
>
  <div class="gutter tabular">
    <span
      use:dragHandle
      class="clip"
      {@attach tip(`Line ${number}: drag it by this`)}
      aria-label="Move beat {number}: Enter, then arrow keys">{number}</span
    >
    <span class="clock">{desk.rows.clocks.get(row.beat.id)}</span>
  </div>
  <div class="beat min-w-0">
    <Editor
      {beat}
      {active}
      book={desk.rows.book}
      setting={desk.rows.setting}
      defaults={desk.rows.defaults}
      led={row.led}
      ideas={desk.ideas}
      change={(next, key) => desk.changeBeat(next, key)}
      leave={() => desk.draft.closeStep()}
    />
    {#if active}
      <OtherWays {desk} {beat} />
      {#if ideasAt && beat.kind === 'tell'}
        {#await import('$lib/ideas/LineIdeas.svelte') then { default: LineIdeas }}
          <LineIdeas
            {desk}
            line={beat.text}
            place={ideasAt}
            ontake={(move) => putBelow(desk, beat.id, move)}
          />
        {/await}
      {/if}
      <div class="mt-1 -ml-1 flex flex-wrap" role="group" aria-label="This beat">
        {#each TOOLS as { word, keys, icon: Icon, run } (word)}
          <button
            type="button"
            class="btn-quiet min-h-0! px-2! py-0.5! text-soft hover:text-ink"
            {@attach tip(keys)}
            onclick={run}
          >
            <Icon size={16} aria-hidden="true" />{word}
          </button>
        {/each}
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
  <div class="margin">
    <p class="amount tabular">
      {lengthInWords(seconds)}{#if reps > 0}, {reps} counted{/if}
    </p>
    <div class="min-w-0"><MarginNotes {desk} {notes} all={active} /></div>
  </div>
</article>

<style>
  .row {
    position: relative;
    display: grid;
    grid-template-columns: var(--gutter) minmax(0, 1fr);
    padding-block: 0.1rem;
  }
  @media (min-width: 64rem) {
    .row {
      grid-template-columns: var(--gutter) minmax(0, 1fr) var(--margin);
    }
  }
  /* What is pointed at has a stroke beside it, as a pencil makes one; what is worked on a bracket around it. */
  .row.pointed .beat,
  .row.active .beat {
    box-shadow: -3px 0 0 0 var(--lamp);
  }
  .row.active .beat {
    border-radius: 3px 0 0 3px;
    background: var(--raised);
    box-shadow:
      -3px 0 0 0 var(--ink),
      0 1px 0 0 var(--line),
      0 -1px 0 0 var(--line);
    padding-block: 0.25rem;
  }
  /* A line that nobody works on is as low as its words are. */
  .row:not(.active) .beat :global(:is(p, span).leading-8) {
    line-height: 1.6rem;
  }
  .beat :global(textarea) {
    padding-block: 0;
    line-height: 1.5;
  }
  .gutter {
    display: flex;
    align-items: flex-start;
    justify-content: flex-end;
    gap: 0.35rem;
    padding: 0.2rem 0.6rem 0 0;
    color: var(--soft);
  }
  /* The line's number on a slip of paper that sticks out of the page: it is dragged by that. */
  .clip {
    display: grid;
    place-items: center;
    min-width: 1.6rem;
    min-height: 1.5rem;
    border-radius: 3px 0 0 3px;
    padding-inline: 0.15rem 0.4rem;
    clip-path: polygon(0 0, 78% 0, 100% 50%, 78% 100%, 0 100%);
    font-size: 0.875rem;
    line-height: 1;
    cursor: grab;
  }
  .row:is(.pointed, .active) .clip,
  .clip:focus-visible {
    background: var(--lamp);
    color: var(--on-lamp);
    font-weight: 700;
  }
  @media (pointer: coarse) {
    .clip {
      min-width: 2.2rem;
      min-height: 2.75rem;
    }
  }
  .clock {
    min-width: 2.3rem;
    padding-top: 0.05rem;
    text-align: right;
  }
  .margin {
    grid-column: 2;
    padding-left: 0.25rem;
  }
  .amount {
    color: var(--soft);
    font-size: 0.9375rem;
  }
  @media (min-width: 64rem) {
    .margin {
      display: grid;
      grid-template-columns: 5.5rem minmax(0, 1fr);
      grid-column: 3;
      gap: 0.9rem;
      padding-left: 0.75rem;
    }
    .amount {
      padding-top: 0.3rem;
      line-height: 1.25;
      text-align: right;
    }
  }
  @media (max-width: 40rem) {
    .gutter {
      flex-direction: column;
      align-items: flex-end;
      justify-content: flex-start;
      gap: 0;
    }
  }
  /* The editors lay out their lanes by the room that the beat has. */
  .beat {
    container: beat / inline-size;
  }
</style>
