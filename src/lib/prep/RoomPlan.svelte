<!-- The room from above, to scale: marks are dragged, or moved with the arrow keys. -->
<script lang="ts">
  import {
    lengthIn,
    putMark,
    roomDrawing,
    roomPlan,
    WALLS,
    type PlanMark,
    type Setting,
    type Spot,
    type Wall,
  } from '$core';
  import type { AdventureDraft } from '$lib/store/open-draft';
  import { preferences } from '$lib/store/preference-store.svelte';
  import InlineLength from '$lib/ui/InlineLength.svelte';
  import { arrowOf, pointIn } from '$lib/ui/svg-handle';
  import { sectorHue } from '$lib/chance/sector-look';

  const { draft }: { draft: AdventureDraft } = $props();

  const adventure = $derived(draft.document);
  const setting = $derived(adventure.setting);
  const plan = $derived(roomPlan(adventure));
  const { lengthMetres: length, widthMetres: width } = $derived(plan);
  const unit = $derived(preferences.current.unit);
  /** Marks are as large as a finger wants them, whatever the size of the room. */
  const mark = $derived(Math.max(length, width) / 26);

  let surface: SVGSVGElement | undefined = $state();
  let dragged = $state<string | null>(null);

  const keyOf = ({ kind, name }: PlanMark) => `${kind} ${name}`;
  function whereOf({ xMetres, yMetres }: Spot): string {
    const side = lengthIn(Math.abs(xMetres), unit);
    const ahead = lengthIn(Math.abs(yMetres), unit);
    return `${side} to the ${xMetres < 0 ? 'left' : 'right'}, ${ahead} to the ${yMetres < 0 ? 'back' : 'front'}`;
  }
  const move = (one: PlanMark, to: Spot) =>
    draft.edit((now) => ({ ...now, setting: putMark(now.setting, one, to) }), `mark ${keyOf(one)}`);

  function at(event: PointerEvent): Spot | null {
    const point = pointIn(surface, event);
    return point && { xMetres: point.x, yMetres: -point.y };
  }
  function drag(event: PointerEvent, one: PlanMark) {
    const to = dragged === keyOf(one) ? at(event) : null;
    if (to) move(one, to);
  }
  function nudge(event: KeyboardEvent, one: PlanMark) {
    const step = event.shiftKey ? 1 : 0.2;
    const arrow = arrowOf(event.key);
    if (!arrow) return;
    event.preventDefault();
    const [right, down] = arrow;
    move(one, {
      xMetres: one.at.xMetres + right * step,
      yMetres: one.at.yMetres - down * step,
    });
  }
  const setRoom = (change: Partial<Setting['room']>, key: string | null = null) =>
    draft.edit((now) => {
      const { setting } = now;
      return { ...now, setting: { ...setting, room: { ...setting.room, ...change } } };
    }, key);
  const setNoGo = (wall: Wall, metres: number) =>
    setRoom({ noGoMetres: { ...setting.room.noGoMetres, [wall]: metres } }, `no go ${wall}`);
  function unmove() {
    setRoom({ marks: [] });
    draft.closeStep();
  }
  const drawing = $derived(roomDrawing(plan));
</script>

