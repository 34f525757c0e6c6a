<!-- What a recording tells beside its order: pace, moving and sitting, sides, counts. -->
<script lang="ts">
  import { clockOf, lengthInWords, WORDS_PER_MINUTE, type Run } from '$core';

  const { run }: { run: Run } = $props();

  const review = $derived(run.review!);
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  const chapters = $derived(
    run.chapters.flatMap(({ id, title, kind }) => {
      const words = review.pace.byChapter[id];
      return words ? [`${title || kind} ${words}`] : [];
    }),
  );
  const counted = $derived(review.counts.filter((set) => set.counted !== null));
  const sides = $derived.by(() => {
    const { leftSeconds: left, rightSeconds: right } = review.shares;
    if (left + right < 5) return null;
    const even = Math.abs(left - right) <= 0.15 * Math.max(left, right);
    return even
      ? `Left and right had the same: ${lengthInWords(left)} and ${lengthInWords(right)}.`
      : `Left had ${lengthInWords(left)}, right ${lengthInWords(right)}.`;
  });
</script>

<dl class="space-y-3">
  <div>
    <dt class="font-heading text-lg font-bold">Moving and talking</dt>
    <dd>
      The children moved for <b>{percent(review.shares.moving)}</b> of the time (planned: {percent(
        review.shares.plannedMoving,
      )}){#if review.shares.talking > 0}, and somebody talked for {percent(review.shares.talking)} (planned:
        {percent(review.shares.plannedTalking)}){/if}. The longest stretch without moving was {lengthInWords(
        review.shares.longestStillSeconds,
      )}, at {clockOf(review.shares.longestStillAt)}.
    </dd>
  </div>
  {#if review.pace.wordsPerMinute !== null}
    <div>
      <dt class="font-heading text-lg font-bold">Your pace</dt>
      <dd>
        About <b>{review.pace.wordsPerMinute} words a minute</b> while talking; the usual is {WORDS_PER_MINUTE}.
        {#if chapters.length > 1}<span class="text-soft">By chapter: {chapters.join(', ')}.</span
          >{/if}
      </dd>
    </div>
  {/if}
  {#if sides}
    <div>
      <dt class="font-heading text-lg font-bold">Sides</dt>
      <dd>{sides}</dd>
    </div>
  {/if}
  {#if counted.length > 0}
    <div>
      <dt class="font-heading text-lg font-bold">Counted aloud</dt>
      <dd>
        <ul>
          {#each counted as set, n (n)}
            <li class={set.counted === set.planned ? '' : 'font-semibold text-pencil'}>
              {set.name}{set.side === 'any' ? '' : `, ${set.side}`}: {set.counted} of {set.planned}
            </li>
          {/each}
        </ul>
      </dd>
    </div>
  {/if}
</dl>
