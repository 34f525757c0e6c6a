<!-- Alone before a camera: the script in large type that follows the clock, take by take. -->
<script lang="ts">
  import { capital, clockOf, serializeTakesCsv, titleOf } from '$core';
  import { resolve } from '$app/paths';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import Download from '@lucide/svelte/icons/download';
  import FlipHorizontal from '@lucide/svelte/icons/flip-horizontal';
  import { untrack } from 'svelte';
  import { prefersReducedMotion } from 'svelte/motion';
  import { newId } from '$lib/store/new-id';
  import { runs } from '$lib/store/run-store.svelte';
  import { today } from '$lib/store/today';
  import { download } from '$lib/ui/download';
  import { FilmSession } from './film.svelte';
  import FilmKeys from './FilmKeys.svelte';
  import type { StagePlan } from './stage-plan';
  import { startTicker, stayAwake } from './ticker';

  type Props = { plan: StagePlan };
  const { plan }: Props = $props();

  const session = untrack(
    () =>
      new FilmSession(plan, {
        now: () => performance.now() / 1000,
        today,
        keep: (run) => runs.put(run),
        newRunId: () => newId('run'),
      }),
  );
  const { beats } = session;
  let mirrored = $state(false);

  $effect(() => {
    const stop = startTicker(() => session.update());
    const sleep = stayAwake();
    return () => {
      stop();
      sleep();
    };
  });

  const beat = $derived(session.beat);
  const left = $derived(
    beat && session.into !== null ? beat.lengthSeconds - Math.max(0, session.into) : null,
  );
  const goodOf = (beatId: string) =>
    session.takes.some((take) => take.beatId === beatId && take.mark === 'good');
  const labelOf = (index: number) => session.labels[beats[index]!.beatId] || `Beat ${index + 1}`;

  /** The line that is on stands a third down, wherever it was. */
  function follow(line: HTMLElement) {
    $effect(() => {
      if (Number(line.dataset.line) !== session.line) return;
      line.scrollIntoView({
        block: 'center',
        behavior: prefersReducedMotion.current ? 'auto' : 'smooth',
      });
    });
  }

  function keydown(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const onButton =
      event.target instanceof HTMLElement && event.target.closest('button, a, select');
    const keys: Readonly<Record<string, () => void>> = {
      ...(onButton ? {} : { ' ': () => session.press(), Enter: () => session.press() }),
      PageDown: () => session.press(),
      ArrowRight: () => session.go(1),
      ArrowLeft: () => session.go(-1),
      g: () => session.mark('good'),
      a: () => session.mark('again'),
    };
    const action = keys[event.key] ?? keys[event.key.toLowerCase()];
    if (!action) return;
    action();
    event.preventDefault();
  }

  const save = () => download('takes.csv', 'text/csv', serializeTakesCsv(session.run));
</script>

<svelte:window onkeydown={keydown} />

