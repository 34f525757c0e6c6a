<!-- Rounds that are not all alike: their own times, and what is said before them. -->
<script lang="ts">
  import type { Circuit } from '$core';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import LineArea from '$lib/ui/LineArea.svelte';

  type Props = {
    beat: Circuit;
    active: boolean;
    change: (beat: Circuit, key?: string) => void;
    leave: () => void;
  };
  const { beat, active, change, leave }: Props = $props();

  type Round = Circuit['byRound'][number];
  const AS_ALL: Round = { say: '', workSeconds: null, restSeconds: null };
  const differ = $derived(beat.byRound.length > 0);
  const rounds = $derived(Array.from({ length: beat.rounds }, (_, n) => beat.byRound[n] ?? AS_ALL));
  function set(n: number, part: Partial<Round>, key: string) {
    const byRound = rounds.map((one, k) => (k === n ? { ...one, ...part } : one));
    change({ ...beat, byRound }, `${key}.${n}`);
  }
  /** The same as all of them needs no number of its own. */
  const own = (seconds: number, all: number) => (seconds === all ? null : seconds);
  const QUIET = 'btn-slight text-soft';
</script>

{#if differ}
  <ol class="mt-1 pl-1" aria-label="How each round goes">
    {#each rounds as round, n (n)}
      <li class="leading-8">
        <b>Round {n + 1}:</b>
        <InlineNumber
          value={round.workSeconds ?? beat.workSeconds}
          label="Seconds of work in round {n + 1}"
          min={5}
          step={5}
          onchange={(seconds) => set(n, { workSeconds: own(seconds, beat.workSeconds) }, 'work')}
        /> s work,
        <InlineNumber
          value={round.restSeconds ?? beat.restSeconds}
          label="Seconds of rest in round {n + 1}"
          min={0}
          step={5}
          onchange={(seconds) => set(n, { restSeconds: own(seconds, beat.restSeconds) }, 'rest')}
        /> s rest
        {#if round.say || active}
          <LineArea
            value={round.say}
            label="What you say before round {n + 1}"
            placeholder="What you say before this round"
            class="italic"
            onchange={(say) => set(n, { say }, 'say')}
            onleave={leave}
          />
        {/if}
      </li>
    {/each}
  </ol>
  {#if active}
    <button type="button" class={QUIET} onclick={() => change({ ...beat, byRound: [] })}
      >all rounds alike</button
    >
  {/if}
{:else if active && beat.rounds > 1}
  <button
    type="button"
    class={QUIET}
    onclick={() => change({ ...beat, byRound: rounds.map(() => AS_ALL) })}
    >rounds that differ…</button
  >
{/if}
