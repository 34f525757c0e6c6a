<!-- How the work is shared out: over the body, over kinds of moving, over effort. -->
<script lang="ts">
  import {
    balanceOf,
    lengthInWords,
    LIVELY_MINUTES_A_DAY,
    type MoveBook,
    type Schedule,
  } from '$core';
  import BarChart from '$lib/charts/BarChart.svelte';
  import Sums from './Sums.svelte';
  import { EFFORT_WORDS, FAMILY_WORDS } from '$lib/moves/words';

  type Props = { schedule: Schedule; book: MoveBook; youngest: number };
  const { schedule, book, youngest }: Props = $props();

  const balance = $derived(balanceOf(schedule, book));
  const one = (values: readonly number[], colour: string) => [{ label: 'seconds', values, colour }];
  const EFFORTS = ([1, 2, 3, 4, 5] as const).map((level) => `${level} ${EFFORT_WORDS[level]}`);

  const regions = $derived(
    one(
      balance.regions.map(([, seconds]) => seconds),
      '--water',
    ),
  );
  const families = $derived(
    one(
      balance.families.map(([, seconds]) => seconds),
      '--cool-down',
    ),
  );
  const effort = $derived(one(balance.effort, '--warm-up'));
  const share = $derived(Math.round(balance.livelyShare * 100));
  const most = $derived(balance.regions.toSorted((a, b) => b[1] - a[1])[0]!);
  const busiest = $derived(most[1] > 0 ? `The ${most[0]} do most.` : '');
</script>

<Sums {schedule} />
<p class="mt-2 max-w-3xl">
  {busiest}
  {#if balance.left + balance.right > 0}
    Left {lengthInWords(balance.left)}, right {lengthInWords(balance.right)}.
  {/if}
  Lively or hard (levels 4 and 5) for {lengthInWords(balance.livelySeconds)}: {share} % of the
  {LIVELY_MINUTES_A_DAY} minutes that guidelines ask for
  {youngest <= 4 ? 'each day, among 180 of any moving' : 'a day, on average'}. A session is a part
  of a day.
</p>
<div class="mt-3 flex flex-col gap-6">
  <section>
    <h2 class="text-lg">Over the body</h2>
    <BarChart
      label="Chart: seconds of work for each part of the body: {balance.regions
        .map(([name, s]) => `${name} ${Math.round(s)}`)
        .join(', ')}"
      names={balance.regions.map(([name]) => name)}
      series={regions}
      unit="seconds of work"
      rowPixels={26}
    />
  </section>
  <section>
    <h2 class="text-lg">Over kinds of moving</h2>
    <BarChart
      label="Chart: seconds of each kind of moving: {balance.families
        .map(([name, s]) => `${name} ${Math.round(s)}`)
        .join(', ')}"
      names={balance.families.map(([name]) => FAMILY_WORDS[name].split(' and ')[0]!)}
      series={families}
      unit="seconds of work"
      rowPixels={26}
    />
  </section>
  <section>
    <h2 class="text-lg">Over effort</h2>
    <BarChart
      label="Chart: seconds at each level of effort: {EFFORTS.map(
        (word, n) => `${word} ${Math.round(balance.effort[n]!)}`,
      ).join(', ')}"
      names={EFFORTS}
      series={effort}
      unit="seconds, talk and rests included"
      rowPixels={26}
    />
  </section>
</div>
