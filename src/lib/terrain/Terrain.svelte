<!-- A session as a walk: time across, effort up, chapters as stretches of country. -->
<script lang="ts">
  import { clockOf } from '$core';
  import { CHAPTER_LOOKS, chapterHue, chapterWord } from './chapter-look';
  import { Landscape, type LandCue } from './landscape';

  type Props = {
    cues: readonly LandCue[];
    chapters: readonly { id: string; kind: string; title: string }[];
    slotSeconds?: number;
    height?: number;
    /** A thumbnail has the land only. */
    small?: boolean;
    /** In a strip: without contours, its minutes on the land itself. */
    slim?: boolean;
    activeBeatId?: string | null;
    /** "You are here", in seconds. */
    hereSeconds?: number | null;
    /** Another walk to lay over this one, as a line: what really happened. */
    over?: readonly LandCue[];
    /** Moments with a note, in seconds. */
    pins?: readonly number[];
    onpick?: (beatId: string) => void;
    onpoint?: (beatId: string | null) => void;
    label?: string;
  };
  const {
    cues,
    chapters,
    slotSeconds = 0,
    height = 150,
    small = false,
    slim = false,
    activeBeatId = null,
    hereSeconds = null,
    over = [],
    pins = [],
    onpick,
    onpoint,
    label,
  }: Props = $props();

  const uid = $props.id();
  let width = $state(0);

  const endOf = (list: readonly LandCue[]) => {
    const last = list.at(-1);
    return last ? last.startSeconds + last.lengthSeconds : 0;
  };
  const span = $derived(Math.max(endOf(cues), endOf(over), small ? 0 : slotSeconds, 60));
  const land = $derived(new Landscape(cues, { width, height }, span));
  const overLand = $derived(new Landscape(over, { width, height }, span));
  const kinds = $derived(new Map(chapters.map((chapter) => [chapter.id, chapter])));
  const chapterStretches = $derived(land.stretches('chapterId'));
  const active = $derived(land.stretches('beatId').find(({ id }) => id === activeBeatId));
  const slotX = $derived(slotSeconds > 0 ? land.x(slotSeconds) : 0);
  const spoken = $derived(
    label ??
      `Terrain of the session, ${clockOf(land.totalSeconds)} long: ${chapters.map((c) => c.title || chapterWord(c.kind)).join(', ')}`,
  );

  function beatAt(event: MouseEvent): string | null {
    const box = (event.currentTarget as Element).getBoundingClientRect();
    const at = land.seconds(event.clientX - box.left);
    return cues.findLast((cue) => cue.startSeconds <= at)?.beatId ?? null;
  }
  function pick(event: MouseEvent) {
    const id = beatAt(event);
    if (id) onpick?.(id);
  }
</script>

<!-- The script beside it does by keyboard what pointing at the picture does. -->
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
<div
  bind:clientWidth={width}
  class={['relative w-full overflow-hidden', onpick && 'cursor-pointer']}
  role="img"
  aria-label={spoken}
  onclick={onpick && pick}
  onpointermove={onpoint && ((event) => onpoint(beatAt(event)))}
  onpointerleave={onpoint && (() => onpoint(null))}
