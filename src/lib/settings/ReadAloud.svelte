<!-- Read this aloud: how many words a minute the presenter says while talking. -->
<script lang="ts">
  import { countWords, TALK_RANGE } from '$core';
  import Mic from '@lucide/svelte/icons/mic';
  import type { Listening } from './microphone';

  type Props = { onmeasured: (wordsPerMinute: number) => void };
  const { onmeasured }: Props = $props();

  const TEXT =
    'Good morning, post carriers! The ferry is late again, so the letters of Lanternfen wait on our side of the marsh. ' +
    'Can you see the seven lamps on the far bank? One of them has gone out, and without its light nobody finds the landing. ' +
    'We will take a flame across, and on the way we will wake our legs, our arms and our backs. ' +
    'Stand where you can stretch out both arms and touch nobody. Look up: is there a lamp over your head? ' +
    'Then take one big step to the side. Now lift your knees as high as the reeds, and follow me.';
  const WORDS = countWords(TEXT);
  /** Nobody reads it in less: somebody pressed too soon. */
  const LEAST_SECONDS = (WORDS * 60) / TALK_RANGE.most;

  /** How it is being measured: by the clock, from start to stop, or by the microphone. */
  let begunAt = $state<number | null>(null);
  let microphone = $state.raw<Listening | null>(null);
  let listening = $state(false);
  let said = $state('');

  function start() {
    begunAt = performance.now();
    said = '';
  }
  function tell(seconds: number) {
    if (seconds < LEAST_SECONDS) {
      said = `That took ${Math.round(seconds)} s: too quick for all of it. Try it once more.`;
      return;
    }
    const measured = Math.max(TALK_RANGE.least, Math.round((WORDS * 60) / seconds));
    said = `${measured} words a minute. It’s your pace from now on.`;
    onmeasured(measured);
  }
  async function listenIn() {
    said = '';
    try {
      const { listen } = await import('./microphone');
      microphone = await listen();
      begunAt = performance.now();
    } catch {
      said = 'The microphone wasn’t allowed, or there is none. Press start and stop instead.';
    }
  }
  async function stop() {
    const seconds = (performance.now() - begunAt!) / 1000;
    begunAt = null;
    if (!microphone) {
      tell(seconds);
      return;
    }
    listening = true;
    try {
      const heard = await microphone.heard();
      if (heard === null) said = 'Nobody was heard. Is the microphone on?';
      else tell(heard);
    } catch {
      said = 'That couldn’t be heard. Press start and stop instead.';
    } finally {
      microphone = null;
      listening = false;
    }
  }
  $effect(() => () => microphone?.cancel());
</script>

<details class="mt-2">
  <summary class="w-fit cursor-pointer py-1 underline">Read this aloud, and I’ll measure it</summary
  >
  <blockquote class="mt-2 border-l-3 border-water pl-4 text-xl leading-8" data-read-aloud>
    {TEXT}
  </blockquote>
  <p class="mt-3 flex flex-wrap items-center gap-4">
    {#if begunAt === null}
      <button type="button" class="btn-lamp" disabled={listening} onclick={start}
        >Start reading</button
      >
      <button
        type="button"
        class="btn-quiet border border-line"
        disabled={listening}
        onclick={listenIn}><Mic size={18} aria-hidden="true" />Let the microphone listen</button
      >
      {#if listening}<span class="text-soft" role="status">Listening to it…</span>{/if}
    {:else}
      <button type="button" class="btn-lamp" onclick={stop}>Stop: I’m done</button>
      <span class="text-soft"
        >As you’d say it to the children, questions and all.{microphone
          ? ' Nothing of it is kept.'
          : ''}</span
      >
    {/if}
    <span role="status" data-measured>{said}</span>
  </p>
</details>
