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
  };
  const { face, entries, names, index, onput }: Props = $props();
</script>

<select
  aria-label="Move on {face}"
  value={entries[index]?.id ?? ''}
  onchange={(event) => onput(event.currentTarget.value)}
>
  {#if index < 0}<option value="">nothing</option>{/if}
  {#each entries as { id }, n (id)}<option value={id}>{names[n]}</option>{/each}
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
