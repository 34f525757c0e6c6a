<!-- Three taps while it is fresh: how long, how hard, and what of it next time. -->
<script lang="ts">
  import type { Debrief } from '$core';

  type Props = { debrief: Debrief; onchange: (debrief: Debrief) => void };
  const { debrief, onchange }: Props = $props();

  const QUESTIONS = [
    {
      key: 'length',
      asked: 'How long was it?',
      answers: [
        ['too short', 'Too short'],
        ['right', 'Just right'],
        ['too long', 'Too long'],
      ],
    },
    {
      key: 'effort',
      asked: 'And for them?',
      answers: [
        ['too easy', 'Too easy'],
        ['right', 'Just right'],
        ['too hard', 'Too hard'],
      ],
    },
    {
      key: 'next',
      asked: 'Next time',
      answers: [
        ['keep', 'Keep it'],
        ['change', 'Change it'],
      ],
    },
  ] as const;
</script>

<div class="flex flex-col gap-4">
  {#each QUESTIONS as { key, asked, answers } (key)}
    <fieldset class="flex flex-wrap items-center justify-center gap-3">
      <legend class="contents"><span class="min-w-44 text-xl sm:text-right">{asked}</span></legend>
      {#each answers as [value, label] (value)}
        {@const chosen = debrief[key] === value}
        <button
          type="button"
          class={[
            'min-h-14 rounded-2xl border-2 border-ink px-5 text-xl font-bold',
            chosen && 'bg-lamp text-on-lamp',
          ]}
          aria-pressed={chosen}
          onclick={() => onchange({ ...debrief, [key]: chosen ? null : value })}>{label}</button
        >
      {/each}
    </fieldset>
  {/each}
</div>
