<!-- What a move is called in this story, which move it is, and the line that goes with it. -->
<script lang="ts">
  import { moveIn, moveOf, saidTogether, secondsPerRep } from '$core';
  import type { Dose, Guise, Move, MoveBook, Setting, Station } from '$core';
  import X from '@lucide/svelte/icons/x';
  import type { Snippet } from 'svelte';
  import LivingFigure from '$lib/figures/LivingFigure.svelte';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import { preferences } from '$lib/store/preference-store.svelte';
  import InlineText from '$lib/ui/InlineText.svelte';
  import LineArea from '$lib/ui/LineArea.svelte';
  import type { Ideas } from './editor-props';
  import SayingIdeas from './SayingIdeas.svelte';
  import NameIdeas from './NameIdeas.svelte';
  import Meanwhile from './Meanwhile.svelte';
  import MovePicker from '$lib/moves/MovePicker.svelte';

  type Props = {
    part: Pick<Station, 'move' | 'also' | 'guise'> & Readonly<{ dose?: Dose }>;
    book: MoveBook;
    setting: Setting;
    active: boolean;
    /** It is a hold: the figure stays in its pose. */
    held?: boolean;
    /** Picture, sound and line are in sight too: where the keyboard is, in a long table. */
    open?: boolean;
    /** They follow: the line is said meanwhile too. */
    follows?: boolean;
    ideas: Ideas;
    onguise: (guise: Guise, key: string) => void;
    onmove: (move: Move) => void;
    /** Other moves at the same time. */
    onalso: (also: readonly string[]) => void;
    onremove?: () => void;
    onleave: () => void;
    children?: Snippet;
  };
  const {
    part,
    book,
    setting,
    active,
    held = false,
    open = active,
    follows = false,
    ideas,
    onguise,
    onmove,
    onalso,
    onremove,
    onleave,
    children,
  }: Props = $props();

  const uid = $props.id();
  const move = $derived(moveIn(book, part.move));
  const called = $derived(part.guise.name || moveOf(book, part).name);
  const others = $derived(part.also.map((id) => moveIn(book, id)));
  const MOST_ALSO = 2;
  let noting = $state(false);
</script>

