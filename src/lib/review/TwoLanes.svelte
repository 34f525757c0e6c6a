<!-- The plan above, the recording below: what was done is joined, what was left out stands open. -->
<script lang="ts">
  import { clockOf, type Run } from '$core';
  import { plannedBeats } from './beats-of-run';

  type Props = { run: Run; onpick: (seconds: number) => void };
  const { run, onpick }: Props = $props();

  const WIDTH = 1000;
  const LANE = 30;
  const GAP = 34;
  const BOTTOM = LANE * 2 + GAP;

  const review = $derived(run.review!);
  const planned = $derived(plannedBeats(run));
  const whole = $derived(Math.max(1, review.seconds, ...[...planned.values()].map(({ to }) => to)));
  const x = (seconds: number) => (seconds / whole) * WIDTH;
  const beats = $derived(
    review.beats.filter(({ part }) => part === undefined).map((beat, n) => ({ beat, n })),
  );
  const minutes = $derived(
    Array.from({ length: Math.floor(whole / 60) }, (_, n) => n + 1).filter(
      (n) => whole < 1200 || n % 5 === 0,
    ),
  );
  const summary = $derived(
    beats
      .map(({ beat }) => `${beat.label}: ${beat.state}, ${clockOf(beat.startSeconds)}`)
      .join('; '),
  );
</script>

<figure class="mt-6">
  <svg
    class="block w-full"
    viewBox="0 0 {WIDTH} {BOTTOM + 18}"
    preserveAspectRatio="none"
    style:height="8.5rem"
    role="img"
    aria-label="The plan above the recording. {summary}"
  >
    {#each beats as { beat, n } (n)}
      {@const plan = planned.get(beat.beatId)}
      {#if plan}
        {@const left = x(plan.from)}
        {@const right = Math.max(left + 2, x(plan.to) - 1)}
        {@const colour = `var(--${plan.kind})`}
        {#if beat.state === 'left out'}
          <rect
            x={left + 0.5}
            y="1"
            width={right - left}
            height={LANE - 2}
            fill="none"
            stroke="var(--pencil)"
            stroke-width="1.5"
            stroke-dasharray="4 3"
            vector-effect="non-scaling-stroke"
          />
        {:else}
          {@const from = x(beat.startSeconds)}
          {@const to = Math.max(from + 2, x(beat.endSeconds) - 1)}
          <rect x={left} y="0" width={right - left} height={LANE} fill={colour} />
          <path
            d="M {left} {LANE} L {right} {LANE} L {to} {LANE + GAP} L {from} {LANE + GAP} Z"
            fill={colour}
            opacity={beat.state === 'led' ? 0.22 : 0.5}
          />
          <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
          <rect
            class="cursor-pointer"
            x={from}
            y={LANE + GAP}
            width={to - from}
            height={LANE}
            fill={colour}
            onclick={() => onpick(beat.startSeconds)}
          />
          {#if beat.state !== 'led'}
            <rect x={from} y={BOTTOM + 3} width={to - from} height="4" fill="var(--pencil)" />
          {/if}
        {/if}
      {/if}
    {/each}
    {#each review.moments as moment, n (n)}
      <rect
        x={x(moment.startSeconds) - 1.5}
        y={LANE + GAP - 8}
        width="3"
        height="8"
        fill="var(--pencil)"
      />
    {/each}
    {#each minutes as minute (minute)}
      <line
        x1={x(minute * 60)}
        x2={x(minute * 60)}
        y1={BOTTOM}
        y2={BOTTOM + 6}
        stroke="var(--soft)"
        vector-effect="non-scaling-stroke"
      />
    {/each}
  </svg>
  <figcaption class="flex flex-wrap justify-between gap-x-6 text-soft">
    <span>Above: your script. Below: the recording, {clockOf(review.seconds)} long.</span>
    <span>Dashed: left out. Small marks: what to cut or do again.</span>
  </figcaption>
</figure>
