<!-- Moments to cut, to film again or to think about, with their times. -->
<script lang="ts">
  import { clockOf, momentInWords, reviewChapters, reviewCsv, type Run } from '$core';
  import { download } from '$lib/ui/download';

  type Props = { run: Run; onplay: (seconds: number) => void };
  const { run, onplay }: Props = $props();
  const review = $derived(run.review!);
  const name = $derived(run.title.trim().replaceAll(/[^\p{L}\d]+/gu, '-') || 'session');
</script>

{#if review.moments.length === 0}
  <p>Nothing to cut, and nothing to film again.</p>
{:else}
  <ul>
    {#each review.moments as moment, n (n)}
      <li class="flex flex-wrap items-baseline gap-x-3 border-t border-line py-1.5" data-moment>
        <button
          type="button"
          class="btn-slight px-1! tabular"
          onclick={() => onplay(moment.startSeconds)}>{clockOf(moment.startSeconds)}</button
        >
        <span class="min-w-0 flex-1 break-words"
          >{moment.label || run.labels[moment.beatId]}{moment.label || moment.beatId
            ? ': '
            : ''}{momentInWords(moment)}</span
        >
      </li>
    {/each}
  </ul>
{/if}
<p class="mt-3 flex flex-wrap gap-2">
  <button
    type="button"
    class="btn-quiet border border-line"
    onclick={() => download(`${name}-moments.csv`, 'text/csv', reviewCsv(review, run.labels))}
    >Save as a table</button
  >
  <button
    type="button"
    class="btn-quiet border border-line"
    onclick={() => download(`${name}-chapters.vtt`, 'text/vtt', reviewChapters(review))}
    >Save as chapters of the film</button
  >
</p>
