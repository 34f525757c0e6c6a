<!-- Lying bars, drawn by a package that is loaded when a chart is first seen. -->
<script lang="ts">
  /** `colour` is the name of a CSS variable, so that a chart follows light and dark. */
  export type Series = Readonly<{ label: string; values: readonly number[]; colour: string }>;

  type Props = {
    /** What it shows, for those who cannot see it: the numbers stand beside it. */
    label: string;
    names: readonly string[];
    series: readonly Series[];
    unit: string;
    rowPixels?: number;
    /** One bar a row, the series end to end. */
    stacked?: boolean;
  };
  const { label, names, series, unit, rowPixels = 34, stacked = false }: Props = $props();

  const MOST_LABEL = 26;
  const AXIS_PIXELS = 90;

  const colour = (name: string) =>
    getComputedStyle(document.documentElement).getPropertyValue(name).trim();
  const short = (text: string) =>
    text.length > MOST_LABEL ? `${text.slice(0, MOST_LABEL - 1).trimEnd()}…` : text;

  async function draw(canvas: HTMLCanvasElement) {
    const { BarController, BarElement, CategoryScale, Chart, Legend, LinearScale, Tooltip } =
      await import('chart.js');
    Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip);
    const font = { family: "'Plain Figures', 'Atkinson Hyperlegible Next Variable'", size: 14 };
    return new Chart(canvas, {
      type: 'bar',
      data: {
        labels: names.map(short),
        datasets: series.map((one) => ({
          label: one.label,
          data: one.values.map((value) => Math.round(value * 10) / 10),
          backgroundColor: colour(one.colour),
          borderColor: colour('--ink'),
          borderWidth: 1,
        })),
      },
      options: {
        indexAxis: 'y',
        animation: false,
        maintainAspectRatio: false,
        scales: {
          x: {
            stacked,
            title: { display: true, text: unit, color: colour('--soft'), font },
            ticks: { color: colour('--soft'), font },
            grid: { color: colour('--line') },
          },
          y: {
            stacked,
            ticks: { color: colour('--ink'), font, autoSkip: false },
            grid: { display: false },
          },
        },
        plugins: {
          legend: { display: series.length > 1, labels: { color: colour('--ink'), font } },
        },
      },
    });
  }

  function keep(canvas: HTMLCanvasElement) {
    let gone = false;
    let chart: { destroy: () => void } | null = null;
    const renew = async () => {
      const drawn = await draw(canvas);
      chart?.destroy();
      chart = drawn;
      if (gone) drawn.destroy();
    };
    // One after another: a canvas takes one chart at a time.
    let queue = renew();
    const modes = new MutationObserver(() => {
      queue = queue.then(() => {
        chart?.destroy();
        return renew();
      });
    });
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
  style:height="{names.length * rowPixels + AXIS_PIXELS}px"
  role="img"
  aria-label={label}
>
  {#key series}<canvas {@attach keep}></canvas>{/key}
</div>
