<!-- What the script adds up to, in one line. -->
<script lang="ts">
  import { clockOf, lengthInWords, type Schedule } from '$core';

  type Props = {
    schedule: Schedule;
    slotSeconds: number;
    /** Seconds of what is shown here and done at home; null for none. */
    homeSeconds: number | null;
  };
  const { schedule, slotSeconds, homeSeconds }: Props = $props();

  const all = $derived(schedule.totals.all);
  const over = $derived(schedule.totalSeconds - slotSeconds);
  const lively = $derived(all.effortSeconds[3] + all.effortSeconds[4]);
  const left = $derived(schedule.totals.bySide.get('left')?.workSeconds ?? 0);
  const right = $derived(schedule.totals.bySide.get('right')?.workSeconds ?? 0);
</script>

<dl class="flex flex-wrap items-baseline gap-x-7 gap-y-1 tabular" aria-label="What it adds up to">
  <div>
    <dt class="sr-only">Length</dt>
    <dd>
      <span class="font-heading text-3xl font-extrabold">{clockOf(schedule.totalSeconds)}</span>
      <span class={over > 0 ? 'font-semibold text-pencil' : 'text-soft'}>
        {over > 0.5
          ? `${lengthInWords(over)} over the slot`
          : `of ${clockOf(slotSeconds)}, ${lengthInWords(Math.max(0, -over))} to spare`}
      </span>
    </dd>
  </div>
  {#if homeSeconds !== null}
    <div class="flex gap-1.5">
      <dt class="text-soft">to do at home</dt>
      <dd class="font-semibold" data-home-length>{clockOf(homeSeconds)}</dd>
    </div>
  {/if}
  <div class="flex gap-1.5">
    <dt class="text-soft">counted moves</dt>
    <dd class="font-semibold">{all.reps}</dd>
  </div>
  <div class="flex gap-1.5">
    <dt class="text-soft">landings</dt>
    <dd class="font-semibold">{all.landings}</dd>
  </div>
  <div class="flex gap-1.5" title="Moderate to vigorous: levels 4 and 5 of 5">
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
