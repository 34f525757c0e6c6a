<!-- Who, where and how long, in a sentence: proposals are chosen for it. -->
<script lang="ts">
  import { USUAL_PRESETS, type Series } from '$core';
  import { presets } from '$lib/store/preset-store.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import InlineText from '$lib/ui/InlineText.svelte';
  import type { SeriesWork } from './series-work.svelte';

  const { work }: { work: SeriesWork } = $props();
  const series = $derived(work.series);
  const setting = $derived(series.setting);
  const change = (changed: Partial<Series>) =>
    work.change({ ...work.series, ...changed }, '', Object.keys(changed).join(' '));
  /** Places as they mostly are, and the presenter's own. */
  const places = $derived([...USUAL_PRESETS, ...presets.list].filter((one) => one.setting.room));
  const roomAt = $derived(
    places.findIndex(
      (place) => JSON.stringify(place.setting.room) === JSON.stringify(setting.room),
    ),
  );
  const set = (changed: Partial<Series['setting']>) =>
    change({ setting: { ...setting, ...changed } });
</script>

<p class="mt-2 text-lg">
  <InlineText
    label="Who comes"
    value={series.group}
    placeholder="which group"
    maxlength={120}
    onchange={(group) => change({ group })}
  />
  at
  <InlineText
    label="Where it is"
    value={series.place}
    placeholder="which place"
    maxlength={120}
    onchange={(place) => change({ place })}
  />, ages
  <InlineNumber
    label="Youngest age"
    value={setting.ages.from}
    min={3}
    max={setting.ages.to}
    onchange={(from) => set({ ages: { ...setting.ages, from: Math.round(from) } })}
  />
  to
  <InlineNumber
    label="Oldest age"
    value={setting.ages.to}
    min={setting.ages.from}
    max={7}
    onchange={(to) => set({ ages: { ...setting.ages, to: Math.round(to) } })}
  />, a slot of
  <InlineNumber
    label="Slot in minutes"
    value={Math.round(setting.slotSeconds / 6) / 10}
    min={1}
    max={120}
    onchange={(minutes) => set({ slotSeconds: Math.round(minutes * 60) })}
  /> minutes, every
  <InlineNumber
    label="Days from one session to the next"
    value={series.everyDays}
    min={1}
    max={60}
    onchange={(days) => change({ everyDays: Math.round(days) })}
  /> days, in
  <select
    class="inline-word"
    aria-label="Which room"
    value={roomAt}
    onchange={({ currentTarget }) => {
      const preset = places[Number(currentTarget.value)];
      if (preset?.setting.room) set({ room: preset.setting.room });
    }}
  >
    {#if roomAt < 0}<option value={-1}
        >a room of {setting.room.lengthMetres} by {setting.room.widthMetres} m</option
      >{/if}
    {#each places as { name }, n (n)}<option value={n}>{name}</option>{/each}
  </select>. At hand:
  <InlineText
    label="Kit at hand"
    value={setting.kit.join(', ')}
    placeholder="balls, bean bags, mats…"
    maxlength={400}
    onchange={(text) =>
      set({
        kit: text
          .split(',')
          .map((thing) => thing.trim().slice(0, 80))
          .filter(Boolean)
          .slice(0, 100),
      })}
  />
</p>
