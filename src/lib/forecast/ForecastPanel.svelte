<!-- What to expect of the whole session: sentences first, one chart, and each move on request. -->
<script lang="ts">
  import { lengthInWords, moveIn, USUAL_SESSIONS, type Forecast } from '$core';
  import type { Desk } from '$lib/desk/desk.svelte';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { Cancelled } from '$lib/workers/ask-worker';
  import { askForForecast } from './ask-for-forecast';
  import { basisInWords, forecastInWords, rangeInWords } from './forecast-words';
  import LengthChart from './LengthChart.svelte';
  import ShareDone from '$lib/ui/parts/ShareDone.svelte';

  const { desk }: { desk: Desk } = $props();

  const REST_MS = 250;
  /** The same script gets the same answer. */
  const SEED = 1;

  let result = $state.raw<Forecast | null>(null);
  let share = $state(0);
  let working = $state.raw<(() => void) | null>(null);
  let trouble = $state('');
  let calledOff = $state.raw<object | null>(null);

  function play() {
    calledOff = null;
    share = 0;
    const { adventure } = desk;
    const asked = askForForecast(
      { adventure, pace: preferences.pace, seed: SEED, sessions: USUAL_SESSIONS },
      (now) => (share = now),
    );
    working = () => {
      calledOff = adventure;
      asked.cancel();
    };
    asked.result
      .then(
        (answer) => {
          result = answer;
          trouble = '';
        },
        (reason: unknown) => {
          if (!(reason instanceof Cancelled)) trouble = `It couldn’t be played: ${reason}`;
        },
      )
      .finally(() => (working = null));
    return asked.cancel;
  }

  $effect(() => {
    void desk.adventure;
    void preferences.pace;
    let cancel = () => {};
    const timer = setTimeout(() => (cancel = play()), REST_MS);
    return () => {
      clearTimeout(timer);
      cancel();
    };
  });
</script>

{#if result}
  <p role="status" data-forecast={result.sessions} class="max-w-prose">
    {forecastInWords(result).join(' ')}
  </p>
  <div class="max-w-xl"><LengthChart forecast={result} /></div>
  {#if result.moves.length > 0}
    <details>
      <summary class="w-fit cursor-pointer py-1 text-soft hover:text-ink">Move by move</summary>
      <table class="my-2 text-left tabular">
        <caption class="sr-only">Work on each move in eight sessions of ten</caption>
        <thead class="text-soft">
          <tr>
            <th class="pr-8 font-medium">Move</th>
            <th class="pr-8 font-medium">Counted</th>
            <th class="font-medium">Time</th>
          </tr>
        </thead>
        <tbody>
          {#each result.moves as { move, seconds, reps } (move)}
            <tr class="border-t border-line">
              <th class="py-1 pr-8 font-semibold">{moveIn(desk.book, move).name}</th>
              <td class="pr-8">{reps.p90 === 0 ? '' : rangeInWords(reps)}</td>
              <td>
                {seconds.p10 === seconds.p90
                  ? lengthInWords(seconds.p90)
                  : `${lengthInWords(seconds.p10)} to ${lengthInWords(seconds.p90)}`}
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
    </details>
  {/if}
  <p class="max-w-prose text-sm text-soft">{basisInWords(result)}</p>
{/if}
{#if trouble}<p class="text-pencil" role="alert">{trouble}</p>{/if}
{#if working}
  <p class="text-soft">
    Playing it through
    <ShareDone label="Playing it through" {share} />
    <button type="button" class="min-h-6 underline" onclick={() => working?.()}>stop</button>
  </p>
{:else if calledOff === desk.adventure}
  <button type="button" class="min-h-6 underline" onclick={play}>Play it through</button>
{/if}
