<script lang="ts">
  import { beatInWords, moveIn, NO_GUISE, usualDose, type Action, type Move } from '$core';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import { newId } from '$lib/store/new-id';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import LineArea from '$lib/ui/LineArea.svelte';
  import DoseSentence from '../DoseSentence.svelte';
  import type { EditorProps } from '../editor-props';
  import LedSentence from '../LedSentence.svelte';
  import GuiseFields from '../GuiseFields.svelte';
  import MovePicker from '$lib/moves/MovePicker.svelte';
  import SayFirst from '../SayFirst.svelte';

  const { beat, book, setting, ideas, led, active, change, leave }: EditorProps<'chain'> = $props();

  const follows = $derived((beat.led ?? led) === 'follow me');

  const links = $derived(beat.links);
  const set = (next: readonly Action[], key?: string) => change({ ...beat, links: next }, key);

  function changeLink(link: Action, key?: string) {
    const next = links.map((one) => (one.id === link.id ? link : one));
    set(next, key && `${link.id}.${key}`);
  }
  function add(move: Move) {
    const usual = usualDose(move, setting.ages);
    const dose = { ...usual, amounts: [Math.min(3, usual.amounts[0]!)] };
    set([...links, { id: newId('ac'), move: move.id, guise: NO_GUISE, dose }]);
  }
  function raise(index: number) {
    set(links.toSpliced(index, 1).toSpliced(index - 1, 0, links[index]!));
  }
  const rehearses = (verse: number) => beat.rehearseAfter.includes(verse);
  function toggle(verse: number) {
    const rest = beat.rehearseAfter.filter((one) => one !== verse);
    const next = rehearses(verse) ? rest : [...rest, verse].sort((a, b) => a - b);
    change({ ...beat, rehearseAfter: next });
  }
</script>

<SayFirst
  say={beat.say}
  label="What you say before the chain"
  open={active}
  onchange={(say) => change({ ...beat, say }, 'say')}
  onleave={leave}
/>
<p class="pl-1 leading-8">
  <span class="font-heading text-lg font-bold">Growing chain</span>
  <span class="text-soft">{beatInWords(beat)}</span>
  <LedSentence how={beat} {led} {active} onchange={(how) => change({ ...beat, ...how })} />
</p>
<ol class="mt-1">
  {#each links as link, index (link.id)}
    <li class="flex items-start gap-3 py-1">
      <span class="min-w-8 pt-0.5 text-right font-heading text-lg font-bold text-soft tabular"
        >{index + 1}</span
      >
      <div class="min-w-0 flex-1">
        <GuiseFields
          part={link}
          {book}
          {setting}
          {active}
          held={link.dose.unit === 'hold'}
          {follows}
          {ideas}
          onguise={(guise, key) => changeLink({ ...link, guise }, key)}
          onmove={(move) =>
            changeLink({ ...link, move: move.id, dose: { ...link.dose, sides: 'any' } })}
          onremove={links.length > 1
            ? () => set(links.filter(({ id }) => id !== link.id))
            : undefined}
          onleave={leave}
        >
          <DoseSentence
            dose={link.dose}
            move={moveIn(book, link.move)}
            {active}
            onchange={(dose, key) => changeLink({ ...link, dose }, key)}
          />
        </GuiseFields>
        {#if active || rehearses(index + 1)}
          <p class="pl-1 text-soft">
            {#if active}
              <button
                type="button"
                class="min-h-6 underline"
                aria-pressed={rehearses(index + 1)}
                onclick={() => toggle(index + 1)}
                >{rehearses(index + 1) ? 'once more after this' : 'go on'}</button
              >
              {#if index > 0}
                <button
                  type="button"
                  class="ml-2 btn-quiet min-h-0! px-2! py-0!"
                  onclick={() => raise(index)}
                >
                  <ArrowUp size={16} aria-hidden="true" />earlier
                </button>
              {/if}
            {:else}
              and all so far once more
            {/if}
          </p>
        {/if}
      </div>
    </li>
  {/each}
</ol>
{#if active}
  <div class="pl-1 leading-8 text-soft">
    <MovePicker {book} text="and then…" label="Another link" class="underline" onpick={add} />
    <p>
      At the end
      <InlineChoice
        value={beat.perform}
        label="Whether it is performed"
        choices={[
          [true, 'it is performed whole, bigger'],
          [false, 'it simply ends'],
        ] as const}
        onchange={(perform) => change({ ...beat, perform })}
      />.
    </p>
  </div>
{/if}
{#if beat.perform && (active || beat.performSay)}
  <LineArea
    value={beat.performSay}
    label="What you say before it is performed"
    placeholder="What you say before all of it: Now with the whole band!"
    onchange={(performSay) => change({ ...beat, performSay }, 'perform')}
    onleave={leave}
  />
{/if}
