<script lang="ts">
  import { CHAPTER_KINDS, changeChapter, clockOf, LEDS, type Chapter } from '$core';
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import Trash from '@lucide/svelte/icons/trash-2';
  import { dragHandleZone, type DndEvent } from 'svelte-dnd-action';
  import LineArea from '$lib/ui/LineArea.svelte';
  import { CHAPTER_LOOKS, chapterHue } from '$lib/terrain/chapter-look';
  import BeatRow from './BeatRow.svelte';
  import type { Desk } from './desk.svelte';
  import TypeLine from './TypeLine.svelte';

  type Props = { desk: Desk; chapter: Chapter; hint: string };
  const { desk, chapter, hint }: Props = $props();

  const TOOL = 'btn-slight text-soft hover:text-ink';
  const SETTLE_MS = matchMedia('(prefers-reduced-motion: reduce)').matches ? 0 : 150;
  const seconds = $derived(desk.schedule.totals.byChapter.get(chapter.id)?.seconds ?? 0);
  const insertIndex = $derived(
    desk.insertAt?.chapterId === chapter.id ? desk.insertAt.index : null,
  );

  /** What is dragged about: `id` is another while a row is in the hand, `beatId` stays. */
  type Row = { id: string; beatId: string };
  const order = $derived(chapter.beats.map(({ id }) => id).join(' '));
  // The zone goes through all its rows whenever its list is a new one: only a new order is.
  const rows = $derived<Row[]>(
    order === '' ? [] : order.split(' ').map((id) => ({ id, beatId: id })),
  );
  /** While a beat is being dragged the zone shows the order that it would leave. */
  let dragged = $state.raw<Row[] | null>(null);

  function consider(event: CustomEvent<DndEvent<Row>>) {
    dragged = event.detail.items;
  }
  function finalize(event: CustomEvent<DndEvent<Row>>) {
    dragged = null;
    desk.dropBeats(
      chapter.id,
      event.detail.items.map(({ beatId }) => beatId),
    );
  }
  const rename = (title: string) =>
    desk.edit((now) => changeChapter(now, chapter.id, (c) => ({ ...c, title })), chapter.id);
  const setLed = (led: Chapter['led']) =>
    desk.edit((now) => changeChapter(now, chapter.id, (c) => ({ ...c, led })));
  const setKind = (kind: Chapter['kind']) =>
    desk.edit((now) => changeChapter(now, chapter.id, (c) => ({ ...c, kind })));
</script>

<section
  aria-label="Chapter: {chapter.title}"
  class="chapter pt-1.5"
  style:--hue={chapterHue(chapter.kind)}
>
  <div class="top">
    <span class="mark" aria-hidden="true"></span>
    <div class="head flex flex-wrap items-baseline gap-x-3">
      <h2 class="sr-only">{chapter.title}</h2>
      <LineArea
        value={chapter.title}
        label="Chapter title"
        isName
        most={120}
        class="min-w-32 font-heading text-xl leading-7 font-bold"
        onchange={rename}
        onleave={() => desk.draft.closeStep()}
      />
      <select
        class={[
          'inline-word bg-none! pr-0! font-normal! text-soft hover:text-ink',
          chapter.title.trim().toLowerCase() === CHAPTER_LOOKS[chapter.kind].word.toLowerCase() &&
            'tools',
        ]}
        aria-label="Kind of chapter"
        value={chapter.kind}
        onchange={(event) => setKind(event.currentTarget.value as Chapter['kind'])}
      >
        {#each CHAPTER_KINDS as kind (kind)}
          <option value={kind}>{CHAPTER_LOOKS[kind].word.toLowerCase()}</option>
        {/each}
      </select>
      {#if seconds > 0}<span class="text-soft tabular">{clockOf(seconds)}</span>{/if}
      <select
        class={[
          'inline-word bg-none! pr-0! font-normal! text-soft hover:text-ink',
          chapter.led === null && 'tools',
        ]}
        aria-label="How this chapter is led"
        value={chapter.led ?? ''}
        onchange={(event) => setLed((event.currentTarget.value || null) as Chapter['led'])}
      >
        <option value="">as usual here: {desk.adventure.defaults.led}</option>
        {#each LEDS as led (led)}<option value={led}>{led}</option>{/each}
      </select>
      <span class="tools" role="group" aria-label="Chapter {chapter.title}">
        <button type="button" class={TOOL} onclick={() => desk.shiftChapter(chapter.id, -1)}>
          <ArrowUp size={16} aria-hidden="true" />earlier
        </button>
        <button type="button" class={TOOL} onclick={() => desk.shiftChapter(chapter.id, 1)}>
          <ArrowDown size={16} aria-hidden="true" />later
        </button>
        <button type="button" class={TOOL} onclick={() => desk.removeChapter(chapter.id)}>
          <Trash size={16} aria-hidden="true" />delete
        </button>
      </span>
    </div>
  </div>
  <div
    class="min-h-1"
    use:dragHandleZone={{
      items: dragged ?? rows,
      type: 'beat',
      flipDurationMs: SETTLE_MS,
      dropTargetStyle: {},
    }}
    onconsider={consider}
    onfinalize={finalize}
  >
    {#each dragged ?? rows as { id, beatId }, index (id)}
      {@const row = desk.rows.all.get(beatId)}
      <div class="line">
        {#if insertIndex === index && index > 0}
          <TypeLine
            {desk}
            place={{ chapterId: chapter.id, index }}
            placeholder="What comes here?"
            label="A new line here"
            eager
            onescape={() => (desk.insertAt = null)}
            onadded={(next) => (desk.insertAt = next)}
          />
        {/if}
        {#if row}<BeatRow {desk} {row} />{/if}
      </div>
    {/each}
  </div>
  <TypeLine
    {desk}
    place={{ chapterId: chapter.id, index: chapter.beats.length }}
    placeholder={hint}
    label="Next line in {chapter.title}"
    eager={insertIndex !== null && insertIndex >= chapter.beats.length}
    onadded={(next) => {
      if (next.chapterId !== chapter.id) desk.insertAt = next;
    }}
  />
</section>

<style>
  /* Out of the way until somebody is at the chapter's head, by keyboard, touch or mouse. */
  .head:not(:focus-within) .tools {
    display: none;
  }
  @media (hover: hover) and (min-width: 64rem) {
    .head:hover .tools {
      display: inline-block;
    }
  }
  /* Lines out of sight are not laid out: a new clock time in each of 300 costs a frame and more. */
  .line {
    content-visibility: auto;
    contain-intrinsic-block-size: auto 2.6rem;
  }
  .line:focus-within {
    content-visibility: visible;
  }
  .top {
    display: grid;
    grid-template-columns: var(--gutter) minmax(0, 1fr);
    align-items: baseline;
    border-top: 1px solid var(--line);
    padding-top: 0.25rem;
  }
  .mark {
    justify-self: end;
    width: 1.7rem;
    height: 0.9rem;
    margin-right: 0.75rem;
    border: 2px solid var(--ink);
    border-radius: 3px;
    background: var(--hue);
  }
</style>