{#if length > 0 && width > 0}
  <svg
    bind:this={surface}
    class="plan"
    viewBox="{-length / 2 - mark * 0.4} {-width / 2 - mark * 0.4} {length + mark * 0.8} {width +
      mark * 0.8}"
    role="group"
    aria-label="Plan of the room, {lengthIn(length, unit)} by {lengthIn(
      width,
      unit,
    )}, the front above"
    style:--mark="{mark}px"
  >
    <defs>
      <pattern id="no-go" width={mark} height={mark} patternUnits="userSpaceOnUse">
        <path d="M0 {mark}L{mark} 0" class="hatch" stroke-width={mark / 8} />
      </pattern>
    </defs>
    {#each drawing.shapes as shape, n (n)}
      {#if shape.kind === 'box'}
        <rect
          x={shape.x}
          y={shape.y}
          width={shape.width}
          height={shape.height}
          class={shape.what}
        />
      {:else if shape.kind === 'line'}
        <line
          x1={shape.from.x}
          y1={shape.from.y}
          x2={shape.to.x}
          y2={shape.to.y}
          class={shape.what}
        />
      {:else}
        <circle cx={shape.x} cy={shape.y} r={mark * 0.42} class={shape.what} />
      {/if}
    {/each}
    {#each drawing.marks as { mark: one, at: place, label } (keyOf(one))}
      <g
        class={['mark', dragged === keyOf(one) && 'dragged']}
        transform="translate({place.x} {place.y})"
        style:--hue={one.kind === 'place' ? sectorHue(one.n - 1) : 'var(--ink)'}
        tabindex="0"
        role="slider"
        aria-label="{label}: move with the arrow keys"
        aria-valuenow={Math.round(one.at.xMetres * 10) / 10}
        aria-valuetext={whereOf(one.at)}
        onpointerdown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          dragged = keyOf(one);
        }}
        onpointermove={(event) => drag(event, one)}
        onpointerup={() => {
          dragged = null;
          draft.closeStep();
        }}
        onpointercancel={() => (dragged = null)}
        onkeydown={(event) => nudge(event, one)}
        onblur={() => draft.closeStep()}
      >
        <circle r={mark * 1.2} class="hand" />
        {#if one.kind === 'place'}
          <circle r={mark * 0.7} class="dot" />
          <text class="number" font-size={mark * 0.85} y={mark * 0.3}>{one.n}</text>
          <text font-size={mark * 0.8} y={mark * 1.65}>{label}</text>
        {:else if one.kind === 'leader'}
          <path d="M0 {mark * 0.7}L{-mark * 0.7} {-mark * 0.5}H{mark * 0.7}Z" class="you" />
          <text font-size={mark * 0.8} y={mark * 1.55}>{label}</text>
        {:else}
          <rect
            x={-mark * 0.8}
            y={-mark * 0.4}
            width={mark * 1.6}
            height={mark * 0.8}
            class="screen"
          />
          <text font-size={mark * 0.8} y={mark * 1.55}>{label}</text>
        {/if}
      </g>
    {/each}
  </svg>
{/if}
<p class="mt-1 leading-9">
  Nobody goes nearer than
  {#each WALLS as wall, n (wall)}
    <InlineLength
      metres={setting.room.noGoMetres[wall]}
      label="Kept clear at the {wall}"
      max={50}
      bare={n < WALLS.length - 1}
      onchange={(metres) => setNoGo(wall, metres)}
    />
    to the {wall}{n < WALLS.length - 2 ? ', ' : n === WALLS.length - 2 ? ' and ' : ' wall.'}
  {/each}
  {#if setting.room.marks.length > 0}
    <button type="button" class="min-h-6 underline" onclick={unmove}
      >Put the marks back where they usually are</button
    >
  {/if}
</p>

<style>
  .plan {
    display: block;
    width: 100%;
    max-height: 24rem;
    margin-top: 0.75rem;
    touch-action: none;
  }
  .floor {
    fill: var(--raised);
  }
  .no-go {
    fill: url(#no-go);
  }
  .hatch {
    stroke: var(--line);
  }
  .walls {
    fill: none;
    stroke: var(--ink);
    stroke-width: calc(var(--mark) / 5);
  }
  .lane,
  .finish {
    stroke: var(--soft);
    stroke-width: calc(var(--mark) / 16);
    stroke-dasharray: calc(var(--mark) / 4) calc(var(--mark) / 4);
  }
  .finish {
    stroke: var(--ink);
    stroke-width: calc(var(--mark) / 6);
    stroke-dasharray: none;
  }
  .child {
    fill: none;
    stroke: var(--soft);
    stroke-width: calc(var(--mark) / 10);
  }
  .mark {
    cursor: grab;
    outline: none;
  }
  .dragged {
    cursor: grabbing;
  }
  .hand {
    fill: transparent;
  }
  .mark:focus-visible .hand {
    fill: none;
    stroke: var(--water);
    stroke-width: calc(var(--mark) / 6);
  }
  .dot {
    fill: var(--hue);
    stroke: var(--ink);
    stroke-width: calc(var(--mark) / 9);
  }
  .you {
    fill: var(--ink);
  }
  .screen {
    fill: var(--page);
    stroke: var(--ink);
    stroke-width: calc(var(--mark) / 8);
  }
  text {
    text-anchor: middle;
    fill: var(--ink);
    font-weight: 600;
    user-select: none;
  }
</style>
