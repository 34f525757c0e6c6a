<script lang="ts">
  import { newStation, type Move, type Station } from '$core';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import { newId } from '$lib/store/new-id';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import type { EditorProps } from '../editor-props';
  import LedSentence from '../LedSentence.svelte';
  import GuiseFields from '../GuiseFields.svelte';
  import MovePicker from '$lib/moves/MovePicker.svelte';
  import SayFirst from '../SayFirst.svelte';
  import RoundsEditor from './RoundsEditor.svelte';

  const { beat, book, setting, ideas, led, active, change, leave }: EditorProps<'circuit'> =
    $props();

  const follows = $derived((beat.led ?? led) === 'follow me');

  const isUsual = $derived(
    beat.led === 'by the clock' && beat.show === null && beat.countIn === null,
  );

  const drinks = $derived(beat.drinkBetweenRoundsSeconds > 0);

  function changeStation(station: Station, key?: string) {
    const stations = beat.stations.map((one) => (one.id === station.id ? station : one));
    change({ ...beat, stations }, key && `${station.id}.${key}`);
  }
  function add(move: Move) {
    change({ ...beat, stations: [...beat.stations, newStation(move, newId)] });
  }
  function raise(index: number) {
    const station = beat.stations[index]!;
    const stations = beat.stations.toSpliced(index, 1).toSpliced(index - 1, 0, station);
    change({ ...beat, stations });
  }
</script>

<SayFirst
  say={beat.say}
  label="What you say before the circuit"
  open={active}
  onchange={(say) => change({ ...beat, say }, 'say')}
  onleave={leave}
/>
<p class="pl-1 leading-8">
  <span class="font-heading text-lg font-bold">Circuit</span> of {beat.stations.length}
  {beat.stations.length === 1 ? 'station' : 'stations'},
  <InlineNumber
    value={beat.rounds}
    label="Rounds"
    max={20}
    onchange={(rounds) => change({ ...beat, rounds }, 'rounds')}
  />
  {beat.rounds === 1 ? 'round' : 'rounds'},
  <InlineNumber
    value={beat.workSeconds}
    label="Seconds of work at a station"
    min={5}
    step={5}
    onchange={(workSeconds) => change({ ...beat, workSeconds }, 'work')}
  /> s work,
  <InlineNumber
    value={beat.restSeconds}
    label="Seconds of rest and change"
    min={0}
    step={5}
    onchange={(restSeconds) => change({ ...beat, restSeconds }, 'rest')}
  /> s rest{#if beat.rounds > 1},
    <InlineChoice
      value={drinks}
      label="Between rounds"
      choices={[
        [false, 'no drink between rounds'],
        [true, 'a drink between rounds'],
      ] as const}
      onchange={(yes) => change({ ...beat, drinkBetweenRoundsSeconds: yes ? 30 : 0 })}
    />{#if drinks}&nbsp;of <InlineNumber
        value={beat.drinkBetweenRoundsSeconds}
        label="Seconds for the drink between rounds"
        min={5}
        step={5}
        onchange={(s) => change({ ...beat, drinkBetweenRoundsSeconds: s }, 'drink')}
      /> s{/if}{/if}.
  <LedSentence {beat} {led} {active} isCircuit {isUsual} {change} />
</p>
<RoundsEditor {beat} {active} {change} {leave} />
<ol class={active ? 'mt-2 flex flex-col gap-2' : 'closed-list'}>
  {#each beat.stations as station, index (station.id)}
    <li class="grid grid-cols-[1.25rem_minmax(0,1fr)]">
      <span class="font-heading text-lg font-bold text-pencil" aria-hidden="true">{index + 1}</span>
      <div>
        <GuiseFields
          part={station}
          {book}
          {setting}
          {active}
          {follows}
          {ideas}
          onguise={(guise, key) => changeStation({ ...station, guise }, key)}
          onmove={(move) => changeStation({ ...station, move: move.id })}
          onalso={(also) => changeStation({ ...station, also })}
          onremove={() =>
            change({ ...beat, stations: beat.stations.filter(({ id }) => id !== station.id) })}
          onleave={leave}
        />
        {#if active && index > 0}
          <button type="button" class="-ml-1 btn-slight text-soft" onclick={() => raise(index)}>
            <ArrowUp size={16} aria-hidden="true" />earlier
            <span class="sr-only">: station {index + 1}</span>
          </button>
        {/if}
      </div>
    </li>
  {/each}
</ol>
{#if active || beat.stations.length === 0}
  <p class="mt-1 pl-8">
    <MovePicker
      {book}
      text="Add a station…"
      label="Another station"
      class="underline"
      onpick={add}
    />
  </p>
{/if}
