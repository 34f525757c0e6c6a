<script lang="ts">
  import { childrenIn, relaySums, lengthInWords } from '$core';
  import { preferences } from '$lib/store/preference-store.svelte';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineLength from '$lib/ui/InlineLength.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import type { EditorProps } from '../editor-props';
  import LedSentence from '../LedSentence.svelte';
  import GuiseFields from '../GuiseFields.svelte';
  import SayFirst from '../SayFirst.svelte';

  const { beat, book, setting, ideas, led, active, change, leave }: EditorProps<'relay'> = $props();

  const follows = $derived((beat.led ?? led) === 'follow me');

  const group = $derived(childrenIn(setting));
  const carriers = $derived(Math.min(group, beat.atOnce ?? group));
  const trips = $derived(Math.ceil(beat.things / carriers));
  const sums = $derived(relaySums(beat, { setting, pace: preferences.pace, book }));
  const seconds = $derived(sums.secondsNeeded);
  const isShort = $derived(beat.limitSeconds !== null && beat.limitSeconds < seconds);
</script>

<SayFirst
  say={beat.say}
  label="What you say before the relay"
  open={active}
  onchange={(say) => change({ ...beat, say }, 'say')}
  onleave={leave}
/>
<p class="pl-1 leading-9">
  <span class="font-heading text-lg font-bold">Relay</span>:
  <InlineNumber
    value={beat.things}
    label="How many things"
    max={200}
    onchange={(things) => change({ ...beat, things: Math.round(things) }, 'things')}
  />
  <input
    class="inline-word w-36"
    aria-label="What is fetched"
    placeholder="things"
    maxlength="60"
    value={beat.thing}
    oninput={(event) => change({ ...beat, thing: event.currentTarget.value }, 'thing')}
    onblur={leave}
  />, one at a time,
  <InlineLength
    metres={beat.metres}
    label="How far they lie"
    min={1}
    max={60}
    onchange={(metres) => change({ ...beat, metres }, 'metres')}
  />
  there and back,
  <InlineChoice
    value={beat.atOnce === null}
    label="How many children at a time"
    choices={[
      [true, 'all at once'],
      [false, 'in turns'],
    ] as const}
    onchange={(all) => change({ ...beat, atOnce: all ? null : Math.min(4, group) })}
  />{#if beat.atOnce !== null},
    <InlineNumber
      value={beat.atOnce}
      label="Children on their way at a time"
      max={60}
      onchange={(atOnce) => change({ ...beat, atOnce: Math.round(atOnce) }, 'atOnce')}
    /> at a time{/if},
  <InlineChoice
    value={beat.limitSeconds !== null}
    label="When it ends"
    choices={[
      [false, 'until all are there'],
      [true, 'by the clock'],
    ] as const}
    onchange={(yes) =>
      change({ ...beat, limitSeconds: yes ? Math.min(600, Math.max(5, seconds)) : null })}
  />{#if beat.limitSeconds !== null}:
    <InlineNumber
      value={beat.limitSeconds}
      label="Seconds until it ends"
      min={5}
      step={5}
      onchange={(limit) => change({ ...beat, limitSeconds: Math.round(limit) }, 'limit')}
    /> s{/if}{#if active || beat.startOver}, and
    <InlineChoice
      value={beat.startOver}
      label="If one is missed"
      choices={[
        [false, 'go on if one is missed'],
        [true, 'start over if one is missed'],
      ] as const}
      onchange={(startOver) => change({ ...beat, startOver })}
    />{/if}.
  <LedSentence {beat} {led} {active} {change} />
</p>
<p class={['pl-1', isShort ? 'text-pencil' : 'text-soft']} data-sums>
  {beat.atOnce === null
    ? `${trips === 1 ? 'One trip' : `${trips} trips`} each`
    : `${beat.things} trips, ${carriers} at a time`}: all there in about {lengthInWords(
    seconds,
  )}{isShort ? `; in ${beat.limitSeconds} s ${sums.brought} of ${beat.things} are there` : ''}.
</p>
<GuiseFields
  part={beat.travel}
  {book}
  {setting}
  {active}
  {follows}
  {ideas}
  onguise={(guise, key) => change({ ...beat, travel: { ...beat.travel, guise } }, `guise.${key}`)}
  onalso={(also) => change({ ...beat, travel: { ...beat.travel, also } })}
  onmove={(move) => change({ ...beat, travel: { ...beat.travel, move: move.id } })}
  onleave={leave}
/>
