<!-- What an action may have besides: the story between its sets, and a dose to do later at home. -->
<script lang="ts">
  import { plainDose, type Action, type Ages, type Move } from '$core';
  import LineArea from '$lib/ui/LineArea.svelte';
  import DoseSentence from './DoseSentence.svelte';

  type Props = {
    action: Action;
    move: Move;
    ages: Ages;
    active: boolean;
    onchange: (action: Action, key?: string) => void;
    onleave: () => void;
  };
  const { action, move, ages, active, onchange, onleave }: Props = $props();

  const breaks = $derived(action.dose.amounts.length - 1);
  const hasStory = $derived(action.between.length > 0);
  let wanted = $state(false);
  const told = $derived(breaks > 0 && (hasStory || (active && wanted)));

  function setLine(n: number, line: string) {
    const lines = Array.from({ length: Math.max(n + 1, action.between.length) }, (_, k) =>
      k === n ? line : (action.between[k] ?? ''),
    );
    while (lines.at(-1) === '') lines.pop();
    onchange({ ...action, between: lines }, `between.${n}`);
  }
  function sendHome() {
    const [amount] = move.usual.range['5'];
    onchange({ ...action, home: plainDose(move.usual.unit, amount) });
  }
  const QUIET = 'btn-slight text-soft';
</script>

{#if told}
  <ol class="mt-1" aria-label="The story between the sets">
    {#each Array.from({ length: breaks }, (_, n) => n) as n (n)}
      <li class="flex gap-2">
        <span class="pt-1 text-sm whitespace-nowrap text-soft">after set {n + 1}</span>
        <div class="min-w-0 flex-1">
          <LineArea
            value={action.between[n] ?? ''}
            label="What you say after set {n + 1}"
            placeholder="What happens in the story before the next set"
            class="italic"
            onchange={(line) => setLine(n, line)}
            {onleave}
          />
        </div>
      </li>
    {/each}
  </ol>
{/if}
{#if action.home}{@const home = action.home}
  <p class="leading-8" data-home>
    <b class="text-water">At home:</b>
    <DoseSentence
      dose={home}
      {move}
      {ages}
      {active}
      onchange={(dose, key) => onchange({ ...action, home: dose }, `home.${key}`)}
    />
    {#if active}
      <button type="button" class={QUIET} onclick={() => onchange({ ...action, home: null })}
        >nothing at home</button
      >
    {/if}
  </p>
{/if}
{#if active}
  {#if breaks > 0 && !told}
    <button type="button" class={QUIET} onclick={() => (wanted = true)}
      >story between the sets…</button
    >
  {/if}
  {#if !action.home}
    <button type="button" class={QUIET} onclick={sendHome}>shown here, done at home…</button>
  {/if}
{/if}
