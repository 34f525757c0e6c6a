<!-- The presenter's own pace: whatever is not known is as usual. -->
<script lang="ts">
  import {
    moveBookOf,
    moveIn,
    TALK_RANGE,
    TIMINGS,
    type Move,
    type Pace,
    type TimingName,
  } from '$core';
  import X from '@lucide/svelte/icons/x';
  import MovePicker from '$lib/moves/MovePicker.svelte';
  import { ownMoves } from '$lib/store/own-move-store.svelte';
  import { preferences } from '$lib/store/preference-store.svelte';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import LearnedPace from './LearnedPace.svelte';
  import ReadAloud from './ReadAloud.svelte';

  type Seconds = 'changeSeconds' | 'throwSeconds' | 'childThrowSeconds';
  const SPANS: readonly (readonly [
    Seconds,
    TimingName,
    before: string,
    label: string,
    after: string,
  ])[] = [
    [
      'changeSeconds',
      'changeOver',
      'Nobody speaks for',
      'Silent change-over',
      's from one move to the next;',
    ],
    [
      'throwSeconds',
      'presenterThrow',
      'a throw of mine takes',
      'A throw of yours',
      's with its read-out,',
    ],
    [
      'childThrowSeconds',
      'childThrow',
      'one by a child',
      'A throw by a child',
      's, fetching and all.',
    ],
  ];

  const pace = $derived(preferences.current.pace);
  const book = $derived(moveBookOf({ moves: ownMoves.list }));
  const own = $derived(
    Object.entries(pace.secondsPerRep).flatMap(([id, seconds]) => {
      const move = book.get(id);
      return move ? [{ move, seconds }] : [];
    }),
  );
  const isOwn = $derived(
    pace.wordsPerMinute !== null || SPANS.some(([key]) => pace[key] !== null) || own.length > 0,
  );
  const set = (change: Partial<Pace>) =>
    void preferences.change({ pace: { ...preferences.current.pace, ...change } });

  function setRep(move: Move, seconds: number) {
    set({ secondsPerRep: { ...pace.secondsPerRep, [move.id]: seconds } });
  }
  function drop(move: Move) {
    const others = Object.entries(pace.secondsPerRep).filter(([id]) => id !== move.id);
    set({ secondsPerRep: Object.fromEntries(others) });
  }
  const usualRep = (id: string) => moveIn(book, id).secondsPerRep['5'];
</script>

<section class="mt-8 border-t border-line pt-5" aria-label="Your pace">
  <h2 class="text-2xl">Your pace</h2>
  <p class="mt-2 leading-9">
    While I talk, I say about
    <InlineNumber
      value={pace.wordsPerMinute ?? TIMINGS.wordsPerMinute.usual}
      label="Words a minute while talking"
      min={TALK_RANGE.least}
      max={TALK_RANGE.most}
      step={5}
      onchange={(wordsPerMinute) => set({ wordsPerMinute })}
    />
    words a minute{pace.wordsPerMinute === null ? ' (as most do)' : ''}. After a spoken line
    <InlineChoice
      value={preferences.current.lines}
      label="After a spoken line"
      choices={[
        ['run on', 'the clock runs on'],
        ['wait for me', 'the clock waits for me'],
      ] as const}
      onchange={(lines) => void preferences.change({ lines })}
    />.
  </p>
  <ReadAloud onmeasured={(wordsPerMinute) => set({ wordsPerMinute })} />
  <p class="mt-3 leading-9">
    {#each SPANS as [key, timing, before, label, after] (key)}
      {before}
      <InlineNumber
        value={pace[key] ?? TIMINGS[timing].usual}
        label="{label}, in seconds"
        min={0}
        max={60}
        step={0.5}
        onchange={(seconds) => set({ [key]: seconds })}
      />
      {`${after} `}
    {/each}
  </p>
  <ul class="mt-1">
    {#each own as { move, seconds } (move.id)}
      <li class="leading-9">
        One {move.name} of mine takes
        <InlineNumber
          value={seconds}
          label="Seconds of one {move.name}"
          min={0.2}
          max={60}
          step={0.1}
          onchange={(value) => setRep(move, value)}
        />
        s <span class="text-soft">(as usual: {usualRep(move.id)} s)</span>
        <button
          type="button"
          class="btn-slight text-soft"
          aria-label="Back to the usual for {move.name}"
          onclick={() => drop(move)}><X size={16} aria-hidden="true" />as usual</button
        >
      </li>
    {/each}
  </ul>
  <p class="mt-1">
    <MovePicker
      {book}
      text="A move that I do faster or slower…"
      label="A move with a pace of yours"
      class="underline"
      onpick={(move) => setRep(move, usualRep(move.id))}
    />
  </p>
  <LearnedPace />
  <p class="mt-2 text-soft">
    Every length follows from these. What you leave out is taken from recordings of others at work:
    half of them say {TIMINGS.wordsPerMinute.least} to {TIMINGS.wordsPerMinute.most} words a minute while
    they talk. The better your pace is known, the closer is what to expect.
    {#if isOwn}
      <button
        type="button"
        class="min-h-6 underline"
        onclick={() =>
          set({
            wordsPerMinute: null,
            changeSeconds: null,
            throwSeconds: null,
            childThrowSeconds: null,
            secondsPerRep: {},
          })}>All as usual again</button
      >
    {/if}
  </p>
</section>
