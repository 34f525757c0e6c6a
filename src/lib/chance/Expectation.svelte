<!-- What to expect of a draw: sentences first, then one chart; and ten draws to try. -->
<script lang="ts">
  import {
    CAREFUL_RUNS,
    meanOf,
    movesOfBeat,
    outcomeLabel,
    urnOf,
    quantileOf,
    resolveBeat,
    seededRandom,
    type Defaults,
    type Draw,
    type MoveBook,
    type Odds,
    type ResolvedDraw,
    type Setting,
  } from '$core';
  import BarChart from '$lib/charts/BarChart.svelte';
  import { newSeed } from '$lib/store/new-id';
  import { problemInWords } from '$lib/words/problem-words';
  import { Cancelled } from '$lib/workers/ask-worker';
  import { askForOdds } from './ask-for-odds';
  import { oddsInShort, oddsInWords } from './odds-words';

  type Props = {
    beat: Draw;
    names: readonly string[];
    book: MoveBook;
    setting: Setting;
    defaults: Defaults;
    /** Keeps the draws that were tried, for the film. */
    onkeep: (seed: number) => void;
  };
  const { beat, names, book, setting, defaults, onkeep }: Props = $props();

  const REST_MS = 120;
  const urn = $derived(urnOf(beat));
  let odds = $state.raw<Odds | null>(null);
  let trouble = $state('');
  let tried = $state.raw<{ seed: number; draws: readonly ResolvedDraw[] } | null>(null);

  const moves = $derived(movesOfBeat(beat).flatMap((id) => book.get(id) ?? []));
  // The words of the beat do not change what to expect of it.
  const question = $derived(JSON.stringify({ ...beat, say: '', seed: 0 }));

  $effect(() => {
    void question;
    if (!urn.ok) {
      odds = null;
      return;
    }
    const request = { beat, setting, defaults, moves };
    let cancel = () => {};
    const timer = setTimeout(() => {
      const ask = (runs?: number) => {
        const asked = askForOdds({ ...request, runs });
        cancel = asked.cancel;
        asked.result.then(
          (answer) => {
            odds = answer.ok ? answer.value : null;
            trouble = '';
            // What was played is told at once, and then better.
            if (odds?.method === 'simulated' && runs === undefined) ask(CAREFUL_RUNS);
          },
          (reason: unknown) => {
            if (!(reason instanceof Cancelled)) trouble = 'What to expect couldn’t be worked out.';
          },
        );
      };
      ask();
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      cancel();
    };
  });

  /** A chart is worth its room only where some come more often than others. */
  const tells = $derived.by(() => {
    const means = (odds?.counts ?? []).map(meanOf);
    return means.length > 1 && Math.max(...means) - Math.min(...means) >= 0.05;
  });

  /** How many of each in eight sessions of ten. */
  const counted = $derived(
    (odds?.entryReps ?? []).flatMap((reps, n) => {
      const [few, many] = [quantileOf(reps, 0.1), quantileOf(reps, 0.9)];
      if (many === 0) return [];
      return [{ name: names[n]!, range: few === many ? `${many}` : `${few} to ${many}` }];
    }),
  );

  function tryTen() {
    const seed = newSeed();
    tried = { seed, draws: resolveBeat(beat, seededRandom(seed)).slice(0, 10) };
  }
  const said = (draw: ResolvedDraw) => {
    const label = outcomeLabel(beat, draw);
    const name = draw.standIn ? 'stand-in' : names[draw.entry]!;
    const amount = draw.amount === null ? '' : ` × ${draw.amount}`;
    return label === name ? `${name}${amount}` : `${label}: ${name}${amount}`;
  };
</script>

<section class="mt-3 border-l-2 border-line pl-4" aria-label="What to expect">
  {#if !urn.ok}
    <ul class="text-pencil" role="status">
      {#each urn.problems as one (one.code + one.path.join('.') + JSON.stringify(one.params))}
        <li>{problemInWords({ ...one, path: [] })}</li>
      {/each}
    </ul>
  {:else if odds}
    <p class="max-w-3xl font-semibold" role="status" data-odds={odds.method}>
      {oddsInShort(odds, names)}
    </p>
    <details class="mt-1">
      <summary class="w-fit cursor-pointer text-soft hover:text-ink">In numbers</summary>
      <p class="max-w-3xl" data-odds-numbers>{oddsInWords(odds, names).join(' ')}</p>
      {#if tells}
        <div class="max-w-xl">
          <BarChart
            label="Chart: how often each comes, on average"
            {names}
            unit="times"
            series={[{ label: 'times', values: odds.counts.map(meanOf), colour: '--water' }]}
          />
        </div>
      {/if}
      {#if counted.length > 0}
        <ul
          class="my-1 flex max-w-3xl flex-wrap gap-x-6 tabular"
          aria-label="Counted moves of each"
        >
          {#each counted as { name, range } (name)}<li><b>{name}</b> {range}</li>{/each}
        </ul>
      {/if}
    </details>
  {:else if trouble}
    <p class="text-pencil" role="alert">{trouble}</p>
  {/if}
  {#if urn.ok && beat.rules.returns !== 'in order'}
    <p class="mt-1 flex flex-wrap items-baseline gap-x-3">
      <button type="button" class="min-h-6 underline" onclick={tryTen}>Try ten draws</button>
      {#if tried}
        <span aria-live="polite" data-tried>{tried.draws.map(said).join(' · ')}</span>
        <button
          type="button"
          class="min-h-6 text-soft underline"
          onclick={() => tried && onkeep(tried.seed)}>keep these for the film</button
        >
      {/if}
    </p>
  {/if}
</section>
