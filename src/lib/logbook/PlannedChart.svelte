<!-- Planned against real, beat by beat. The table beside it says the same in numbers. -->
<script lang="ts">
  import type { BeatComparison } from '$core';
  import BarChart from '$lib/charts/BarChart.svelte';

  const { beats }: { beats: readonly BeatComparison[] } = $props();

  const names = $derived(beats.map((beat) => beat.label));
  const series = $derived([
    { label: 'planned', values: beats.map((beat) => beat.plannedSeconds), colour: '--line' },
    { label: 'real', values: beats.map((beat) => beat.realSeconds), colour: '--water' },
  ]);
</script>

<BarChart label="Chart: planned and real seconds of each beat" {names} {series} unit="seconds" />
