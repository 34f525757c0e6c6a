<!-- What can be set of one session: when it is, what is led, what is told before and after. -->
<script lang="ts">
  import { isDay, titleOf, type Session } from '$core';
  import { shelf } from '$lib/store/shelf.svelte';
  import type { SeriesWork } from './series-work.svelte';

  type Props = {
    work: SeriesWork;
    session: Session;
    /** `name`: steps of the same name are one, as letters that are typed. */
    onchange: (change: Partial<Session>, said?: string, name?: string) => void;
    onremove: () => void;
    onshift: () => void;
  };
  const { work, session, onchange, onremove, onshift }: Props = $props();

  const isHere = $derived(work.adventures.has(session.adventureId ?? ''));
  const favourite = $derived(
    work.series.favourites.find(({ adventureId }) => adventureId === session.adventureId),
  );
  /** To its column in the picture, and from there back again. */
  function showInPicture() {
    const column = document.querySelector<HTMLElement>(`[data-column="${session.id}"]`);
    column?.focus({ preventScroll: true });
    column?.scrollIntoView({ block: 'start', inline: 'center' });
  }
  function setFavourite(every: number) {
    const { adventureId } = session;
    if (!adventureId) return;
    const others = work.series.favourites.filter((one) => one.adventureId !== adventureId);
    work.change({
      ...work.series,
      favourites: every === 0 ? others : [...others, { adventureId, every }],
    });
  }
</script>

<div class="grid gap-x-6 gap-y-3 sm:grid-cols-2">
  <p>
    It’s on
    <input
      type="date"
      class="inline-word"
      aria-label="Day"
      value={session.day}
      onchange={({ currentTarget }) => {
        if (isDay(currentTarget.value)) onchange({ day: currentTarget.value });
        else currentTarget.value = session.day;
      }}
    />
    at
    <input
      type="time"
      class="inline-word"
      aria-label="Time"
      value={session.time}
      onchange={({ currentTarget }) => {
        if (currentTarget.value) onchange({ time: currentTarget.value.slice(0, 5) });
        else currentTarget.value = session.time;
      }}
    />
  </p>
  {#if !session.led}
    <label>
      With
      <select
        class="inline-word max-w-full"
        value={session.adventureId ?? ''}
        onchange={({ currentTarget }) => onchange({ adventureId: currentTarget.value || null })}
      >
        <option value="">nothing yet</option>
        {#if session.adventureId && !isHere}
          <option value={session.adventureId}
            >{session.kept?.title || 'an adventure that is gone'}</option
          >
        {/if}
        {#each shelf.records as { id, document } (id)}
          <option value={id}>{titleOf(document)}</option>
        {/each}
      </select>
    </label>
    <label>
      It falls out because of
      <input
        class="inline-word w-40"
        placeholder="half term, snow…"
        maxlength="120"
        value={session.fallsOut}
        onchange={({ currentTarget }) => onchange({ fallsOut: currentTarget.value.trim() })}
      />
    </label>
    {#if session.adventureId}
      <label>
        It comes again
        <select
          class="inline-word"
          value={favourite?.every ?? 0}
          onchange={({ currentTarget }) => setFavourite(Number(currentTarget.value))}
        >
          <option value={0}>when it fits</option>
          <option value={1}>every time, as a ritual</option>
          <option value={2}>every second time</option>
          <option value={3}>every third time</option>
          <option value={4}>every fourth time</option>
        </select>
      </label>
    {/if}
  {/if}
  <label class="block">
    <span class="block">What happened last time</span>
    <input
      class="input w-full"
      maxlength="300"
      placeholder="The fog was gone, and the ferry was late."
      value={session.lastTime}
      oninput={({ currentTarget }) => onchange({ lastTime: currentTarget.value }, '', 'lastTime')}
    />
  </label>
  <label class="block">
    <span class="block">What is wanted next</span>
    <input
      class="input w-full"
      maxlength="300"
      placeholder="Who brings oil for the tower lamp?"
      value={session.nextTime}
      oninput={({ currentTarget }) => onchange({ nextTime: currentTarget.value }, '', 'nextTime')}
    />
  </label>
</div>
<div class="mt-3 flex flex-wrap gap-x-2">
  {#if isHere && (session.lastTime || session.nextTime)}
    <button
      type="button"
      class="btn-quiet border border-line"
      onclick={() => void work.putLines(session.id)}>Put these lines into its script</button
    >
  {/if}
  <button type="button" class="btn-quiet" onclick={showInPicture}>What it covers</button>
  {#if !session.led}
    <button type="button" class="btn-quiet" onclick={onshift}
      >This and all after it, {work.series.everyDays === 7
        ? 'a week'
        : `${work.series.everyDays} days`} later</button
    >
  {/if}
  <button type="button" class="btn-quiet text-soft" onclick={onremove}
    >Take it out of the row</button
  >
</div>
