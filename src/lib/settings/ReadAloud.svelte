<!-- Read this aloud: how many words a minute the presenter says while talking. -->
<script lang="ts">
  import { countWords, TALK_RANGE } from '$core';

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

  let begunAt = $state<number | null>(null);
  let said = $state('');

  function start() {
    begunAt = performance.now();
    said = '';
  }
  function stop() {
    const seconds = (performance.now() - begunAt!) / 1000;
    begunAt = null;
    if (seconds < LEAST_SECONDS) {
      said = `That took ${Math.round(seconds)} s: too quick for all of it. Try it once more.`;
      return;
    }
    const measured = Math.max(TALK_RANGE.least, Math.round((WORDS * 60) / seconds));
    said = `${measured} words a minute. It is your pace from now on.`;
    onmeasured(measured);
  }
</script>

<details class="mt-2">
  <summary class="w-fit cursor-pointer py-1 underline">Read this aloud, and I’ll measure it</summary
  >
  <blockquote class="mt-2 border-l-3 border-water pl-4 text-xl leading-8" data-read-aloud>
    {TEXT}
  </blockquote>
  <p class="mt-3 flex flex-wrap items-center gap-4">
    {#if begunAt === null}
      <button type="button" class="btn-lamp" onclick={start}>Start reading</button>
    {:else}
      <button type="button" class="btn-lamp" onclick={stop}>Stop: I’m done</button>
      <span class="text-soft">As you’d say it to the children, questions and all.</span>
    {/if}
    <span role="status" data-measured>{said}</span>
  </p>
</details>
