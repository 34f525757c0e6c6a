<!-- What the film will look like, at a moment of one's choice. -->
<script lang="ts">
  import { clockOf, type LookChoice } from '$core';
  import type { FilmPaints } from './brush';
  import type { FilmChoices } from './film-choices';
  import { loadFilmFonts } from './film-fonts';
  import type { FilmPlan } from './film-plan';
  import { framePainter } from './paint-frame';
  import Slide from '$lib/ui/parts/Slide.svelte';

  type Props = {
    plan: FilmPlan;
    choices: Pick<FilmChoices, 'captions' | 'corner'>;
    look: LookChoice;
    paints: FilmPaints;
  };
  const { plan, choices, look, paints }: Props = $props();

  /** The first picture is one in which something is done. */
  const first = $derived(
    plan.cues.find(({ kind }) => kind === 'work') ?? plan.cues.find(({ doing }) => doing) ?? null,
  );
  let chosen = $state<number | null>(null);
  const seconds = $derived(
    Math.min(
      plan.totalSeconds,
      chosen ?? (first ? first.startSeconds + first.lengthSeconds / 2 : 0),
    ),
  );
  const painter = $derived(framePainter(plan, { ...choices, height: 720 }, look, paints));
  let ready = $state(false);
  void loadFilmFonts(document.fonts).then(() => (ready = true));

  const still = (canvas: HTMLCanvasElement) => {
    if (!ready) return;
    painter.paint(seconds);
    canvas.getContext('2d')!.drawImage(painter.canvas, 0, 0);
  };
</script>

<figure class="min-w-0">
  <canvas
    width="1280"
    height="720"
    class="block aspect-video w-full rounded-lg border border-line bg-sunk"
    data-still={ready ? clockOf(seconds) : 'loading'}
    aria-hidden="true"
    {@attach still}
  ></canvas>
  <figcaption class="mt-2">
    <div class="flex items-center gap-3">
      <span class="shrink-0 tabular">At {clockOf(seconds)}</span>
      <Slide
        label="Look at a moment of the film"
        value={seconds}
        min={0}
        max={plan.totalSeconds}
        step={0.2}
        inWords={clockOf}
        onslide={(moment) => (chosen = moment)}
      />
    </div>
  </figcaption>
</figure>
