<!-- Type what you would write on paper; it says what it understood; Enter puts it in. -->
<script lang="ts">
  import {
    doseForMove,
    isSure,
    isUnknown,
    nearestMoves,
    readLine,
    suggestMoves,
    type Move,
    type QuickReading,
    type Reading,
    type ReadScript,
  } from '$core';
  import Plus from '@lucide/svelte/icons/plus';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import ReadingMark from '$lib/plan/ReadingMark.svelte';
  import { afterPress } from '$lib/ui/after-press';
  import { notices } from '$lib/ui/notices.svelte';
  import { problemInWords } from '$lib/words/problem-words';
  import type { Desk, InsertPlace } from './desk.svelte';
  import LinePicker from './LinePicker.svelte';
  import { COPIED_LINES } from './clipboard';
  import { addBoth, addReading, takePlan, usualReading } from './put-in';
  import { typedLine } from './typed-line';
  import { untrack } from 'svelte';
  import { tip } from '$lib/ui/parts/tip';

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
  // What is typed at a chapter's end and not entered is kept for it; a line put in between has no such place.
  const kept = $derived(onescape ? null : typedLine(desk.adventure.id, place.chapterId));
  let text = $state(untrack(() => kept?.read() ?? ''));
  $effect(() => kept?.keep(text));
  let picking = $state(false);
  let field: HTMLInputElement;

  const read = $derived(readLine(text, desk.lineTools));
  const reading = $derived(read.reading);
  /** Others that are close; that a line may only be said goes without saying where it is sure. */
  const others = $derived(
    read.others.filter((one) => one.reading.kind !== 'tell' || !isSure(read)),
  );

  /** The words at the end of the line that may be the beginning of a move's name. */
  const tail = $derived(/(?:^|[\d\s×])([a-z][a-z -]*)$/iu.exec(text)?.[1]?.trim() ?? '');
  const SUGGESTED = 4;
  const suggested = $derived(
    reading.kind !== 'tell' || tail.length < 2 || tail.split(' ').length > 3
      ? []
      : suggestMoves(desk.book, tail, SUGGESTED),
  );
  const suggestion = $derived(suggested[0]);

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

  // Letters go by their sound: the dictionary is fetched while the word is being typed.
  const asksForLetters = $derived(/\bletters\b|\bspell\b|\balphabet\b/iu.test(text));
  $effect(() => {
    if (asksForLetters) desk.listen().catch(() => {});
  });

  const add = () => enter(reading);
  function enter(what: QuickReading, below?: QuickReading) {
    const next = below ? addBoth(desk, [what, below], place) : addReading(desk, what, place);
    if (!next) return;
    text = '';
    if (!onescape && document.activeElement === field) desk.write(place.chapterId);
    onadded?.(next);
  }
  function complete(move: Move) {
    text = `${text.slice(0, text.length - tail.length)}${move.plural}`;
    field.focus();
  }

  const pickMove = (move: Move) => enter(usualReading(desk, move));

  /** A line of story, as long as nothing in it is the beginning of a move's name. */
  const isStory = $derived(reading.kind === 'tell' && suggested.length === 0 && text.trim() !== '');
  /** The line is put in, and below it the move that it could be: one step to undo. */
  const takeIdea = (move: Move) => enter(reading, usualReading(desk, move));
  function pickLine(line: string, isWhole: boolean) {
    if (isWhole) {
      enter(readLine(line, desk.lineTools).reading);
      picking = false;
      return;
    }
    text = line;
    picking = false;
    field.focus();
  }

  /** A plan of several lines that was pasted: looked at before it is taken in. */
  let pasted = $state.raw<ReadScript | null>(null);
  async function paste(event: ClipboardEvent) {
    // A whole line that was copied is put in by the Desk.
    if (event.clipboardData?.types.includes(COPIED_LINES)) return;
    const plan = event.clipboardData?.getData('text/plain') ?? '';
    if (!/\n\s*\S/u.test(plan.trim())) return;
    event.preventDefault();
    const { askToRead } = await import('$lib/plan/ask-to-read');
    const asked = askToRead({ as: 'pasted', text: plan, moves: [...desk.adventure.moves] });
    const parsed = await asked.result.catch(() => null);
    if (parsed?.ok) pasted = parsed.value;
    else {
      notices.say(
        parsed?.problems.map(problemInWords).join(' ') ??
          'That couldn’t be read: it’s too large, or too tangled.',
      );
    }
  }
  async function takeChosen(chosen: ReadonlyMap<number, Reading>) {
    const { withChosen } = await import('$lib/plan/read-plan');
    if (pasted) takePlan(desk, withChosen(pasted, chosen), place);
    pasted = null;
  }

  function keydown(event: KeyboardEvent) {
    if (event.key === 'Enter' && !event.isComposing) {
      event.preventDefault();
      const other = event.altKey ? others[0] : undefined;
      if (other) enter(other.reading);
      else add();
    } else if (event.key === 'Escape' && (picking || onescape)) {
      event.preventDefault();
      if (picking) picking = false;
      else onescape?.();
    } else if (event.key === 'Tab' && !event.shiftKey && suggestion) {
      event.preventDefault();
      complete(suggestion);
    }
  }
