<!-- What a session of a shape turns on, drawn: its die, its cards, its way. -->
<script lang="ts">
  import Face from '$lib/chance/Face.svelte';
  import { sectorHue } from '$lib/chance/sector-look';
  import type { ShapeSign } from './starts';

  const { sign }: { sign: ShapeSign } = $props();

  const around = (n: number, of: number, r: number): readonly [number, number] => {
    const angle = (2 * Math.PI * n) / of - Math.PI / 2;
    return [60 + r * Math.cos(angle), 32 + r * Math.sin(angle)];
  };
  const SUITS = ['♥', '♣', '♦'];
</script>

<span class="sign" aria-hidden="true">
  {#if sign.as === 'dice'}
    {#each sign.faces as face (face)}<Face {face} pixels={52} />{/each}
  {:else}
    <svg viewBox="0 0 120 64" width="120" height="64">
      {#if sign.as === 'way'}
        <path class="path" d="M6 54C30 54 22 14 46 14s18 34 40 34 14-30 28-30" />
        {#each [[6, 54], [46, 14], [86, 48], [112, 18]] as [x, y] (x)}
          <circle class="place" cx={x} cy={y} r="6" />
        {/each}
      {:else if sign.as === 'ring'}
        {#each Array.from({ length: 6 }, (_, n) => n) as n (n)}
          {@const [x, y] = around(n, 6, 24)}
          <circle class="place" style:fill={sectorHue(n)} cx={x} cy={y} r="7" />
        {/each}
      {:else if sign.as === 'wheel'}
        {#each Array.from({ length: 6 }, (_, n) => n) as n (n)}
          {@const [x1, y1] = around(n, 6, 28)}
          {@const [x2, y2] = around(n + 1, 6, 28)}
          <path
            class="place"
            style:fill={sectorHue(n)}
            d="M60 32L{x1} {y1}A28 28 0 0 1 {x2} {y2}Z"
          />
        {/each}
        <path class="ink" d="M60 0l-5 9h10z" />
      {:else if sign.as === 'coin'}
        <circle class="lamp" cx="40" cy="32" r="24" />
        <circle class="place" cx="84" cy="32" r="24" />
        <path
          class="ink line"
          d="M32 38c5 5 11 5 16 0M34 26v2M46 26v2M76 24h16M76 32h16M76 40h10"
        />
      {:else if sign.as === 'cards'}
        {#each SUITS as suit, n (suit)}
          <g transform="rotate({(n - 1) * 12} 60 90) translate({34 + n * 14} 4)">
            <rect class="place" width="34" height="48" rx="4" />
            <text x="17" y="33">{suit}</text>
          </g>
        {/each}
      {:else if sign.as === 'letters'}
        {#each ['L', 'A', 'M', 'P'] as letter, n (letter)}
          <rect class="place" x={6 + n * 28} y="18" width="24" height="28" />
          <text x={18 + n * 28} y="40">{letter}</text>
        {/each}
      {:else if sign.as === 'spots'}
        {#each [[14, 12], [106, 12], [14, 52], [106, 52]] as [x, y], n (`${x} ${y}`)}
          <path class="path" d="M60 32L{x} {y}" />
          <circle class="place" style:fill={sectorHue(n)} cx={x} cy={y} r="9" />
        {/each}
        <circle class="lamp" cx="60" cy="32" r="7" />
      {:else if sign.as === 'baskets'}
        {#each [0, 1, 2] as n (n)}
          <path class="place" style:fill={sectorHue(n)} d="M{8 + n * 38} 36h28l-4 22h-20z" />
          <circle class="lamp" cx={22 + n * 38} cy={n === 1 ? 12 : 26} r="7" />
        {/each}
      {:else if sign.as === 'chain'}
        {#each [0, 1, 2] as row (row)}
          {#each Array.from({ length: row + 2 }, (_, n) => n) as n (n)}
            <circle
              class="place"
              style:fill={sectorHue(n)}
              cx={14 + n * 24}
              cy={12 + row * 20}
              r="8"
            />
          {/each}
        {/each}
      {:else if sign.as === 'ladder'}
        {#each [14, 24, 34, 46, 56] as height, n (height)}
          <rect
            class="place"
            style:fill={sectorHue(n)}
            x={6 + n * 22}
            y={60 - height}
            width="18"
            {height}
          />
        {/each}
      {:else if sign.as === 'call'}
        <path class="lamp" d="M14 26l44-18v48L14 40z" />
        <path
          class="ink line"
          d="M70 20c8 7 8 17 0 24M82 12c14 12 14 28 0 40M94 5c20 17 20 37 0 54"
        />
      {:else if sign.as === 'number'}
        <text class="large" x="60" y="48">{sign.text}</text>
      {:else if sign.as === 'echo'}
        <path class="ink line" d="M8 44c4-24 8-24 12 0s8 24 12 0 8-24 12 0" />
        <path class="faint line" d="M66 44c4-24 8-24 12 0s8 24 12 0 8-24 12 0" />
      {:else if sign.as === 'two'}
        {#each [30, 90] as x (x)}
          <circle class={x === 30 ? 'lamp' : 'place'} cx={x} cy="12" r="8" />
          <path
            class="ink line"
            d="M{x} 20v20M{x} 26l-14-8M{x} 26l14-8M{x} 40l-10 18M{x} 40l10 18"
          />
        {/each}
      {:else if sign.as === 'film'}
        <rect class="place" x="10" y="10" width="68" height="44" rx="6" />
        <path class="lamp" d="M84 26l28-14v40l-28-14z" />
      {:else}
        {#each [14, 28, 42, 56] as y, n (y)}
          <path class="ink line" d="M8 {y}h{[70, 58, 74, 50][n]}" />
          <circle class="lamp" cx="104" cy={y} r="5" />
        {/each}
      {/if}
    </svg>
  {/if}
</span>

<style>
  .sign {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    height: 72px;
  }
  .place,
  .lamp {
    fill: var(--raised);
    stroke: var(--ink);
    stroke-width: 2.5;
    stroke-linejoin: round;
  }
  .lamp {
    fill: var(--lamp);
  }
  .path {
    fill: none;
    stroke: var(--soft);
    stroke-width: 2.5;
    stroke-dasharray: 5 4;
  }
  .ink {
    fill: var(--ink);
  }
  .line {
    fill: none;
    stroke: var(--ink);
    stroke-width: 3;
    stroke-linecap: round;
  }
  .faint {
    stroke: var(--soft);
    stroke-dasharray: 3 6;
  }
  text {
    fill: var(--ink);
    font-family: var(--font-heading);
    font-size: 22px;
    font-weight: 800;
    text-anchor: middle;
  }
  .large {
    font-size: 46px;
  }
</style>