<main id="main" tabindex="-1" class="film" data-rolling={session.isRolling || null}>
  <header>
    <a class="btn-quiet text-lg" href={resolve('/stage/[id]', { id: plan.adventure.id })}>
      <ArrowLeft size={22} aria-hidden="true" />Stage
    </a>
    <h1>{titleOf(plan.adventure)}</h1>
    <p class="flex">
      <button
        type="button"
        class="btn-quiet text-lg"
        aria-pressed={mirrored}
        onclick={() => (mirrored = !mirrored)}
      >
        <FlipHorizontal size={22} aria-hidden="true" />{mirrored ? 'Mirrored' : 'Mirror it'}
      </button>
      <button
        type="button"
        class="btn-quiet text-lg"
        disabled={session.takes.length === 0}
        onclick={save}
      >
        <Download size={22} aria-hidden="true" />List of takes
      </button>
    </p>
  </header>

  {#if !beat}
    <p class="p-8 text-2xl">There’s nothing to film yet. Write a line on the Desk first.</p>
  {:else}
    <div class={['script', mirrored && 'mirrored']} data-beat={beat.beatId}>
      {#key beat.beatId}
        {#each beat.lines as { kind, text, mark, cueId, atSeconds }, n (`${cueId} ${atSeconds} ${n}`)}
          <p
            class={['line', kind, n === session.line && 'on', n < session.line && 'past']}
            data-line={n}
            aria-current={n === session.line ? 'step' : undefined}
            {@attach follow}
          >
            {#if mark}<b class="mark-word">{capital(mark)}</b>{/if}
            {text}
          </p>
        {:else}
          <p class="line on">{labelOf(session.index)}</p>
        {/each}
      {/key}
    </div>
    {#if session.count !== null}
      <p class="count" role="status" data-film-count>{session.count}</p>
    {/if}

    <footer>
      <p class="where">
        <select
          class="inline-word bg-none! pr-0!"
          aria-label="Beat to film"
          value={session.index}
          disabled={session.isRolling}
          onchange={(event) => session.goTo(Number(event.currentTarget.value))}
        >
          {#each beats as { beatId }, n (n)}
            <option value={n}>{n + 1}. {labelOf(n)}{goodOf(beatId) ? ' ✓' : ''}</option>
          {/each}
        </select>
        <span data-takes={session.takesHere.length}>
          {session.isRolling
            ? `Take ${session.takesHere.length + 1}`
            : `${session.takesHere.length} so far`},
          {#if left !== null}
            {left >= 0 ? `${clockOf(left)} left` : `${clockOf(-left)} over`}
          {:else}
            planned {clockOf(beat.lengthSeconds)}
          {/if}
        </span>
      </p>
      <FilmKeys {session} />
      <p class="hint">
        <b>Space</b> or a page-turner begins and ends a take · <b>G</b> good · <b>A</b> again ·
        <b>←</b>
        <b>→</b> another beat. Start your camera first: its clock and this list both go by the time of
        day.
      </p>
    </footer>
  {/if}
</main>

<style>
  .film {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr) auto;
    height: 100dvh;
    overflow: hidden;
    padding: 0.5rem clamp(0.75rem, 3vw, 2.5rem) 0.75rem;
    position: relative;
  }
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 1rem;
  }
  h1 {
    font-size: 1.25rem;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .script {
    overflow-y: auto;
    padding-block: 30vh;
    scrollbar-width: none;
    border-block: 2px solid var(--line);
  }
  .mirrored {
    transform: scaleX(-1);
  }
  .line {
    max-width: 22ch;
    margin: 0 auto 0.55em;
    font-family: var(--font-heading);
    font-size: clamp(2rem, 8.5vmin, 6rem);
    font-weight: 650;
    font-stretch: 88%;
    line-height: 1.15;
    color: var(--soft);
    text-wrap: balance;
  }
  .do {
    font-weight: 500;
    font-style: normal;
    border-left: 0.12em solid var(--lamp);
    padding-left: 0.5em;
  }
  .on {
    color: var(--ink);
    font-weight: 800;
  }
  .mark-word {
    display: inline-block;
    margin-right: 0.4em;
    padding: 0 0.5em;
    border: 3px solid var(--pencil);
    border-radius: 0.3em;
    font-size: 0.55em;
    font-weight: 800;
    vertical-align: middle;
    color: var(--pencil);
  }
  .count {
    position: absolute;
    inset: 0;
    display: grid;
    place-items: center;
    background: color-mix(in oklab, var(--page) 82%, transparent);
    font-family: 'Plain Figures', var(--font-heading);
    font-size: 60vmin;
    font-weight: 800;
    line-height: 1;
    pointer-events: none;
  }
  .where {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0.25rem 1.5rem;
    margin-top: 0.5rem;
    font-size: 1.5rem;
    font-weight: 650;
  }
  .where select {
    max-width: 100%;
    text-overflow: ellipsis;
  }
  .hint {
    margin-top: 0.5rem;
    font-size: 1rem;
    color: var(--soft);
  }
  [data-rolling] .hint,
  [data-rolling] header {
    visibility: hidden;
  }
  @media (max-width: 40rem) {
    h1 {
      display: none;
    }
  }
</style>
