<!-- The sessions in their order: what stands on one day is dragged to another, or taken there by keys. -->
<script lang="ts">
  import { dayInWords, moveContents } from '$core';
  import { tick } from 'svelte';
  import { dragHandleZone, type DndEvent } from 'svelte-dnd-action';
  import SessionLine from './SessionLine.svelte';
  import type { SeriesWork } from './series-work.svelte';

  const { work }: { work: SeriesWork } = $props();

  const SETTLE_MS = 160;
  /** What is dragged about: `id` is another while a line is in the hand, `sessionId` stays. */
  type Line = { id: string; sessionId: string };
  const order = $derived(work.series.sessions.map(({ id }) => id).join(' '));
  const lines = $derived<Line[]>(
    order === '' ? [] : order.split(' ').map((id) => ({ id, sessionId: id })),
  );
  let dragged = $state.raw<Line[] | null>(null);

  function place(from: number, to: number): boolean {
    const after = moveContents(work.series, from, to);
    if (after === work.series) return false;
    work.change(after, `It’s on ${dayInWords(after.sessions[to]!.day)} now.`);
    return true;
  }
  function drop(event: CustomEvent<DndEvent<Line>>) {
    dragged = null;
    const before = lines.map(({ sessionId }) => sessionId);
    const after = event.detail.items.map(({ sessionId }) => sessionId);
    const moved = event.detail.info.id;
    const [from, to] = [before.indexOf(moved), after.indexOf(moved)];
    if (from >= 0 && to >= 0) place(from, to);
  }

  /** On to the next place that can be filled; the focus goes with what was moved. */
  async function move(from: number, by: number) {
    const { sessions } = work.series;
    const isFixed = (at: number) => sessions[at]?.led || sessions[at]?.fallsOut;
    let to = from + by;
    while (isFixed(to)) to += by;
    const goal = sessions[to];
    if (!goal || !place(from, to)) return;
    await tick();
    const name = by < 0 ? 'Earlier' : 'Later';
    document
      .querySelector<HTMLElement>(`[data-session="${goal.id}"] [aria-label^="${name}"]`)
      ?.focus();
  }

  function keys(event: KeyboardEvent) {
    const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
    const line = (event.target as HTMLElement).closest<HTMLElement>('[data-session]');
    if (!event.altKey || by === undefined || !line) return;
    event.preventDefault();
    void move(
      work.series.sessions.findIndex(({ id }) => id === line.dataset.session),
      by,
    );
  }
</script>

<svelte:window onkeydown={keys} />
<div
  class="mt-2 min-h-1"
  use:dragHandleZone={{
    items: dragged ?? lines,
    type: 'session',
    flipDurationMs: SETTLE_MS,
    dropTargetStyle: {},
  }}
  onconsider={({ detail }) => (dragged = detail.items)}
  onfinalize={drop}
>
  {#each dragged ?? lines as { id, sessionId } (id)}
    {@const at = work.series.sessions.findIndex((session) => session.id === sessionId)}
    <div class="line bg-page">
      {#if at >= 0}
        <SessionLine
          {work}
          session={work.series.sessions[at]!}
          {at}
          onmove={(by) => void move(at, by)}
        />
      {/if}
    </div>
  {/each}
</div>

<style>
  /* What is out of sight is laid out when it is scrolled to: a school year is a long row. */
  .line {
    content-visibility: auto;
    contain-intrinsic-size: auto 8rem;
  }
</style>
