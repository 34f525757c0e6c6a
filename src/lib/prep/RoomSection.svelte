<!-- How the group fits the room, and whether things can be fetched in the time. -->
<script lang="ts">
  import {
    capital,
    childrenIn,
    crowdingOf,
    clearFloor,
    fetchSums,
    inRing,
    lengthIn,
    metresToPlaces,
    moveBookOf,
    moveIn,
    movesUsed,
    secondsOnWay,
    type Crowding,
  } from '$core';
  import MovePicker from '$lib/moves/MovePicker.svelte';
  import type { AdventureDraft } from '$lib/store/open-draft';
  import { preferences } from '$lib/store/preference-store.svelte';
  import InlineLength from '$lib/ui/InlineLength.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import RoomPlan from './RoomPlan.svelte';

  const { draft }: { draft: AdventureDraft } = $props();

  const adventure = $derived(draft.document);
  const unit = $derived(preferences.current.unit);

  const setting = $derived(adventure.setting);
  const book = $derived(moveBookOf(adventure));
  const crowding = $derived(crowdingOf(movesUsed(adventure), setting));
  const children = $derived(childrenIn(setting));
  const ring = $derived(inRing(clearFloor(setting.room)));

  const KINDS: Readonly<Record<Crowding['space'], string>> = {
    spot: 'on the spot, an arm and a step apart',
    lane: 'side by side in lanes, stopping two metres before the wall',
    room: 'all over the floor',
  };
  function said({ atOnce, waves }: Crowding): string {
    if (waves === 0) return 'there is no room for it here';
    if (waves === 1) return `all ${children === 1 ? 'of you' : children} at once`;
    return waves === 2
      ? `${atOnce} at a time: half the group, then the other half`
      : `${atOnce} at a time: ${waves} goes, one after another`;
  }

  /** Fetching is asked for in numbers: things, way, seconds, and how they travel. */
  let things = $state(24);
  let seconds = $state(15);
  let way = $state<number | null>(null);
  /** Metres a second, where the presenter knows better. */
  let ownSpeed = $state<number | null>(null);
  let moveId = $state('jog');
  const metres = $derived(way ?? metresToPlaces(setting.room, ['', '', '', ''])[0]!);
  const usualSpeed = $derived(
    Math.round(
      (10 * metres) / secondsOnWay(moveIn(book, moveId), metres, 1, setting.ages, preferences.pace),
    ) / 10,
  );
  const speed = $derived(ownSpeed ?? usualSpeed);
  const sums = $derived(fetchSums({ children, things, metres, seconds, metresPerSecond: speed }));
</script>

<section aria-labelledby="room-title">
  <h2 id="room-title" class="text-xl">In the room</h2>
  <p class="mt-1 text-soft">
    {lengthIn(setting.room.lengthMetres, unit)} by {lengthIn(setting.room.widthMetres, unit)}, {lengthIn(
      setting.room.heightMetres,
      unit,
    )} high.
  </p>
  <RoomPlan {draft} />
  <ul class="mt-2">
    {#each crowding as one (one.space)}
      <li class="border-t border-line py-2">
        <b class={one.waves === 0 ? 'text-pencil' : ''}>{capital(said(one))}</b>, {KINDS[
          one.space
        ]}:
        <span class="text-soft">{one.moves.join(', ')}</span>
      </li>
    {/each}
  </ul>
  {#if ring > 0 && children > 2}
    <p class="mt-1">
      {ring < children
        ? `A ring around the middle has room for ${ring}; the other ${children - ring} make a second ring.`
        : `All ${children} of you fit in one ring around the middle.`}
    </p>
  {/if}
  {#if crowding.some(({ space, waves }) => space === 'room' && waves > 0) && children > 1}
    <p class="mt-1">
      Paths cross there: send everybody the same way round, or half of them at a time.
    </p>
  {/if}
  <details class="mt-2">
    <summary class="w-fit cursor-pointer py-1 text-soft hover:text-ink"
      >Can they fetch it all in time?</summary
    >
    <p class="leading-9">
      <InlineNumber
        value={things}
        label="Things"
        max={500}
        onchange={(n) => (things = Math.round(n))}
      />
      things, fetched one at a time by {children}
      {children === 1 ? 'child' : 'children'}, over
      <InlineLength {metres} label="Way" max={100} onchange={(n) => (way = n)} />, travelling by
      <MovePicker
        {book}
        text={moveIn(book, moveId).name}
        label="How they travel"
        onpick={({ id }) => {
          moveId = id;
          ownSpeed = null;
        }}
      />
      at
      <InlineLength
        metres={speed}
        label="Way in a second"
        max={8}
        onchange={(n) => {
          if (n > 0) ownSpeed = n;
        }}
      /> a second, in
      <InlineNumber value={seconds} label="Seconds" max={600} onchange={(n) => (seconds = n)} /> s.
    </p>
    <p role="status" data-fetch={sums.enough ? 'enough' : 'short'} class="max-w-prose">
      {#if sums.enough}
        Yes: each makes {Math.ceil(things / children)}
        {Math.ceil(things / children) === 1 ? 'trip' : 'trips'}, which takes {sums.secondsNeeded} s.
      {:else}
        No: they bring {sums.brought}. Give them {sums.secondsNeeded} s{sums.mostMetres > 0
          ? `, or ${lengthIn(sums.mostMetres, unit)}`
          : ''}{sums.mostThings > 0 ? `, or ${sums.mostThings} things` : ''}.
      {/if}
      <span class="text-soft"
        >{ownSpeed === null
          ? 'The speed is the move’s own tempo at this age; common practice.'
          : 'The speed is yours.'}</span
      >
    </p>
  </details>
</section>