</script>

<div class="typing" data-chapter={place.chapterId}>
  <div class="flex justify-end pr-1">
    <button
      type="button"
      class="btn-quiet min-h-7! px-2! py-0! text-soft hover:text-ink"
      aria-label="Choose from pictures"
      {@attach tip('Choose from pictures')}
      aria-expanded={picking}
      onclick={() => (picking = !picking)}
    >
      <Plus size={20} aria-hidden="true" />
    </button>
  </div>
  <div class="min-w-0">
    <input
      bind:this={field}
      class="w-full border-0 border-b-2 border-dashed border-line bg-transparent px-1 py-0 outline-none! focus:border-solid focus:border-water focus:ring-0"
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
      onpaste={paste}
      onblur={() => afterPress(() => desk.write(null))}
    />
    <p
      id="{uid}-said"
      class="flex flex-wrap items-center gap-x-2 pl-1 text-soft"
      aria-live="polite"
    >
      {#if read.says}
        {#if !suggestion}
          <span class="flex min-w-0 items-start gap-2"
            ><ReadingMark reading={read} /><span>{read.says}.</span></span
          >
        {/if}
        <span class="whitespace-nowrap"
          ><kbd>Enter</kbd> puts it in{suggestion ? ' as a line to say' : ''}.</span
        >
        {#if suggestion}
          <span class="whitespace-nowrap"><kbd>Tab</kbd> for {suggestion.plural}.</span>
        {/if}
      {/if}
    </p>
    {#if isStory}
      {#await import('$lib/ideas/LineIdeas.svelte') then { default: LineIdeas }}
        <LineIdeas {desk} line={text} {place} ontake={takeIdea} />
      {/await}
    {/if}
    {#if suggested.length > 1}
      <p class="flex flex-wrap items-center gap-2 pb-1 pl-1" data-suggested>
        {#each suggested as move (move.id)}
          <button
            type="button"
            class="btn-quiet border! border-line!"
            onclick={() => complete(move)}
          >
            <MovePicture {move} size={32} />{move.plural}
          </button>
        {/each}
      </p>
    {/if}
    {#if unknown || others.length > 0}
      <p class="flex flex-wrap items-center gap-2 pb-2 pl-1" data-nearest>
        <span class="text-soft">{unknown ? 'Or is it a' : 'Or'}</span>
        {#each nearest as move (move.id)}
          <button type="button" class="btn-quiet border! border-line!" onclick={() => addAs(move)}>
            <MovePicture {move} size={40} />{move.name}
          </button>
        {/each}
        {#each others as other (other.says)}
          <button
            type="button"
            class="btn-quiet max-w-full border! border-line! text-left"
            onclick={() => enter(other.reading)}
          >
            {#if other.reading.kind === 'tell'}just say it{:else}
              <ReadingMark reading={other} /><span>do: {other.says}</span>{/if}
          </button>
        {/each}
      </p>
    {/if}
  </div>
  {#if picking}
    <div class="col-span-2 sm:col-span-1 sm:col-start-2">
      <LinePicker
        book={desk.book}
        youngest={desk.adventure.setting.ages.from}
        onmove={pickMove}
        online={pickLine}
        onclose={() => {
          picking = false;
          field.focus();
        }}
      />
    </div>
  {/if}
</div>
{#if pasted}
  {#await import('$lib/plan/PlanReview.svelte') then { default: PlanReview }}
    <PlanReview
      title="What the plan becomes"
      lines={pasted.lines}
      take="Put it in"
      ontake={takeChosen}
      oncancel={() => (pasted = null)}
    />
  {/await}
{/if}

<style>
  .typing {
    display: grid;
    grid-template-columns: var(--gutter) minmax(0, 1fr);
    align-items: start;
    margin-right: var(--margin);
  }
  kbd {
    border: 1px solid var(--line);
    border-radius: 5px;
    padding: 0 0.35rem;
    font-size: 0.875rem;
    background: var(--raised);
    color: var(--ink);
  }
</style>