>
  {#if width > 0}
    <svg {width} height={small ? height : height + (slim ? 17 : 24)} aria-hidden="true">
      <defs>
        <clipPath id="{uid}-land"><path d={land.land} /></clipPath>
        {#each Object.entries(CHAPTER_LOOKS) as [kind, { pattern }] (kind)}
          <pattern
            id="{uid}-{kind}"
            width={pattern.width}
            height={pattern.height}
            patternUnits="userSpaceOnUse"
          >
            <path class="grain" d={pattern.path} />
          </pattern>
        {/each}
      </defs>
      {#if !small && !slim}
        {#each [2, 3, 4, 5] as level (level)}
          <line class="contour" x1="0" x2={width} y1={land.y(level)} y2={land.y(level)} />
        {/each}
      {/if}
      <g clip-path="url(#{uid}-land)">
        {#each chapterStretches as { id, x, width: w } (id)}
          {@const kind = kinds.get(id)?.kind ?? 'show'}
          <rect {x} y="0" width={w} {height} fill={chapterHue(kind)} />
          <rect {x} y="0" width={w} {height} fill="url(#{uid}-{kind})" />
        {/each}
        {#if active}
          <rect class="active" x={active.x} y="0" width={Math.max(3, active.width)} {height} />
        {/if}
        {#each land.waters as { id, x, width: w } (id)}
          <rect class="water" {x} y={height - 12} width={Math.max(4, w)} height="12" />
        {/each}
      </g>
      <path class="ridge" d={land.ridge} />
      {#if overLand.ridge}<path class="over" d={overLand.ridge} />{/if}
      {#if !small}
        <line class="ground" x1="0" x2={width} y1={height} y2={height} />
        {#each land.waters as { id, x, width: w } (id)}
          <path
            class="drop"
            transform="translate({x + w / 2} {height - 34})"
            d="M0-9C4-3 6 0 6 3.500A6 6 0 0 1-6 3.500C-6 0-4-3 0-9Z"
          />
        {/each}
        {#each land.minutes as minute (minute)}
          {#if land.x(minute * 60) < width - 20}
            <line
              class="ground"
              x1={land.x(minute * 60)}
              x2={land.x(minute * 60)}
              y1={height}
              y2={height + 6}
            />
            <text class="mark" x={land.x(minute * 60)} y={height + (slim ? 16 : 20)}>{minute}</text>
          {/if}
        {/each}
        <text class="first mark" x="0" y={height + (slim ? 16 : 20)}>min</text>
        {#if slotX > 0}
          <g class="slot" transform="translate({Math.min(slotX, width - 2)} 0)">
            <line y1="4" y2={height} x1="0" x2="0" />
            <path d="M0 4l-15 6 15 6z" />
          </g>
        {/if}
        {#each pins as at, index (index)}
          <path
            class="pin"
            transform="translate({land.x(at)} {land.ridgeAt(at) - 4})"
            d="M0 0l-5-11h10z"
          />
        {/each}
        {#if hereSeconds !== null}
          <g class="here" transform="translate({land.x(hereSeconds)} 0)">
            <line y1={land.ridgeAt(hereSeconds)} y2={height} x1="0" x2="0" />
            <circle r="8" cy={land.ridgeAt(hereSeconds)} />
          </g>
        {/if}
      {/if}
    </svg>
  {/if}
</div>

<style>
  .grain {
    stroke: var(--ink);
    stroke-opacity: 0.28;
    stroke-width: 1.5;
    stroke-linecap: round;
    fill: none;
  }
  .ridge {
    stroke: var(--ink);
    stroke-width: 2;
    stroke-linejoin: round;
    fill: none;
  }
  .over {
    stroke: var(--pencil);
    stroke-width: 2.5;
    stroke-dasharray: 7 4;
    fill: none;
  }
  .contour {
    stroke: var(--line);
    stroke-dasharray: 2 5;
  }
  .ground {
    stroke: var(--soft);
  }
  .active {
    fill: var(--lamp);
    stroke: var(--ink);
  }
  .water {
    fill: var(--water);
  }
  .drop {
    fill: var(--water);
    stroke: var(--page);
    stroke-width: 2;
  }
  .mark {
    fill: var(--soft);
    font-size: 14px;
    text-anchor: middle;
    font-variant-numeric: tabular-nums;
  }
  .first {
    text-anchor: start;
  }
  .slot line {
    stroke: var(--pencil);
    stroke-width: 2;
    stroke-dasharray: 4 3;
  }
  .slot path {
    fill: var(--pencil);
  }
  .pin {
    fill: var(--pencil);
    stroke: var(--page);
    stroke-width: 1.5;
  }
  .here line {
    stroke: var(--ink);
    stroke-width: 2;
  }
  .here circle {
    fill: var(--lamp);
    stroke: var(--ink);
    stroke-width: 3;
  }
</style>
