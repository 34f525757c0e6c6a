<script lang="ts">
  import {
    beatInWords,
    moveOf,
    newAction,
    versesOf,
    linksOf,
    type Link,
    type Move,
    type Tempo,
  } from '$core';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import { newId } from '$lib/store/new-id';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import InlineText from '$lib/ui/InlineText.svelte';
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
  const set = (next: readonly Link[], key?: string) => change({ ...beat, links: next }, key);

  function changeLink(link: Link, key?: string) {
    const next = links.map((one) => (one.id === link.id ? link : one));
    set(next, key && `${link.id}.${key}`);
  }
  function add(move: Move) {
    const action = newAction(move, setting.ages, newId);
    const dose = { ...action.dose, amounts: [Math.min(3, action.dose.amounts[0]!)] };
    set([...links, { ...action, dose, joined: false }]);
  }
  function raise(index: number) {
    set(links.toSpliced(index, 1).toSpliced(index - 1, 0, links[index]!));
  }
  const isJoined = (index: number) => index > 0 && links[index]!.joined;
  /** Whole links up to this one, itself counted in. */
  const linksUpTo = (index: number) =>
    links.slice(0, index + 1).filter((_, n) => !isJoined(n)).length;
  const whole = $derived(linksOf(beat).length);
  /** The verse that ends with a link, where one does. */
  function verseAt(index: number): number | null {
    if (links[index + 1]?.joined) return null;
    const verse = versesOf(beat).indexOf(linksUpTo(index));
    return verse < 0 ? null : verse + 1;
  }
  const ENDS = {
    not: [],
    once: ['usual'],
    twice: ['usual', 'usual'],
    faster: ['slow', 'fast'],
    three: ['slow', 'usual', 'fast'],
  } as const;
  type End = keyof typeof ENDS | 'own';
  const end = $derived.by((): End => {
    const said = beat.perform.join();
    return (
      (Object.keys(ENDS) as (keyof typeof ENDS)[]).find((one) => ENDS[one].join() === said) ?? 'own'
    );
  });
  function setEnd(next: End) {
    const perform: readonly Tempo[] = next === 'own' ? beat.perform : ENDS[next];
    change({ ...beat, perform });
  }
  function setParts(text: string) {
    const bodyParts = text
      .split(',')
      .map((one) => one.trim().slice(0, 40))
      .filter(Boolean)
      .slice(0, 20);
    change({ ...beat, bodyParts }, 'parts');
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
  <span class="text-soft">{beatInWords(beat)}.</span>
  {#if active || beat.introduce > 1}
    New links come
    <InlineNumber
      value={beat.introduce}
      label="How many new links at a time"
      max={10}
      onchange={(n) => change({ ...beat, introduce: Math.round(n) }, 'introduce')}
    /> at a time{whole > 0 ? ` of ${whole}` : ''}.
  {/if}
  {#if active || beat.bodyParts.length > 0}
    Done with
    <InlineText
      value={beat.bodyParts.join(', ')}
      label="The part of the body of each link, with commas between"
      placeholder="whatever they like: hands, elbows…"
      maxlength={400}
      onchange={setParts}
      onleave={leave}
    />.
  {/if}
  <LedSentence {beat} {led} {active} {change} />
</p>
<ol class={active ? 'mt-1' : 'closed-list'}>
  {#each links as link, index (link.id)}
    {@const verse = verseAt(index)}
    <li class={['flex items-start', active ? 'gap-3 py-1' : 'gap-1']}>
      <span class="min-w-5 pt-0.5 text-right font-heading text-lg font-bold text-soft tabular"
        >{isJoined(index) ? '+' : linksUpTo(index)}</span
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
          onalso={(also) => changeLink({ ...link, also })}
          onremove={links.length > 1
            ? () => set(links.filter(({ id }) => id !== link.id))
            : undefined}
          onleave={leave}
        >
          <DoseSentence
            dose={link.dose}
            move={moveOf(book, link)}
            ages={setting.ages}
            {active}
            onchange={(dose, key) => changeLink({ ...link, dose }, key)}
          />
        </GuiseFields>
        {#if active || (verse !== null && rehearses(verse))}
          <p class="pl-1 text-soft">
            {#if active}
              {#if verse !== null}
                <button
                  type="button"
                  class="min-h-6 underline"
                  aria-pressed={rehearses(verse)}
                  onclick={() => toggle(verse)}
                  >{rehearses(verse) ? 'once more after this' : 'go on'}</button
                >
              {/if}
              {#if index > 0}
                <button
                  type="button"
                  class="ml-2 min-h-6 underline"
                  aria-pressed={link.joined}
                  onclick={() => changeLink({ ...link, joined: !link.joined })}
                  >{link.joined ? 'one link with the one before' : 'a link of its own'}</button
                >
              {/if}
              {#if index > 0}
                <button type="button" class="ml-2 btn-slight" onclick={() => raise(index)}>
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
        value={end}
        label="Whether it is performed"
        choices={[
          ['once', 'all of it is performed, bigger'],
          ['twice', 'all of it is performed twice'],
          ['faster', 'all of it is performed slowly, then fast'],
          ['three', 'all of it is performed slowly, as usual, then fast'],
          ['not', 'it simply ends'],
          ...(end === 'own'
            ? [['own', `all of it is performed: ${beat.perform.join(', ')}`] as const]
            : []),
        ] as const}
        onchange={setEnd}
      />.
    </p>
  </div>
{/if}
{#if beat.perform.length > 0 && (active || beat.performSay)}
  <LineArea
    value={beat.performSay}
    label="What you say before it is performed"
    placeholder="What you say before all of it: Now with the whole band!"
    onchange={(performSay) => change({ ...beat, performSay }, 'perform')}
    onleave={leave}
  />
{/if}
