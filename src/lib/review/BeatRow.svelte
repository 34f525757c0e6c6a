<!-- One beat of the script as it was in the recording, and where it begins set by hand. -->
<script lang="ts">
  import { clockOf, lengthInWords, type FoundBeat, type Pin, type Stretch } from '$core';
  import Check from '@lucide/svelte/icons/check';
  import Play from '@lucide/svelte/icons/play';
  import { inRound, stateInWords, surety } from './review-words';

  type Props = {
    beats: readonly FoundBeat[];
    plannedSeconds: number;
    /** Empty while nothing is moved by hand. */
    stretches: readonly Stretch[];
    pins: Readonly<Record<string, Pin>>;
    /** Where the recording is, or null where it is not at hand. */
    at: number | null;
    onplay: (seconds: number) => void;
    onpin: (key: string, pin: Pin | null) => void;
  };
  const { beats, plannedSeconds, stretches, pins, at, onplay, onpin }: Props = $props();

  const [whole] = $derived(beats);
  const parts = $derived(beats.filter(({ part, state }) => part !== undefined && state !== 'led'));
  const real = $derived(whole!.endSeconds - whole!.startSeconds);
  const state = $derived(stateInWords(whole!.state));
  const sure = $derived(surety(whole!));

  /** "1:05" and "65" are both read; null for what is no time. */
  function secondsIn(text: string): number | null {
    const match = /^\s*(?:(\d{1,3}):)?(\d{1,4}(?:[.,]\d)?)\s*$/u.exec(text);
    return match ? Number(match[1] ?? 0) * 60 + Number(match[2]!.replace(',', '.')) : null;
  }
  function set(key: string, input: HTMLInputElement) {
    const seconds = secondsIn(input.value);
    if (seconds === null) input.value = '';
    else onpin(key, seconds);
  }
  const nameOf = ({ label, round }: Stretch) => inRound(label, round);
</script>

<li class="border-t border-line py-2" data-beat={whole!.beatId} data-state={whole!.state}>
  <div
    class="grid grid-cols-[4.5rem_minmax(0,1fr)] items-baseline gap-x-3 sm:grid-cols-[4.5rem_minmax(0,1fr)_11rem]"
  >
    {#if whole!.state === 'left out'}
      <span class="pl-3 text-pencil" aria-hidden="true">—</span>
    {:else}
      <button
        type="button"
        class="btn-slight justify-start px-1! tabular"
        aria-label="Go to {clockOf(whole!.startSeconds)}, {whole!.label}"
        onclick={() => onplay(whole!.startSeconds)}
        ><Play size={14} aria-hidden="true" />{clockOf(whole!.startSeconds)}</button
      >
    {/if}
    <span class="min-w-0 break-words">
      <span class={['font-semibold', whole!.state === 'left out' && 'line-through opacity-70']}
        >{whole!.label}</span
      >
      {#if state}<b class="ml-2 text-pencil">{state}</b>{/if}
      {#if sure}<span class="ml-2 text-soft italic">{sure}</span>{/if}
    </span>
    <span class="col-start-2 text-soft tabular sm:col-start-3 sm:text-right">
      {#if whole!.state === 'left out'}
        planned {lengthInWords(plannedSeconds)}
      {:else}
        {lengthInWords(real)}, planned {lengthInWords(plannedSeconds)}
      {/if}
    </span>
  </div>
  {#if parts.length > 0}
    <ul class="mt-1 ml-[5.25rem] text-pencil">
      {#each parts as part, n (n)}
        <li>
          {inRound(part.label, part.round)}: {stateInWords(part.state)}
        </li>
      {/each}
    </ul>
  {/if}
  {#if stretches.length > 0}
    <ul class="mt-1 ml-2 space-y-1 sm:ml-[5.25rem]">
      {#each stretches as stretch (stretch.key)}
        {@const pin = pins[stretch.key]}
        <li class="flex flex-wrap items-center gap-x-3 gap-y-1" data-stretch={stretch.key}>
          <span class="min-w-32 flex-1">{stretches.length > 1 ? nameOf(stretch) : 'begins at'}</span
          >
          <label class="flex items-center gap-1">
            <span class="sr-only">{nameOf(stretch)} begins at</span>
            <input
              class="input w-20 py-1 text-center tabular"
              inputmode="numeric"
              placeholder="m:ss"
              value={stretch.startSeconds === null ? '' : clockOf(stretch.startSeconds)}
              onchange={(event) => set(stretch.key, event.currentTarget)}
            />
          </label>
          {#if at !== null}
            <button
              type="button"
              class="btn-slight border border-line"
              onclick={() => onpin(stretch.key, at)}>begins now ({clockOf(at)})</button
            >
          {/if}
          {#if pin === 'left out'}
            <span class="flex items-center gap-1 text-pencil"
              ><Check size={16} aria-hidden="true" />left out</span
            >
          {:else}
            <button
              type="button"
              class="btn-slight border border-line"
              onclick={() => onpin(stretch.key, 'left out')}>left out</button
            >
          {/if}
          {#if pin !== undefined}
            <button
              type="button"
              class="min-h-6 text-soft underline"
              onclick={() => onpin(stretch.key, null)}>set by you: undo</button
            >
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
</li>
