<!-- How long the session turns out to be, in how many sessions of a hundred; the slot marked. -->
<script lang="ts">
  import { clockOf, type Forecast } from '$core';
  import BarChart from '$lib/charts/BarChart.svelte';

  const { forecast }: { forecast: Forecast } = $props();

  /** As many bars as are read at a glance. */
  const MOST_BARS = 14;
  const RARE = 0.0005;

  const bars = $derived.by(() => {
    const { from, step, shares } = forecast.lengths;
    const least = shares.findIndex((share) => share > RARE);
    const last = shares.findLastIndex((share) => share > RARE);
    const group = Math.max(1, Math.ceil((last - least + 1) / MOST_BARS));
    // A bar ends where the slot does: none is half within it.
    const slot = Math.round((forecast.slotSeconds - from) / step);
    const first = slot - Math.ceil((slot - least) / group) * group;
    return Array.from({ length: Math.ceil((last - first + 1) / group) }, (_, n) => {
      const at = first + n * group;
      const share = shares
        .slice(Math.max(0, at), Math.max(0, at + group))
        .reduce((sum, one) => sum + one, 0);
      const seconds = from + at * step;
      return { seconds, width: group * step, share };
    });
  });
  const over = (bar: { seconds: number }) => bar.seconds >= forecast.slotSeconds;
  const percent = (wanted: boolean) =>
    bars.map((bar) => (over(bar) === wanted ? bar.share * 100 : 0));
  const series = $derived([
    { label: 'within the slot', values: percent(false), colour: '--water' },
    { label: 'over the slot', values: percent(true), colour: '--pencil' },
  ]);
</script>

<BarChart
  label="Chart: how long it takes, in how many sessions of a hundred"
  names={bars.map(({ seconds, width }) => `${clockOf(seconds)} – ${clockOf(seconds + width)}`)}
  {series}
  unit="sessions of 100"
  rowPixels={26}
  stacked
/>
