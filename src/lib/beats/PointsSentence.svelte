<!-- What points are given for, and for whom they are counted: never child against child. -->
<script lang="ts">
  import { MOST_WORTH, type Points } from '$core';
  import Plus from '@lucide/svelte/icons/plus';
  import X from '@lucide/svelte/icons/x';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import InlineText from '$lib/ui/InlineText.svelte';

  type Props = {
    points: Points | undefined;
    active: boolean;
    onchange: (points: Points | undefined, key?: string) => void;
  };
  const { points, active, onchange }: Props = $props();

  const USUAL: Points = { who: 'together', worth: [{ what: 'each one', points: 1 }] };
  const WHO = [
    ['together', 'for all of you together'],
    ['teams', 'in two teams'],
    ['yourself', 'each against their own best'],
  ] as const;
  type Worth = Points['worth'][number];
  function set(worth: readonly Worth[], key?: string) {
    if (points) onchange({ ...points, worth }, key);
  }
  const change = (n: number, part: Partial<Worth>, key: string) =>
    set(points?.worth.map((one, k) => (k === n ? { ...one, ...part } : one)) ?? [], `${key}.${n}`);
  const QUIET = 'btn-slight text-soft';
</script>

{#if points}
  <span data-points-for={points.who}
    >Points: {#each points.worth as one, n (n)}{n > 0 ? ', ' : ''}<InlineNumber
        value={one.points}
        label="Points for {one.what}"
        max={100}
        onchange={(worth) => change(n, { points: Math.round(worth) }, 'worth')}
      /> for
      <InlineText
        value={one.what}
        label="What point {n + 1} is for"
        maxlength={40}
        onchange={(what) => {
          if (what.trim()) change(n, { what }, 'what');
        }}
      />{#if active && points.worth.length > 1}<button
          type="button"
          class={QUIET}
          aria-label="No points for {one.what}"
          onclick={() => set(points.worth.toSpliced(n, 1))}
          ><X size={14} aria-hidden="true" /></button
        >{/if}{/each},
    <InlineChoice
      value={points.who}
      label="For whom points are counted"
      choices={WHO}
      onchange={(who) => onchange({ ...points, who })}
    />.{#if active}{#if points.worth.length < MOST_WORTH}<button
          type="button"
          class={QUIET}
          onclick={() => set([...points.worth, { what: 'a hard one', points: 5 }])}
          ><Plus size={14} aria-hidden="true" />another kind</button
        >{/if}<button type="button" class={QUIET} onclick={() => onchange(undefined)}
        >no points</button
      >{/if}</span
  >
{:else if active}
  <button type="button" class={QUIET} onclick={() => onchange(USUAL)}>with points…</button>
{/if}
