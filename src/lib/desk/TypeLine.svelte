<!-- Type what you would write on paper; it says what it understood; Enter puts it in. -->
<script lang="ts">
  import {
    doseForMove,
    isUnknown,
    nearestMoves,
    readingInWords,
    readQuickLine,
    suggestMoves,
    type Move,
  } from '$core';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import type { Desk, InsertPlace } from './desk.svelte';

  type Props = {
    desk: Desk;
    place: InsertPlace;
    placeholder: string;
    label: string;
    /** Takes the keyboard when it appears. */
    eager?: boolean;
    onescape?: () => void;
    onadded?: (next: InsertPlace) => void;
  };
  const { desk, place, placeholder, label, eager = false, onescape, onadded }: Props = $props();

  const uid = $props.id();
  let text = $state('');

  const reading = $derived(readQuickLine(text, desk.lineTools));
  const said = $derived(readingInWords(reading));

  /** The words at the end of the line that may be the beginning of a move's name. */
  const tail = $derived(/(?:^|[\d\s×])([a-z][a-z -]*)$/iu.exec(text)?.[1]?.trim() ?? '');
  const suggestion = $derived.by(() => {
    if (reading.kind !== 'tell' || tail.length < 2 || tail.split(' ').length > 3) return null;
    const move = suggestMoves(desk.book, tail, 1)[0];
    return move ?? null;
  });

  /** Something to do that no move is called: what it may be. */
  const unknown = $derived(
    reading.kind === 'move' ? reading.actions.find(({ move }) => isUnknown(move)) : undefined,
  );
  const NEAREST = 3;
  const nearest = $derived(unknown ? nearestMoves(desk.book, unknown.move.name, NEAREST) : []);
  /** In the place of what nobody knows; the words that were typed stay its name. */
  function addAs(move: Move) {
    if (reading.kind !== 'move') return;
    const actions = reading.actions.map((one) =>
      one === unknown
        ? { ...one, move, dose: doseForMove(one.dose, move, desk.adventure.setting.ages) }
        : one,
    );
    enter({ ...reading, actions });
  }
  const justSay = () => enter({ kind: 'tell', text: text.trim(), unread: [] });

  // Letters go by their sound: the dictionary is fetched while the word is being typed.
  const asksForLetters = $derived(/^letters\b/iu.test(text));
  $effect(() => {
    if (asksForLetters) desk.listen().catch(() => {});
  });

  const add = () => enter(reading);
  function enter(what: typeof reading) {
    const next = desk.addReading(what, place);
    if (!next) return;
    text = '';
    onadded?.(next);
  }
  function keydown(event: KeyboardEvent) {
    if (event.key === 'Enter' && !event.isComposing) {
      event.preventDefault();
      add();
    } else if (event.key === 'Escape' && onescape) {
      event.preventDefault();
      onescape();
    } else if (event.key === 'Tab' && !event.shiftKey && suggestion) {
      event.preventDefault();
      text = `${text.slice(0, text.length - tail.length)}${suggestion.plural}`;
    }
  }
</script>

<div class="grid grid-cols-[4.5rem_minmax(0,1fr)] items-start sm:grid-cols-[6rem_minmax(0,1fr)]">
  <span class="pt-2 pr-4 text-right text-xl text-soft" aria-hidden="true">+</span>
  <div>
    <input
      class="w-full border-0 border-b-3 border-dashed border-line bg-transparent px-1 py-2 text-lg outline-none! focus:border-solid focus:border-water focus:ring-0"
      aria-label={label}
      aria-describedby="{uid}-said"
      {placeholder}
      autocomplete="off"
      spellcheck="true"
      bind:value={text}
      {@attach (input) => {
        if (eager) input.focus();
      }}
      onkeydown={keydown}
    />
    <p id="{uid}-said" class="min-h-6 pl-1 text-soft" aria-live="polite">
      {#if said}
        {suggestion ? '' : `${said}. `}<span class="whitespace-nowrap"
          ><kbd>Enter</kbd> puts it in{suggestion ? ' as a line to say' : ''}.</span
        >
        {#if suggestion}
          <span class="whitespace-nowrap"><kbd>Tab</kbd> for {suggestion.plural}.</span>
        {/if}
      {/if}
    </p>
    {#if unknown}
      <p class="flex flex-wrap items-center gap-2 pb-2 pl-1" data-nearest>
        <span class="text-soft">Or is it a</span>
        {#each nearest as move (move.id)}
          <button type="button" class="btn-quiet border! border-line!" onclick={() => addAs(move)}>
            <MovePicture {move} size={40} />{move.name}
          </button>
        {/each}
        <button type="button" class="btn-quiet" onclick={justSay}>just say it</button>
      </p>
    {/if}
  </div>
</div>

<style>
  kbd {
    border: 1px solid var(--line);
    border-radius: 5px;
    padding: 0 0.35rem;
    font-size: 0.875rem;
    background: var(--raised);
    color: var(--ink);
  }
</style>
