<!-- A file that was opened: read in a worker, looked at, and put on the shelf; or refused with its reasons. -->
<script lang="ts">
  import {
    differencesOf,
    isSure,
    titleOf,
    type Adventure,
    type Move,
    type Reading,
    type ReadScript,
  } from '$core';
  import { compareWithMine } from '$lib/compare/compare-with';
  import { apartFrom, askToReadFile, NOT_READ, problemInWords } from '$lib/plan/ask-to-read';
  import { withChosen } from '$lib/plan/read-plan';
  import { ownMoves } from '$lib/store/own-move-store.svelte';
  import { shelf } from '$lib/store/shelf.svelte';
  import { notices } from '$lib/ui/notices.svelte';

  type Props = { file: File; onopen: (id: string) => void };
  const { file, onopen }: Props = $props();

  let refused = $state.raw<{ file: string; reasons: readonly string[] } | null>(null);
  let plan = $state.raw<{ file: string; read: ReadScript } | null>(null);
  /** The file while it is being read, and the way to stop that. */
  let reading = $state.raw<{ file: string; cancel: () => void } | null>(null);

  $effect(() => {
    void read();
  });

  async function read() {
    await ownMoves.load();
    const { name } = file;
    const asked = await askToReadFile(file, ownMoves.list);
    reading = { file: name, cancel: asked.cancel };
    plan = null;
    const read = await asked.result.catch((reason: unknown) => {
      if (reason instanceof Error && reason.name === 'Cancelled') return null;
      refused = { file: name, reasons: [NOT_READ] };
      return null;
    });
    reading = null;
    if (!read) return;
    if (!read.ok) {
      refused = { file: name, reasons: read.problems.map(problemInWords) };
      return;
    }
    refused = null;
    const { lines, adventure, changed } = read.value;
    if (changed) {
      notices.say(
        `“${name}” was changed after Arrup wrote it. Look it through before you lead it.`,
        undefined,
        true,
      );
    }
    // A plan with nothing to ask about is taken in as it is.
    if (lines.length === 0) await takeIn(adventure, name);
    else if (lines.every((one) => isSure(one.read)) && leftOutOf(read.value).length === 0)
      await putOnShelf(adventure);
    else plan = { file: name, read: read.value };
  }

  const leftOutOf = ({ unread, lines }: ReadScript) =>
    unread.filter(({ line }) => !lines.some((one) => one.line === line));

  /** An adventure with moves of its own: they are looked at first. */
  let brought = $state.raw<{ file: string; adventure: Adventure } | null>(null);

  async function takeIn(read: Adventure, file: string) {
    const adventure = apartFrom(ownMoves.list, read);
    const isKnown = (move: Move) => ownMoves.list.some(({ id }) => id === move.id);
    if (adventure.moves.every(isKnown)) await putOnShelf(adventure);
    else brought = { file, adventure };
  }

  async function takeBrought(keep: boolean) {
    if (!brought) return;
    const { adventure } = brought;
    brought = null;
    if (keep) await ownMoves.welcome(adventure.moves);
    await putOnShelf(adventure);
  }

  async function putOnShelf(adventure: Adventure) {
    const mine = shelf.records.find(({ id }) => id === adventure.id)?.document;
    if (mine && differencesOf(mine, adventure).length > 0) {
      back = adventure;
      return;
    }
    await beside(adventure);
  }

  /** Another version of one that is here: it is compared, or put beside it. */
  let back = $state.raw<Adventure | null>(null);

  async function beside(adventure: Adventure) {
    back = null;
    const id = await shelf.takeIn(adventure);
    notices.say(`“${titleOf(adventure)}” is on your shelf.`, {
      label: 'Open it',
      run: () => onopen(id),
    });
  }

  async function takePlan(chosen: ReadonlyMap<number, Reading>) {
    if (!plan) return;
    const { read } = plan;
    plan = null;
    await putOnShelf(withChosen(read, chosen));
  }
</script>

{#if reading}
  <p class="mb-6 flex flex-wrap items-center gap-3 border-l-4 border-lamp py-1 pl-5" role="status">
    Reading “{reading.file}”…
    <button type="button" class="btn-quiet border border-line" onclick={() => reading?.cancel()}>
      Leave it
    </button>
  </p>
{/if}
{#if refused}
  <section class="mb-6 border-l-4 border-pencil py-1 pl-5" role="alert">
    <h2 class="text-xl">“{refused.file}” wasn’t opened. Nothing here has changed.</h2>
    <ul class="mt-2 list-disc pl-5">
      {#each refused.reasons as reason, index (index)}<li>{reason}</li>{/each}
    </ul>
    <button type="button" class="mt-2 -ml-3 btn-quiet" onclick={() => (refused = null)}>
      All right
    </button>
  </section>
{/if}

{#if back}
  {@const theirs = back}
  <section class="mb-6 border-l-4 border-lamp py-1 pl-5" role="status">
    <h2 class="text-xl">“{titleOf(theirs)}” is on your shelf already, and this one differs.</h2>
    <p class="mt-2 flex flex-wrap gap-3">
      <button type="button" class="btn-lamp" onclick={() => compareWithMine(theirs)}>
        Lay both side by side
      </button>
      <button type="button" class="btn-quiet border border-line" onclick={() => beside(theirs)}>
        Put it beside mine
      </button>
      <button type="button" class="btn-quiet" onclick={() => (back = null)}>Leave it</button>
    </p>
  </section>
{/if}

{#if plan}
  {@const { file, read } = plan}
  {#await import('$lib/plan/PlanReview.svelte') then { default: PlanReview }}
    <PlanReview
      title="What “{file}” becomes"
      lines={read.lines}
      leftOut={leftOutOf(read)}
      take="Put it on the shelf"
      ontake={takePlan}
      oncancel={() => (plan = null)}
    />
  {/await}
{/if}

{#if brought}
  {@const { file, adventure } = brought}
  {#await import('$lib/shelf/MovesReview.svelte') then { default: MovesReview }}
    <MovesReview {file} {adventure} ontake={takeBrought} oncancel={() => (brought = null)} />
  {/await}
{/if}
