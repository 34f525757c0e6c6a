<!-- What the script adds up to: counted moves, landings, lively time, sides. -->
<script lang="ts">
  import { lengthInWords, type Schedule } from '$core';
  import { tip } from '$lib/ui/parts/tip';

  const { schedule }: { schedule: Schedule } = $props();

  const all = $derived(schedule.totals.all);
  const lively = $derived(all.effortSeconds[3] + all.effortSeconds[4]);
  const left = $derived(schedule.totals.bySide.get('left')?.workSeconds ?? 0);
  const right = $derived(schedule.totals.bySide.get('right')?.workSeconds ?? 0);
</script>

<dl class="flex flex-wrap items-baseline gap-x-7 gap-y-1 tabular" aria-label="What it adds up to">
  <div class="flex gap-1.5">
    <dt class="text-soft">counted moves</dt>
    <dd class="font-semibold">{all.reps}</dd>
  </div>
  <div class="flex gap-1.5">
    <dt class="text-soft">landings</dt>
    <dd class="font-semibold">{all.landings}</dd>
  </div>
  <div class="flex gap-1.5" {@attach tip('Moderate to vigorous: levels 4 and 5 of 5')}>
    <dt class="text-soft">lively</dt>
    <dd class="font-semibold">{lengthInWords(lively)}</dd>
  </div>
  {#if left + right > 0}
    <div class="flex gap-1.5">
      <dt class="text-soft">left / right</dt>
      <dd class="font-semibold">{Math.round(left)} / {Math.round(right)} s</dd>
    </div>
  {/if}
</dl>