<div class="part">
  <div class={open ? 'figure living' : 'figure'}>
    {#if open && others.length === 0}
      <LivingFigure
        {move}
        {held}
        secondsPerRep={secondsPerRep(move, setting.ages, preferences.pace)}
      />
    {:else if others.length > 0}
      <div class="flex flex-wrap justify-center">
        {#each [move, ...others] as one (one.id)}<MovePicture move={one} size={40} />{/each}
      </div>
    {:else}
      <MovePicture {move} size={40} />
    {/if}
  </div>
  <div class="min-w-0">
    <div class="flex flex-wrap items-baseline gap-x-2">
      {#if part.guise.name || active}
        <LineArea
          value={part.guise.name}
          label="Name of this move in your story"
          placeholder="Name it in your story"
          isName
          most={80}
          class="min-w-24 font-heading text-lg leading-7 font-bold"
          onchange={(name) => onguise({ ...part.guise, name }, 'name')}
          {onleave}
        />
      {/if}
      <MovePicker
        {book}
        text={move.name}
        label="Move"
        class={part.guise.name || active ? '' : 'px-1 font-heading text-lg font-bold'}
        onpick={onmove}
      />
      {#each others as other, n (other.id)}
        <span class="-mx-1 text-soft">and</span>
        <MovePicker
          {book}
          text={other.name}
          label="Move at the same time"
          onpick={({ id }) => onalso(part.also.with(n, id))}
        />
        {#if active}
          <button
            type="button"
            class="btn-quiet min-h-6! px-1! py-0! text-soft"
            aria-label="Without {other.name}"
            onclick={() => onalso(part.also.toSpliced(n, 1))}
          >
            <X size={14} aria-hidden="true" />
          </button>
        {/if}
      {/each}
      {#if children}
        <div class={active ? 'order-last basis-full pl-1' : ''}>{@render children()}</div>
      {/if}
      {#if active && others.length < MOST_ALSO}
        <MovePicker
          {book}
          text="and at the same time…"
          label="Another move at the same time"
          class="min-h-6 text-sm text-soft underline"
          onpick={({ id }) => {
            if (![part.move, ...part.also].includes(id)) onalso([...part.also, id]);
          }}
        />
      {/if}
      {#if open && !part.guise.note && !noting}
        <button
          type="button"
          class="min-h-6 text-sm text-soft underline"
          onclick={() => (noting = true)}>a note…</button
        >
      {/if}
      {#if onremove && active}
        <button
          type="button"
          class="btn-slight text-soft"
          aria-label="Take {called} out"
          onclick={onremove}
        >
          <X size={16} aria-hidden="true" />take out
        </button>
      {/if}
    </div>
    {#if part.guise.note || (open && noting)}
      <p class="pl-1 leading-8">
        <InlineText
          value={part.guise.note}
          label="A note beside {called}"
          placeholder="to the door; the bigger ones on one foot"
          class={part.guise.note ? '' : 'font-normal!'}
          maxlength={120}
          onchange={(note) => onguise({ ...part.guise, note }, 'note')}
          {onleave}
        />
      </p>
    {/if}
    {#if open}
      <p class="pl-1 leading-8 text-soft">
        Pictured as
        <input
          class="inline-word min-w-16"
          aria-label="Picture word for {called}"
          list="{uid}-pictures"
          maxlength="80"
          placeholder={move.pictureWords[0]}
          value={part.guise.picture}
          oninput={(event) =>
            onguise({ ...part.guise, picture: event.currentTarget.value }, 'picture')}
          onblur={onleave}
        />, beginning with the sound
        <input
          class="inline-word min-w-8"
          aria-label="First sound of {called}"
          maxlength="80"
          placeholder={called.charAt(0).toLowerCase()}
          value={part.guise.sound}
          oninput={(event) => onguise({ ...part.guise, sound: event.currentTarget.value }, 'sound')}
          onblur={onleave}
        />.
        <datalist id="{uid}-pictures">
          {#each move.pictureWords as word (word)}<option value={word}></option>{/each}
        </datalist>
        <NameIdeas
          {move}
          {ideas}
          ontake={({ name, picture, sound }) => {
            onguise({ ...part.guise, name, picture, sound }, 'idea');
            onleave();
          }}
        />
        <SayingIdeas
          {part}
          {move}
          {ideas}
          ontake={(text) => {
            const meanwhile = saidTogether(part.guise.meanwhile, text);
            onguise({ ...part.guise, meanwhile }, 'idea');
            onleave();
          }}
        />
      </p>
    {/if}
  </div>
  {#if !follows && (part.guise.line || open)}
    <div class={['said', open && 'under']}>{@render line()}</div>
  {/if}
  {#if open || part.guise.meanwhile || (follows && part.guise.line)}
    <div class="lane">
      <Meanwhile
        text={part.guise.meanwhile}
        label="What you say meanwhile for {called}"
        {open}
        onchange={(meanwhile) => onguise({ ...part.guise, meanwhile }, 'meanwhile')}
        {onleave}
      >
        {#if follows && (part.guise.line || open)}{@render line()}{/if}
      </Meanwhile>
    </div>
  {/if}
</div>

{#snippet line()}
  <LineArea
    value={part.guise.line}
    label="What you say for {called}"
    placeholder={follows ? 'What you say as you begin' : 'What you say before they do it'}
    class="italic"
    onchange={(text) => onguise({ ...part.guise, line: text }, 'line')}
    {onleave}
  />
{/snippet}

<style>
  .part {
    display: grid;
    grid-template-columns: 3.5rem minmax(0, 1fr);
    gap: 0.4rem;
  }
  .lane,
  .said {
    grid-column: 2;
  }
  /* Beside the work where there is room for two lanes, below it where there is not. */
  @container beat (min-width: 38rem) {
    .part:has(> :is(.lane, .said:not(.under))) {
      grid-template-columns: 3.5rem minmax(0, 1fr) minmax(0, 47%);
    }
    .lane,
    .said:not(.under) {
      grid-column: 3;
    }
  }
  .figure {
    display: flex;
    justify-content: center;
  }
  .living {
    height: 6rem;
  }
  @media (max-width: 640px) {
    .part {
      grid-template-columns: 3rem minmax(0, 1fr);
    }
    .living {
      height: 5rem;
    }
  }
</style>
