<!-- One pose, to be taken hold of: hands, feet, hips, chest and head are dragged, or moved by keys. -->
<script lang="ts">
  import {
    cameraOf,
    handleAt,
    HANDLES,
    momentOfKey,
    moveHandle,
    partsOf,
    strokesOfParts,
    type Figure,
    type Handle,
    type Pose,
  } from '$core';
  import PictureStrokes from '$lib/pictures/PictureStrokes.svelte';
  import { onScreen, shownMode } from '$lib/pictures/screen-paints';
  import { arrowOf, pointIn } from '$lib/ui/svg-handle';
  import { preferences } from '$lib/store/preference-store.svelte';

  type Props = {
    figure: Figure;
    /** Which of its key poses. */
    index: number;
    moveId: string;
    onpose: (pose: Pose, handle: Handle) => void;
    onleave: () => void;
  };
  const { figure, index, moveId, onpose, onleave }: Props = $props();

  /** Units of the drawing for a height of the figure. */
  const SCALE = 100;
  const STEP = 0.02;

  const moment = $derived(momentOfKey(figure, index));
  const { build, paints } = $derived(onScreen(preferences.current.look, moveId, shownMode()));
  const strokes = $derived(
    strokesOfParts(partsOf(moment, { build }), paints, { scale: SCALE, x: 0, y: 0 }),
  );
  const handles = $derived.by(() => {
    const see = cameraOf(figure.view);
    return HANDLES.map((handle) => {
      const { x, y } = see(handleAt(moment.body, handle));
      return { handle, x: x * SCALE, y: y * SCALE };
    });
  });

  let drawing: SVGSVGElement | undefined = $state();
  let held = $state<Handle | null>(null);
  /** Where the pointer was, in units of the drawing. */
  let last = { x: 0, y: 0 };

  function move(handle: Handle, dx: number, dy: number) {
    const before = figure.keys[index]!.pose;
    const pose = moveHandle(figure, before, handle, dx, dy);
    if (pose !== before) onpose(pose, handle);
  }
  function take(event: PointerEvent & { currentTarget: SVGElement }, handle: Handle) {
    event.currentTarget.setPointerCapture(event.pointerId);
    held = handle;
    last = pointIn(drawing, event) ?? last;
  }
  function drag(event: PointerEvent, handle: Handle) {
    if (held !== handle) return;
    const now = pointIn(drawing, event);
    if (!now) return;
    move(handle, (now.x - last.x) / SCALE, (now.y - last.y) / SCALE);
    last = now;
  }
  function drop() {
    held = null;
    onleave();
  }
  function nudge(event: KeyboardEvent, handle: Handle) {
    const arrow = arrowOf(event.key);
    if (!arrow) return;
    event.preventDefault();
    move(handle, arrow[0] * STEP, arrow[1] * STEP);
  }
</script>

<svg
  bind:this={drawing}
  class="drawing"
  viewBox="-85 -128 170 146"
  role="group"
  aria-label="The pose: take hold of a hand, a foot, the hips, the chest or the head"
>
  <line x1="-80" x2="80" y1="3" y2="3" class="ground" />
  <g stroke-linecap="round" stroke-linejoin="round" fill="none" aria-hidden="true">
    <PictureStrokes {strokes} />
  </g>
  {#each handles as { handle, x, y } (handle)}
    <circle
      class={['handle', held === handle && 'held']}
      cx={x}
      cy={y}
      r="4"
      tabindex="0"
      role="slider"
      aria-label="{handle}: move with the arrow keys"
      aria-valuenow={Math.round(-y)}
      aria-valuetext="{Math.round(-y)} of 100 high"
      onpointerdown={(event) => take(event, handle)}
      onpointermove={(event) => drag(event, handle)}
      onpointerup={drop}
      onpointercancel={drop}
      onkeydown={(event) => nudge(event, handle)}
      onblur={onleave}
    />
  {/each}
</svg>

<style>
  .drawing {
    width: 100%;
    border-radius: 1.25rem;
    background: var(--raised);
    touch-action: none;
  }
  .ground {
    stroke: var(--line);
    stroke-width: 1;
  }
  .handle {
    fill: var(--lamp);
    fill-opacity: 0.55;
    stroke: var(--ink);
    stroke-width: 1.2;
    cursor: grab;
  }
  .handle:hover,
  .held {
    fill-opacity: 1;
  }
  .held {
    cursor: grabbing;
  }
  .handle:focus-visible {
    outline: none;
    stroke: var(--water);
    stroke-width: 3;
  }
</style>
