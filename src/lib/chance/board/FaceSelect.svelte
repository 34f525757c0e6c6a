<!-- A touch anywhere on a face asks which move is to be on it. -->
<script lang="ts">
  import type { Entry } from '$core';

  type Props = {
    /** What stands on the face. */
    face: string;
    entries: readonly Entry[];
    names: readonly string[];
    /** The entry that is on it, below 0 for none. */
    index: number;
    onput: (entryId: string) => void;
    /** It is to be another move than those that are on it. */
    onother: () => void;
  };
  const { face, entries, names, index, onput, onother }: Props = $props();

  const OTHER = 'another move';
</script>

<select
  aria-label="Move on {face}"
  value={entries[index]?.id ?? ''}
  onchange={(event) => {
    if (event.currentTarget.value !== OTHER) return onput(event.currentTarget.value);
    event.currentTarget.value = entries[index]?.id ?? '';
    onother();
  }}
>
  {#if index < 0}<option value="">nothing</option>{/if}
  {#each entries as { id }, n (id)}<option value={id}>{names[n]}</option>{/each}
  <option value={OTHER}>another move…</option>
</select>

<style>
  select {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    opacity: 0;
    cursor: pointer;
  }
</style>
