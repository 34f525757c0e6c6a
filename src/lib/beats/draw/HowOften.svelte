<!-- How often it is drawn: so many times, for a time, or until all have come. -->
<script lang="ts">
  import type { Draw, DrawRules } from '$core';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';

  type Props = { beat: Draw; change: (beat: Draw, key?: string) => void };
  const { beat, change }: Props = $props();

  type Stop = DrawRules['stop'];
  const stop = $derived(beat.rules.stop);
  const STOPS = [
    ['draws', 'a number of times'],
    ['seconds', 'for some time'],
    ['all seen', 'until they’ve all come'],
  ] as const;
  const set = (next: Stop, key?: string) =>
    change({ ...beat, rules: { ...beat.rules, stop: next } }, key);
  function setStop(after: Stop['after']) {
    const times = stop.after === 'draws' ? stop.draws : stop.after === 'all seen' ? stop.most : 20;
    if (after === 'draws') set({ after, draws: times });
    else if (after === 'seconds') set({ after, seconds: 180 });
    else set({ after, most: Math.max(times, 20) });
  }
</script>

<InlineChoice value={stop.after} label="When it stops" choices={STOPS} onchange={setStop} />:
{#if stop.after === 'draws'}
  <InlineNumber
    value={stop.draws}
    label="Draws"
    max={200}
    onchange={(draws) => set({ after: 'draws', draws: Math.round(draws) }, 'draws')}
  />
{:else if stop.after === 'seconds'}
  <InlineNumber
    value={stop.seconds}
    label="Seconds of drawing"
    min={10}
    max={3600}
    step={10}
    onchange={(seconds) => set({ after: 'seconds', seconds: Math.round(seconds) }, 'seconds')}
  /> s
{:else}
  but no more than <InlineNumber
    value={stop.most}
    label="Draws at most"
    max={200}
    onchange={(most) => set({ after: 'all seen', most: Math.round(most) }, 'most')}
  />
{/if}
