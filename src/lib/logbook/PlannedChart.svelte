<!-- Planned against real, beat by beat. The table beside it says the same in numbers. -->
<script lang="ts">
  import type { BeatComparison } from '$core';

  const { beats }: { beats: readonly BeatComparison[] } = $props();

  const ROW_PIXELS = 34;
  const MOST_LABEL = 26;

  const colour = (name: string) =>
    getComputedStyle(document.documentElement).getPropertyValue(name).trim();
  const short = (text: string) =>
    text.length > MOST_LABEL ? `${text.slice(0, MOST_LABEL - 1).trimEnd()}…` : text;

  function draw(canvas: HTMLCanvasElement) {
    let chart: { destroy: () => void } | null = null;
    let gone = false;
    const make = async () => {
      const { BarController, BarElement, CategoryScale, Chart, Legend, LinearScale, Tooltip } =
        await import('chart.js');
      if (gone) return;
      Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip);
      chart?.destroy();
      const font = { family: 'Atkinson Hyperlegible Next Variable', size: 14 };
      chart = new Chart(canvas, {
        type: 'bar',
        data: {
          labels: beats.map((beat) => short(beat.label)),
          datasets: [
            {
              label: 'planned',
              data: beats.map((beat) => beat.plannedSeconds),
              backgroundColor: colour('--line'),
              borderColor: colour('--ink'),
              borderWidth: 1,
            },
            {
              label: 'real',
              data: beats.map((beat) => Math.round(beat.realSeconds * 10) / 10),
              backgroundColor: colour('--water'),
            },
          ],
        },
        options: {
          indexAxis: 'y',
          animation: false,
          maintainAspectRatio: false,
          scales: {
            x: {
              title: { display: true, text: 'seconds', color: colour('--soft'), font },
              ticks: { color: colour('--soft'), font },
              grid: { color: colour('--line') },
            },
            y: {
              ticks: { color: colour('--ink'), font, autoSkip: false },
              grid: { display: false },
            },
          },
          plugins: { legend: { labels: { color: colour('--ink'), font } } },
        },
      });
    };
    void make();
    // Chart.js knows nothing of light and dark: it is drawn again when the mode changes.
    const modes = new MutationObserver(() => void make());
    modes.observe(document.documentElement, { attributeFilter: ['data-mode'] });
    return () => {
      gone = true;
      modes.disconnect();
      chart?.destroy();
    };
  }
</script>

<div
  class="relative w-full"
  style:height="{beats.length * ROW_PIXELS + 90}px"
  role="img"
  aria-label="Chart: planned and real seconds of each beat"
>
  {#key beats}<canvas {@attach draw}></canvas>{/key}
</div>
